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

/**
 * Each task in the trade's order takes the earliest time at which a person is free and what it waits for
 * is over, before or beside earlier ones (definition of the plan).
 */
export function scheduleFrom(
  tasks: PlannedTask[],
  start: number,
  calendar: Calendar,
  people: number,
): Schedule | undefined {
  const busy: [from: number, to: number][][] = Array.from({ length: people }, () => []);
  const done = new Map<string, ScheduledTask>();
  for (const task of tasks) {
    const ready = readyAt(task, done, start);
    if (task.units.length === 0) {
      done.set(task.id, { ...task, start: ready, end: ready, critical: false });
      continue;
    }
    let best: { laid: Laid; person: number } | undefined;
    busy.forEach((own, person) => {
      const laid = earliest(calendar, ready, task.units, own);
      if (laid && (!best || laid.start < best.laid.start)) best = { laid, person };
    });
    if (!best) return undefined;
    const { laid, person } = best;
    busy[person]?.push(...laid.stretches);
    busy[person]?.sort((p, q) => p[0] - q[0]);
    done.set(task.id, { ...task, start: laid.start, end: laid.end, person, critical: false });
  }
  const all = [...done.values()];
  const end = Math.max(start, ...all.map((task) => task.end + task.waitH * HOUR));
  markCritical(all, done, { calendar, start, end });
  return { tasks: all, start, end };
}

function readyAt({ after }: PlannedTask, done: Map<string, ScheduledTask>, start: number): number {
  return after.reduce((latest, id) => {
    const before = done.get(id);
    return before ? Math.max(latest, before.end + before.waitH * HOUR) : latest;
  }, start);
}

/** The first time from a moment on at which work fits between what a person does already. */
function earliest(
  calendar: Calendar,
  ready: number,
  units: number[],
  busy: [number, number][],
): Laid | undefined {
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
  let best = scheduleFrom(tasks, earliestStart, calendar, people);
  if (!best || best.end > end) return undefined;
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    const tried = scheduleFrom(tasks, earliestStart + middle * MINUTE, calendar, people);
    if (tried && tried.end <= end) {
      best = tried;
      low = middle;
    } else high = middle - 1;
  }
  return best;
}
