import { boxOf } from "../geometry/polygon.ts";
import { heightAt } from "../geometry/profile.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Opening } from "../project/schema.ts";

/** A dish as it is bought: the outer size of its flange, mm. */
export function flangeOf({ width, height, overlap = 0 }: Opening) {
  return { width: width + 2 * overlap, height: height + 2 * overlap };
}

/** The opening in the tile for a flange that overlaps it all round, mm. */
export function openingFor(flange: { width: number; height: number }, overlap: number) {
  return { width: flange.width - 2 * overlap, height: flange.height - 2 * overlap, overlap };
}

/** Length of the prop that holds a dish until its mortar has set: base to flange, mm. */
export function propUnder(
  { measured }: { measured: MeasuredWall },
  { opening, ring }: PlacedOpening,
): number {
  const { minX, maxX, minY } = boxOf(ring);
  return minY - (opening.overlap ?? 0) - heightAt(measured.base, (minX + maxX) / 2);
}
