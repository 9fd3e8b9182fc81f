import { cornersBetween, type OnRing } from "../geometry/bite.ts";
import { subtract } from "../geometry/boolean.ts";
import {
  contains,
  distance,
  distanceToRing,
  distanceToSegment,
  edgesOf,
  type Point,
  type Polygon,
  perimeter,
  polygonArea,
} from "../geometry/polygon.ts";
import { SAME_SUM, UNCUT_LOSS } from "../limits.ts";

/** Points nearer than this to a tile's edge or corner lie on it, mm: clipping rounds to less. */
const ON_RING = 2e-3;

/**
 * How deep what `ring` lost of the convex `full` goes in, mm, at its deepest: at right angles to the
 * tile's edge, or along the bisector of the one corner that is lost, whichever is less (definition of
 * the plan). Told to a few thousandths of a millimetre; 0 where nothing is lost.
 */
export function lossDepth(ring: Polygon, full: Polygon): number {
  const lost = lostParts(ring, full) ?? subtract([full], [ring]).map(({ outer }) => outer);
  return Math.max(0, ...lost.map((part) => depthOf(part, full)));
}

/**
 * What a tile lost behind each cut that runs from its edge to its edge; undefined where it does not
 * add up, as with a piece that has no edge of the tile left.
 */
function lostParts(ring: Polygon, full: Polygon): Polygon[] | undefined {
  const edges = edgesOf(ring);
  const isCut = edges.map(
    ([[ax, ay], [bx, by]]) => distanceToRing([(ax + bx) / 2, (ay + by) / 2], full) >= ON_RING,
  );
  const starts = edges.flatMap((_, k) => (isCut[k] && !isCut.at(k - 1) ? [k] : []));
  const parts = starts.map((start) => {
    const chain: Point[] = [ring[start] as Point];
    for (let k = start; isCut[k % edges.length]; k++)
      chain.push((edges[k % edges.length] as [Point, Point])[1]);
    const [from, to] = [chain[0] as Point, chain.at(-1) as Point];
    const corners = cornersBetween(full, placeOn(full, from), placeOn(full, to));
    return [from, ...corners, ...chain.slice(1).reverse()];
  });
  const lost = parts.reduce((sum, part) => sum + polygonArea(part), 0);
  const unsure = ON_RING * perimeter(full);
  return Math.abs(polygonArea(full) - polygonArea(ring) - lost) < unsure ? parts : undefined;
}

/** Where a point stands on a ring that it lies on. */
function placeOn(ring: Polygon, [x, y]: Point): OnRing {
  const gaps = edgesOf(ring).map(([a, b]) => distanceToSegment([x, y], a, b));
  const edge = gaps.indexOf(Math.min(...gaps));
  const [a, b] = [ring[edge] as Point, ring[(edge + 1) % ring.length] as Point];
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  return { edge, share: ((x - a[0]) * dx + (y - a[1]) * dy) / (dx * dx + dy * dy) };
}

/** Whether a tile loses too little to count as cut. The usual cuts are deep and told without clipping. */
export function isUncut(ring: Polygon, full: Polygon): boolean {
  if (ring === full) return true;
  return !clearlyCut(ring, full) && lossDepth(ring, full) < UNCUT_LOSS;
}

/** A corner this far from all that is left is lost by more than the limit, even where it is sharp. */
const FAR_CORNER = 2 * UNCUT_LOSS;

/** A corner that is far from what is left, or a corner of what is left deep inside. */
function clearlyCut(ring: Polygon, full: Polygon): boolean {
  for (const corner of full) if (distanceToRing(corner, ring) >= FAR_CORNER) return true;
  for (const corner of ring) {
    if (contains(full, corner) && distanceToRing(corner, full) >= UNCUT_LOSS) return true;
  }
  return false;
}

/** How deep one lost part goes: the shallowest way to see it from an edge or corner that it is at. */
function depthOf(part: Polygon, full: Polygon): number {
  const edges = edgesOf(full).filter(([a, b]) => touches(part, a, b));
  const across = edges.map(([a, b]) => Math.max(...part.map((point) => fromLine(point, a, b))));
  const corners = full.filter((corner) => part.some((point) => distance(point, corner) < ON_RING));
  const [tip] = corners;
  const along = tip && corners.length === 1 ? [alongBisector(part, tip, full)] : [];
  return Math.min(...across, ...along, Number.MAX_VALUE);
}

/** Whether a part lies along a stretch of an edge, and not only at its end. */
function touches(part: Polygon, a: Point, b: Point): boolean {
  const on = part.filter((point) => distanceToSegment(point, a, b) < ON_RING);
  return on.some((p) => on.some((q) => distance(p, q) > ON_RING));
}

function fromLine([x, y]: Point, a: Point, b: Point): number {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  return Math.abs((x - a[0]) * dy - (y - a[1]) * dx) / Math.hypot(dx, dy);
}

/** How far the bisector of a corner runs before it leaves the lost part. */
function alongBisector(part: Polygon, corner: Point, full: Polygon): number {
  const k = full.indexOf(corner);
  const unit = (to: Point): Point => {
    const length = distance(corner, to);
    return [(to[0] - corner[0]) / length, (to[1] - corner[1]) / length];
  };
  const before = unit(full[(k + full.length - 1) % full.length] as Point);
  const after = unit(full[(k + 1) % full.length] as Point);
  const [ux, uy] = unit([corner[0] + before[0] + after[0], corner[1] + before[1] + after[1]]);
  const crossings = edgesOf(part).flatMap(([a, b]) => {
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const determinant = ux * dy - uy * dx;
    if (Math.abs(determinant) < 1e-12) return [];
    const [ax, ay] = [a[0] - corner[0], a[1] - corner[1]];
    const far = (ax * dy - ay * dx) / determinant;
    const share = (ax * uy - ay * ux) / determinant;
    return far > ON_RING && share >= -SAME_SUM && share <= 1 + SAME_SUM ? [far] : [];
  });
  return crossings.length === 0 ? 0 : Math.min(...crossings);
}
