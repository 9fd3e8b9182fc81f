/**
 * Tolerances and thresholds of the trade and of the arithmetic, each once, with where it comes from.
 */

/** What is left smaller than this in width or height is a joint that runs wide and not a piece, mm. */
export const LEAST_PIECE = 0.5;

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
