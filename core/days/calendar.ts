import { clockTime, momentOf } from "./zone.ts";

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

/** When people work, by the clocks of a zone. */
export interface WorkTimes {
  zone: string;
  /** Hours of the day, 0 to 24. */
  from: number;
  to: number;
  /** Days of the week with work: 0 is Sunday. */
  weekdays: number[];
  /** Days without, as YYYY-MM-DD. */
  off: string[];
}

/** Working days as stretches of moments, in their order. */
export interface Calendar {
  starts: number[];
  ends: number[];
}

/** The working days from a moment on, so many days ahead. */
export function calendarFrom(at: number, days: number, times: WorkTimes): Calendar {
  const off = new Set(times.off);
  const calendar: Calendar = { starts: [], ends: [] };
  // At noon of each day, so that a change of the clocks skips none.
  const today = clockTime(at, times.zone);
  const noon = Date.UTC(today.year, today.month - 1, today.day, 12);
  const clock = (hours: number) => ({
    hour: Math.floor(hours),
    minute: Math.round((hours % 1) * 60),
  });
  for (let k = 0; k < days; k++) {
    const date = new Date(noon + k * DAY);
    const [year, month, day] = [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate()];
    if (!times.weekdays.includes(date.getUTCDay()) || off.has(date.toISOString().slice(0, 10)))
      continue;
    const start = momentOf({ year, month, day, ...clock(times.from) }, times.zone);
    const end = momentOf({ year, month, day, ...clock(times.to) }, times.zone);
    if (end <= start) continue;
    calendar.starts.push(start);
    calendar.ends.push(end);
  }
  return calendar;
}

/** The working day that ends after a moment; none where the calendar ends before. */
export function dayAt({ ends }: Calendar, at: number): number {
  let [low, high] = [0, ends.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((ends[middle] as number) > at) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Where work of some units is done: from its first to its last minute, and each stretch of it. */
export interface Laid {
  start: number;
  end: number;
  stretches: [from: number, to: number][];
}

/** So much short of a minute is none: sums of minutes lose as much. */
const SLACK = 1;

/**
 * Lays units of work from a moment on: one that would not end today starts on the next working day, one
 * that is longer than a day stops at the day's end and goes on. None where the calendar is too short.
 */
export function layUnits(calendar: Calendar, from: number, minutes: number[]): Laid | undefined {
  let at = from;
  const stretches: Laid["stretches"] = [];
  for (const unit of minutes) {
    let left = unit * MINUTE;
    let day = dayAt(calendar, at);
    let begin = Math.max(at, calendar.starts[day] ?? Infinity);
    const whole = (calendar.ends[day] as number) - (calendar.starts[day] as number);
    if (begin + left > (calendar.ends[day] as number) + SLACK && left <= whole + SLACK) {
      day++;
      begin = calendar.starts[day] ?? Infinity;
    }
    if (!Number.isFinite(begin)) return undefined;
    while (left > 0) {
      const end = Math.min(begin + left, calendar.ends[day] as number);
      stretches.push([begin, end]);
      left -= end - begin;
      at = end;
      if (left <= SLACK) break;
      day++;
      begin = calendar.starts[day] ?? Infinity;
      if (!Number.isFinite(begin)) return undefined;
    }
  }
  const first = stretches[0]?.[0] ?? from;
  return { start: first, end: stretches.at(-1)?.[1] ?? from, stretches };
}
