import { CircleAlert, Info, OctagonX } from "lucide-react";
import { useContext } from "react";
import { FLAG_SIDES } from "../../core/cut/sides.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { Severity, Warning } from "../../core/warning.ts";
import { warningSentences } from "../../core/words/warnings.ts";
import { openDialog, type Page, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { StageOfWarning } from "./stage-of-warning.ts";

const SIGNS = { note: Info, warning: CircleAlert, stop: OctagonX } satisfies Record<
  Severity,
  unknown
>;

interface WarningListProps {
  project: Project;
  plan: Plan;
  /** Only what concerns this wall or the job as a whole. */
  wall: string;
}

/** What to watch on a wall: where, why, what instead; a click goes there. */
export function WarningList({ project, plan, wall }: WarningListProps) {
  const here = plan.warnings.filter(
    (warning) => warning.wall === undefined || warning.wall === wall,
  );
  const elsewhere = plan.warnings.filter(
    ({ wall: other, severity }) => other !== undefined && other !== wall && severity !== "note",
  );
  return (
    <section aria-label={ui.setOut.watch} className="mt-4" data-warnings>
      <h3 className="section-title">{ui.setOut.watch}</h3>
      {here.length === 0 && <p className="text-sm">{ui.setOut.allClear}</p>}
      <ul className="grid gap-2">
        {alike([
          ...here.filter(isGrave),
          ...elsewhere,
          ...here.filter((each) => !isGrave(each)),
        ]).map(([first, ...others]) => (
          <WarningItem
            key={`${first.code}-${first.severity}`}
            project={project}
            warning={first}
            others={others}
          />
        ))}
      </ul>
    </section>
  );
}

function isGrave({ severity }: Warning): boolean {
  return severity !== "note";
}

/** Warnings of one cause together, in the order of the first of each. */
function alike(warnings: Warning[]): [Warning, ...Warning[]][] {
  const groups = new Map<string, [Warning, ...Warning[]]>();
  for (const warning of warnings) {
    const cause = `${warning.code}-${warning.severity}`;
    const group = groups.get(cause);
    if (group) group.push(warning);
    else groups.set(cause, [warning]);
  }
  return [...groups.values()];
}

interface WarningItemProps {
  project: Project;
  warning: Warning;
  /** The same elsewhere: told by their places alone. */
  others: Warning[];
}

function WarningItem({ project, warning, others }: WarningItemProps) {
  const { message, remedy } = warningSentences(project, warning);
  const stageOf = useContext(StageOfWarning);
  const Sign = SIGNS[warning.severity];
  const grave = isGrave(warning);
  return (
    <li>
      <button
        type="button"
        data-warning={warning.code}
        className="flex w-full cursor-pointer gap-2 rounded text-left text-sm hover:bg-primary/10"
        onClick={() => goTo(warning, stageOf(warning.code))}
      >
        <Sign
          size={17}
          aria-label={warning.severity}
          className={`mt-0.5 shrink-0 ${grave ? "text-error" : "opacity-70"}`}
        />
        <span className="name">
          <span className={grave ? "font-semibold text-error" : ""}>{message}</span>{" "}
          <span className="opacity-90">{remedy}</span>
        </span>
      </button>
      {others.length > 0 && (
        <p className="mt-1 ml-6.5 flex flex-wrap items-center gap-1 text-sm">
          {ui.setOut.alsoAt}
          {others.map((other) => (
            <button
              key={`${other.wall}-${other.side}-${other.item}-${other.piece}`}
              type="button"
              data-warning={other.code}
              className="btn btn-xs"
              title={warningSentences(project, other).message}
              onClick={() => goTo(other, stageOf(other.code))}
            >
              {placeOf(project, other)}
            </button>
          ))}
        </p>
      )}
    </li>
  );
}

/** Where a warning is, in a word or two: the wall, and its side, cut or opening there. */
function placeOf(project: Project, { wall, side, item, values: { number } }: Warning): string {
  const of = project.walls.find(({ id }) => id === wall);
  const named = [
    ...(of?.openings ?? []),
    ...(of?.fixtures ?? []),
    ...(project.shelves ?? []),
    ...(project.zones ?? []),
  ].find(({ id }) => id === item);
  const flag = FLAG_SIDES.find((name) => name === side);
  return [wall, number, named?.name ?? item, flag && ui.inline(ui.sides[flag])]
    .filter((part) => part !== undefined)
    .join(" ");
}

/** Goes where a warning is settled: its wall, its stage, its piece or its flag. */
function goTo({ wall, piece, side }: Warning, page: Page): void {
  useView.setState({
    page,
    sheet: undefined,
    ...(wall ? { wall } : {}),
    piece,
  });
  const flag = FLAG_SIDES.find((name) => name === side);
  if (wall && flag) openDialog({ kind: "flag", side: flag, wall });
}
