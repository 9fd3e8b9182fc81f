import { openKeyhole, type Region } from "../geometry/keyhole.ts";
import {
  distanceToRing,
  distanceToSegment,
  edgesOf,
  type Point,
  type Polygon,
} from "../geometry/polygon.ts";
import { HOLE_EDGE, THIN_STRIP, WEAK_TONGUE } from "../limits.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import { isSliver, type SliverRule, sliverLimit } from "../set-out/slivers.ts";
import type { Warning } from "../warning.ts";
import { ringShape } from "./kind.ts";
import type { CutPiece } from "./pieces.ts";
import type { CutFlag, FlagSide, SideRow } from "./sides.ts";

/** Slivers along the sides, slivers at openings, and cuts that are likely to break. */
export function checkCuts(
  wall: string,
  cell: PatternCell,
  flags: CutFlag[],
  pieces: CutPiece[],
  rule: SliverRule,
): Warning[] {
  return [
    ...flags.flatMap((flag) => sideSlivers(wall, cell, flag, rule)),
    ...innerSlivers(wall, cell, flags, pieces, rule),
    ...riskyCuts(wall, pieces),
  ];
}

function sideSlivers(
  wall: string,
  cell: PatternCell,
  { side, rows }: CutFlag,
  rule: SliverRule,
): Warning[] {
  const slivers = rows.filter(({ sliver }) => sliver);
  if (slivers.length === 0) return [];
  const upright = side === "left" || side === "right";
  const values = {
    size: Math.min(...slivers.map(({ size }) => size)),
    limit: sliverLimit(upright ? cell.width : cell.height, cell.joint, rule),
    count: slivers.length,
  };
  return [{ code: "sliver", severity: "warning", wall, side, values }];
}

/** Slivers that are not at a side of the field: beside an opening, or on a leg. */
function innerSlivers(
  wall: string,
  cell: PatternCell,
  flags: CutFlag[],
  pieces: CutPiece[],
  rule: SliverRule,
): Warning[] {
  const away = (slivers: Risk[], sides: FlagSide[]) => {
    if (slivers.length === 0) return [];
    const rows = flags.filter(({ side }) => sides.includes(side)).flatMap((flag) => flag.rows);
    const atSide = new Set(rows.map(place));
    return slivers.filter(({ piece }) => !atSide.has(place(piece)));
  };
  const narrow = pieces
    .filter((piece) => isSliver(piece.width, shapeWidth(cell, piece), cell.joint, rule))
    .map((piece) => ({ piece, size: piece.width }));
  const low = pieces
    .filter((piece) => isSliver(piece.height, shapeHeight(cell, piece), cell.joint, rule))
    .map((piece) => ({ piece, size: piece.height }));
  const { width, height, joint } = cell;
  return [
    ...worstOf("sliver", wall, away(narrow, UPRIGHT), sliverLimit(width, joint, rule)),
    ...worstOf("sliver", wall, away(low, LEVEL), sliverLimit(height, joint, rule)),
  ].map((warning) => ({ ...warning, side: "opening" }));
}

const UPRIGHT: FlagSide[] = ["left", "right"];
const LEVEL: FlagSide[] = ["bottom", "top"];

function shapeWidth({ shapes, width }: PatternCell, { shape }: CutPiece): number {
  return shapes[shape]?.width ?? width;
}

function shapeHeight({ shapes, height }: PatternCell, { shape }: CutPiece): number {
  return shapes[shape]?.height ?? height;
}

interface Risk {
  piece: CutPiece;
  size: number;
}

/** One warning for all pieces of a wall that share a fault: how many, and where the worst is. */
function worstOf(
  code: "sliver" | "thin-strip" | "weak-tongue" | "hole-near-edge",
  wall: string,
  risks: Risk[],
  limit: number,
): Warning[] {
  const [first, ...others] = risks;
  if (!first) return [];
  const worst = others.reduce((least, risk) => (risk.size < least.size ? risk : least), first);
  const values = { size: worst.size, limit, count: risks.length, number: worst.piece.number };
  return [{ code, severity: "warning", wall, piece: worst.piece.id, values }];
}

function place({ course, column }: Pick<SideRow, "course" | "column">): string {
  return `${course}/${column}`;
}

/** Strips, tongues and rims of tile that are likely to break, one warning for each kind. */
function riskyCuts(wall: string, pieces: CutPiece[]): Warning[] {
  const strips = pieces.map((piece) => ({ piece, size: Math.min(piece.width, piece.height) }));
  const tongues = pieces.map((piece) => ({ piece, size: narrowestTongue(piece) }));
  const rims = pieces.flatMap((piece) =>
    piece.holes.map(({ centre, diameter }) => ({
      piece,
      size: distanceToRing(centre, piece.ring) - diameter / 2,
    })),
  );
  const below = (risks: Risk[], limit: number) => risks.filter(({ size }) => size < limit);
  return [
    ...worstOf("thin-strip", wall, below(strips, THIN_STRIP), THIN_STRIP),
    ...worstOf("weak-tongue", wall, below(tongues, WEAK_TONGUE), WEAK_TONGUE),
    ...worstOf("hole-near-edge", wall, below(rims, HOLE_EDGE), HOLE_EDGE),
  ];
}

/**
 * Narrowest arm of an L or U piece: from a corner of the bite to the nearest side across the tile.
 * The bite's own edges and the ends of the arms beside it bound no arm. Of a piece with a window,
 * the narrowest rim that it leaves round it.
 */
export function narrowestTongue({ kind, ring }: Pick<CutPiece, "kind" | "ring">): number {
  if (kind === "complex") return narrowestRim(openKeyhole(ring));
  if (kind !== "L" && kind !== "U") return Infinity;
  const { corners, reflex } = ringShape(ring);
  const count = corners.length;
  const beside = new Set(
    reflex.flatMap((k) => [k - 2, k - 1, k, k + 1].map((edge) => (edge + count) % count)),
  );
  const across = edgesOf(corners).filter((_, edge) => !beside.has(edge));
  return Math.min(
    ...reflex.flatMap((k) => across.map(([a, b]) => distanceToSegment(corners[k] as Point, a, b))),
  );
}

function narrowestRim({ outer, holes }: Region): number {
  const between = (points: Polygon, ring: Polygon) =>
    Math.min(...points.map((point) => distanceToRing(point, ring)));
  return Math.min(
    Infinity,
    ...holes.flatMap((hole) => [between(hole, outer), between(outer, hole)]),
  );
}
