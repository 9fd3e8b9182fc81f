import { type Calendar, type Laid, layUnits } from "./calendar.ts";

const HOUR = 3_600_000;

/** A task with what it waits for. */
export interface PlannedTask {
  id: string;
  /** Work in units that are not broken off: rows of tile, mixes of grout; minutes. Empty: a wait. */
  units: number[];
  after: string[];
  /** Waits so long before what follows it begins, through nights, h. */
  waitH: number;
  /** It does not begin before this moment. */
  notBefore?: number;
  /** It was done by this moment: nothing of it is left. */
  done?: number;
}

/** A task in its time. */
export interface ScheduledTask extends PlannedTask {
  start: number;
  end: number;
  /** Who does it, counted from 0; none of a wait. */
  person?: number;
  critical: boolean;
}

/** All tasks in their times; none where the calendar is too short for them. */
export interface Schedule {
  tasks: ScheduledTask[];
  start: number;
  end: number;
}

/** What placing a task asks of it; what it waits for by its place among all. */
interface Placing {
  units: number[];
  after: number[];
  waitMs: number;
  notBefore: number | undefined;
  done: number | undefined;
}

/** Tasks as they are placed; an unknown id waits for nothing. */
export function placings(tasks: PlannedTask[]): Placing[] {
  const places = new Map(tasks.map(({ id }, at) => [id, at]));
  return tasks.map(({ units, after, waitH, notBefore, done }) => ({
    ...{ units, notBefore, done },
    after: after.flatMap((id) => places.get(id) ?? []),
    waitMs: waitH * HOUR,
  }));
}

/** When each of some tasks starts and ends, and who does it; −1 for a wait. */
export interface Placed {
  starts: Float64Array;
  ends: Float64Array;
  people: Int32Array;
  /** When the last of them and its wait is over. */
  end: number;
}

/**
 * Each task in the trade's order takes the earliest time at which a person is free and what it waits for
 * is over, before or beside earlier ones (definition of the plan).
 */
export function place(
  tasks: Placing[],
  start: number,
  calendar: Calendar,
  people: number,
): Placed | undefined {
  const busy: [from: number, to: number][][] = Array.from({ length: people }, () => []);
  const [starts, ends] = [new Float64Array(tasks.length), new Float64Array(tasks.length)];
  const doers = new Int32Array(tasks.length).fill(-1);
  let last = start;
  for (let k = 0; k < tasks.length; k++) {
    const { units, after, waitMs, notBefore, done } = tasks[k] as Placing;
    if (done !== undefined) {
      starts[k] = done;
      ends[k] = done;
      last = Math.max(last, done + waitMs);
      continue;
    }
    let ready = Math.max(start, notBefore ?? start);
    // A task that is named before it is placed is waited for by nobody.
    for (const at of after) {
      if (at < k) ready = Math.max(ready, (ends[at] as number) + (tasks[at] as Placing).waitMs);
    }
    starts[k] = ready;
    ends[k] = ready;
    if (units.length > 0) {
      const found = soonest(calendar, ready, units, busy);
      if (!found) return undefined;
      const { laid, person } = found;
      busy[person] = joined(busy[person] ?? [], laid.stretches);
      starts[k] = laid.start;
      ends[k] = laid.end;
      doers[k] = person;
    }
    last = Math.max(last, (ends[k] as number) + waitMs);
  }
  return { starts, ends, people: doers, end: last };
}

/** Who can begin soonest; of several the first. */
function soonest(
  calendar: Calendar,
  ready: number,
  units: number[],
  busy: [number, number][][],
): { laid: Laid; person: number } | undefined {
  let best: { laid: Laid; person: number } | undefined;
  for (let person = 0; person < busy.length; person++) {
    const own = busy[person] as [number, number][];
    const laid = earliest(calendar, ready, units, own);
    if (laid && (!best || laid.start < best.laid.start)) best = { laid, person };
    // Nobody is sooner than somebody who has nothing else to do from then on.
    if (laid && (own.at(-1)?.[1] ?? -Infinity) <= ready) break;
  }
  return best;
}

/** All tasks in their times, with what their end hangs on. */
export function scheduleFrom(
  tasks: PlannedTask[],
  start: number,
  calendar: Calendar,
  people: number,
): Schedule | undefined {
  const placed = place(placings(tasks), start, calendar, people);
  if (!placed) return undefined;
  const all = tasks.map((task, k): ScheduledTask => {
    const person = placed.people[k] as number;
    return {
      ...task,
      start: placed.starts[k] as number,
      end: placed.ends[k] as number,
      ...(person < 0 ? {} : { person }),
      critical: false,
    };
  });
  const done = new Map(all.map((task) => [task.id, task]));
  markCritical(all, done, { calendar, start, end: placed.end });
  return { tasks: all, start, end: placed.end };
}

/** Stretches in their order, those that follow each other at once as one: there are as few as there are days. */
function joined(known: [number, number][], added: [number, number][]): [number, number][] {
  const all: [number, number][] = [];
  for (const [from, to] of [...known, ...added].sort((p, q) => p[0] - q[0])) {
    const last = all.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else all.push([from, to]);
  }
  return all;
}

/** The first time from a moment on at which work fits between what a person does already. */
function earliest(
  calendar: Calendar,
  ready: number,
  units: number[],
  busy: [number, number][],
): Laid | undefined {
  // The usual case: whatever else they do is done by then.
  if ((busy.at(-1)?.[1] ?? -Infinity) <= ready) return layUnits(calendar, ready, units);
  const tries = [ready, ...busy.map(([, to]) => to).filter((to) => to > ready)];
  for (const from of tries.sort((p, q) => p - q)) {
    const laid = layUnits(calendar, from, units);
    const clashes = laid?.stretches.some(([a, b]) => busy.some(([p, q]) => a < q && p < b));
    if (!clashes) return laid;
  }
  return undefined;
}

interface Whole {
  calendar: Calendar;
  start: number;
  end: number;
}

/** From the last task back: what a task's start hangs on, be it a wait or whoever does it. */
function markCritical(
  tasks: ScheduledTask[],
  done: Map<string, ScheduledTask>,
  { calendar, end }: Whole,
): void {
  const queue = tasks.filter((task) => task.end + task.waitH * HOUR >= end);
  while (queue.length > 0) {
    const task = queue.pop() as ScheduledTask;
    if (task.critical) continue;
    task.critical = true;
    // What is done hangs on nothing any more.
    if (task.done !== undefined) continue;
    const startsAfter = (moment: number) =>
      task.units.length === 0
        ? moment === task.start
        : layUnits(calendar, moment, task.units)?.start === task.start;
    for (const id of task.after) {
      const before = done.get(id);
      if (before && startsAfter(before.end + before.waitH * HOUR)) queue.push(before);
    }
    for (const other of tasks) {
      const same = other !== task && other.person !== undefined && other.person === task.person;
      if (same && other.end <= task.start && startsAfter(other.end)) queue.push(other);
    }
  }
}

/** A day is searched to the minute for the latest start. */
const MINUTE = 60_000;

/**
 * The latest start that meets an end: whole minutes between a moment that is early enough and the end.
 */
export function scheduleTo(
  tasks: PlannedTask[],
  end: number,
  calendar: Calendar,
  people: number,
  earliestStart: number,
): Schedule | undefined {
  let [low, high] = [0, Math.floor((end - earliestStart) / MINUTE)];
  const own = placings(tasks);
  const meets = (minutes: number) => {
    const placed = place(own, earliestStart + minutes * MINUTE, calendar, people);
    return placed !== undefined && placed.end <= end;
  };
  if (!meets(low)) return undefined;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (meets(middle)) low = middle;
    else high = middle - 1;
  }
  return scheduleFrom(tasks, earliestStart + low * MINUTE, calendar, people);
}
