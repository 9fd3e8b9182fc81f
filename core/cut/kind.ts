import { type Point, type Polygon, withoutFlatCorners } from "../geometry/polygon.ts";

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

/** A tile that loses less than this on every side is not cut, mm. */
const UNCUT_LOSS = 0.5;

/** Two ends that differ by no more than this are one straight cut, mm. */
const TAPER = 0.8;

/** Which way a ring without flat corners bends, and what its sides do. */
export interface RingShape {
  corners: Polygon;
  reflex: number[];
  slanted: boolean;
}

/** The ring's corners that matter to a saw: bends of a taper's tolerance or less are straight. */
export function ringShape(ring: Polygon): RingShape {
  const corners = withoutFlatCorners(ring, TAPER);
  const reflex: number[] = [];
  let slanted = false;
  corners.forEach((corner, k) => {
    const before = corners[(k + corners.length - 1) % corners.length] as Point;
    const after = corners[(k + 1) % corners.length] as Point;
    if (turn(before, corner, after) < 0) reflex.push(k);
    const [dx, dy] = [Math.abs(after[0] - corner[0]), Math.abs(after[1] - corner[1])];
    if (dx > TAPER && dy > TAPER) slanted = true;
  });
  return { corners, reflex, slanted };
}

function turn([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number {
  return (bx - ax) * (cy - by) - (by - ay) * (cx - bx);
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

function outlineKind(ring: Polygon, full: Polygon): CutKind {
  const { corners, reflex, slanted } = ringShape(ring);
  if (reflex.length === 0) {
    if (slanted) return "taper";
    return corners.length === 4 ? straightOrNone(corners, full) : "complex";
  }
  if (slanted) return "complex";
  if (reflex.length === 1 && corners.length === 6) return "L";
  return reflex.length === 2 && corners.length === 8 && adjacent(reflex, 8) ? "U" : "complex";
}

/** The loss is the farthest that a corner of the tile lies from the piece's nearest corner. */
function straightOrNone(corners: Polygon, full: Polygon): CutKind {
  const loss = Math.max(
    ...full.map(([x, y]) =>
      Math.min(...corners.map(([cx, cy]) => Math.max(Math.abs(cx - x), Math.abs(cy - y)))),
    ),
  );
  return loss < UNCUT_LOSS ? "none" : "straight";
}

function adjacent([first = 0, second = 0]: number[], corners: number): boolean {
  return second - first === 1 || second - first === corners - 1;
}
