import { SAME_SUM } from "../limits.ts";
/** A rectangle to be cut from a sheet, mm. */
export interface SheetPiece {
  id: string;
  width: number;
  height: number;
}

/** A piece as it lies on its sheet; turned pieces lie with width and height exchanged. */
export interface PlacedPiece {
  id: string;
  x: number;
  y: number;
  width: number;
  height: number;
  turned: boolean;
}

/** Which pieces come from which sheet. */
export interface SheetPacking {
  sheets: PlacedPiece[][];
  /** No plan can do with fewer. */
  bound: number;
  /** Pieces larger than a sheet: they cannot be cut at all. */
  tooLarge: string[];
}

interface FreeRect {
  x: number;
  y: number;
  width: number;
  height: number;
}

interface Sheet {
  width: number;
  height: number;
}

/** Rounding must not cost a sheet, mm. */
const EPSILON = 0.01;

/** Orders in which pieces are placed; the best of all is kept. */
const ORDERS: ((p: SheetPiece, q: SheetPiece) => number)[] = [
  (p, q) => q.width * q.height - p.width * p.height,
  (p, q) => Math.max(q.width, q.height) - Math.max(p.width, p.height),
  (p, q) => q.height - p.height || q.width - p.width,
  (p, q) => q.width - p.width || q.height - p.height,
  (p, q) => q.width + q.height - p.width - p.height,
];

/** How the rest of a free rectangle is split by the two cuts round a placed piece. */
const SPLITS = ["short-rest", "across", "upright"] as const;
type Split = (typeof SPLITS)[number];

/**
 * Cuts pieces from as few sheets as it finds: straight cuts from edge to edge (score and snap), a
 * piece may be turned. First fit by several orders and splits, best of all; with a lower bound, so
 * that a plan that meets it is known to be the best.
 */
export function packSheets(pieces: SheetPiece[], sheet: Sheet): SheetPacking {
  const fits = (piece: SheetPiece) => waysOf(piece).some((way) => lies(way, sheet));
  const cuttable = pieces.filter(fits);
  const tooLarge = pieces.filter((piece) => !fits(piece)).map(({ id }) => id);
  const bound = lowerBound(cuttable, sheet);
  let best: PlacedPiece[][] | undefined;
  for (const order of ORDERS) {
    const sorted = [...cuttable].sort(order);
    for (const split of SPLITS) {
      best = firstFit(sorted, sheet, split, best?.length ?? Infinity) ?? best;
      if (best?.length === bound) return { sheets: best, bound, tooLarge };
    }
  }
  return { sheets: best ?? [], bound, tooLarge };
}

/** Undefined as soon as it takes as many sheets as are known to do. */
function firstFit(
  pieces: SheetPiece[],
  sheet: Sheet,
  split: Split,
  known: number,
): PlacedPiece[][] | undefined {
  const sheets: { placed: PlacedPiece[]; free: FreeRect[] }[] = [];
  for (const piece of pieces) {
    const ways = waysOf(piece);
    const open = sheets.some(({ placed, free }) => place(piece, ways, placed, free, split));
    if (open) continue;
    if (sheets.length + 1 >= known) return undefined;
    const fresh = { placed: [] as PlacedPiece[], free: [{ x: 0, y: 0, ...sheet }] };
    place(piece, ways, fresh.placed, fresh.free, split);
    sheets.push(fresh);
  }
  return sheets.map(({ placed }) => placed);
}

/** A piece as it may lie on a sheet. */
interface Way extends Sheet {
  turned: boolean;
}

function waysOf({ width, height }: SheetPiece): Way[] {
  return [
    { width, height, turned: false },
    { width: height, height: width, turned: true },
  ];
}

function lies(way: Way, on: Sheet): boolean {
  return way.width <= on.width + EPSILON && way.height <= on.height + EPSILON;
}

/** Puts a piece where it leaves the least beside it; false when it fits nowhere. */
function place(
  { id }: SheetPiece,
  ways: Way[],
  placed: PlacedPiece[],
  free: FreeRect[],
  split: Split,
): boolean {
  let least = Infinity;
  let at = -1;
  let way: Way | undefined;
  for (let k = 0; k < free.length; k++) {
    const rect = free[k] as FreeRect;
    for (const each of ways) {
      if (!lies(each, rect)) continue;
      const rest = Math.min(rect.width - each.width, rect.height - each.height);
      if (rest < least) [least, at, way] = [rest, k, each];
    }
  }
  if (!way) return false;
  const [rect] = free.splice(at, 1) as [FreeRect];
  placed.push({ id, x: rect.x, y: rect.y, ...way });
  free.push(...restsOf(rect, way, split));
  return true;
}

function restsOf(rect: FreeRect, way: Sheet, split: Split): FreeRect[] {
  const right = rect.width - way.width;
  const above = rect.height - way.height;
  const across = split === "across" || (split === "short-rest" && right <= above);
  const rests = across
    ? [
        { x: rect.x + way.width, y: rect.y, width: right, height: way.height },
        { x: rect.x, y: rect.y + way.height, width: rect.width, height: above },
      ]
    : [
        { x: rect.x + way.width, y: rect.y, width: right, height: rect.height },
        { x: rect.x, y: rect.y + way.height, width: way.width, height: above },
      ];
  return rests.filter(({ width, height }) => width > EPSILON && height > EPSILON);
}

/**
 * No packing needs fewer: the area of all pieces, and the pieces of which no two fit on one sheet
 * together, whichever way they are turned (longer than half the long side both ways).
 */
function lowerBound(pieces: SheetPiece[], sheet: Sheet): number {
  const area = pieces.reduce((sum, { width, height }) => sum + width * height, 0);
  const [short, long] = [Math.min(sheet.width, sheet.height), Math.max(sheet.width, sheet.height)];
  const large = pieces.filter(
    ({ width, height }) =>
      Math.min(width, height) > short / 2 + EPSILON && Math.max(width, height) > long / 2 + EPSILON,
  );
  // Such a piece laid along the sheet leaves less than itself both ways; laid across it must fit
  // the short side with its long one, and then leaves less than half of the long side's rest.
  const alone = large.filter(
    ({ width, height }) =>
      Math.max(width, height) > short + EPSILON || Math.min(width, height) > long / 2,
  );
  return Math.max(Math.ceil(area / (sheet.width * sheet.height) - SAME_SUM), alone.length);
}
