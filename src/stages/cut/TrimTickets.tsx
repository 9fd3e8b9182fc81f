import { addItem, removeItem } from "../../../core/project/items.ts";
import type { Project } from "../../../core/project/schema.ts";
import { barsOfRun } from "../../../core/set-out/trim.ts";
import type { TrimRun } from "../../../core/set-out/trim-runs.ts";
import { Length } from "../../fields/Length.tsx";
import { type PanelProps, Section, Tick } from "../../panel/PanelParts.tsx";
import { dispatch } from "../../state/job-store.ts";
import { runName } from "../../words/run-name.ts";
import { ui } from "../../words/ui.ts";

const place = { list: "cutDone" as const };

/** Every run of trim of a wall as a ticket: to its long and short points, or in its pieces. */
export function TrimTickets({ project, plan, wall }: Omit<PanelProps, "stored">) {
  const runs = wall.trimRuns.filter(({ kind }) => kind !== "mitre" && kind !== "eased");
  if (runs.length === 0) return null;
  return (
    <Section title={ui.cut.trim.title}>
      <ul data-trim-tickets={runs.length}>
        {runs.map((run) => (
          <li key={run.id} className="border-b border-base-300/60 py-1">
            <Tick
              label={<span className="font-semibold">{runName(run)}</span>}
              checked={isDone(project, run)}
              onChange={(done) => tick(run, done)}
            />
            <RunCut run={run} bars={barsOfRun(plan.trim, run)} />
          </li>
        ))}
      </ul>
    </Section>
  );
}

/** How a run is cut: to its long and short points, or in whole pieces and the last one. */
export function RunCut({ run, bars }: { run: TrimRun; bars: number[] }) {
  const { length, mitres, face, pieces } = run;
  return (
    <p className="text-base">
      {pieces ? `${ui.cut.trim.whole(pieces.count - 1)} ` : ""}
      <strong>
        <Length mm={pieces?.last ?? length} />
      </strong>
      {mitres > 0 && `; ${ui.cut.trim.mitres(mitres)}`}
      {mitres > 0 && !pieces && (
        <>
          , {ui.cut.trim.short} <Length mm={length - mitres * face} />
        </>
      )}
      {bars.length > 0 && <span className="block text-sm">{ui.cut.trim.from(bars)}</span>}
    </p>
  );
}

/** What was cut; a run that changed since is to be cut again. */
function keyOf({ kind, length, mitres }: TrimRun): string {
  return `${kind} ${Math.round(length * 2) / 2} ${mitres}`;
}

function isDone(project: Project, run: TrimRun): boolean {
  return project.cutDone?.some(({ id, cut }) => id === run.id && cut === keyOf(run)) ?? false;
}

function tick(run: TrimRun, done: boolean): void {
  dispatch(done ? addItem(place, { id: run.id, cut: keyOf(run) }) : removeItem(place, run.id));
}
