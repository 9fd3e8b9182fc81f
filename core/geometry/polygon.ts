import { SAME_MM } from "../limits.ts";

/** A point or offset in millimetres: x to the right, y up. */
export type Point = readonly [x: number, y: number];

/** A closed ring of points, counter-clockwise when it bounds an area; the first is not repeated. */
export type Polygon = readonly Point[];

/** An axis-aligned rectangle. */
export interface Box {
  minX: number;
  minY: number;
  maxX: number;
  maxY: number;
}

/** Signed area in mm²: positive when the ring runs counter-clockwise. */
export function signedArea(ring: Polygon): number {
  let doubled = 0;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [a, b] = [ring[j] as Point, ring[i] as Point];
    doubled += a[0] * b[1] - b[0] * a[1];
  }
  return doubled / 2;
}

/** Area in mm², whichever way the ring runs. */
export function polygonArea(ring: Polygon): number {
  return Math.abs(signedArea(ring));
}

/** Length of the ring in mm. */
export function perimeter(ring: Polygon): number {
  return edgesOf(ring).reduce((sum, [a, b]) => sum + distance(a, b), 0);
}

/*
 * boxOf, translate, distanceToSegment, contains and withoutFlatCorners run for every cut piece.
 * They read coordinates by index: destructuring the points took three times as long.
 */

/** The smallest box around one or several rings; infinite and empty for no points. */
export function boxOf(...rings: Polygon[]): Box {
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity };
  for (const ring of rings) {
    for (let i = 0; i < ring.length; i++) {
      const point = ring[i] as Point;
      if (point[0] < box.minX) box.minX = point[0];
      if (point[0] > box.maxX) box.maxX = point[0];
      if (point[1] < box.minY) box.minY = point[1];
      if (point[1] > box.maxY) box.maxY = point[1];
    }
  }
  return box;
}

/** The box around a circle. */
export function boxRound([x, y]: Point, radius: number): Box {
  return { minX: x - radius, minY: y - radius, maxX: x + radius, maxY: y + radius };
}

/** A rectangle as a counter-clockwise ring from its lower left corner. */
export function rectangle(x: number, y: number, width: number, height: number): Polygon {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ];
}

/** Every edge of a ring as a pair of points, in order. */
export function edgesOf(ring: Polygon): [Point, Point][] {
  return ring.map((point, i) => [point, ring[(i + 1) % ring.length] as Point]);
}

/** The ring moved by an offset. */
export function translate(ring: Polygon, offset: Point): Polygon {
  return ring.map((point) => [point[0] + offset[0], point[1] + offset[1]]);
}

/** Distance between two points in mm. */
export function distance(a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  // Twenty times as quick as Math.hypot, which guards against sizes that no wall has.
  return Math.sqrt(dx * dx + dy * dy);
}

/** Distance from a point to a segment in mm. */
export function distanceToSegment(p: Point, a: Point, b: Point): number {
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const lengthSquared = dx * dx + dy * dy;
  const along = lengthSquared === 0 ? 0 : ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / lengthSquared;
  const t = Math.min(1, Math.max(0, along));
  const offX = p[0] - a[0] - t * dx;
  const offY = p[1] - a[1] - t * dy;
  return Math.sqrt(offX * offX + offY * offY);
}

/** Distance from a point to the nearest edge of a ring in mm. */
export function distanceToRing(p: Point, ring: Polygon): number {
  let nearest = Infinity;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    nearest = Math.min(nearest, distanceToSegment(p, ring[j] as Point, ring[i] as Point));
  }
  return nearest;
}

/** Whether a point lies inside a ring (even-odd rule); points on the ring may fall either way. */
export function contains(ring: Polygon, point: Point): boolean {
  let inside = false;
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[i] as Point;
    const b = ring[j] as Point;
    if (a[1] > point[1] === b[1] > point[1]) continue;
    if (point[0] < ((b[0] - a[0]) * (point[1] - a[1])) / (b[1] - a[1]) + a[0]) inside = !inside;
  }
  return inside;
}

/** Whether two boxes have no area in common. */
export function boxesApart(a: Box, b: Box): boolean {
  return a.maxX <= b.minX || b.maxX <= a.minX || a.maxY <= b.minY || b.maxY <= a.minY;
}

/** Whether a ring lies inside another: all its corners do, and no edges cross. */
export function ringInside(inner: Polygon, outer: Polygon): boolean {
  for (const corner of inner) if (!contains(outer, corner)) return false;
  for (let i = 0, j = inner.length - 1; i < inner.length; j = i++) {
    if (crossesRing(inner[j] as Point, inner[i] as Point, outer)) return false;
  }
  return true;
}

function crossesRing(a: Point, b: Point, ring: Polygon): boolean {
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [c, d] = [ring[j] as Point, ring[i] as Point];
    if (turnAt(a, b, c) * turnAt(a, b, d) < 0 && turnAt(c, d, a) * turnAt(c, d, b) < 0) return true;
  }
  return false;
}

/** Twice the area of a triangle: positive when r lies left of the line from p to q. */
function turnAt(p: Point, q: Point, r: Point): number {
  return (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
}

/** Whether a counter-clockwise ring never turns to the right by more than rounding does. */
export function isConvex(ring: Polygon): boolean {
  const { length } = ring;
  for (let i = 0; i < length; i++) {
    const [p, q] = [ring[i] as Point, ring[(i + 1) % length] as Point];
    const turn = turnAt(p, q, ring[(i + 2) % length] as Point);
    if (turn < -SAME_MM * distance(p, q)) return false;
  }
  return true;
}

/** The smallest convex ring round points, counter-clockwise from the lowest of the leftmost. */
export function convexHull(points: Polygon): Polygon {
  const sorted = [...points].sort((p, q) => p[0] - q[0] || p[1] - q[1]);
  const chain = (run: Polygon) => {
    const hull: Point[] = [];
    for (const point of run) {
      while (hull.length > 1 && turnAt(hull.at(-2) as Point, hull.at(-1) as Point, point) <= 0) {
        hull.pop();
      }
      hull.push(point);
    }
    return hull.slice(0, -1);
  };
  return [...chain(sorted), ...chain([...sorted].reverse())];
}

/**
 * A circle as a ring whose area is exactly πr²: the corners lie a little outside the true circle
 * and the sides a little inside, so that field areas and joint areas stay conserved.
 */
export function circleRing([cx, cy]: Point, diameter: number, sides = CIRCLE_SIDES): Polygon {
  const corners = sides === CIRCLE_SIDES ? CIRCLE : unitCircle(sides);
  return corners.map(([x, y]) => [cx + (diameter / 2) * x, cy + (diameter / 2) * y]);
}

const CIRCLE_SIDES = 72;

/** Worked out once: a plan asks for the same circle at every hole. */
const CIRCLE = unitCircle(CIRCLE_SIDES);

function unitCircle(sides: number): Polygon {
  const step = (2 * Math.PI) / sides;
  const radius = Math.sqrt(step / Math.sin(step));
  return Array.from({ length: sides }, (_, i) => [
    radius * Math.cos(i * step),
    radius * Math.sin(i * step),
  ]);
}

/**
 * The ring without repeated points and without corners that bend by less than `tolerance` mm
 * from the line through their neighbours, but for those that are to be kept.
 */
export function withoutFlatCorners(
  ring: Polygon,
  tolerance: number,
  isKept: (before: Point, corner: Point, after: Point) => boolean = () => false,
): Polygon {
  const points = [...ring];
  let kept = 0;
  for (let i = 0; points.length > 3 && kept < points.length; ) {
    const before = points[(i + points.length - 1) % points.length] as Point;
    const after = points[(i + 1) % points.length] as Point;
    const corner = points[i] as Point;
    const isFlat = distanceToSegment(corner, before, after) <= tolerance;
    if (isFlat && !isKept(before, corner, after)) {
      points.splice(i, 1);
      kept = 0;
      i = (i + points.length - 1) % points.length;
    } else {
      kept++;
      i = (i + 1) % points.length;
    }
  }
  return points;
}

/** The part of a ring where `nx·x + ny·y ≤ limit`. Exact for convex rings; empty when nothing is left. */
export function clipHalfPlane(ring: Polygon, nx: number, ny: number, limit: number): Polygon {
  const kept: Point[] = [];
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [from, to] = [ring[j] as Point, ring[i] as Point];
    const fromOver = nx * from[0] + ny * from[1] - limit;
    const toOver = nx * to[0] + ny * to[1] - limit;
    if (fromOver > 0 !== toOver > 0) {
      const t = fromOver / (fromOver - toOver);
      kept.push([from[0] + t * (to[0] - from[0]), from[1] + t * (to[1] - from[1])]);
    }
    if (toOver <= 0) kept.push(to);
  }
  return kept.length >= 3 ? kept : [];
}
