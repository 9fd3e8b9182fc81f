import { levelChords, plumbChords, type Stretch } from "../geometry/chords.ts";
import { openKeyhole } from "../geometry/keyhole.ts";
import { boxOf, distance, type Point, type Polygon } from "../geometry/polygon.ts";
import { isRectangle } from "../geometry/rectangle.ts";
import { TAPER_SHOWN } from "../limits.ts";
import { inTileFrame, ringShape } from "./kind.ts";
import type { CutPiece } from "./pieces.ts";
import { endHeights, endWidths } from "./sides.ts";

/** What a dimension of a piece measures. */
export type DimensionCode =
  | "width"
  | "height"
  | "left-height"
  | "right-height"
  | "bottom-width"
  | "top-width"
  | "bend-x"
  | "bend-height"
  | "bend-y"
  | "bend-width"
  | "corner-x"
  | "corner-y"
  | "bite-width"
  | "bite-height"
  | "bite-x"
  | "bite-y"
  | "hole-x"
  | "hole-x-right"
  | "hole-y"
  | "hole-y-top"
  | "hole-diameter";

/** One length to mark on a piece, mm. */
export interface Dimension {
  code: DimensionCode;
  mm: number;
}

/** A side of a piece that is still the tile's own edge. */
export type FactorySide = "left" | "right" | "bottom" | "top";

/** How far a side may lie off the tile's own and still be it, mm. */
const ON_FACTORY = 0.5;

/** The sides of a piece that are factory edges, in full or in part. */
export function factorySides(piece: Pick<CutPiece, "ring">, full: Polygon): FactorySide[] {
  const [own, tile] = [boxOf(piece.ring), boxOf(full)];
  const sides: [FactorySide, number][] = [
    ["left", own.minX - tile.minX],
    ["right", tile.maxX - own.maxX],
    ["bottom", own.minY - tile.minY],
    ["top", tile.maxY - own.maxY],
  ];
  return sides.filter(([, off]) => Math.abs(off) < ON_FACTORY).map(([side]) => side);
}

/**
 * What to mark on a tile to cut this piece, in mm. Scribe cuts are told by both ends, and by the
 * bend where what they follow bends within the piece. Bites are placed from the left and the bottom
 * of the piece, windows too; holes from a factory edge where the piece has one, else from the left and bottom. Of
 * other shapes each corner that the saw makes is placed from the left and bottom of the tile.
 */
export function pieceDimensions(placed: CutPiece, placedTile: Polygon): Dimension[] {
  const full = inTileFrame(placedTile, placedTile);
  const piece = inFrame(placed, placedTile);
  const factory = factorySides(piece, full);
  return [
    ...outlineDimensions(piece, full),
    ...biteDimensions(piece),
    ...cornerDimensions(piece, full),
    ...piece.holes.flatMap(({ centre, diameter }) => [
      ...holeDimensions(piece.ring, centre, factory),
      { code: "hole-diameter" as const, mm: diameter },
    ]),
  ];
}

/** The piece as it lies on the saw: turned with its tile until the tile's first side is level. */
function inFrame(piece: CutPiece, full: Polygon): CutPiece {
  const ring = inTileFrame(piece.ring, full);
  if (ring === piece.ring) return piece;
  const box = boxOf(ring);
  const holes = piece.holes.map(({ centre, diameter }) => ({
    centre: inTileFrame([centre], full)[0] as Point,
    diameter,
  }));
  return { ...piece, ring, holes, width: box.maxX - box.minX, height: box.maxY - box.minY };
}

function outlineDimensions({ ring, width, height }: CutPiece, full: Polygon): Dimension[] {
  const [left, right] = endHeights(ring);
  const [bottom, top] = endWidths(ring);
  const { corners, reflex } = ringShape(ring);
  const tapered = reflex.length === 0;
  const bends = tapered && isRectangle(full) ? bendDimensions(corners) : [];
  const bentAt = (code: DimensionCode) => bends.some((bend) => bend.code === code);
  const heights: Dimension[] =
    bentAt("bend-x") || (tapered && Math.abs(left - right) > TAPER_SHOWN)
      ? [
          { code: "left-height", mm: left },
          { code: "right-height", mm: right },
        ]
      : [{ code: "height", mm: height }];
  const widths: Dimension[] =
    bentAt("bend-y") || (tapered && Math.abs(bottom - top) > TAPER_SHOWN)
      ? [
          { code: "bottom-width", mm: bottom },
          { code: "top-width", mm: top },
        ]
      : [{ code: "width", mm: width }];
  return [...widths, ...heights, ...bends];
}

/** A corner nearer to an end than this is the end, mm. */
const AT_END = 5;

/** Where a cut bends between the ends of a piece, and how high or wide the piece is there. */
function bendDimensions(corners: Polygon): Dimension[] {
  const box = boxOf(corners);
  const across = corners
    .map(([x]) => x)
    .filter((x) => x > box.minX + AT_END && x < box.maxX - AT_END)
    .sort((p, q) => p - q);
  if (across.length > 0) {
    return across.flatMap((x): Dimension[] => [
      { code: "bend-x", mm: x - box.minX },
      { code: "bend-height", mm: chordLength(plumbChords(corners, x)) },
    ]);
  }
  const up = corners
    .map(([, y]) => y)
    .filter((y) => y > box.minY + AT_END && y < box.maxY - AT_END)
    .sort((p, q) => p - q);
  // Of four corners one that stands high or low is an end of its side, told by its height.
  return corners.length <= 4
    ? []
    : up.flatMap((y): Dimension[] => [
        { code: "bend-y", mm: y - box.minY },
        { code: "bend-width", mm: chordLength(levelChords(corners, y)) },
      ]);
}

function chordLength(chords: Stretch[]): number {
  return chords.reduce((sum, [from, to]) => sum + to - from, 0);
}

/** An outline with more corners than this is cut by a template, not by measures. */
const MOST_CORNERS = 12;

/** A corner this near to the tile's own is the tile's, mm. */
const OWN_CORNER = 1;

/** The corners that the saw makes, of pieces that ends and bites do not tell. */
function cornerDimensions({ kind, ring }: CutPiece, full: Polygon): Dimension[] {
  const { corners } = ringShape(openKeyhole(ring).outer);
  if (kind !== "complex" || corners.length > MOST_CORNERS) return [];
  const { minX, minY } = boxOf(full);
  return corners
    .filter((corner) => full.every((own) => distance(corner, own) > OWN_CORNER))
    .flatMap(([x, y]): Dimension[] => [
      { code: "corner-x", mm: x - minX },
      { code: "corner-y", mm: y - minY },
    ]);
}

/** The rectangles that an L or U cut, or windows, take out of the piece's box. */
function biteDimensions({ kind, ring }: CutPiece): Dimension[] {
  if (kind === "complex") {
    const { outer, holes } = openKeyhole(ring);
    return holes.flatMap((hole) => biteFrom(boxOf(outer), boxOf(hole)));
  }
  if (kind !== "L" && kind !== "U") return [];
  const { corners, reflex } = ringShape(ring);
  const box = boxOf(corners);
  const inner = boxOf(reflex.map((k) => corners[k] as Point));
  const bite = kind === "L" ? cornerBite(corners, inner, box) : sideBite(corners, inner, reflex);
  return biteFrom(box, bite);
}

function biteFrom(box: Bite, bite: Bite): Dimension[] {
  return [
    { code: "bite-width", mm: bite.maxX - bite.minX },
    { code: "bite-height", mm: bite.maxY - bite.minY },
    { code: "bite-x", mm: bite.minX - box.minX },
    { code: "bite-y", mm: bite.minY - box.minY },
  ];
}

type Bite = ReturnType<typeof boxOf>;

/** The box corner that no corner of the ring lies on is the one that is gone. */
function cornerBite(corners: Polygon, inner: Bite, box: Bite): Bite {
  const gone = [
    [box.minX, box.minY],
    [box.maxX, box.minY],
    [box.maxX, box.maxY],
    [box.minX, box.maxY],
  ].find(([x, y]) => !corners.some(([cx, cy]) => Math.hypot(cx - (x ?? 0), cy - (y ?? 0)) < 1));
  const [x = inner.minX, y = inner.minY] = gone ?? [];
  return boxOf([
    [inner.minX, inner.minY],
    [x, y],
  ]);
}

/** Between the two reflex corners and the two corners beside them on the open side. */
function sideBite(corners: Polygon, inner: Bite, reflex: number[]): Bite {
  const beside = reflex.flatMap((k) => [
    corners[(k + 1) % corners.length] as Point,
    corners[(k + corners.length - 1) % corners.length] as Point,
  ]);
  return boxOf([[inner.minX, inner.minY], [inner.maxX, inner.maxY], ...beside]);
}

function holeDimensions(ring: Polygon, [x, y]: Point, factory: FactorySide[]): Dimension[] {
  const { minX, maxX, minY, maxY } = boxOf(ring);
  const fromRight = !factory.includes("left") && factory.includes("right");
  const fromTop = !factory.includes("bottom") && factory.includes("top");
  return [
    fromRight ? { code: "hole-x-right", mm: maxX - x } : { code: "hole-x", mm: x - minX },
    fromTop ? { code: "hole-y-top", mm: maxY - y } : { code: "hole-y", mm: y - minY },
  ];
}
