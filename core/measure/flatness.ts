import { LARGE_SIDE } from "../limits.ts";
import { longestSide } from "../project/defaults.ts";
import type { LaidTile } from "../project/job.ts";
import type { Straightedge, Wall } from "../project/schema.ts";
import type { Warning } from "../warning.ts";
import { positionAlong } from "./shape.ts";

/** The longest straightedge that a limit is published for, mm (10 ft). */
const LONG_EDGE = 3050;

/** What a wall may be out of flat: over a short straightedge and over 3.05 m, mm. */
export interface FlatnessLimit {
  short: { length: number; gap: number };
  long: { length: number; gap: number };
}

/**
 * Flatness that a tile asks for (ANSI A108.02 figures): below 15 in 1.6 mm in 305 and 6.4 mm in
 * 3.05 m; from 15 in on 1.6 mm in 610 and 3.2 mm in 3.05 m.
 */
export function flatnessLimit(tile: LaidTile): FlatnessLimit {
  return longestSide(tile) >= LARGE_SIDE
    ? { short: { length: 610, gap: 1.6 }, long: { length: LONG_EDGE, gap: 3.2 } }
    : { short: { length: 305, gap: 1.6 }, long: { length: LONG_EDGE, gap: 6.4 } };
}

/** The gap allowed under a straightedge, mm: between the two published lengths in proportion. */
export function allowedGap({ short, long }: FlatnessLimit, length: number): number {
  if (length <= short.length) return short.gap;
  if (length >= long.length) return long.gap;
  const share = (length - short.length) / (long.length - short.length);
  return short.gap + share * (long.gap - short.gap);
}

/** One straightedge reading judged, with what it takes to bring the wall flat. */
export interface FlatnessVerdict {
  wall: string;
  reading: Straightedge;
  /** Middle of the straightedge from the left corner, mm. */
  x: number;
  allowed: number;
  over: number;
  passes: boolean;
  remedy: FlatnessRemedy;
}

/** What brings the place flat, while the studs are open and after. */
export interface FlatnessRemedy {
  /** Shim behind the board at a hollow, or what to plane off the stud at a hump, mm. */
  atStud: "shim" | "plane";
  mm: number;
  /** Nearest stud that was read, from the left corner, mm. */
  stud: number | undefined;
  /** Skim coat that fills the dish under the straightedge, or round the hump, litres. */
  skimL: number;
}

/** Judges every straightedge reading of a wall against the tile. */
export function flatnessVerdicts(wall: Wall, tile: LaidTile): FlatnessVerdict[] {
  const limit = flatnessLimit(tile);
  return (wall.straightedge ?? []).map((reading) => {
    const allowed = allowedGap(limit, reading.length);
    const x = positionAlong(wall, reading);
    const over = Math.max(0, reading.gap - allowed);
    // A gap of exactly the limit passes, also when it was typed in inches.
    const passes = reading.gap <= allowed + 0.01;
    return {
      wall: wall.id,
      reading,
      x,
      allowed,
      over,
      passes,
      remedy: remedyFor(wall, reading, x),
    };
  });
}

function remedyFor(wall: Wall, { shape, gap, length }: Straightedge, x: number): FlatnessRemedy {
  const studs = (wall.studs ?? []).map((stud) => positionAlong(wall, stud));
  const stud = studs.reduce<number | undefined>(
    (best, s) => (best === undefined || Math.abs(s - x) < Math.abs(best - x) ? s : best),
    undefined,
  );
  return {
    atStud: shape === "hollow" ? "shim" : "plane",
    mm: gap,
    stud,
    skimL: skimVolumeL(gap, length),
  };
}

/**
 * Skim coat for one place in litres: a round dish as wide as the straightedge and as deep as the
 * gap (a paraboloid: half of its cylinder). Round a hump the fill is the other half: the same.
 */
export function skimVolumeL(gap: number, length: number): number {
  return (Math.PI * (length / 2) ** 2 * gap) / 2 / 1e6;
}

/** The shim that one stud needs at one height, to reach the plane of the proudest stud, mm. */
export interface StudShim {
  stud: string;
  x: number;
  level: number;
  shim: number;
}

/**
 * Furring of a wall: every stud brought to the plane of the proudest reading. Readings are taken
 * back from one line or laser plane; where it stands does not matter.
 */
export function studShims(wall: Wall): StudShim[] {
  const readings = (wall.studs ?? []).flatMap((stud) =>
    (stud.plane ?? []).map(({ level, back }) => ({
      stud: stud.id,
      x: positionAlong(wall, stud),
      level,
      back,
    })),
  );
  const proudest = Math.min(...readings.map(({ back }) => back));
  return readings
    .map(({ back, ...place }) => ({ ...place, shim: back - proudest }))
    .sort((p, q) => p.x - q.x || p.level - q.level);
}

/** Readings over the limit, as warnings that go to their place. */
export function flatnessWarnings(verdicts: FlatnessVerdict[]): Warning[] {
  return verdicts
    .filter(({ passes }) => !passes)
    .map(
      ({ wall, reading, x, allowed, over, remedy }): Warning => ({
        code: "not-flat",
        severity: "warning",
        wall,
        item: reading.id,
        values: {
          x,
          gap: reading.gap,
          length: reading.length,
          allowed,
          over,
          hump: reading.shape === "hump" ? 1 : 0,
          skimL: remedy.skimL,
        },
      }),
    );
}
