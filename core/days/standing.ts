import type { GroutMix } from "../grout/mixes.ts";
import type { Project } from "../project/schema.ts";
import type { PlacedRow } from "../set/sessions.ts";
import type { Task } from "./tasks.ts";

/** What of the plan the work that is done is held against. */
export interface StandingPlan {
  tasks: Task[];
  rows: PlacedRow[];
  mixes: GroutMix[];
}

/**
 * The tasks that are done by what was noted, each with the moment at which it was: a coat by its log, a
 * session when all its rows are set, grout when all parts of its wall are washed, other work when the
 * log says so. Whatever a task follows was done by then too.
 */
export function doneTasks(
  project: Project,
  { tasks, rows, mixes }: StandingPlan,
): Map<string, number> {
  const done = new Map<string, number>();
  for (const task of tasks) {
    const at = doneAt(project, task, rows, mixes);
    if (at !== undefined) done.set(task.id, at);
  }
  const known = new Map(tasks.map((task) => [task.id, task]));
  const before = (task: Task, at: number) => {
    for (const id of task.after) {
      const own = known.get(id);
      if (!own || done.has(id)) continue;
      done.set(id, at - own.waitH * HOUR);
      before(own, at - own.waitH * HOUR);
    }
  };
  for (const [id, at] of [...done]) before(known.get(id) as Task, at);
  return done;
}

const HOUR = 3_600_000;

function doneAt(
  project: Project,
  task: Task,
  rows: PlacedRow[],
  mixes: GroutMix[],
): number | undefined {
  const noted = lastOf(
    (project.log ?? [])
      .filter(({ kind, task: of, wall }) => {
        return kind === "done" && of === task.kind && (wall ?? task.wall) === task.wall;
      })
      .map(({ at }) => at),
  );
  switch (task.kind) {
    case "strips":
      return noted ?? coatAt(project, task.wall, 0);
    case "coat":
      return coatAt(project, task.wall, task.n ?? 1);
    case "set":
      return allOf(
        rows.filter(({ session }) => session === task.n).map(({ id }) => id),
        new Map((project.work?.rows ?? []).map(({ id, at }) => [id, at])),
      );
    case "grout":
      return allOf(
        mixes.filter(({ wall }) => wall === task.wall).map(({ wall, n }) => `${wall}/${n}`),
        new Map(
          (project.work?.mixes ?? []).flatMap(({ kind, for: key, washed }) =>
            kind === "grout" && washed ? [[key, washed]] : [],
          ),
        ),
      );
    case "cure":
      return undefined;
    default:
      return noted;
  }
}

function coatAt({ film }: Project, wall: string | undefined, coat: number): number | undefined {
  return lastOf(
    (film?.coats ?? []).filter((own) => own.wall === wall && own.coat === coat).map(({ at }) => at),
  );
}

/** When the last of some is done; nothing while one is not. */
function allOf(keys: string[], times: Map<string, string>): number | undefined {
  const own = keys.map((key) => times.get(key));
  if (own.length === 0 || own.some((at) => at === undefined)) return undefined;
  return lastOf(own as string[]);
}

function lastOf(times: string[]): number | undefined {
  const moments = times.map((at) => Date.parse(at)).filter(Number.isFinite);
  return moments.length > 0 ? Math.max(...moments) : undefined;
}
