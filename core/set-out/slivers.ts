/** The sliver limit of a job: a share of the tile, or 50 mm. */
export type SliverRule = "half" | "third" | "50mm";

const SLIVER_SHARE = { half: 1 / 2, third: 1 / 3 };

/**
 * Whether a cut of size c from a tile of size t is a sliver:
 * c + joint < share × (t + joint) − 0.5, so that a bond's own natural thirds and halves pass;
 * in the 50 mm school, c < 50. Trade practice.
 */
export function isSliver(size: number, tile: number, joint: number, rule: SliverRule): boolean {
  if (size > tile - 0.5) return false;
  if (rule === "50mm") return size < 50;
  return size + joint < SLIVER_SHARE[rule] * (tile + joint) - 0.5;
}

/** The width or height below which a cut is a sliver, mm. */
export function sliverLimit(tile: number, joint: number, rule: SliverRule): number {
  return rule === "50mm" ? 50 : SLIVER_SHARE[rule] * (tile + joint) - 0.5 - joint;
}
