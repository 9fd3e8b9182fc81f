import { stackDepth } from "../../../core/board/framing.ts";
import type { BuildUp } from "../../../core/build-up/wall-ends.ts";
import { finerFor } from "../../../core/length/finer.ts";
import { formatLength } from "../../../core/length/format.ts";
import { editBuild, editFixture, editWall } from "../../../core/project/commands.ts";
import type { Fixture, Project, Wall } from "../../../core/project/schema.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { AddButton } from "../../panel/AddButton.tsx";
import { Fact, ItemCard, Row, Section, Verdict } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

interface LayerFieldsProps {
  project: Project;
  wall: WallPlan;
  stored: Wall;
  layers: BuildUp;
}

/** Layers that a wall may have of its own; bed and tile are the field's everywhere. */
const OWN = ["furring", "board", "membrane"] as const;

/** The layers of a wall from stud face to tile face, and every depth that follows from them. */
export function LayerFields({ project, wall, stored, layers }: LayerFieldsProps) {
  const setLayer = (patch: NonNullable<Wall["layers"]>) =>
    dispatch(editWall(stored.id, { layers: { ...stored.layers, ...patch } }));
  const without = (name: (typeof OWN)[number]) => {
    const { [name]: _, ...others } = stored.layers ?? {};
    dispatch(editWall(stored.id, { layers: others }));
  };
  return (
    <>
      <Section title={ui.board.stack}>
        <Row>
          {OWN.map((name) => (
            <LengthField
              key={name}
              bare
              label={ui.board.layers[name]}
              name={`${stored.id}/layer/${name}`}
              mm={layers[name]}
              rules={{ zero: true, atMost: 300 }}
              onCommit={(mm) => setLayer({ [name]: mm })}
              onClear={() => without(name)}
            />
          ))}
        </Row>
        <dl data-stack>
          <Fact name={ui.board.layers.bed}>
            <Length mm={layers.bed} />
          </Fact>
          <Fact name={ui.board.layers.tile}>
            <Length mm={layers.tile} />
          </Fact>
          <Fact name={ui.board.total}>
            <Length mm={stackDepth(layers)} />
          </Fact>
        </dl>
      </Section>
      <Results wall={wall} layers={layers} />
      <ValveDepths stored={stored} there={stackDepth(layers)} />
      <AccentFields project={project} layers={layers} />
    </>
  );
}

function Results({ wall, layers }: { wall: WallPlan; layers: BuildUp }) {
  return (
    <Section title={ui.board.results}>
      <dl>
        <Fact name={ui.board.startLeft}>
          <Length mm={wall.ends.left.offset} />
        </Fact>
        <Fact name={ui.board.startRight}>
          <Length mm={wall.ends.right.offset} />
        </Fact>
        <Fact name={ui.board.profile}>
          <Length mm={layers.tile} unit={false} /> – <Length mm={layers.tile + layers.bed} />
        </Fact>
        <Fact name={ui.board.nipple}>
          <Length mm={stackDepth(layers)} />
        </Fact>
      </dl>
      <p className="text-xs opacity-80">{ui.board.profileHint}</p>
    </Section>
  );
}

/** Valves whose depth range was entered, judged against the build-up. */
function ValveDepths({ stored, there }: { stored: Wall; there: number }) {
  const style = useJobStyle();
  const valves = stored.fixtures.filter(({ kind }) => kind === "valve");
  if (valves.length === 0) return null;
  const say = (mm: number) => formatLength(mm, finerFor(mm, style));
  const set = (id: string, depth: Fixture["depth"]) =>
    dispatch(editFixture(stored.id, id, { depth }));
  return (
    <>
      {valves.map(({ id, name = ui.measure.fixtureKinds.valve, depth }) => {
        if (!depth) {
          const start = { least: Math.floor(there), most: Math.ceil(there) };
          return (
            <AddButton key={id} label={ui.board.addValve(name)} onClick={() => set(id, start)} />
          );
        }
        const good = there >= depth.least - 0.01 && there <= depth.most + 0.01;
        return (
          <ItemCard key={id} title={ui.board.valve(name)} onRemove={() => set(id, undefined)}>
            <Row>
              {(["least", "most"] as const).map((key) => (
                <LengthField
                  key={key}
                  label={key === "least" ? ui.board.valveLeast : ui.board.valveMost}
                  name={`${stored.id}/${id}/depth/${key}`}
                  mm={depth[key]}
                  rules={{ zero: true }}
                  onCommit={(mm) => set(id, { ...depth, [key]: mm })}
                />
              ))}
            </Row>
            <div data-valve={good ? "good" : "bad"}>
              <Verdict good={good}>
                {good ? ui.board.valveOk(say(there)) : ui.board.valveBad(say(there))}
              </Verdict>
            </div>
          </ItemCard>
        );
      })}
    </>
  );
}

/** How far an accent must be packed so that its face is flush: (tile + bed) − (accent + its bed). */
function AccentFields({ project, layers }: { project: Project; layers: BuildUp }) {
  const accent = project.build?.accent;
  const start = { thickness: 8, bed: layers.bed };
  if (!accent) {
    return (
      <AddButton
        label={ui.board.addAccent}
        onClick={() => dispatch(editBuild({ accent: start }))}
      />
    );
  }
  const pack = layers.tile + layers.bed - accent.thickness - accent.bed;
  const set = (patch: Partial<typeof accent>) =>
    dispatch(editBuild({ accent: { ...accent, ...patch } }));
  return (
    <ItemCard title={ui.board.accent} onRemove={() => dispatch(editBuild({ accent: undefined }))}>
      <Row>
        <LengthField
          label={ui.board.accentThickness}
          name="accent/thickness"
          mm={accent.thickness}
          onCommit={(thickness) => set({ thickness })}
        />
        <LengthField
          label={ui.board.accentBed}
          name="accent/bed"
          mm={accent.bed}
          rules={{ zero: true }}
          onCommit={(bed) => set({ bed })}
        />
      </Row>
      {pack >= -0.01 ? (
        <dl>
          <Fact name={ui.board.pack}>
            <Length mm={Math.max(0, pack)} />
          </Fact>
        </dl>
      ) : (
        <Verdict good={false}>{ui.board.packNone}</Verdict>
      )}
    </ItemCard>
  );
}
