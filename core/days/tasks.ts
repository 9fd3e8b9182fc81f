import type { GroutMix } from "../grout/mixes.ts";
import type { Job } from "../project/job.ts";
import type { Session } from "../set/sessions.ts";

/** Kinds of work, in the order of the trade. */
export type TaskKind =
  | "board"
  | "strips"
  | "coat"
  | "set-out"
  | "set"
  | "grout"
  | "sealant"
  | "sealer";

/** A piece of work: how long one person is at it. */
export interface Task {
  id: string;
  kind: TaskKind;
  wall?: string;
  /** Which coat or session. */
  n?: number;
  minutes: number;
}

/** How much is done in an hour. Trade practice. */
const RATES = { boardM2: 4, stripM: 15, coatM2: 12, sealantM: 12, sealerM2: 15 };

/** Hours that setting out a wall takes. Trade practice. */
const SET_OUT_H = 1.5;

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
  mixes: GroutMix[];
  sealerL: number;
}

type TasksJob = Pick<Job, "settings">;

/**
 * The work of a job in the order of the trade: board, strips and coats wall by wall, set-out, sessions,
 * grout, sealant and sealer; each before the other as the job has it. What takes no time is left out.
 */
export function tasksOf({ settings }: TasksJob, inputs: TaskInputs): Task[] {
  const { walls, coats, sessions, mixes, sealerL } = inputs;
  const byWall = (kind: TaskKind, minutesOf: (wall: TaskWall) => number, n?: number): Task[] =>
    walls.map((wall) => ({
      id: n === undefined ? `${kind}/${wall.id}` : `${kind}/${n}/${wall.id}`,
      kind,
      wall: wall.id,
      ...(n === undefined ? {} : { n }),
      minutes: minutesOf(wall),
    }));
  const sealant = byWall("sealant", ({ sealantM }) => (sealantM / RATES.sealantM) * 60);
  const sealer =
    sealerL > 0
      ? byWall("sealer", ({ tiledM2 }) => (tiledM2 / RATES.sealerM2) * 60 * settings.sealerCoats)
      : [];
  const tasks = [
    ...byWall("board", ({ boardM2 }) => (boardM2 / RATES.boardM2) * 60),
    ...byWall("strips", ({ stripM }) => (stripM / RATES.stripM) * 60),
    ...Array.from({ length: coats }, (_, k) =>
      byWall("coat", ({ membraneM2 }) => (membraneM2 / RATES.coatM2) * 60, k + 1),
    ).flat(),
    ...byWall("set-out", ({ tiledM2 }) => (tiledM2 > 0 ? SET_OUT_H * 60 : 0)),
    ...sessions.map(({ n, minutes }): Task => ({ id: `set/${n}`, kind: "set", n, minutes })),
    ...byWall("grout", ({ id }) =>
      mixes
        .filter((mix) => mix.wall === id)
        .reduce((sum, { spreadMin, washMin }) => sum + spreadMin + washMin, 0),
    ),
    ...(settings.sealerFirst ? [...sealer, ...sealant] : [...sealant, ...sealer]),
  ];
  return tasks.filter(({ minutes }) => minutes > 0);
}

/** Hours that one person is at all of it. */
export function personHours(tasks: Task[]): number {
  return tasks.reduce((sum, { minutes }) => sum + minutes, 0) / 60;
}
