import type { Point, Polygon } from "./polygon.ts";

/** Where something stands on a ring: on which edge, and how far along it. */
export interface OnRing {
  edge: number;
  share: number;
}

/** Where a ring crosses a cutter. */
interface Crossing {
  onRing: OnRing;
  onCutter: OnRing;
  at: Point;
  enters: boolean;
}

/**
 * What is left of a ring when a cutter bites into it, once or more often, both counter-clockwise:
 * the usual hole at a tile's edge, exactly. Undefined where their edges do not cross, or so that
 * they seem to go in twice on end: then others have to tell.
 */
export function bitten(ring: Polygon, cutter: Polygon): Polygon[] | undefined {
  return parts(ring, cutter, false);
}

/**
 * What of a ring lies inside a boundary that runs through it, once or more often, both
 * counter-clockwise: a tile at a bend of the base, exactly. Undefined as for a bite.
 */
export function insideOf(ring: Polygon, boundary: Polygon): Polygon[] | undefined {
  return parts(ring, boundary, true);
}

/**
 * The parts of a ring on one side of a cutter: along the ring while it is on that side, along the
 * cutter from where the ring leaves it to where the ring comes back.
 */
function parts(ring: Polygon, cutter: Polygon, inside: boolean): Polygon[] | undefined {
  const crossings = crossingsOf(ring, cutter);
  const along = [...crossings].sort((p, q) => inOrder(p.onRing, q.onRing));
  const across = [...crossings].sort((p, q) => inOrder(p.onCutter, q.onCutter));
  if (along.length === 0 || !takesTurns(along) || !takesTurns(across)) return undefined;
  const starts = new Set(along.filter(({ enters }) => enters === inside));
  const found: Polygon[] = [];
  for (const start of starts) {
    const points: Point[] = [];
    for (let from = start; starts.delete(from); ) {
      const to = neighbour(along, from, 1);
      points.push(from.at, ...cornersBetween(ring, from.onRing, to.onRing), to.at);
      from = neighbour(across, to, inside ? 1 : -1);
      points.push(
        ...(inside
          ? cornersBetween(cutter, to.onCutter, from.onCutter)
          : cornersBetween(cutter, from.onCutter, to.onCutter).reverse()),
      );
    }
    found.push(points);
  }
  return found;
}

function inOrder(p: OnRing, q: OnRing): number {
  return p.edge - q.edge || p.share - q.share;
}

/** Whether a line goes in and comes out in turn, as it must. */
function takesTurns(crossings: Crossing[]): boolean {
  return crossings.every(({ enters }, k) => enters !== crossings.at(k - 1)?.enters);
}

/** The crossing that follows another, or stands before it. */
function neighbour(crossings: Crossing[], one: Crossing, step: 1 | -1): Crossing {
  return crossings.at((crossings.indexOf(one) + step) % crossings.length) as Crossing;
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
          crossings.push({
            onRing: { edge, share },
            onCutter: { edge: cutterEdge, share: before / (before - side) },
            at,
            enters: to > 0,
          });
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

/** The corners of a ring from one place on it to another, on with its turn. */
export function cornersBetween(ring: Polygon, from: OnRing, to: OnRing): Point[] {
  const wraps = to.edge < from.edge || (to.edge === from.edge && to.share < from.share);
  const last = to.edge + (wraps ? ring.length : 0);
  const corners: Point[] = [];
  for (let k = from.edge + 1; k <= last; k++) corners.push(ring[k % ring.length] as Point);
  return corners;
}
