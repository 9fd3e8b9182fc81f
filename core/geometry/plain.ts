import { SAME_MM, SPECK_MM2 } from "../limits.ts";
import { bitten, insideOf } from "./bite.ts";
import type { Region } from "./keyhole.ts";
import {
  boxesApart,
  boxOf,
  clipHalfPlane,
  contains,
  distance,
  distanceToRing,
  edgesOf,
  isConvex,
  type Point,
  type Polygon,
  polygonArea,
} from "./polygon.ts";

/** Nearer than this to each other's edges rings touch, mm: what is left between them is no piece. */
const TOUCHING = 1e-3;

/** Points nearer than this are one, mm. */
const ONE_POINT = 1e-4;

/**
 * What two rings have in common, both counter-clockwise, as far as it is told without a clipper:
 * both convex, or crossing each other plainly. Undefined where they touch or run along each other.
 */
export function plainlyIntersect(ring: Polygon, cutter: Polygon): Region[] | undefined {
  if (boxesApart(boxOf(ring), boxOf(cutter))) return [];
  if (isConvex(ring) && isConvex(cutter)) return solid([convexCommon(ring, cutter)]);
  if (touch(ring, cutter)) return undefined;
  const crossing = insideOf(ring, cutter);
  if (crossing) return solid(crossing);
  if (contains(cutter, ring[0] as Point)) return solid([ring]);
  return contains(ring, cutter[0] as Point) ? solid([cutter]) : [];
}

/**
 * What a cutter leaves of a ring, both counter-clockwise, as far as it is told without a clipper: a
 * single edge of a convex cutter runs through a convex ring, or they cross each other plainly.
 * Undefined where they touch or run along each other.
 */
export function plainlySubtract(ring: Polygon, cutter: Polygon): Region[] | undefined {
  if (boxesApart(boxOf(ring), boxOf(cutter))) return solid([ring]);
  const behind = isConvex(ring) && isConvex(cutter) && behindOneEdge(ring, cutter);
  if (behind) return solid([behind]);
  if (touch(ring, cutter)) return undefined;
  const crossing = bitten(ring, cutter);
  if (crossing) return solid(crossing);
  if (contains(cutter, ring[0] as Point)) return [];
  if (!contains(ring, cutter[0] as Point)) return solid([ring]);
  return [{ outer: ring, holes: [[...cutter].reverse()] }];
}

/** What two convex rings have in common: the one cut straight along each edge of the other. */
function convexCommon(ring: Polygon, cutter: Polygon): Polygon {
  return withoutRepeats(edgesOf(cutter).reduce((left, edge) => cutAlong(left, edge, 1), ring));
}

/** What of a convex ring lies outside a convex cutter, where one of its edges alone parts them. */
function behindOneEdge(ring: Polygon, cutter: Polygon): Polygon | undefined {
  const common = polygonArea(convexCommon(ring, cutter));
  if (common < SPECK_MM2) return ring;
  const edge = edgesOf(cutter).find(
    (edge) => polygonArea(cutAlong(ring, edge, 1)) < common + SPECK_MM2,
  );
  return edge && withoutRepeats(cutAlong(ring, edge, -1));
}

/** What of a ring lies left of an edge, or with -1 right of it. */
function cutAlong(ring: Polygon, [a, b]: [Point, Point], side: 1 | -1): Polygon {
  const length = distance(a, b);
  if (length < SAME_MM) return ring;
  const [nx, ny] = [(side * (b[1] - a[1])) / length, (side * (a[0] - b[0])) / length];
  return clipHalfPlane(ring, nx, ny, nx * a[0] + ny * a[1]);
}

/** Whether a corner of one lies on the other, or so near that nobody could tell. */
function touch(ring: Polygon, other: Polygon): boolean {
  return (
    ring.some((corner) => distanceToRing(corner, other) < TOUCHING) ||
    other.some((corner) => distanceToRing(corner, ring) < TOUCHING)
  );
}

function withoutRepeats(ring: Polygon): Polygon {
  return ring.filter((point, k) => distance(point, ring.at(k - 1) as Point) >= ONE_POINT);
}

/** Rings that are more than a speck, as regions without holes. */
function solid(rings: Polygon[]): Region[] {
  return rings
    .filter((ring) => ring.length > 2 && polygonArea(ring) > SPECK_MM2)
    .map((outer) => ({ outer, holes: [] }));
}
