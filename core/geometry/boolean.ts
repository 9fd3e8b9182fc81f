import {
  booleanOpDWithPolyTree,
  ClipType,
  FillRule,
  type PathD,
  type PathsD,
  type PolyPathD,
  PolyTreeD,
} from "clipper2-ts";
import { distance, type Point, type Polygon, polygonArea, signedArea } from "./polygon.ts";

/** Decimals of a millimetre that survive clipping: a ten-thousandth, far below any cut. */
const DECIMALS = 4;

/** Rings smaller than this (mm²) are rounding left-overs of clipping and not pieces. */
const SPECK_MM2 = 0.01;

/** A connected region: its outer ring (counter-clockwise) and the holes in it (clockwise). */
export interface Region {
  outer: Polygon;
  holes: Polygon[];
}

/** What two sets of rings have in common. */
export function intersect(subject: Polygon[], clip: Polygon[]): Region[] {
  return clipRegions(ClipType.Intersection, subject, clip);
}

/** What is left of the subject rings when the clip rings are taken away. */
export function subtract(subject: Polygon[], clip: Polygon[]): Region[] {
  return clipRegions(ClipType.Difference, subject, clip);
}

/** All rings merged into regions that do not overlap. */
export function unite(rings: Polygon[]): Region[] {
  return clipRegions(ClipType.Union, rings, []);
}

/** Area of a region in mm², its holes taken off. */
export function regionArea({ outer, holes }: Region): number {
  return polygonArea(outer) - holes.reduce((sum, hole) => sum + polygonArea(hole), 0);
}

function clipRegions(type: ClipType, subject: Polygon[], clip: Polygon[]): Region[] {
  // A wall without width has a ring without corners, which the clipper cannot read.
  const [rings, cutters] = [subject, clip].map((all) => all.filter(({ length }) => length > 2)) as [
    Polygon[],
    Polygon[],
  ];
  if (rings.length === 0) return [];
  const tree = new PolyTreeD();
  const clipPaths = cutters.length === 0 ? null : toPaths(cutters);
  booleanOpDWithPolyTree(type, toPaths(rings), clipPaths, tree, FillRule.NonZero, DECIMALS);
  const regions: Region[] = [];
  for (let i = 0; i < tree.count; i++) collectRegions(tree.child(i), regions);
  return regions;
}

function collectRegions(node: PolyPathD, into: Region[]): void {
  const outer = orient(fromPath(node.poly), 1);
  const holes: Polygon[] = [];
  for (let i = 0; i < node.count; i++) {
    const hole = node.child(i);
    const ring = orient(fromPath(hole.poly), -1);
    if (polygonArea(ring) > SPECK_MM2) holes.push(ring);
    for (let k = 0; k < hole.count; k++) collectRegions(hole.child(k), into);
  }
  if (polygonArea(outer) > SPECK_MM2) into.push({ outer, holes });
}

function orient(ring: Polygon, sign: 1 | -1): Polygon {
  return Math.sign(signedArea(ring)) === sign ? ring : [...ring].reverse();
}

function toPaths(rings: Polygon[]): PathsD {
  return rings.map((ring) => orient(ring, 1).map(([x, y]) => ({ x, y, z: 0 })));
}

function fromPath(path: PathD | null): Polygon {
  return (path ?? []).map(({ x, y }): Point => [x, y]);
}

/**
 * A region as one ring: each hole is joined to the outer ring by a bridge that runs out and back
 * along the same line, so that the ring's shoelace area is the region's area.
 */
export function keyholeRing({ outer, holes }: Region): Polygon {
  let ring = outer;
  for (const hole of holes) ring = bridgeHole(ring, hole);
  return ring;
}

function bridgeHole(ring: Polygon, hole: Polygon): Polygon {
  let best = { at: 0, from: 0, gap: Infinity };
  for (let at = 0; at < ring.length; at++) {
    for (let from = 0; from < hole.length; from++) {
      const gap = distance(ring[at] as Point, hole[from] as Point);
      if (gap < best.gap) best = { at, from, gap };
    }
  }
  const loop = [...hole.slice(best.from), ...hole.slice(0, best.from + 1)];
  return [
    ...ring.slice(0, best.at + 1),
    ...loop,
    ring[best.at] as Point,
    ...ring.slice(best.at + 1),
  ];
}

/** Fewest corners of a ring with a hole: a triangle in a triangle, and both ends of the bridge again. */
const LEAST_KEYHOLE = 8;

/** The region that a ring with bridges stands for; a ring without any is its own outline. */
export function openKeyhole(ring: Polygon): Region {
  if (ring.length < LEAST_KEYHOLE) return { outer: ring, holes: [] };
  const isSame = (p: number, q: number) =>
    ring[p]?.[0] === ring[q]?.[0] && ring[p]?.[1] === ring[q]?.[1];
  for (let out = 0; out < ring.length; out++) {
    for (let back = out + 5; back < ring.length; back++) {
      if (!isSame(out, back) || !isSame(out + 1, back - 1)) continue;
      const within = openKeyhole(ring.slice(out + 1, back - 1));
      const { outer, holes } = openKeyhole([...ring.slice(0, out), ...ring.slice(back)]);
      return { outer, holes: [within.outer, ...within.holes, ...holes] };
    }
  }
  return { outer: ring, holes: [] };
}
