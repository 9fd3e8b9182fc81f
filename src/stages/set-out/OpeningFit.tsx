import { addTwin, centreInBay, fitOpening, modular } from "../../../core/adjust/fit-joints.ts";
import type { WallBoard } from "../../../core/board/board-plan.ts";
import type { PlacedOpening } from "../../../core/measure/openings.ts";
import type { Command } from "../../../core/project/command.ts";
import { editOpening } from "../../../core/project/commands.ts";
import type { Opening, Project } from "../../../core/project/schema.ts";
import { propUnder } from "../../../core/set-out/dish.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Fact, ItemCard, type PanelProps, Row, Section } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { LiningFacts } from "./LiningFacts.tsx";
import { SideTiles } from "./SideTiles.tsx";

/** Niches and windows against the bond and the studs: what fits, and one press to make it so. */
export function OpeningFit({ project, plan, wall }: PanelProps) {
  const fitted = wall.openings.filter(
    ({ opening }) => opening.kind !== "shelf" && opening.kind !== "obstacle",
  );
  if (fitted.length === 0) return null;
  const framed = plan.board.walls.find(({ id }) => id === wall.id);
  return (
    <Section title={ui.setOut.openings.title} open={false}>
      {fitted.map((placed) =>
        placed.opening.kind === "dish" ? (
          <DishFacts key={placed.opening.id} wall={wall} placed={placed} />
        ) : (
          <OpeningCard
            key={placed.opening.id}
            project={project}
            wall={wall}
            opening={placed.opening}
            framed={framed}
          />
        ),
      )}
    </Section>
  );
}

/** The tile on a niche's back, from which its sides are unless somebody chooses. */
function backTile({ field, zones = [] }: Project, id: string): string {
  return zones.find(({ kind, opening }) => kind === "niche" && opening === id)?.tile ?? field.tile;
}

interface OpeningCardProps {
  project: Project;
  wall: WallPlan;
  opening: Opening;
  framed: WallBoard | undefined;
}

function OpeningCard({ project, wall, opening, framed }: OpeningCardProps) {
  return (
    <ItemCard title={opening.name ?? opening.id}>
      <Row>
        {(["width", "height"] as const).map((side) => (
          <LengthField
            key={side}
            label={ui.setOut.openings[side]}
            name={`fit/${opening.id}/${side}`}
            mm={opening[side]}
            onCommit={(mm) => dispatch(editOpening(wall.id, opening.id, { [side]: mm }))}
          />
        ))}
      </Row>
      <OpeningSizes wall={wall} opening={opening} framed={framed} />
      <SideTiles
        project={project}
        wall={wall.id}
        opening={opening}
        own={backTile(project, opening.id)}
      />
      <LiningFacts wall={wall} opening={opening.id} />
      <div className="mb-2 flex gap-2">
        <FitButton label={ui.setOut.fitJoints} command={fitOpening(wall, opening.id)} />
        <FitButton
          label={ui.setOut.fitBay}
          command={framed && centreInBay(wall, framed, opening.id)}
        />
      </div>
      {opening.kind === "niche" && (
        <button
          type="button"
          className="btn btn-sm w-full"
          onClick={() => dispatch(addTwin(wall, opening.id, crypto.randomUUID()))}
        >
          {ui.setOut.openings.twin}
        </button>
      )}
    </ItemCard>
  );
}

/** The hole in the framing, and the size that lands on joints. */
function OpeningSizes({ wall, opening, framed }: Omit<OpeningCardProps, "project">) {
  const { cell } = wall;
  const rough = framed?.openings.find(({ id }) => id === opening.id);
  return (
    <dl>
      {rough && (
        <Fact name={ui.setOut.openings.rough}>
          <Length mm={rough.width} unit={false} /> × <Length mm={rough.height} />
        </Fact>
      )}
      {fitOpening(wall, opening.id) && (
        <Fact name={ui.setOut.openings.onJoints}>
          <Length mm={modular(opening.width, cell.width, cell.joint)} unit={false} /> ×{" "}
          <Length mm={modular(opening.height, cell.height, cell.joint)} />
        </Fact>
      )}
    </dl>
  );
}

function FitButton({ label, command }: { label: string; command: Command | undefined }) {
  return (
    <button
      type="button"
      className="btn btn-sm h-auto min-h-8 flex-1 py-1"
      disabled={!command}
      onClick={() => command && dispatch(command)}
    >
      {label}
    </button>
  );
}

/** A dish keeps its size: what it takes out of the tile, and what holds it until it has set. */
function DishFacts({ wall, placed }: { wall: WallPlan; placed: PlacedOpening }) {
  const { id, name, width, height } = placed.opening;
  return (
    <ItemCard title={name ?? id}>
      <dl data-prop={id}>
        <Fact name={ui.setOut.openings.inTile}>
          <Length mm={width} unit={false} /> × <Length mm={height} />
        </Fact>
        <Fact name={ui.setOut.openings.prop}>
          <Length mm={propUnder(wall, placed)} />
        </Fact>
      </dl>
      <p className="mb-2 text-xs opacity-80">{ui.setOut.openings.propHint}</p>
    </ItemCard>
  );
}
