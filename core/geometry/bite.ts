import type { Point, Polygon } from "./polygon.ts";

/** Where a ring crosses a cutter: along which edge of each, and how far along the ring's. */
interface Crossing {
  edge: number;
  share: number;
  cutterEdge: number;
  at: Point;
  enters: boolean;
}

/**
 * What is left of a ring when a cutter bites into it once, both counter-clockwise: the usual hole at
 * a tile's edge, exactly. Undefined when their edges do not cross just twice, or cross in one edge
 * of the cutter: then a clipper has to tell.
 */
export function bitten(ring: Polygon, cutter: Polygon): Polygon | undefined {
  const [into, outOf] = passage(ring, cutter) ?? [];
  if (!into || !outOf) return undefined;
  return [...between(ring, outOf, into), ...backAlong(cutter, into, outOf)];
}

/**
 * What of a ring lies inside a boundary that runs through it once, both counter-clockwise: a tile at
 * a bend of the base, exactly. Undefined when their edges do not cross just twice, or cross in one
 * edge of the boundary: then a clipper has to tell.
 */
export function insideOf(ring: Polygon, boundary: Polygon): Polygon | undefined {
  const [into, outOf] = passage(ring, boundary) ?? [];
  if (!into || !outOf) return undefined;
  const chain = backAlong(boundary, into, outOf).reverse();
  return [...between(ring, into, outOf), ...chain];
}

/** Where a ring goes into a cutter and comes out of it, if it does so once. */
function passage(ring: Polygon, cutter: Polygon): [into: Crossing, outOf: Crossing] | undefined {
  const [first, second, third] = crossingsOf(ring, cutter);
  if (!first || !second || third || first.enters === second.enters) return undefined;
  if (first.cutterEdge === second.cutterEdge) return undefined;
  return first.enters ? [first, second] : [second, first];
}

function crossingsOf(ring: Polygon, cutter: Polygon): Crossing[] {
  const crossings: Crossing[] = [];
  for (let edge = 0; edge < ring.length; edge++) {
    const a = ring[edge] as Point;
    const b = ring[(edge + 1) % ring.length] as Point;
    let before = leftOf(a, b, cutter[cutter.length - 1] as Point);
    for (let k = 0; k < cutter.length; k++) {
      const side = leftOf(a, b, cutter[k] as Point);
      // Half-open on both sides, so that a line through a corner crosses once.
      if (before > 0 !== side > 0) {
        const cutterEdge = (k + cutter.length - 1) % cutter.length;
        const c = cutter[cutterEdge] as Point;
        const d = cutter[k] as Point;
        const [from, to] = [leftOf(c, d, a), leftOf(c, d, b)];
        if (from > 0 !== to > 0) {
          const share = from / (from - to);
          const at: Point = [a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1])];
          crossings.push({ edge, share, cutterEdge, at, enters: to > 0 });
        }
      }
      before = side;
    }
  }
  return crossings;
}

/** Twice the area of a triangle: positive when the point is left of the line from a to b. */
function leftOf(a: Point, b: Point, point: Point): number {
  return (b[0] - a[0]) * (point[1] - a[1]) - (b[1] - a[1]) * (point[0] - a[0]);
}

/** The ring from one crossing on to another, both ends included. */
function between(ring: Polygon, from: Crossing, to: Crossing): Point[] {
  const points: Point[] = [from.at];
  const wraps = to.edge < from.edge || (to.edge === from.edge && to.share < from.share);
  const last = to.edge + (wraps ? ring.length : 0);
  for (let k = from.edge + 1; k <= last; k++) points.push(ring[k % ring.length] as Point);
  points.push(to.at);
  return points;
}

/** The cutter's corners against its own turn, from one of its edges to another. */
function backAlong(cutter: Polygon, from: Crossing, to: Crossing): Point[] {
  const points: Point[] = [];
  for (let k = from.cutterEdge; k !== to.cutterEdge; k = (k + cutter.length - 1) % cutter.length) {
    points.push(cutter[k] as Point);
  }
  return points;
}
