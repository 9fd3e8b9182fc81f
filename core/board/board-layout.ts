import { boxOf, clipHalfPlane, type Polygon, polygonArea } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import {
  type Cell,
  cornersNear,
  cornersNearX,
  type Hole,
  type Seam,
  seamsOf,
} from "./board-seams.ts";
import type { WallStuds } from "./studs.ts";

/** Which way the long side of the sheets lies. */
export type SheetLay = "lying" | "standing";

/** What a wall's board is laid by; lengths in mm. */
export interface BoardRules {
  /** Long and short side of a sheet. */
  long: number;
  short: number;
  gap: number;
  /** No seam nearer than this to the corner of an opening, if it can be avoided. */
  seamClear: number;
}

/** A piece of board on the wall. */
export interface BoardPiece {
  id: string;
  /** What is cut from the sheet before slopes and openings are cut out of it. */
  x: number;
  y: number;
  width: number;
  height: number;
  /** Its true outline, openings not taken out. */
  ring: Polygon;
  /** Openings that are cut out of it, by id. */
  openings: string[];
}

/** The board of one wall. */
export interface BoardLayout {
  lay: SheetLay;
  pieces: BoardPiece[];
  seams: Seam[];
  seamMm: number;
  /** Corners of openings that a seam comes too near to. */
  nearCorners: number;
  areaM2: number;
}

/**
 * The board of a wall, the long side of its sheets one way: rows (or columns, standing) of whole
 * sheets, upright seams on studs, staggered from row to row, and clear of the corners of openings
 * where that can be. Rows begin with a whole sheet at the base or at the top, with a cut one at
 * both, or so that a level seam is just clear of an opening's corner; of these the way with fewest
 * seams at corners is taken, then fewest pieces, then the shortest seams.
 */
export function layBoard(
  wall: string,
  region: Polygon,
  studs: WallStuds,
  holes: Hole[],
  rules: BoardRules,
  lay: SheetLay,
): BoardLayout {
  const box = boxOf(region);
  const sheet = lay === "lying" ? rules.short : rules.long;
  const firsts = firstHeights(box.minY, box.maxY, sheet, holes, rules);
  const across = lay === "lying" ? rules.long : rules.short;
  const places = seamPlaces(box, studs, across + rules.gap);
  const cellsFrom =
    lay === "lying"
      ? (first: number) => lyingCells(box, places, holes, rules, first)
      : standingCells(box, places, holes, rules);
  const tries = firsts.map((first) => seamed(cellsFrom(first), region, holes, rules));
  const best = tries.reduce((found, other) => (worse(found, other) ? other : found));
  const pieces = best.cells
    .map((cell) => withoutGaps(cell, box, rules.gap))
    .flatMap((cell, k) => pieceOf(`${wall}${k + 1}`, cell, region, holes));
  return {
    lay,
    pieces,
    seams: best.seams,
    seamMm: best.seamMm,
    nearCorners: best.nearCorners,
    areaM2: pieces.reduce((sum, { ring }) => sum + polygonArea(ring), 0) / 1e6,
  };
}

/** One way to begin: where its cells and seams are, before any piece is cut out. */
interface Tried {
  cells: Cell[];
  seams: Seam[];
  seamMm: number;
  nearCorners: number;
}

function worse(best: Tried, other: Tried): boolean {
  const key = ({ nearCorners, cells, seamMm }: Tried) => [nearCorners, cells.length, seamMm];
  const [a, b] = [key(best), key(other)];
  const first = a.findIndex((value, k) => Math.abs(value - (b[k] ?? 0)) > SAME_MM);
  return first >= 0 && (a[first] ?? 0) > (b[first] ?? 0);
}

function seamed(cells: Cell[], region: Polygon, holes: Hole[], rules: BoardRules): Tried {
  const seams = seamsOf(cells, region, holes, rules.gap);
  return {
    cells,
    seams,
    seamMm: seams.reduce((sum, { from, to }) => sum + to[0] - from[0] + to[1] - from[1], 0),
    nearCorners: cornersNear(seams, holes, rules.seamClear),
  };
}

function lyingCells(
  box: Cell,
  places: number[],
  holes: Hole[],
  rules: BoardRules,
  first: number,
): Cell[] {
  const levels = breaks(box.minY, box.maxY, rules.short, rules.gap, first);
  let before: number[] = [];
  return levels.slice(1).flatMap((maxY, k) => {
    const minY = levels[k] as number;
    const near = (x: number) => cornersNearX(holes, x, minY, maxY, rules.seamClear);
    const seams = seamsOnStuds(places, rules.long, rules.gap, before, near);
    before = seams;
    return between([box.minX, ...seams, box.maxX]).map(([minX, maxX]) => ({
      minX,
      maxX,
      minY,
      maxY,
    }));
  });
}

/** Columns of sheets: where they are does not depend on where their rows begin. */
function standingCells(
  box: Cell,
  places: number[],
  holes: Hole[],
  rules: BoardRules,
): (first: number) => Cell[] {
  const { rest } = rowsOf(box.minY, box.maxY, rules.long, rules.gap);
  const near = (x: number) => cornersNearX(holes, x, box.minY, box.maxY, rules.seamClear);
  const seams = seamsOnStuds(places, rules.short, rules.gap, [], near);
  const columns = between([box.minX, ...seams, box.maxX]);
  return (first) =>
    columns.flatMap(([minX, maxX], k) => {
      // Every second column begins the other way, so that level seams are staggered.
      const begin = k % 2 === 0 ? first : rest + rules.long - first;
      const levels = breaks(box.minY, box.maxY, rules.long, rules.gap, begin);
      return between(levels).map(([minY, maxY]) => ({ minX, maxX, minY, maxY }));
    });
}

function between(places: number[]): [number, number][] {
  return places.slice(1).map((to, k) => [places[k] as number, to]);
}

/** How many rows of sheets, and how high the one is that is cut when all others are whole. */
function rowsOf(from: number, to: number, sheet: number, gap: number) {
  const step = sheet + gap;
  const count = Math.max(1, Math.ceil((to - from - sheet) / step - SAME_SUM) + 1);
  return { count, rest: to - from - (count - 1) * step };
}

/** A strip of board narrower than this holds no fasteners, mm. */
const THINNEST_STRIP = 50;

/** Heights of the first row that are worth trying: all of them keep the number of rows. */
function firstHeights(
  from: number,
  to: number,
  sheet: number,
  holes: Hole[],
  { gap, seamClear }: BoardRules,
): number[] {
  const { count, rest } = rowsOf(from, to, sheet, gap);
  if (count === 1) return [sheet];
  const step = sheet + gap;
  const clearOfCorners = holes
    .flatMap(({ ring }) => ring)
    .flatMap(([, y]) => [y - seamClear, y + seamClear])
    .map((y) => (((y - from - gap / 2) % step) + step) % step)
    .filter((first) => {
      const other = rest + sheet - first;
      return Math.min(first, other) >= THINNEST_STRIP && Math.max(first, other) <= sheet;
    });
  const wholes = rest < THINNEST_STRIP ? [] : [sheet, rest];
  return [...new Set([...wholes, (rest + sheet) / 2, ...clearOfCorners])];
}

/** Heights of the seams between rows of sheets, both ends included. */
function breaks(from: number, to: number, sheet: number, gap: number, first: number): number[] {
  const { count } = rowsOf(from, to, sheet, gap);
  const inner = Array.from(
    { length: count - 1 },
    (_, k) => from + first + gap / 2 + k * (sheet + gap),
  );
  return [from, ...inner, to];
}

/** A seam at a corner of an opening costs as much as several pieces more. */
const NEAR_CORNER_COST = 4;
/** A seam right above the one below costs a little more than another piece. */
const STACKED_COST = 1.2;

/**
 * Upright seams on studs so that no piece is longer than a sheet: fewest pieces, then seams that
 * are staggered against the row below and clear of corners of openings. The cheapest chain of
 * seams from the left, found exactly.
 */
export function seamsOnStuds(
  places: number[],
  sheet: number,
  gap: number,
  before: number[],
  near: (x: number) => number,
): number[] {
  const seamCosts = places.map((x, k) =>
    k > 0 && k < places.length - 1 ? seamCost(x, before, near) : 0,
  );
  const cost: number[] = [0];
  const from: number[] = [-1];
  for (let k = 1; k < places.length; k++) {
    cost[k] = Infinity;
    for (let i = k - 1; i >= 0; i--) {
      const [a, b] = [places[i] as number, places[k] as number];
      // Half a gap is left at a seam, none at the ends of the wall.
      const gaps = (i > 0 ? gap / 2 : 0) + (k < places.length - 1 ? gap / 2 : 0);
      if (b - a - gaps > sheet + SAME_MM) break;
      const total = (cost[i] ?? Infinity) + 1 + (seamCosts[k] ?? 0);
      if (total < (cost[k] ?? Infinity) - SAME_SUM) {
        cost[k] = total;
        from[k] = i;
      }
    }
  }
  const seams: number[] = [];
  for (let k = from[places.length - 1] ?? 0; k > 0; k = from[k] ?? 0) {
    seams.unshift(places[k] as number);
  }
  return seams;
}

function seamCost(x: number, before: number[], near: (x: number) => number): number {
  const stacked = before.some((seam) => Math.abs(seam - x) < 1);
  return NEAR_CORNER_COST * near(x) + (stacked ? STACKED_COST : 0);
}

/** Both ends of a wall and its studs: where upright seams may be, for sheets that reach so far. */
export function seamPlaces(
  { minX, maxX }: { minX: number; maxX: number },
  { studs }: WallStuds,
  reach: number,
): number[] {
  const inner = studs.map(({ x }) => x).filter((x) => x > minX + 1 && x < maxX - 1);
  return withReach([minX, ...inner, maxX], reach);
}

/** Places to break at; where studs are farther apart than a sheet reaches, more between them. */
function withReach(places: number[], reach: number): number[] {
  return places.flatMap((place, k) => {
    const next = places[k + 1];
    if (next === undefined || next - place <= reach) return [place];
    const parts = Math.ceil((next - place) / reach);
    return Array.from({ length: parts }, (_, i) => place + ((next - place) * i) / parts);
  });
}

/** A sheet keeps half of the gap off each seam, and none off the ends of the wall. */
function withoutGaps(cell: Cell, box: Cell, gap: number): Cell {
  return {
    minX: cell.minX > box.minX ? cell.minX + gap / 2 : cell.minX,
    maxX: cell.maxX < box.maxX ? cell.maxX - gap / 2 : cell.maxX,
    minY: cell.minY > box.minY ? cell.minY + gap / 2 : cell.minY,
    maxY: cell.maxY < box.maxY ? cell.maxY - gap / 2 : cell.maxY,
  };
}

function pieceOf(id: string, cell: Cell, region: Polygon, holes: Hole[]): BoardPiece[] {
  const ring = clipToCell(region, cell);
  if (ring.length < 3 || polygonArea(ring) < 1) return [];
  const box = boxOf(ring);
  const openings = holes.filter((hole) => overlaps(boxOf(hole.ring), box)).map((hole) => hole.id);
  return [
    {
      id,
      x: box.minX,
      y: box.minY,
      width: box.maxX - box.minX,
      height: box.maxY - box.minY,
      ring,
      openings,
    },
  ];
}

function clipToCell(region: Polygon, { minX, maxX, minY, maxY }: Cell): Polygon {
  const left = clipHalfPlane(region, -1, 0, -minX);
  const right = clipHalfPlane(left, 1, 0, maxX);
  const below = clipHalfPlane(right, 0, -1, -minY);
  return clipHalfPlane(below, 0, 1, maxY);
}

function overlaps(p: Cell, q: Cell): boolean {
  return p.minX < q.maxX && q.minX < p.maxX && p.minY < q.maxY && q.minY < p.maxY;
}
