import { useEffect, useRef, useState } from "react";
import { formatLength } from "../../../core/length/format.ts";
import type { Opening, Project } from "../../../core/project/schema.ts";
import { DEFAULT_WEIGHTS, type Weights } from "../../../core/set-out/compare/score.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { LengthField } from "../../fields/LengthField.tsx";
import { dispatch } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/en.ts";
import type { FoundLayout, SearchAnswer } from "../../workers/search.worker.ts";
import { type RunningSearch, startSearch } from "../../workers/searcher.ts";
import { Fact, PanelTitle, Row, Section } from "../PanelParts.tsx";
import { LayoutThumb } from "./LayoutThumb.tsx";

/** How far niches may move unless the user says otherwise, mm. */
const NICHE_RANGE = 300;

type State =
  | { kind: "ready" }
  | { kind: "running"; share: number }
  | { kind: "found"; answer: SearchAnswer }
  | { kind: "said"; words: string };

/** Layouts that the setter would not have found, each with what it gives up. */
export function ComparePanel({ project }: { project: Project }) {
  const [weights, setWeights] = useState(DEFAULT_WEIGHTS);
  const [nicheRange, setNicheRange] = useState(NICHE_RANGE);
  const { joint: own } = project.field;
  const [joint, setJoint] = useState({ least: own, most: own });
  const [nicheSize, setNicheSize] = useState(0);
  const [nicheAcross, setNicheAcross] = useState(0);
  const [state, setState] = useState<State>({ kind: "ready" });
  const running = useRef<RunningSearch | undefined>(undefined);
  useEffect(() => () => running.current?.stop(), []);
  const hasNiche = project.walls.some(({ openings }) =>
    openings.some(({ kind }) => kind === "niche"),
  );
  const start = async () => {
    const search = startSearch(
      { project, weights, nicheRange, nicheAcross, joint, nicheSize },
      (share) => {
        if (running.current === search) setState({ kind: "running", share });
      },
    );
    running.current = search;
    setState({ kind: "running", share: 0 });
    try {
      const answer = await search.answer;
      if (running.current !== search) return;
      setState(answer ? { kind: "found", answer } : { kind: "said", words: ui.compare.none });
    } catch {
      if (running.current === search) setState({ kind: "said", words: ui.compare.failed });
    }
  };
  const stop = () => {
    running.current?.stop();
    running.current = undefined;
    setState({ kind: "said", words: ui.compare.stopped });
  };
  return (
    <>
      <PanelTitle>{ui.compare.title}</PanelTitle>
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => useView.setState({ comparing: false })}
      >
        {ui.compare.back}
      </button>
      <p className="mt-2 text-sm">
        {ui.compare.intro}
        {project.walls.some(({ centre }) => centre.mode === "corner") && ` ${ui.compare.parted}`}
      </p>
      {hasNiche && (
        <Row>
          <LengthField
            label={ui.compare.nicheRange}
            name="compare/niche"
            mm={nicheRange}
            rules={{ zero: true, atMost: 2000 }}
            onCommit={setNicheRange}
          />
          <LengthField
            label={ui.compare.nicheAcross}
            name="compare/niche-across"
            mm={nicheAcross}
            rules={{ zero: true, atMost: 2000 }}
            onCommit={setNicheAcross}
          />
        </Row>
      )}
      {hasNiche && (
        <Row>
          <LengthField
            label={ui.compare.nicheSize}
            name="compare/niche-size"
            mm={nicheSize}
            rules={{ zero: true, atMost: 2000 }}
            onCommit={setNicheSize}
          />
        </Row>
      )}
      <Row>
        {(["least", "most"] as const).map((end) => (
          <LengthField
            key={end}
            label={ui.compare.joint[end]}
            name={`compare/joint/${end}`}
            mm={joint[end]}
            rules={{ zero: true, atMost: 50 }}
            onCommit={(mm) => setJoint({ ...joint, [end]: mm })}
          />
        ))}
      </Row>
      <WeightFields weights={weights} onChange={setWeights} />
      <div className="mt-3" data-search={state.kind}>
        {state.kind === "running" ? (
          <div className="flex items-center gap-2">
            <progress className="h-3 flex-1 accent-primary" max={1} value={state.share} />
            <output className="w-12 text-right text-sm">{ui.compare.progress(state.share)}</output>
            <button type="button" className="btn btn-sm" onClick={stop}>
              {ui.compare.stop}
            </button>
          </div>
        ) : (
          <button type="button" className="btn btn-primary w-full" onClick={() => void start()}>
            {ui.compare.start}
          </button>
        )}
        {state.kind === "said" && (
          <p role="status" className="mt-2 text-sm">
            {state.words}
          </p>
        )}
        {state.kind === "found" && <Found answer={state.answer} project={project} />}
      </div>
    </>
  );
}

function WeightFields({
  weights,
  onChange,
}: {
  weights: Weights;
  onChange: (weights: Weights) => void;
}) {
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

function Found({ answer, project }: { answer: SearchAnswer; project: Project }) {
  const style = useJobStyle();
  const { found, covered, variants, own, provenSmallest: proven } = answer;
  return (
    <>
      <p className="mt-2 text-sm" data-covered={covered}>
        {ui.compare.covered(covered.toLocaleString("en"), variants)}{" "}
        {ui.compare.proven(
          formatLength(proven.along, style),
          formatLength(proven.across, style),
          variants,
        )}
      </p>
      <ScoreParts label={ui.compare.own} score={own.score} parts={own.parts} />
      <ol className="mt-2 grid gap-4">
        {found.map((layout, k) => (
          <FoundCard
            // biome-ignore lint/suspicious/noArrayIndexKey: the list is made once and stays
            key={k}
            project={project}
            layout={layout}
            title={k > 0 && layout.aim === "all" ? ui.compare.other : ui.compare.aims[layout.aim]}
            taken={isTaken(project, layout)}
          />
        ))}
      </ol>
    </>
  );
}

/** Whether the job already has this layout: the same centres, courses and openings. */
function isTaken(project: Project, { project: made }: FoundLayout): boolean {
  const layoutOf = ({ field, walls, setOut }: Project) =>
    JSON.stringify([
      field.joint,
      setOut.firstCourse.drop,
      walls.map(({ centre, openings }) => [centre, openings]),
    ]);
  return layoutOf(project) === layoutOf(made);
}

/** What the search may change of an opening. */
function placeOf({ x, y, width, height }: Opening): Pick<Opening, "x" | "y" | "width" | "height"> {
  return { x, y, width, height };
}

interface ScorePartsProps {
  label: string;
  score: number;
  parts: SearchAnswer["own"]["parts"];
}

/** Where a score comes from: what each term that counts adds to it. */
function ScoreParts({ label, score, parts }: ScorePartsProps) {
  const shown = (Object.entries(parts) as [keyof Weights, number][])
    .filter(([, part]) => part > 0.005)
    .sort((p, q) => q[1] - p[1]);
  return (
    <details className="mt-1 text-sm" data-score={score.toFixed(2)}>
      <summary className="cursor-pointer">
        {label}: <strong>{score.toFixed(1)}</strong>
      </summary>
      <dl>
        {shown.map(([name, part]) => (
          <Fact key={name} name={ui.compare.weight[name]}>
            {part.toFixed(2)}
          </Fact>
        ))}
      </dl>
      <p className="text-xs opacity-80">{ui.compare.scoreHint}</p>
    </details>
  );
}

/** The joint and niches of a layout, where they are not the job's own. */
function changesOf(project: Project, made: Project, length: (mm: number) => string): string[] {
  const joint =
    made.field.joint === project.field.joint ? [] : [ui.compare.newJoint(length(made.field.joint))];
  const niches = made.walls.flatMap(({ openings }, w) =>
    openings.flatMap(({ x, width, height, name, kind }, k) => {
      const before = project.walls[w]?.openings[k];
      if (!before) return [];
      const sized = before.width !== width || before.height !== height;
      const moved = Math.abs(x.at - before.x.at);
      const right = x.from === "left" ? x.at > before.x.at : x.at < before.x.at;
      return [
        ...(sized ? [ui.compare.newSize(name ?? kind, length(width), length(height))] : []),
        ...(moved > 0.05 && !sized
          ? [ui.compare.newPlace(name ?? kind, length(moved), right)]
          : []),
      ];
    }),
  );
  return [...joint, ...niches];
}

interface FoundCardProps {
  project: Project;
  layout: FoundLayout;
  title: string;
  taken: boolean;
}

function FoundCard({ project, layout, title, taken }: FoundCardProps) {
  const style = useJobStyle();
  const takeOver = () =>
    dispatch({
      name: "apply-layout",
      change: (draft) => {
        // Only what the search decided: another tab's readings stay as they are.
        draft.setOut.firstCourse.drop = layout.project.setOut.firstCourse.drop;
        draft.field.joint = layout.project.field.joint;
        for (const wall of draft.walls) {
          const made = layout.project.walls.find(({ id }) => id === wall.id);
          if (!made) continue;
          wall.centre = made.centre;
          for (const opening of wall.openings) {
            const moved = made.openings.find(({ id }) => id === opening.id);
            if (moved) Object.assign(opening, placeOf(moved));
          }
        }
      },
    });
  return (
    <li className="border-t border-base-300 pt-2" data-candidate={layout.aim}>
      <h3 className="font-semibold">{title}</h3>
      <LayoutThumb walls={layout.walls} label={title} />
      <dl className="mt-1 grid grid-cols-4 text-center text-sm">
        {[
          [ui.compare.smallest, <Length key="s" mm={layout.smallest} unit={false} />],
          [ui.compare.slivers, layout.slivers],
          [ui.compare.cuts, layout.cuts],
          [ui.compare.buy, layout.buy],
        ].map(([name, value]) => (
          <div key={String(name)}>
            <dt className="text-xs opacity-85">{name}</dt>
            <dd className="font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-1 text-sm">
        {ui.compare.givesUp(layout.givesUp, (mm) => formatLength(mm, style))}
      </p>
      {changesOf(project, layout.project, (mm) => formatLength(mm, style)).map((words) => (
        <p key={words} className="text-sm font-semibold">
          {words}
        </p>
      ))}
      <ScoreParts label={ui.compare.score} score={layout.score} parts={layout.parts} />
      {taken ? (
        <p className="mt-1 text-sm font-semibold text-success">✓ {ui.compare.applied}</p>
      ) : (
        <button type="button" className="btn btn-sm mt-1" onClick={takeOver}>
          {ui.compare.apply}
        </button>
      )}
    </li>
  );
}
