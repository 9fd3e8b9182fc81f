import type { GroutMix } from "../grout/mixes.ts";
import { groutWaitH } from "../grout/ready.ts";
import type { Job } from "../project/job.ts";
import type { PlacedRow, Session } from "../set/sessions.ts";
import type { PlannedTask } from "./schedule.ts";

/** Kinds of work, in the order of the trade; a wait that is longer than others is one without work. */
export type TaskKind =
  | "board"
  | "strips"
  | "coat"
  | "set-out"
  | "set"
  | "grout"
  | "cure"
  | "sealant"
  | "sealer";

/** A piece of work, what it waits for, and how long others wait for it. */
export interface Task extends PlannedTask {
  kind: TaskKind;
  wall?: string;
  /** Which coat or session. */
  n?: number;
  /** How long one person is at it. */
  minutes: number;
}

/** Sealant goes on so long after grout, and cures as long; sealer waits longer, and dries. Trade practice. */
const GROUT_TO_SEALANT_H = 24;
const GROUT_TO_SEALER_H = 72;
const SEALANT_H = 24;
const SEALER_H = 24;

/** What of a wall its tasks are told from. */
export interface TaskWall {
  id: string;
  boardM2: number;
  stripM: number;
  membraneM2: number;
  sealantM: number;
  tiledM2: number;
}

/** What the work of a job consists of. */
export interface TaskInputs {
  walls: TaskWall[];
  coats: number;
  sessions: Session[];
  rows: PlacedRow[];
  mixes: GroutMix[];
  sealerL: number;
}

type TasksJob = Pick<Job, "build" | "field" | "settings" | "tiles" | "zones">;

/**
 * The work of a job in the order of the trade: board, strips and coats wall by wall, set-out, sessions,
 * grout, sealant and sealer; each before the other as the job has it. What takes no time is left out.
 */
export function tasksOf(job: TasksJob, inputs: TaskInputs): Task[] {
  const list = new TaskList(inputs.walls);
  addFilm(list, job, inputs);
  const set = addSessions(list, job, inputs);
  const grouted = addGrout(list, inputs, set);
  addSealing(list, job, inputs, grouted.length > 0 ? grouted : set);
  return list.tasks;
}

/** Board, strips, coats and set-out, wall by wall. */
function addFilm(list: TaskList, { settings }: TasksJob, { coats }: TaskInputs): void {
  const dries = (hours: number) => hours * settings.dryingFactor;
  list.eachWall("board", ({ boardM2 }) => [(boardM2 / settings.boardRate) * 60]);
  list.eachWall("strips", ({ stripM }) => [(stripM / settings.stripPace) * 60], {
    waitH: dries(settings.stripWaitH),
  });
  for (let n = 1; n <= coats; n++) {
    list.eachWall("coat", ({ membraneM2 }) => [(membraneM2 / settings.coatPace) * 60], {
      n,
      waitH: dries(n === coats ? settings.tileWaitH : settings.coatWaitH),
    });
  }
  list.eachWall("set-out", ({ tiledM2 }) => [tiledM2 > 0 ? settings.setOutHours * 60 : 0]);
}

/** The sessions of setting, one after the other; gives the id of the last. */
function addSessions(list: TaskList, job: TasksJob, { sessions, rows }: TaskInputs): string[] {
  for (const { n } of sessions) {
    const own = rows.filter(({ session }) => session === n);
    const last = n === sessions.length;
    list.add({
      ...{ id: `set/${n}`, kind: "set", n, units: own.map(({ minutes }) => minutes) },
      after: [
        ...[...new Set(own.map(({ wall }) => wall))].flatMap((wall) => list.lastOf(wall)),
        ...(n > 1 ? [`set/${n - 1}`] : []),
      ],
      waitH: last ? groutWaitH(job) : 0,
    });
  }
  return sessions.length > 0 ? [`set/${sessions.length}`] : [];
}

/** Grout and its cure; gives the ids of the grouting. */
function addGrout(list: TaskList, { mixes }: TaskInputs, set: string[]): string[] {
  list.eachWall(
    "grout",
    ({ id }) =>
      mixes.filter((mix) => mix.wall === id).map(({ spreadMin, washMin }) => spreadMin + washMin),
    { after: set, waitH: GROUT_TO_SEALANT_H },
  );
  const grouted = list.of("grout");
  if (grouted.length > 0) {
    // What follows the grout has waited a day of it already.
    const waitH = GROUT_TO_SEALER_H - GROUT_TO_SEALANT_H;
    list.add({ id: "cure", kind: "cure", units: [], after: grouted, waitH });
  }
  return grouted;
}

/** Sealant and sealer in the order that the job has them, sealant after what was `last` done. */
function addSealing(
  list: TaskList,
  { settings }: TasksJob,
  { sealerL }: TaskInputs,
  last: string[],
): void {
  const cure = list.of("cure");
  const sealant = (after: string[]) =>
    list.eachWall("sealant", ({ sealantM }) => [(sealantM / settings.sealantPace) * 60], {
      after,
      waitH: SEALANT_H,
    });
  const sealer = (after: string[]) => {
    if (sealerL <= 0) return;
    const minutesOf = ({ tiledM2 }: TaskWall) => [
      (tiledM2 / settings.sealerPace) * 60 * settings.sealerCoats,
    ];
    list.eachWall("sealer", minutesOf, { after, waitH: SEALER_H });
  };
  if (settings.sealerFirst && sealerL > 0) {
    sealer(cure);
    sealant(list.of("sealer"));
  } else {
    sealant(last);
    sealer([...cure, ...list.of("sealant")]);
  }
}

/** Gathers tasks; one of a wall follows the one before it there unless it is told what it follows. */
class TaskList {
  readonly tasks: Task[] = [];
  private readonly last = new Map<string, string>();

  constructor(private readonly walls: TaskWall[]) {}

  add(task: Omit<Task, "minutes">): void {
    const units = task.units.filter((minutes) => minutes > 0);
    if (units.length === 0 && task.kind !== "cure") return;
    const minutes = units.reduce((sum, unit) => sum + unit, 0);
    this.tasks.push({ ...task, units, minutes });
    if (task.wall !== undefined) this.last.set(task.wall, task.id);
  }

  eachWall(
    kind: TaskKind,
    unitsOf: (wall: TaskWall) => number[],
    { n, after, waitH = 0 }: { n?: number; after?: string[]; waitH?: number } = {},
  ): void {
    for (const wall of this.walls) {
      const id = n === undefined ? `${kind}/${wall.id}` : `${kind}/${n}/${wall.id}`;
      this.add({
        ...{ id, kind, wall: wall.id, units: unitsOf(wall), waitH },
        ...(n === undefined ? {} : { n }),
        after: after ?? this.lastOf(wall.id),
      });
    }
  }

  /** What was done last on a wall. */
  lastOf(wall: string): string[] {
    const id = this.last.get(wall);
    return id === undefined ? [] : [id];
  }

  of(kind: TaskKind): string[] {
    return this.tasks.filter((task) => task.kind === kind).map(({ id }) => id);
  }
}

/** Hours that one person is at all of it. */
export function personHours(tasks: Task[]): number {
  return tasks.reduce((sum, { minutes }) => sum + minutes, 0) / 60;
}
