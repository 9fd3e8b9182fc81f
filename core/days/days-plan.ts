import type { Job } from "../project/job.ts";
import { type Calendar, calendarFrom, type WorkTimes } from "./calendar.ts";
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
  calendar: Calendar;
  /** Ends that are met in half and in nine of ten cases. */
  met: Met | undefined;
  /** The end that was asked for cannot be met any more, or the calendar is too short. */
  impossible: boolean;
}

/** How far the work is: which tasks are done by when, and the moment from which the rest is planned. */
export interface Standing {
  done: Record<string, number>;
  now: number;
}

/** So many days ahead work is planned, and so many back from an end. */
const AHEAD = 400;
const BACK = 200;
/** No calendar is longer than ten years. */
const LONGEST = 3650;

const DAY = 24 * 3_600_000;

/**
 * The tasks of a job from its start on, or back from the end that is to be met; none where neither is
 * given. `honest` asks for the dates that are met in 5 and in 9 of 10 cases. With a `standing` the
 * rest of the work is planned from now on, whatever the start was.
 */
export function planDays(
  { days }: Pick<Job, "days">,
  tasks: Task[],
  honest: boolean,
  standing?: Standing,
): DaysPlan | undefined {
  const zone = isZone(days.zone) ? days.zone : "UTC";
  const times: WorkTimes = { ...days, zone };
  const start = days.start === undefined ? undefined : readMoment(days.start, zone, times.from);
  const end = days.end === undefined ? undefined : readMoment(days.end, zone, times.to);
  const from = start ?? (end === undefined ? undefined : end - BACK * DAY);
  if (from === undefined) return undefined;
  const first = standing?.now ?? from;
  // Some of it may have been done long before the day that was planned.
  const ahead = AHEAD + Math.min(LONGEST, Math.max(0, Math.ceil((from - first) / DAY)));
  const calendar = calendarFrom(first, ahead, times);
  const { people } = days;
  const moved = new Map(
    days.moved.map((own) => [own.task, readMoment(own.from, zone, times.from)]),
  );
  const planned = tasks.map((task) => withMoments(task, moved.get(task.id), standing));
  const found: Schedule | undefined = standing
    ? scheduleFrom(planned, standing.now, calendar, people)
    : start === undefined && end !== undefined
      ? scheduleTo(planned, end, calendar, people, from)
      : scheduleFrom(planned, from, calendar, people);
  if (!found) {
    const none = { start: from, end: from, tasks: [], met: undefined };
    return { zone, calendar, ...none, impossible: true };
  }
  const known = new Map(tasks.map((task) => [task.id, task]));
  return {
    ...{ zone, calendar },
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
    met: honest ? simulate(planned, found.start, calendar, people) : undefined,
    impossible: false,
  };
}

/** A task with the moment before which it does not begin, and when it was done. */
function withMoments(task: Task, from: number | undefined, standing: Standing | undefined): Task {
  const done = standing?.done[task.id];
  return {
    ...task,
    ...(from === undefined ? {} : { notBefore: from }),
    ...(done === undefined ? {} : { done }),
  };
}
