import type { Command } from "../../../core/project/command.ts";
import { editOpening, editSettings } from "../../../core/project/commands.ts";
import { jobOf } from "../../../core/project/job.ts";
import { TRIM_KINDS } from "../../../core/project/opening-schema.ts";
import type { Project, Trim } from "../../../core/project/schema.ts";
import type { TrimPlan } from "../../../core/set-out/trim.ts";
import type { TrimRun } from "../../../core/set-out/trim-runs.ts";
import { Choice } from "../../fields/Choice.tsx";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Fact, type PanelProps, Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { placeName, runName } from "../../words/run-name.ts";
import { ui } from "../../words/ui.ts";

const NONE: Trim = { kind: "none", width: 0, joint: 0 };

interface TrimFieldsProps {
  label: string;
  name: string;
  trim: Trim | undefined;
  /** The kinds that can stand there; all without. */
  kinds?: Trim["kind"][];
  edit: (trim: Trim) => Command;
}

/** What ends the tile at one edge: its kind, the face that shows, and its joint. */
export function TrimFields({ label, name, trim = NONE, kinds, edit }: TrimFieldsProps) {
  const set = (patch: Partial<Trim>) => dispatch(edit({ ...trim, ...patch }));
  const hasFace = trim.kind !== "none" && trim.kind !== "mitre" && trim.kind !== "eased";
  return (
    <>
      <Row>
        <Choice
          label={label}
          value={trim.kind}
          options={kindsOf(kinds)}
          onChange={(kind) => set({ kind })}
        />
      </Row>
      {hasFace && (
        <Row>
          <LengthField
            label={ui.setOut.trimWidth}
            name={`${name}/width`}
            mm={trim.width}
            rules={{ zero: true }}
            onCommit={(width) => set({ width })}
          />
          <LengthField
            label={ui.setOut.trimJoint}
            name={`${name}/joint`}
            mm={trim.joint}
            rules={{ zero: true }}
            onCommit={(joint) => set({ joint })}
          />
        </Row>
      )}
    </>
  );
}

function kindsOf(kinds = TRIM_KINDS as readonly Trim["kind"][]) {
  return Object.fromEntries(kinds.map((kind) => [kind, ui.setOut.trimKinds[kind]])) as Record<
    Trim["kind"],
    string
  >;
}

/** Trim round openings, every run of the job with its length, and the bars they are cut from. */
export function TrimPlanFields({ project, plan, wall }: PanelProps) {
  const { runs, bullnose } = plan.trim;
  const own = runs.filter((run) => run.wall === wall.id);
  const size = (key: "trimBar" | "bullnosePiece") => (
    <LengthField
      label={ui.setOut.trims[key]}
      name={`trim/${key}`}
      mm={jobOf(project).settings[key]}
      onCommit={(mm) => dispatch(editSettings({ [key]: mm }))}
    />
  );
  return (
    <Section title={ui.setOut.trims.title} open={false}>
      {wall.openings.map(({ opening }) => (
        <TrimFields
          key={opening.id}
          label={ui.setOut.trims.round(opening.name ?? opening.kind)}
          name={`${wall.id}/${opening.id}/trim`}
          trim={opening.trim}
          edit={(trim) => editOpening(wall.id, opening.id, { trim })}
        />
      ))}
      <dl data-trim-runs={own.length}>
        {own.map((run, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two runs of a frame are alike
          <Fact key={`${run.place}/${run.of}/${k}`} name={runName(run)}>
            <RunLength run={run} />
          </Fact>
        ))}
      </dl>
      {own.some(({ mitres }) => mitres > 0) && (
        <p className="text-xs opacity-80">{ui.setOut.trims.longPoints}</p>
      )}
      {runs.length > 0 && (
        <Row>
          {size("trimBar")}
          {size("bullnosePiece")}
        </Row>
      )}
      {bullnose > 0 && <BullnoseFromTile project={project} />}
      <TrimCuts trim={plan.trim} />
    </Section>
  );
}

/** Where no bullnose is made to match, edge pieces are cut from a tile. */
function BullnoseFromTile({ project }: { project: Project }) {
  const { bullnoseFromTile, bullnoseTile } = jobOf(project).settings;
  const names = project.tiles.map(({ id, name }) => [id, name]);
  return (
    <>
      <Tick
        label={ui.setOut.trims.fromTile}
        checked={bullnoseFromTile}
        onChange={(on) => dispatch(editSettings({ bullnoseFromTile: on }))}
      />
      {bullnoseFromTile && project.tiles.length > 1 && (
        <Row>
          <Choice
            label={ui.setOut.trims.whichTile}
            value={bullnoseTile ?? project.field.tile}
            options={Object.fromEntries(names) as Record<string, string>}
            onChange={(tile) => dispatch(editSettings({ bullnoseTile: tile }))}
          />
        </Row>
      )}
      <p className="text-xs opacity-80">{ui.setOut.trims.fromTileHint}</p>
    </>
  );
}

/** What edge pieces and bars are cut from. */
function TrimCuts({ trim: { edges, bars } }: { trim: TrimPlan }) {
  return (
    <>
      {edges.map(({ face, perTile, tiles, waste }) => (
        <dl key={face} data-edge-pieces={tiles}>
          <Fact name={ui.setOut.trims.perTile}>{perTile}</Fact>
          <Fact name={ui.setOut.trims.edgeTiles}>{tiles}</Fact>
          <Fact name={ui.setOut.trims.edgeWaste}>{`${Math.round(waste * 100)} %`}</Fact>
        </dl>
      ))}
      {bars.map(({ kind, bars: cut, bound }) => (
        <div key={kind} data-trim-bars={cut.length}>
          <p className="text-sm font-semibold">
            {ui.setOut.trims.bars(cut.length, ui.setOut.trimKinds[kind])}{" "}
            {cut.length <= bound ? ui.setOut.trims.fewest : ui.setOut.trims.bound(bound)}
          </p>
          <ol className="list-decimal pl-5 text-sm">
            {cut.map((lengths, k) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: bars may be cut alike
              <li key={k}>
                {lengths.map(({ run, length }, n) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: lengths may be equal
                  <span key={n} className="block">
                    <strong>
                      <Length mm={length} />
                    </strong>{" "}
                    {placeName(run)}
                  </span>
                ))}
              </li>
            ))}
          </ol>
        </div>
      ))}
    </>
  );
}

function RunLength({ run: { length, pieces } }: { run: TrimRun }) {
  if (!pieces) return <Length mm={length} />;
  return (
    <>
      {ui.setOut.trims.pieces(pieces.count)} <Length mm={pieces.last} />
      {Math.abs(pieces.drift) > 0.05 && (
        <>
          ; {ui.setOut.trims.drift} <Length mm={pieces.drift} />
        </>
      )}
    </>
  );
}
