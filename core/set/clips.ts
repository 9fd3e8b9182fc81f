import type { Figure } from "../figure.ts";

/**
 * Leveling clips on one facing length e, in mm: none below 100, one in the middle below 200, from
 * there 1 + ⌈(e − 100) ÷ 300⌉, evenly spread from 50 mm off each end (610 gives 3).
 */
export function clipsOn(e: number): number {
  // A thousandth of a millimetre of rounding must not add a clip at 100, 200, 400, 700 …
  const length = Math.round(e * 1000) / 1000;
  if (length < 100) return 0;
  return length < 200 ? 1 : 1 + Math.ceil((length - 100) / 300);
}

/** Joints by their length, with the clips that each takes. */
interface ClippedJoints {
  segments: { length: number; count: number; clipsEach: number }[];
  clips: number;
}

/** Leveling clips of one wall, without spare: every facing length with the clips it takes. */
export function clipsFigure(tally: ClippedJoints, wanted: boolean): Figure {
  const holding = tally.segments.filter(({ clipsEach }) => clipsEach > 0);
  return {
    code: "clips",
    value: wanted ? tally.clips : 0,
    unit: "count",
    terms: holding.map(({ length, count, clipsEach }) => ({
      code: "clipsEach",
      value: length,
      unit: "mm",
      count,
      each: clipsEach,
    })),
  };
}
