// Its engine alone: the package's front door brings offsets and triangulation, half its weight.
import { ClipType, FillRule, type PathD, type PathsD, PathType } from "clipper2-ts/dist/Core.js";
import { ClipperD, type PolyPathD, PolyTreeD } from "clipper2-ts/dist/Engine.js";
import { SPECK_MM2 } from "../limits.ts";
import type { Clipper } from "./boolean.ts";
import type { Region } from "./keyhole.ts";
import { type Point, type Polygon, polygonArea, signedArea } from "./polygon.ts";

/** Decimals of a millimetre that survive clipping: a ten-thousandth, far below any cut. */
const DECIMALS = 4;

const TYPES = {
  intersect: ClipType.Intersection,
  subtract: ClipType.Difference,
  unite: ClipType.Union,
};

/** Clips rings of any kind, whichever way they run. */
export const clipRings: Clipper = (operation, rings, cutters) => {
  const tree = new PolyTreeD();
  const clipper = new ClipperD(DECIMALS);
  clipper.addPaths(toPaths(rings), PathType.Subject);
  if (cutters.length > 0) clipper.addPaths(toPaths(cutters), PathType.Clip);
  clipper.execute(TYPES[operation], FillRule.NonZero, tree);
  const regions: Region[] = [];
  for (let i = 0; i < tree.count; i++) collectRegions(tree.child(i), regions);
  return regions;
};

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
