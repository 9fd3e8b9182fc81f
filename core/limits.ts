/**
 * Tolerances and thresholds of the trade and of the arithmetic, each once, with where it comes from.
 */

/** Lengths nearer to each other than this are the same, mm, and so are shares of lengths: far less than any tape, far more than sums lose. */
export const SAME_MM = 1e-6;

/** Counts, shares and sums nearer than this are the same: 100 × 1.05 is no more than 105. */
export const SAME_SUM = 1e-9;

/** What is left smaller than this in width or height is a joint that runs wide and not a piece, mm. */
export const LEAST_PIECE = 0.5;

/** Regions smaller than this are what rounding leaves of clipping, mm². */
export const SPECK_MM2 = 0.01;

/** A tile that loses less than this at its edges and corners is no cut one, mm. */
export const UNCUT_LOSS = 0.5;

/** Ends of a piece that differ by no more than this are alike: it is straight, mm. */
export const TAPER_SHOWN = 0.8;

/** A side of a piece within this of the tile's own is a factory edge, mm. */
export const FACTORY_EDGE = 0.05;

/** No joint of this trade is narrower, mm: 1/16 in. */
export const LEAST_JOINT = 1.5875;

/**
 * A tile with a side of this is large, mm (15 in nominal): it wants flatter walls, wider joints when
 * it is offset, and no ready-mixed adhesive. Trade standard for joints, offsets and flatness.
 */
export const LARGE_SIDE = 381;

/** Strips narrower than this break on the cutter, mm. Trade practice. */
export const THIN_STRIP = 12;

/** Tongues of L and U cuts narrower than this snap, mm. Trade practice. */
export const WEAK_TONGUE = 20;

/** A hole needs this much tile to the nearest edge, mm. Trade practice. */
export const HOLE_EDGE = 15;

/** Remainder that is never negative. */
export function mod(value: number, module: number): number {
  const rest = value % module;
  return rest < 0 ? rest + module : rest;
}
