import {
  boxOf,
  distanceToSegment,
  type Point,
  type Polygon,
  polygonArea,
} from "../geometry/polygon.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import type { FieldSide, RegionEdge } from "../set-out/region.ts";
import { isSliver, type SliverRule } from "../set-out/slivers.ts";
import type { EdgePiece } from "./pieces.ts";

/** The sides that carry a cut flag. */
export const FLAG_SIDES = ["left", "right", "top", "bottom"] as const;

export type FlagSide = (typeof FLAG_SIDES)[number];

/** One piece at a side of the field, measured across that side, mm. */
export interface SideRow {
  course: number;
  column: number;
  size: number;
  /** The two ends of a tapered piece: bottom and top for a side, left and right otherwise. */
  ends: [number, number];
  cut: boolean;
  sliver: boolean;
}

/** The smallest piece at a side over all courses, openings ignored, and every row behind it. */
export interface CutFlag {
  side: FlagSide;
  size: number;
  cut: boolean;
  sliver: boolean;
  rows: SideRow[];
}

/** The flags of a wall: for each side, the pieces that stand within a joint of it. */
export function cutFlags(
  cell: PatternCell,
  edges: RegionEdge[],
  pieces: EdgePiece[],
  rule: SliverRule = DEFAULTS.sliver,
): CutFlag[] {
  return FLAG_SIDES.flatMap((side) => {
    const sideEdges = edges.filter(({ of }) => of.kind === "boundary" && belongs(of.side, side));
    const rows = pieces
      .filter((piece) => standsAt(piece.ring, sideEdges, cell.joint))
      .map((piece) => sideRow(piece, side, cell, rule))
      .sort((p, q) => p.course - q.course || p.column - q.column);
    const smallest = rows.reduce<SideRow | undefined>(
      (least, row) => (least === undefined || row.size < least.size ? row : least),
      undefined,
    );
    if (!smallest) return [];
    const { size, cut } = smallest;
    return [{ side, size, cut, sliver: rows.some((row) => row.sliver), rows }];
  });
}

/** The floor under a leg counts with the base; the tub front carries no flag. */
function belongs(edge: FieldSide, side: FlagSide): boolean {
  return edge === side || (edge === "floor" && side === "bottom");
}

function standsAt(ring: Polygon, edges: RegionEdge[], joint: number): boolean {
  const reach = joint + 0.5;
  for (const { a, b } of edges) {
    for (const corner of ring) {
      // Most pieces stand at another side: their distance need not be known.
      if (corner[0] < Math.min(a[0], b[0]) - reach || corner[0] > Math.max(a[0], b[0]) + reach)
        continue;
      if (corner[1] < Math.min(a[1], b[1]) - reach || corner[1] > Math.max(a[1], b[1]) + reach)
        continue;
      if (distanceToSegment(corner, a, b) <= reach) return true;
    }
  }
  return false;
}

function sideRow(piece: EdgePiece, side: FlagSide, cell: PatternCell, rule: SliverRule): SideRow {
  const box = boxOf(piece.ring);
  const upright = side === "left" || side === "right";
  const size = upright ? box.maxX - box.minX : box.maxY - box.minY;
  const shape = cell.shapes[piece.shape] ?? cell;
  const tile = upright ? shape.width : shape.height;
  // A tile that does not lie straight can be cut without losing any of its box.
  const isCut = cell.straight
    ? size < tile - 0.5
    : polygonArea(piece.ring) < polygonArea(shapeRing(cell, piece.shape)) - 0.5;
  return {
    course: piece.course,
    column: piece.column,
    size,
    ends: upright ? endWidths(piece.ring) : endHeights(piece.ring),
    cut: isCut,
    sliver: isSliver(size, tile, cell.joint, rule),
  };
}

function shapeRing({ shapes }: PatternCell, shape: number): Polygon {
  return shapes[shape]?.ring ?? [];
}

/** Widths of a piece along its bottom and its top. */
export function endWidths(ring: Polygon): [number, number] {
  const { lowLeft, lowRight, topRight, topLeft } = fourCorners(ring);
  return [lowRight[0] - lowLeft[0], topRight[0] - topLeft[0]];
}

/** Heights of a piece along its left and its right end. */
export function endHeights(ring: Polygon): [number, number] {
  const { lowLeft, lowRight, topRight, topLeft } = fourCorners(ring);
  return [topLeft[1] - lowLeft[1], topRight[1] - lowRight[1]];
}

/** The ring's outermost points towards the four corners of its box. */
function fourCorners(ring: Polygon) {
  const [first] = ring as [Point];
  let [lowLeft, lowRight, topRight, topLeft] = [first, first, first, first];
  for (const p of ring) {
    if (p[0] + p[1] < lowLeft[0] + lowLeft[1]) lowLeft = p;
    if (p[0] - p[1] > lowRight[0] - lowRight[1]) lowRight = p;
    if (p[0] + p[1] > topRight[0] + topRight[1]) topRight = p;
    if (p[0] - p[1] < topLeft[0] - topLeft[1]) topLeft = p;
  }
  return { lowLeft, lowRight, topRight, topLeft };
}
