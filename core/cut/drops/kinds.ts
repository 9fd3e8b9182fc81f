import { ALL_SIDES, type Blank, fitBlanks, pairFits, Side, type Stock, threeFit } from "./fit.ts";

/** Blanks of one size and with the same factory sides. */
export interface Kind extends Blank {
  members: number[];
}

/** Kinds, the largest first, and which of them come from one tile together. */
export interface KindTable {
  kinds: Kind[];
  stock: Stock;
  /** Sizes had to be sorted so coarsely that what does not fit may fit after all. */
  coarse: boolean;
  /** How much was asked of tiles with four pieces and more: each more takes three times as long. */
  effort: () => number;
  /** Kinds in parts that never share a tile with another part. */
  parts: number[][];
  /** Whether two kinds come from one tile. */
  meet: (p: number, q: number) => boolean;
  /** Whether kinds (indexes) come from one tile; remembered. */
  fits: (content: number[]) => boolean;
  /** The same for kinds that are known to fit and one more. */
  joins: (content: number[], k: number) => boolean;
}

/** Sizes that differ by less are one kind, mm. */
const SAME = 0.005;

/** More pieces than this from one tile are not tried. */
export const MOST_FROM_ONE = 6;

/** Beyond this many kinds sizes are sorted more coarsely: what fits together is known by pairs. */
const MOST_KINDS = 400;

/**
 * The size of a kind: of its largest member, so that each fits where the kind does, or of its
 * smallest, so that what is impossible for the kind is so for each.
 */
export type KindSize = "largest" | "smallest";

/** What is known of a pair of kinds; 0 is not asked yet. */
const [NO, YES] = [1, 2];

/** Sorts blanks into kinds and makes the table of what fits together. */
export function kindTable(blanks: Blank[], stock: Stock, size: KindSize = "largest"): KindTable {
  const { kinds, step } = fewKinds(blanks, size);
  const whole = { ...stock, sides: ALL_SIDES };
  const pairs = new Uint8Array(kinds.length ** 2);
  const pair = (p: number, q: number) => {
    const at = p * kinds.length + q;
    pairs[at] ||= pairFits(kinds[p] as Kind, kinds[q] as Kind, whole, stock) ? YES : NO;
    return pairs[at] === YES;
  };
  const meet = (p: number, q: number) => {
    const [first, second] = p < q ? [p, q] : [q, p];
    return (corners[first] as number) + (corners[second] as number) <= 4 && pair(first, second);
  };
  const corners = kinds.map(cornersOf);
  const known = new Map<string, boolean>();
  const threes = new Map<number, boolean>();
  let effort = 0;
  const joins = (content: number[], k: number) => {
    if (content.length >= MOST_FROM_ONE) return false;
    let taken = corners[k] as number;
    for (const other of content) {
      taken += corners[other] as number;
      if (taken > 4 || !pair(other, k)) return false;
    }
    // Two are answered in full already.
    if (content.length < 2) return true;
    const all = [...content, k];
    all.sort((p, q) => p - q);
    if (all.length === 3) {
      const [p = 0, q = 0, r = 0] = all;
      const key = (p * kinds.length + q) * kinds.length + r;
      const answer = threes.get(key) ?? threeFit(membersOf(kinds, all), stock);
      threes.set(key, answer);
      return answer;
    }
    const key = all.join();
    const before = known.get(key);
    if (before !== undefined) return before;
    effort += 3 ** all.length;
    const answer = fitBlanks(membersOf(kinds, all), stock) !== undefined;
    known.set(key, answer);
    return answer;
  };
  const fits = (content: number[]) =>
    content.every((k, count) => joins(content.slice(0, count), k));
  return {
    kinds,
    stock,
    coarse: step > SAME,
    parts: partsOf(kinds.length, meet),
    ...{ meet, fits, joins },
    effort: () => effort,
  };
}

function partsOf(count: number, meet: KindTable["meet"]): number[][] {
  const parts: number[][] = [];
  const open = new Set(Array.from({ length: count }, (_, k) => k));
  for (const start of open) {
    open.delete(start);
    const part = [start];
    for (const k of part) {
      for (const other of open) {
        if (!meet(k, other)) continue;
        open.delete(other);
        part.push(other);
      }
    }
    parts.push(part);
  }
  return parts;
}

/** How many blanks are of a kind. */
export function countOf({ kinds }: KindTable, k: number): number {
  return kinds[k]?.members.length ?? 0;
}

function membersOf(kinds: Kind[], content: number[]): Kind[] {
  return content.map((k) => kinds[k] as Kind);
}

function fewKinds(blanks: Blank[], size: KindSize): { kinds: Kind[]; step: number } {
  let step = SAME;
  let kinds = kindsOf(blanks, size, step);
  // Pieces with a cut-out stay told apart, however many there are.
  while (kinds.length > MOST_KINDS && step < COARSEST) {
    step *= 2;
    kinds = kindsOf(blanks, size, step);
  }
  return { kinds, step };
}

/** Sizes are never sorted more coarsely than this, mm. */
const COARSEST = 10;

function kindsOf(blanks: Blank[], size: KindSize, step: number): Kind[] {
  const most = size === "largest" ? Math.max : Math.min;
  const kinds = new Map<string | number, Kind>();
  blanks.forEach((blank, index) => {
    const { width, height, sides, notch } = blank;
    const key = notch
      ? exactKey(width, height, sides, ...Object.values(notch))
      : plainKey(width / step, height / step, sides);
    const kind = kinds.get(key) ?? { width, height, sides, notch, members: [] };
    kinds.set(key, kind);
    kind.width = most(kind.width, width);
    kind.height = most(kind.height, height);
    kind.members.push(index);
  });
  return [...kinds.values()].sort((p, q) => q.width * q.height - p.width * p.height);
}

/** One number: most blanks are plain, and text for each of them took longer than the rest. */
function plainKey(width: number, height: number, sides: number): number {
  const [across, up] = [Math.round(width), Math.round(height)];
  return (across * KEY_ROOM + up) * (ALL_SIDES + 1) + sides;
}

/** More steps of `SAME` than any tile has. */
const KEY_ROOM = 2 ** 22;

/** Those with a notch are alike only to the last digit: what comes from one must from its like. */
function exactKey(...values: number[]): string {
  return values.map((value) => Math.round(value * 1e6)).join("/");
}

/** What a blank takes of its tile, mm²: nobody else can use it. */
export function areaTaken({ width, height, notch }: Blank): number {
  return width * height - (notch ? notch.width * notch.height : 0);
}

/** How many of the tile's corners a blank takes: those between two of its factory sides. */
function cornersOf({ sides, notch }: Kind): number {
  const across = (sides & Side.left ? 1 : 0) + (sides & Side.right ? 1 : 0);
  const up = (sides & Side.bottom ? 1 : 0) + (sides & Side.top ? 1 : 0);
  return across * up - (notch && isCorner(notch.open & sides) ? 1 : 0);
}

function isCorner(sides: number): boolean {
  const across = sides & (Side.left | Side.right);
  return across !== 0 && across !== sides;
}
