import type { CutPiece } from "../../core/cut/pieces.ts";
import { boxOf, contains, type Point } from "../../core/geometry/polygon.ts";

/**
 * The cut at a point of a wall, or the one that is nearest to it within a reach, mm: a strip of 20 mm
 * is a few px wide, and a thumb is not.
 */
export function cutAt(pieces: CutPiece[], point: Point, reach: number): CutPiece | undefined {
  const cuts = pieces.filter(({ kind }) => kind !== "none");
  const hit = cuts.find(({ ring }) => contains(ring, point));
  if (hit) return hit;
  const near = cuts
    .map((piece) => ({ piece, far: distanceTo(piece, point) }))
    .filter(({ far }) => far <= reach);
  return near.sort((p, q) => p.far - q.far)[0]?.piece;
}

/** How far a point lies outside a piece's box, mm. */
function distanceTo({ ring }: CutPiece, [x, y]: Point): number {
  const { minX, maxX, minY, maxY } = boxOf(ring);
  return Math.hypot(Math.max(minX - x, 0, x - maxX), Math.max(minY - y, 0, y - maxY));
}
