import type { Weights } from "../../../core/compare/score.ts";
import { formatJoint, formatLength } from "../../../core/length/format.ts";
import { fixed } from "../../../core/length/numbers.ts";
import type { LengthStyle } from "../../../core/length/units.ts";
import type { Command } from "../../../core/project/command.ts";
import type { Opening, Project } from "../../../core/project/schema.ts";
import { useJobStyle } from "../../fields/context.ts";
import { Length } from "../../fields/Length.tsx";
import { Fact } from "../../panel/PanelParts.tsx";
import { Later } from "../../parts/Later.tsx";
import { LayoutThumb } from "../../parts/LayoutThumb.tsx";
import { Part } from "../../parts/part.ts";
import { dispatch } from "../../state/job-store.ts";
import { formatCount, ui } from "../../words/ui.ts";
import type { FoundLayout, SearchAnswer } from "../../workers/search.worker.ts";

/** Loaded once there is something to show in it. */
const CHART = new Part<{ found: FoundLayout[] }>(
  async () => (await import("./CompareChart.tsx")).default,
);

interface FoundLayoutsProps {
  answer: SearchAnswer;
  project: Project;
  /** The search goes on: nothing is said of it yet that will not hold. */
  running?: boolean;
}

/** What a search found: what it answered for, what is proven, and the best handful of layouts. */
export function FoundLayouts({ answer, project, running = false }: FoundLayoutsProps) {
  const style = useJobStyle();
  const { found, covered, variants, everyJoint, share, own, provenSmallest: proven } = answer;
  const count = formatCount(covered);
  return (
    <>
      <p className="mt-2 text-sm" data-covered={covered} role={running ? undefined : "status"}>
        {running
          ? ui.compare.soFar(count)
          : share < 1
            ? ui.compare.stoppedAt(share, count)
            : ui.compare.covered(count, variants, everyJoint)}{" "}
        {proven &&
          ui.compare.proven(
            nothingAbove(proven.along, style),
            nothingAbove(proven.across, style),
            variants,
          )}
        {everyJoint &&
          share === 1 &&
          project.walls.some(({ fixtures }) => fixtures.length > 0) &&
          ` ${ui.compare.holes}`}
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
      {!running && found.length > 1 && <Later part={CHART} props={{ found }} />}
    </>
  );
}

/** The largest smallest cut in words; undefined where a tile runs out to nothing in every layout. */
function nothingAbove(mm: number, style: LengthStyle): string | undefined {
  return mm > 0 ? formatLength(mm, style) : undefined;
}

/** Whether the job already has this layout: the same centres, courses and openings. */
function isTaken(project: Project, { project: made }: FoundLayout): boolean {
  const layoutOf = ({ field, walls, setOut, zones }: Project) =>
    JSON.stringify([
      field.joint,
      zones,
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
        {label}: <strong>{fixed(score, 1)}</strong>
      </summary>
      <dl>
        {shown.map(([name, part]) => (
          <Fact key={name} name={ui.compare.weight[name]}>
            {fixed(part, 2)}
          </Fact>
        ))}
      </dl>
      <p className="text-xs opacity-80">{ui.compare.scoreHint}</p>
    </details>
  );
}

/** The joint, bands and niches of a layout, where they are not the job's own. */
function changesOf(project: Project, made: Project, style: LengthStyle): string[] {
  const length = (mm: number) => formatLength(mm, style);
  const joint =
    made.field.joint === project.field.joint
      ? []
      : [ui.compare.newJoint(formatJoint(made.field.joint, style))];
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
  const bands = (made.zones ?? []).flatMap(({ id, kind, name, bottom = 0 }) => {
    const before = project.zones?.find((zone) => zone.id === id)?.bottom ?? 0;
    if (kind !== "band" || Math.abs(bottom - before) < 0.05) return [];
    return [ui.compare.newBand(name ?? id, length(Math.abs(bottom - before)), bottom > before)];
  });
  return [...joint, ...bands, ...niches];
}

/** Makes a found layout the job's. */
function takeOver({ project: found }: FoundLayout): Command {
  return {
    name: "apply-layout",
    change: (draft) => {
      // Only what the search decided: another tab's readings stay as they are.
      draft.setOut.firstCourse.drop = found.setOut.firstCourse.drop;
      draft.field.joint = found.field.joint;
      for (const zone of draft.zones ?? []) {
        const made = found.zones?.find(({ id }) => id === zone.id);
        if (zone.kind === "band" && made) zone.bottom = made.bottom;
      }
      for (const wall of draft.walls) {
        const made = found.walls.find(({ id }) => id === wall.id);
        if (!made) continue;
        wall.centre = made.centre;
        for (const opening of wall.openings) {
          const moved = made.openings.find(({ id }) => id === opening.id);
          if (moved) Object.assign(opening, placeOf(moved));
        }
      }
    },
  };
}

function FoundFigures({ layout }: { layout: FoundLayout }) {
  return (
    <dl className="mt-1 grid grid-cols-4 text-center text-sm">
      {[
        [
          ui.compare.smallest,
          layout.smallest > 0 ? (
            <Length key="s" mm={layout.smallest} unit={false} />
          ) : (
            ui.compare.runsOut
          ),
        ],
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
  );
}

interface FoundCardProps {
  project: Project;
  layout: FoundLayout;
  title: string;
  taken: boolean;
}

function FoundCard({ project, layout, title, taken }: FoundCardProps) {
  const style = useJobStyle();
  return (
    <li className="border-t border-base-300 pt-2" data-candidate={layout.aim}>
      <h3 className="font-semibold">{title}</h3>
      <div className="h-36">
        <LayoutThumb walls={layout.walls} label={title} tintCuts />
      </div>
      <FoundFigures layout={layout} />
      <p className="mt-1 text-sm">
        {ui.compare.givesUp(layout.givesUp, (mm) => formatLength(mm, style))}
      </p>
      {changesOf(project, layout.project, style).map((words) => (
        <p key={words} className="text-sm font-semibold">
          {words}
        </p>
      ))}
      <ScoreParts label={ui.compare.score} score={layout.score} parts={layout.parts} />
      {taken ? (
        <p className="mt-1 text-sm font-semibold text-success">✓ {ui.compare.applied}</p>
      ) : (
        <button
          type="button"
          className="btn btn-sm mt-1"
          onClick={() => dispatch(takeOver(layout))}
        >
          {ui.compare.apply}
        </button>
      )}
    </li>
  );
}
