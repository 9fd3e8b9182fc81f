import type { Calendar } from "./calendar.ts";
import { type PlannedTask, place, placings } from "./schedule.ts";

/** Ends that are met in half and in nine of ten runs. */
export interface Met {
  in5of10: number;
  in9of10: number;
  /** What share of the spread comes from each kind of work, the most first. */
  spread: { kind: string; share: number }[];
}

/** How far a rate is off its usual, either way, and how many runs are drawn. */
const SPREAD = 0.3;
const RUNS = 2000;

/**
 * Runs the work again and again, each kind of it faster or slower by up to 30 %, most often as usual
 * (triangular): honest dates. The same seed gives the same dates.
 */
export function simulate(
  tasks: (PlannedTask & { kind: string })[],
  start: number,
  calendar: Calendar,
  people: number,
  runs = RUNS,
): Met | undefined {
  const random = randomFrom(20_260_504);
  const kinds = [...new Set(tasks.map(({ kind }) => kind))];
  const usual = placings(tasks);
  const ends: number[] = [];
  const paces: number[][] = [];
  for (let run = 0; run < runs; run++) {
    const pace = new Map(kinds.map((kind) => [kind, 1 + SPREAD * triangular(random)]));
    const drawn = usual.map((task, k) => {
      const own = pace.get((tasks[k] as (typeof tasks)[number]).kind) ?? 1;
      return { ...task, units: task.units.map((minutes) => minutes * own) };
    });
    const placed = place(drawn, start, calendar, people);
    if (!placed) return undefined;
    ends.push(placed.end);
    paces.push(kinds.map((kind) => pace.get(kind) as number));
  }
  const spread = spreadBy(kinds, paces, ends);
  ends.sort((p, q) => p - q);
  const at = (share: number) => ends[Math.ceil(share * ends.length) - 1] as number;
  return { in5of10: at(0.5), in9of10: at(0.9), spread };
}

/**
 * How much of the ends' variance goes with each kind's pace: cov(pace, end)² ÷ var(pace), as shares of
 * their sum. Paces are drawn apart from each other, so that these add up.
 */
function spreadBy(kinds: string[], paces: number[][], ends: number[]): Met["spread"] {
  const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const end = mean(ends);
  const parts = kinds.map((kind, k) => {
    const own = paces.map((pace) => pace[k] as number);
    const middle = mean(own);
    let [together, apart] = [0, 0];
    own.forEach((value, run) => {
      together += (value - middle) * ((ends[run] as number) - end);
      apart += (value - middle) ** 2;
    });
    return { kind, share: apart > 0 ? together ** 2 / apart : 0 };
  });
  const whole = parts.reduce((sum, { share }) => sum + share, 0);
  if (whole === 0) return [];
  return parts
    .map(({ kind, share }) => ({ kind, share: share / whole }))
    .sort((p, q) => q.share - p.share);
}

/** From −1 to 1, most often near 0. */
function triangular(random: () => number): number {
  return random() - random();
}

/** Numbers from 0 to 1 that follow from a seed (mulberry32). */
function randomFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}
