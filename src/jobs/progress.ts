import type { Mix, Project, Work } from "../../core/project/schema.ts";
import { type Page, STAGES, type Stage } from "../state/view-store.ts";

/** How far a job has come, by what is stored of it: the stage that it is at, and what comes next. */
export interface Progress {
  stage: Stage;
  next: Page;
}

/** What shows that a stage has been worked on. */
const SIGNS: Record<Stage, (project: Project) => boolean> = {
  measure: () => true,
  board: ({ build }) => build !== undefined,
  waterproof: ({ film }) => (film?.coats ?? []).length > 0 || (film?.gate ?? []).length > 0,
  "set-out": ({ walls, setOut, zones = [] }) =>
    zones.length > 0 ||
    setOut.firstCourse.drop > 0 ||
    walls.some(({ centre }) => centre.mode !== "tile" || centre.about !== undefined),
  cut: ({ cutDone = [], atWall = [] }) => cutDone.length > 0 || atWall.length > 0,
  set: ({ work, asSet = [] }) =>
    asSet.length > 0 || (work?.rows ?? []).length > 0 || mixesOf(work, "mortar") > 0,
  // A snag is found while the work goes on.
  "hand-over": ({ handOver }) =>
    (handOver?.signatures ?? []).length > 0 || handOver?.careTold === true,
  grout: ({ work }) => (work?.ready ?? []).length > 0 || mixesOf(work, "grout") > 0,
};

function mixesOf(work: Work | undefined, kind: Mix["kind"]): number {
  return (work?.mixes ?? []).filter((mix) => mix.kind === kind).length;
}

/** The furthest stage that a job has been worked on in, and the one after it: at the end the log. */
export function progressOf(project: Project): Progress {
  const stage = STAGES.findLast((each) => SIGNS[each](project)) ?? STAGES[0];
  return { stage, next: STAGES[STAGES.indexOf(stage) + 1] ?? "log" };
}

/** What a list of jobs can be sorted by. */
export type JobOrder = "changed" | "name" | "stage";

interface Sorted {
  project: Project;
  updatedAt: number;
}

/** The jobs that hold every word of a text in their name, enclosure or tile, in an order. */
export function findJobs<T extends Sorted>(
  rows: T[],
  text: string,
  order: JobOrder,
  describe: (project: Project) => string,
): T[] {
  const sought = text.toLowerCase().split(/\s+/).filter(Boolean);
  const holds = ({ project }: T) => {
    const told = `${project.name} ${describe(project)}`.toLowerCase();
    return sought.every((word) => told.includes(word));
  };
  return rows.filter(holds).sort((p, q) => compare(p, q, order) || q.updatedAt - p.updatedAt);
}

function compare(p: Sorted, q: Sorted, order: JobOrder): number {
  if (order === "name") return p.project.name.localeCompare(q.project.name);
  if (order === "changed") return 0;
  const rank = ({ project }: Sorted) => STAGES.indexOf(progressOf(project).stage);
  return rank(q) - rank(p);
}
