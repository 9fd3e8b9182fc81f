import { DEFAULT_WEIGHTS, type Weights } from "../../../core/compare/score.ts";
import { editSetOut } from "../../../core/project/commands.ts";
import type { Project } from "../../../core/project/schema.ts";
import { Choice } from "../../fields/Choice.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { Row, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";

/** What the search may change, mm. */
export interface Limits {
  nicheRange: number;
  nicheAcross: number;
  nicheSize: number;
  bandRange: number;
  joint: { least: number; most: number; every: boolean };
}

interface LimitsProps {
  project: Project;
  limits: Limits;
  onChange: (limits: Limits) => void;
}

/** How far niches and the joint may change. */
export function CompareLimits({ project, limits, onChange }: LimitsProps) {
  const { joint } = limits;
  const hasNiche = project.walls.some(({ openings }) =>
    openings.some(({ kind }) => kind === "niche"),
  );
  const hasBand = project.zones?.some(({ kind }) => kind === "band");
  const within = (key: "nicheRange" | "nicheAcross" | "nicheSize" | "bandRange") => (
    <LengthField
      label={ui.compare[key]}
      name={`compare/${key}`}
      mm={limits[key]}
      rules={{ zero: true, atMost: 2000 }}
      onCommit={(mm) => onChange({ ...limits, [key]: mm })}
    />
  );
  return (
    <>
      {hasNiche && (
        <>
          <Row>
            {within("nicheRange")}
            {within("nicheAcross")}
          </Row>
          <Row>{within("nicheSize")}</Row>
        </>
      )}
      {hasBand && <Row>{within("bandRange")}</Row>}
      <Row>
        {(["least", "most"] as const).map((end) => (
          <LengthField
            key={end}
            label={ui.compare.joint[end]}
            name={`compare/joint/${end}`}
            mm={joint[end]}
            rules={{ zero: true, atMost: 50 }}
            onCommit={(mm) => onChange({ ...limits, joint: { ...joint, [end]: mm } })}
          />
        ))}
      </Row>
      {joint.most > joint.least && (
        <>
          <Tick
            label={ui.compare.joint.every}
            checked={joint.every}
            onChange={(every) => onChange({ ...limits, joint: { ...joint, every } })}
          />
          {joint.every && (
            <p className="mt-1 mb-2 text-xs opacity-80">{ui.compare.joint.everyHint}</p>
          )}
        </>
      )}
    </>
  );
}

/** The wall that the eye falls on: it counts more than the others. */
export function SeenFirst({ project: { walls, setOut } }: { project: Project }) {
  const options: [string, string][] = [
    ["", ui.compare.seenAlike],
    ...walls.map(({ id, name }): [string, string] => [id, ui.compare.seenTwice(name)]),
  ];
  const { seenFirst = "" } = setOut;
  return (
    <Row>
      <Choice
        label={ui.compare.seenFirst}
        value={options.some(([id]) => id === seenFirst) ? seenFirst : ""}
        options={options}
        onChange={(id) => dispatch(editSetOut({ seenFirst: id || undefined }))}
      />
    </Row>
  );
}

interface WeightsProps {
  weights: Weights;
  onChange: (weights: Weights) => void;
}

/** How much each term counts. */
export function WeightFields({ weights, onChange }: WeightsProps) {
  return (
    <Section title={ui.compare.weights} open={false}>
      {(Object.keys(weights) as (keyof Weights)[]).map((name) => {
        const usual = DEFAULT_WEIGHTS[name];
        return (
          <label key={name} className="flex items-center justify-between gap-2 py-1 text-sm">
            <span>{ui.compare.weight[name]}</span>
            <input
              type="range"
              className="w-32 accent-primary max-md:min-h-11"
              min={0}
              max={4}
              step={0.5}
              value={weights[name] / usual}
              onChange={(event) =>
                onChange({ ...weights, [name]: Number(event.target.value) * usual })
              }
            />
          </label>
        );
      })}
      <button
        type="button"
        className="btn btn-ghost btn-sm"
        onClick={() => onChange(DEFAULT_WEIGHTS)}
      >
        {ui.compare.defaultWeights}
      </button>
    </Section>
  );
}
