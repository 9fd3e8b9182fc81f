import { SAME_MM } from "../limits.ts";
import type { Box, Point, Polygon } from "./polygon.ts";

/** Whether a ring is an upright rectangle. */
export function isRectangle(ring: Polygon): boolean {
  if (ring.length !== 4) return false;
  for (let k = 0; k < 4; k++) {
    const [a, b] = [ring[k] as Point, ring[(k + 1) % 4] as Point];
    if (Math.abs(b[0] - a[0]) >= SAME_MM && Math.abs(b[1] - a[1]) >= SAME_MM) return false;
  }
  return true;
}

/** A side that the hole passes or leaves less than this of is open, mm: far below any cut. */
const HAIR = 1e-3;

/**
 * What is left of an upright rectangle when another is taken out of it: an L, a U, one strip, two,
 * or nothing. Undefined when the hole opens at no side, since that is no single ring.
 */
export function rectangleWithout(whole: Box, hole: Box): Polygon[] | undefined {
  const bottom = hole.minY < whole.minY + HAIR;
  const right = hole.maxX > whole.maxX - HAIR;
  const top = hole.maxY > whole.maxY - HAIR;
  const left = hole.minX < whole.minX + HAIR;
  const [low, high] = [bottom ? whole.minY : hole.minY, top ? whole.maxY : hole.maxY];
  const [near, far] = [left ? whole.minX : hole.minX, right ? whole.maxX : hole.maxX];
  const strips: Polygon[] = [];
  if (left && right) {
    if (!bottom) strips.push(corners({ ...whole, maxY: low }));
    if (!top) strips.push(corners({ ...whole, minY: high }));
    return strips;
  }
  if (bottom && top) {
    if (!left) strips.push(corners({ ...whole, maxX: near }));
    if (!right) strips.push(corners({ ...whole, minX: far }));
    return strips;
  }
  if (!bottom && !right && !top && !left) return undefined;
  const taken = corners({ minX: near, minY: low, maxX: far, maxY: high });
  return [roundHole(corners(whole), taken, [bottom, right, top, left])];
}

/** The ring round a hole that opens at one side or at two that meet; sides follow their corners. */
function roundHole(whole: Polygon, hole: Polygon, open: boolean[]): Polygon {
  const ring: Point[] = [];
  whole.forEach((corner, k) => {
    // Against the ring's own turn: from where it meets the hole to where it leaves it.
    const into = (...from: number[]) => ring.push(...from.map((n) => hole[(k + n) % 4] as Point));
    if (open[k] && open[(k + 3) % 4]) into(3, 2, 1);
    else ring.push(corner);
    if (open[k] && !open[(k + 1) % 4] && !open[(k + 3) % 4]) into(0, 3, 2, 1);
  });
  return ring;
}

/** The corners of a box from its lower left one, counter-clockwise. */
function corners({ minX, minY, maxX, maxY }: Box): Polygon {
  return [
    [minX, minY],
    [maxX, minY],
    [maxX, maxY],
    [minX, maxY],
  ];
}
