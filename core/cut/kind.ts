import {
  distance,
  distanceToRing,
  distanceToSegment,
  edgesOf,
  type Point,
  type Polygon,
  withoutFlatCorners,
} from "../geometry/polygon.ts";
import { isRectangle } from "../geometry/rectangle.ts";
import { SAME_MM, TAPER_SHOWN, UNCUT_LOSS } from "../limits.ts";
import { isUncut } from "./loss.ts";

/** Kinds of cut, as the definitions of the plan name them. */
export const CUT_KINDS = [
  "none",
  "straight",
  "L",
  "U",
  "notch",
  "hole",
  "taper",
  "diagonal",
  "complex",
] as const;

export type CutKind = (typeof CUT_KINDS)[number];

/** Which way a ring without flat corners bends, and what its sides do. */
export interface RingShape {
  corners: Polygon;
  reflex: number[];
  slanted: boolean;
}

/**
 * The ring's corners that matter to a saw: bends of a taper's tolerance or less are straight, the
 * square corners of a narrow piece or a short arm are none of them.
 */
export function ringShape(ring: Polygon): RingShape {
  const corners = withoutFlatCorners(ring, TAPER_SHOWN, isSquareCorner);
  const reflex: number[] = [];
  let slanted = false;
  corners.forEach((corner, k) => {
    const before = corners[(k + corners.length - 1) % corners.length] as Point;
    const after = corners[(k + 1) % corners.length] as Point;
    if (turn(before, corner, after) < 0) reflex.push(k);
    const across = Math.abs(after[0] - corner[0]);
    const up = Math.abs(after[1] - corner[1]);
    if (across > TAPER_SHOWN && up > TAPER_SHOWN) slanted = true;
  });
  return { corners, reflex, slanted };
}

/** Two sides of a piece meet at a right angle when they are no further off it than this (cosine). */
const RIGHT = 0.1;

function isSquareCorner(before: Point, corner: Point, after: Point): boolean {
  const [ax, ay] = [corner[0] - before[0], corner[1] - before[1]];
  const [bx, by] = [after[0] - corner[0], after[1] - corner[1]];
  const [a, b] = [Math.hypot(ax, ay), Math.hypot(bx, by)];
  return Math.min(a, b) >= UNCUT_LOSS && Math.abs(ax * bx + ay * by) <= RIGHT * a * b;
}

function turn(a: Point, b: Point, c: Point): number {
  return (b[0] - a[0]) * (c[1] - b[1]) - (b[1] - a[1]) * (c[0] - b[0]);
}

/**
 * The kind of cut that makes `ring` (round notches not yet taken out) from the whole tile `full`.
 * Two different features in one piece make it complex.
 */
export function cutKind(
  ring: Polygon,
  full: Polygon,
  round: { notched: boolean; holes: number },
): CutKind {
  const outline = outlineKind(ring, full);
  const features = new Set<CutKind>();
  if (outline !== "none" && outline !== "straight") features.add(outline);
  if (round.notched) features.add("notch");
  if (round.holes > 0) features.add("hole");
  const [feature] = features;
  if (feature === undefined) return outline;
  return features.size > 1 ? "complex" : feature;
}

/** A ring turned so that its tile's first side is level: a tile's own frame. */
export function inTileFrame(ring: Polygon, full: Polygon): Polygon {
  const [[x0, y0], [x1, y1]] = [full[0] ?? [0, 0], full[1] ?? [1, 0]];
  if (y0 === y1 && x1 > x0) return ring;
  const length = Math.hypot(x1 - x0, y1 - y0);
  const [cosine, sine] = [(x1 - x0) / length, (y1 - y0) / length];
  if (Math.abs(sine) < SAME_MM && cosine > 0) return ring;
  return ring.map(([x, y]): Point => [x * cosine + y * sine, y * cosine - x * sine]);
}

function outlineKind(ring: Polygon, full: Polygon): CutKind {
  const [own, tile] = [inTileFrame(ring, full), inTileFrame(full, full)];
  if (!isRectangle(tile)) return otherKind(own, tile);
  const kind = rectangleKind(own, tile);
  // A tile that lies turned is cut across its own sides: at the pattern's angle.
  return kind === "taper" && own !== ring ? "diagonal" : kind;
}

/** Tiles that are no rectangles: one side fewer is still one cut of the saw. */
function otherKind(ring: Polygon, full: Polygon): CutKind {
  if (isUncut(ring, full)) return "none";
  const oneLine = ringShape(ring).reflex.length === 0 || isOneCut(ring, full);
  return oneLine ? "straight" : "complex";
}

/** Whether everything that a tile lost lies behind one straight line. */
function isOneCut(ring: Polygon, full: Polygon): boolean {
  const ends = edgesOf(ring)
    .filter(([a, b]) => {
      const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
      return distanceToRing(middle, full) > TAPER_SHOWN / 2;
    })
    .flat();
  const [first] = ends;
  if (!first) return false;
  const last = ends.reduce((far, p) => (distance(first, p) > distance(first, far) ? p : far));
  return ends.every((p) => distanceToSegment(p, first, last) <= TAPER_SHOWN / 2);
}

function rectangleKind(ring: Polygon, full: Polygon): CutKind {
  if (isUncut(ring, full)) return "none";
  const { corners, reflex, slanted } = ringShape(ring);
  if (reflex.length === 0) return slanted ? "taper" : "straight";
  if (slanted) return "complex";
  if (reflex.length === 1 && corners.length === 6) return "L";
  return reflex.length === 2 && corners.length === 8 && adjacent(reflex, 8) ? "U" : "complex";
}

function adjacent([first = 0, second = 0]: number[], corners: number): boolean {
  return second - first === 1 || second - first === corners - 1;
}
