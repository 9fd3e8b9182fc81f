import { type Calendar, dayAt } from "./calendar.ts";
import type { DayTask } from "./days-plan.ts";

/** Working time in which nobody has anything to do, and what is waited for. */
export interface FreeTime {
  from: number;
  to: number;
  /** The task whose wait it is. */
  waits: DayTask;
}

const HOUR = 3_600_000;

/** Less than this is a break, ms. */
const WORTH = HOUR;

/**
 * Stretches of working time before the last task's end in which nobody works, each with the task that is
 * waited for: something that needs no wall can be done then.
 */
export function freeTimes(tasks: DayTask[], calendar: Calendar): FreeTime[] {
  const work = tasks.filter(({ minutes, done }) => minutes > 0 && done === undefined);
  const last = Math.max(-Infinity, ...work.map(({ end }) => end));
  const free: FreeTime[] = [];
  let at = Math.min(Infinity, ...work.map(({ start }) => start));
  for (const { start, end } of [...work].sort((p, q) => p.start - q.start)) {
    if (start > at) free.push(...between(tasks, calendar, at, start));
    at = Math.max(at, end);
    if (at >= last) break;
  }
  return free;
}

/** The parts of working days between two moments. */
function between(tasks: DayTask[], calendar: Calendar, from: number, to: number): FreeTime[] {
  const found: FreeTime[] = [];
  for (let day = dayAt(calendar, from); day < calendar.starts.length; day++) {
    const start = Math.max(from, calendar.starts[day] as number);
    const end = Math.min(to, calendar.ends[day] as number);
    if (start >= to) break;
    if (end - start < WORTH) continue;
    const waits = waitAt(tasks, (start + end) / 2);
    if (waits) found.push({ from: start, to: end, waits });
  }
  return found;
}

/** The task whose wait runs longest over a moment. */
function waitAt(tasks: DayTask[], at: number): DayTask | undefined {
  return tasks
    .filter(({ end, waitH }) => end <= at && end + waitH * HOUR > at)
    .sort((p, q) => q.end + q.waitH * HOUR - (p.end + p.waitH * HOUR))[0];
}

/** Something that holds tile over night, and until when. */
export interface Hold {
  kind: "ledger" | "nails" | "tape" | "prop";
  wall?: string;
  until: number;
}

interface Support {
  kind: Hold["kind"];
  wall: string;
  at?: string | undefined;
  hours?: number | undefined;
  out?: string | undefined;
}

/** A support stays so long where nobody says, h. Trade practice: overnight and a day. */
const STAYS_H = 24;

/** The ledger that is planned, from the first session on, and what was put up and is still there. */
export function holds(tasks: DayTask[], ledger: boolean, supports: Support[]): Hold[] {
  const first = tasks.find(({ kind }) => kind === "set");
  const planned: Hold[] =
    ledger && first && first.done === undefined
      ? [{ kind: "ledger", until: first.end + STAYS_H * HOUR }]
      : [];
  const up = supports.flatMap(({ kind, wall, at, hours = STAYS_H, out }): Hold[] => {
    const from = Date.parse(at ?? "");
    return out || !Number.isFinite(from) ? [] : [{ kind, wall, until: from + hours * HOUR }];
  });
  return [...planned, ...up];
}
