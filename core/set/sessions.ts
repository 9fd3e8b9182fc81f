import { SAME_SUM } from "../limits.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { SetRow } from "./rows.ts";
import { rowKg } from "./rows.ts";

/** Minutes and kilograms that differ by less are the same. */
const SAME = 1e-6;

/** A row in its place: the number of its first piece over the whole job, and its session. */
export interface PlacedRow extends SetRow {
  first: number;
  session: number;
}

/** Mortar that is mixed at once, as powder with its water. */
export interface PlannedMix {
  /** Id of the tile that it is for. */
  tile: string;
  powderKg: number;
  waterL: number;
}

/** One go at the wall: from the first mix to the cleaned joints. */
export interface Session {
  n: number;
  pieces: number;
  /** Courses of the field by wall. */
  courses: { wall: string; from: number; to: number }[];
  areaM2: number;
  minutes: number;
  powderKg: number;
  mixes: PlannedMix[];
  clips: number;
  spacers: number;
}

type SessionJob = Pick<Job, "build" | "settings" | "tiles">;

/**
 * Parts rows in their setting order into sessions: each takes rows while they fit its hours, and its
 * weight and rise where those are limited; at least one.
 */
export function placeRows(
  job: SessionJob,
  rows: SetRow[],
  massOf: (row: SetRow) => number,
): PlacedRow[] {
  const { setHours, sessionKg = Infinity, sessionRise = Infinity } = job.settings;
  let used = emptyUse();
  let session = 1;
  let first = 1;
  return rows.map((row) => {
    const from = Math.min(used.from.get(row.wall) ?? row.bottom, row.bottom);
    const mass = massOf(row);
    const fits =
      used.minutes + row.minutes <= setHours * 60 + SAME &&
      used.kg + mass <= sessionKg + SAME &&
      (row.opening !== undefined || row.top - from <= sessionRise + SAME);
    const overnight =
      job.settings.firstOvernight && session === 1 && !row.opening && row.courses[0] > 1;
    if ((!fits || overnight) && used.rows > 0) {
      session++;
      used = emptyUse();
    }
    used.rows++;
    used.minutes += row.minutes;
    used.kg += mass;
    if (row.opening === undefined) {
      used.from.set(row.wall, Math.min(used.from.get(row.wall) ?? row.bottom, row.bottom));
    }
    const placed = { ...row, first, session };
    first += row.pieces;
    return placed;
  });
}

function emptyUse() {
  return { rows: 0, minutes: 0, kg: 0, from: new Map<string, number>() };
}

/** How many clips and spacers go with each row: they belong to the later of their two pieces. */
export type HeldBy = Map<string, { clips: number; spacers: number }>;

/** The sessions of rows that are placed. */
export function sessionsOf(job: SessionJob, rows: PlacedRow[], held: HeldBy): Session[] {
  const count = rows.at(-1)?.session ?? 0;
  return Array.from({ length: count }, (_, k) => {
    const own = rows.filter(({ session }) => session === k + 1);
    const minutes = sum(own, (row) => row.minutes);
    const powder = sum(own, rowKg);
    return {
      n: k + 1,
      pieces: sum(own, ({ pieces }) => pieces),
      courses: coursesOf(own),
      areaM2: sum(own, ({ parts }) => sum(parts, ({ areaM2 }) => areaM2)),
      minutes,
      powderKg: powder,
      mixes: mixesOf(job, own, { minutes, powderKg: powder }),
      clips: sum(own, ({ id }) => held.get(id)?.clips ?? 0),
      spacers: sum(own, ({ id }) => held.get(id)?.spacers ?? 0),
    };
  });
}

function sum<T>(items: T[], amount: (item: T) => number): number {
  return items.reduce((total, item) => total + amount(item), 0);
}

/** Courses of the field that a session sets, wall by wall. */
function coursesOf(rows: PlacedRow[]): Session["courses"] {
  const byWall = new Map<string, { wall: string; from: number; to: number }>();
  for (const { wall, zone, opening, courses } of rows) {
    if (zone !== undefined || opening !== undefined) continue;
    const own = byWall.get(wall) ?? { wall, from: Infinity, to: -Infinity };
    byWall.set(wall, own);
    own.from = Math.min(own.from, courses[0]);
    own.to = Math.max(own.to, courses[1]);
  }
  return [...byWall.values()];
}

/**
 * The share of a pot life that mortar is used in: the last of it is stiff. Trade practice.
 */
const OF_POT_LIFE = 0.75;

/** The largest mix of a session, kg: neither bucket nor pot life, at the session's pace, forbid it. */
export function largestMixKg(
  { settings }: Pick<Job, "settings">,
  { minutes, powderKg }: { minutes: number; powderKg: number },
): number {
  const perMin = minutes > 0 ? powderKg / minutes : Infinity;
  return Math.min(settings.bucketKg, perMin * settings.potLifeMin * OF_POT_LIFE);
}

/**
 * Mixes of a session, mortar by mortar in the order of the work: as few equal ones as that allows.
 * None of adhesive that comes mixed.
 */
function mixesOf(
  job: SessionJob,
  rows: PlacedRow[],
  pace: { minutes: number; powderKg: number },
): PlannedMix[] {
  if (job.build.adhesive === "mastic") return [];
  const byTile = new Map<string, number>();
  for (const { parts } of rows) {
    for (const { tile, powderKg } of parts) {
      byTile.set(tile, (byTile.get(tile) ?? 0) + powderKg);
    }
  }
  const most = largestMixKg(job, pace);
  return [...byTile].flatMap(([tile, kg]) => {
    if (kg <= 0 || most <= 0) return [];
    const count = Math.ceil(kg / most - SAME_SUM);
    const powderKg = kg / count;
    const mix = {
      tile: tileOf(job, tile).id,
      powderKg,
      waterL: powderKg * job.settings.mortarWater,
    };
    return Array.from({ length: count }, () => mix);
  });
}

/** How much is spread ahead before it skins, m²: pace × open time, less a quarter. Trade practice. */
export function spreadAheadM2({ settings }: Pick<Job, "settings">, perHourM2: number): number {
  return (perHourM2 / 60) * settings.openTimeMin * OF_POT_LIFE;
}

/** Minutes for which a bucket can be used, and what of it is then set. */
export function bucketReaches(
  { settings }: Pick<Job, "settings">,
  bucket: { leftKg: number; leftMin: number },
  rows: SetRow[],
  done: number,
): { rows: SetRow[]; kg: number; minutes: number } {
  const within = Math.min(bucket.leftMin, settings.potLifeMin);
  let [kg, minutes] = [0, 0];
  const reached: SetRow[] = [];
  for (const row of rows.slice(done)) {
    const own = rowKg(row);
    if (kg + own > bucket.leftKg + SAME || minutes + row.minutes > within + SAME) break;
    kg += own;
    minutes += row.minutes;
    reached.push(row);
  }
  return { rows: reached, kg, minutes };
}
