// Its engine alone: the package's front door brings offsets and triangulation, half its weight.
import { ClipType, FillRule, type PathD, type PathsD, PathType } from "clipper2-ts/dist/Core.js";
import { ClipperD, type PolyPathD, PolyTreeD } from "clipper2-ts/dist/Engine.js";
import type { Region } from "./keyhole.ts";
import { type Point, type Polygon, polygonArea, signedArea } from "./polygon.ts";

/** Decimals of a millimetre that survive clipping: a ten-thousandth, far below any cut. */
const DECIMALS = 4;

/** Rings smaller than this (mm²) are rounding left-overs of clipping and not pieces. */
const SPECK_MM2 = 0.01;

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
  const clipper = new ClipperD(DECIMALS);
  clipper.addPaths(toPaths(rings), PathType.Subject);
  if (cutters.length > 0) clipper.addPaths(toPaths(cutters), PathType.Clip);
  clipper.execute(type, FillRule.NonZero, tree);
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
