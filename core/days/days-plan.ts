import type { Job } from "../project/job.ts";
import { calendarFrom, type WorkTimes } from "./calendar.ts";
import { type Schedule, type ScheduledTask, scheduleFrom, scheduleTo } from "./schedule.ts";
import { type Met, simulate } from "./simulate.ts";
import type { Task, TaskKind } from "./tasks.ts";
import { isZone, readMoment } from "./zone.ts";

/** A task in its time, with what it is. */
export type DayTask = ScheduledTask & Pick<Task, "kind" | "wall" | "n" | "minutes">;

/** The work of a job by the calendar. */
export interface DaysPlan {
  zone: string;
  start: number;
  end: number;
  tasks: DayTask[];
  /** Ends that are met in half and in nine of ten cases. */
  met: Met | undefined;
  /** The end that was asked for cannot be met any more, or the calendar is too short. */
  impossible: boolean;
}

/** So many days ahead work is planned, and so many back from an end. */
const AHEAD = 400;
const BACK = 200;

const DAY = 24 * 3_600_000;

/**
 * The tasks of a job from its start on, or back from the end that is to be met; none where neither is
 * given. `honest` asks for the dates that are met in 5 and in 9 of 10 cases.
 */
export function planDays(
  { days }: Pick<Job, "days">,
  tasks: Task[],
  honest: boolean,
): DaysPlan | undefined {
  const zone = isZone(days.zone) ? days.zone : "UTC";
  const times: WorkTimes = { ...days, zone };
  const start = days.start === undefined ? undefined : readMoment(days.start, zone, times.from);
  const end = days.end === undefined ? undefined : readMoment(days.end, zone, times.to);
  const from = start ?? (end === undefined ? undefined : end - BACK * DAY);
  if (from === undefined) return undefined;
  const calendar = calendarFrom(from, AHEAD, times);
  const { people } = days;
  const found: Schedule | undefined =
    start === undefined && end !== undefined
      ? scheduleTo(tasks, end, calendar, people, from)
      : scheduleFrom(tasks, from, calendar, people);
  if (!found) return { zone, start: from, end: from, tasks: [], met: undefined, impossible: true };
  const known = new Map(tasks.map((task) => [task.id, task]));
  return {
    zone,
    start: Math.min(...found.tasks.map((task) => task.start), found.end),
    end: found.end,
    tasks: found.tasks.map((task) => {
      const { kind, wall, n, minutes } = known.get(task.id) as Task;
      return {
        ...task,
        ...{ kind: kind as TaskKind, minutes },
        ...(wall === undefined ? {} : { wall }),
        ...(n === undefined ? {} : { n }),
      };
    }),
    met: honest ? simulate(tasks, found.start, calendar, people) : undefined,
    impossible: false,
  };
}
