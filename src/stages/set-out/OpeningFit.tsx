import { addTwin, centreInBay, fitOpening, modular } from "../../../core/adjust/fit-joints.ts";
import type { PlacedOpening } from "../../../core/measure/openings.ts";
import { editOpening } from "../../../core/project/commands.ts";
import { propUnder } from "../../../core/set-out/dish.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { Fact, ItemCard, type PanelProps, Row, Section } from "../PanelParts.tsx";
import { LiningFacts } from "./LiningFacts.tsx";

/** Niches and windows against the bond and the studs: what fits, and one press to make it so. */
export function OpeningFit({ plan, wall }: PanelProps) {
  const fitted = wall.openings.filter(({ opening }) => opening.kind !== "shelf");
  if (fitted.length === 0) return null;
  const framed = plan.board.walls.find(({ id }) => id === wall.id);
  const { cell } = wall;
  return (
    <Section title={ui.setOut.openings.title} open={false}>
      {fitted.map((placed) => {
        const { opening } = placed;
        if (opening.kind === "dish")
          return <DishFacts key={opening.id} wall={wall} placed={placed} />;
        const fit = fitOpening(wall, opening.id);
        const bay = framed && centreInBay(wall, framed, opening.id);
        const rough = framed?.openings.find(({ id }) => id === opening.id);
        return (
          <ItemCard key={opening.id} title={opening.name ?? opening.id}>
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
            <dl>
              {rough && (
                <Fact name={ui.setOut.openings.rough}>
                  <Length mm={rough.width} unit={false} /> × <Length mm={rough.height} />
                </Fact>
              )}
              {fit && (
                <Fact name={ui.setOut.openings.onJoints}>
                  <Length mm={modular(opening.width, cell.width, cell.joint)} unit={false} /> ×{" "}
                  <Length mm={modular(opening.height, cell.height, cell.joint)} />
                </Fact>
              )}
            </dl>
            <LiningFacts wall={wall} opening={opening.id} />
            <div className="mb-2 flex gap-2">
              <button
                type="button"
                className="btn btn-sm flex-1"
                disabled={!fit}
                onClick={() => fit && dispatch(fit)}
              >
                {ui.setOut.fitJoints}
              </button>
              <button
                type="button"
                className="btn btn-sm h-auto min-h-8 flex-1 py-1"
                disabled={!bay}
                onClick={() => bay && dispatch(bay)}
              >
                {ui.setOut.fitBay}
              </button>
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
      })}
    </Section>
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
