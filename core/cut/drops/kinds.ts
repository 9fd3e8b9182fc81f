import { SAME_MM } from "../../limits.ts";
import { ALL_SIDES, type Blank, Side, type Stock } from "./blank.ts";
import { fitBlanks } from "./fit.ts";
import { pairFits, threeFit } from "./together.ts";

/** Blanks of one size and with the same factory sides. */
export interface Kind extends Blank {
  members: number[];
}

/** Sizes that differ by less are one kind, mm. */
const SAME = 0.005;

/** More pieces than this from one tile are not tried. */
export const MOST_FROM_ONE = 6;

/** Corners of a tile: each is part of one piece. */
export const CORNERS = 4;

/** Beyond this many kinds sizes are sorted more coarsely: what fits together is known by pairs. */
const MOST_KINDS = 400;

/**
 * The size of a kind: of its largest member, so that each fits where the kind does, or of its
 * smallest, so that what is impossible for the kind is so for each.
 */
export type KindSize = "largest" | "smallest";

/** What is known of a pair of kinds; 0 is not asked yet. */
const [NO, YES] = [1, 2];

/** Kinds, the largest first, and which of them come from one tile together; what is asked is remembered. */
export class KindTable {
  readonly kinds: Kind[];
  /** Sizes that differ by less are one kind, mm. */
  readonly step: number;
  /** How much was asked of tiles with four pieces and more: each more takes three times as long. */
  effort = 0;
  private readonly whole: Stock & { sides: number };
  private readonly corners: number[];
  private readonly widths: Float64Array;
  private readonly heights: Float64Array;
  private readonly pairs: Uint8Array;
  private readonly threes = new Map<number, boolean>();
  private readonly more = new Map<string, boolean>();
  private ownNear: number[][] | undefined;
  private ownParts: number[][] | undefined;

  constructor(
    blanks: Blank[],
    readonly stock: Stock,
    size: KindSize = "largest",
    step = SAME,
  ) {
    const few = fewKinds(blanks, size, step);
    const { kinds } = few;
    this.kinds = kinds;
    this.step = few.step;
    this.whole = { ...stock, sides: ALL_SIDES };
    this.corners = kinds.map(cornersOf);
    this.widths = Float64Array.from(kinds, ({ width }) => width);
    this.heights = Float64Array.from(kinds, ({ height }) => height);
    this.pairs = new Uint8Array(kinds.length ** 2);
  }

  /** Sizes had to be sorted so coarsely that what does not fit may fit after all. */
  get coarse(): boolean {
    return this.step > SAME;
  }

  /** For each kind, those that come from one tile with it. */
  get near(): number[][] {
    this.ownNear ??= nearOf(this);
    return this.ownNear;
  }

  /** Kinds in parts that never share a tile with another part. */
  get parts(): number[][] {
    this.ownParts ??= partsOf(this);
    return this.ownParts;
  }

  /** How many of the tile's corners a kind takes. */
  cornersOf(k: number): number {
    return this.corners[k] as number;
  }

  /** Whether two kinds come from one tile. */
  meet(p: number, q: number): boolean {
    return p < q ? this.pair(p, q) : this.pair(q, p);
  }

  /** Whether three kinds come from one tile. */
  three(p: number, q: number, r: number): boolean {
    const { corners, kinds, stock, threes } = this;
    if ((corners[p] as number) + (corners[q] as number) + (corners[r] as number) > CORNERS) {
      return false;
    }
    const [least, most] = [Math.min(p, q, r), Math.max(p, q, r)];
    const middle = p + q + r - least - most;
    const key = (least * kinds.length + middle) * kinds.length + most;
    const before = threes.get(key);
    if (before !== undefined) return before;
    const three = [kinds[least] as Kind, kinds[middle] as Kind, kinds[most] as Kind] as const;
    const pairs = this.meet(least, middle) && this.meet(middle, most) && this.meet(least, most);
    const answer = pairs && threeFit(three, stock);
    threes.set(key, answer);
    return answer;
  }

  /** Whether kinds (indexes) come from one tile. */
  fits(content: number[]): boolean {
    return content.every((k, count) => this.joins(content.slice(0, count), k));
  }

  /** The same for kinds that are known to fit and one more. */
  joins(content: number[], k: number): boolean {
    if (content.length >= MOST_FROM_ONE) return false;
    let taken = this.corners[k] as number;
    for (const other of content) {
      taken += this.corners[other] as number;
      if (taken > CORNERS || !this.meet(other, k)) return false;
    }
    // Two are answered in full already.
    if (content.length < 2) return true;
    const [p, q] = content as [number, number];
    return content.length === 2 ? this.three(p, q, k) : this.known([...content, k]);
  }

  private pair(p: number, q: number): boolean {
    const { kinds, pairs } = this;
    const at = p * kinds.length + q;
    if (!pairs[at]) pairs[at] = this.fitsAsPair(p, q) ? YES : NO;
    return pairs[at] === YES;
  }

  /** Most pairs are told by sums alone: large enough jobs ask for some hundred thousand of them. */
  private fitsAsPair(p: number, q: number): boolean {
    const { kinds, stock, corners, widths, heights, whole } = this;
    if ((corners[p] as number) + (corners[q] as number) > CORNERS) return false;
    const [first, second] = [kinds[p] as Kind, kinds[q] as Kind];
    const tooWide =
      (widths[p] as number) + (widths[q] as number) + stock.kerf > stock.width + SAME_MM;
    const tooHigh =
      (heights[p] as number) + (heights[q] as number) + stock.kerf > stock.height + SAME_MM;
    if (tooWide && tooHigh && !first.notch && !second.notch) return false;
    return pairFits(first, second, whole, stock);
  }

  /** Whether four and more kinds fit that do so by pairs. */
  private known(all: number[]): boolean {
    all.sort((p, q) => p - q);
    const key = all.join();
    const before = this.more.get(key);
    if (before !== undefined) return before;
    this.effort += 3 ** all.length;
    const members = all.map((k) => this.kinds[k] as Kind);
    const answer = fitBlanks(members, this.stock) !== undefined;
    this.more.set(key, answer);
    return answer;
  }
}

function nearOf(table: KindTable): number[][] {
  const near: number[][] = table.kinds.map(() => []);
  near.forEach((own, p) => {
    if (table.meet(p, p)) own.push(p);
    for (let q = p + 1; q < near.length; q++) {
      if (!table.meet(p, q)) continue;
      own.push(q);
      near[q]?.push(p);
    }
  });
  return near;
}

function partsOf({ near, kinds }: KindTable): number[][] {
  const parts: number[][] = [];
  const open = new Set(kinds.keys());
  for (const start of open) {
    open.delete(start);
    const part = [start];
    for (const k of part) {
      for (const other of near[k] as number[]) if (open.delete(other)) part.push(other);
    }
    parts.push(part);
  }
  return parts;
}

/** How many blanks are of a kind. */
export function countOf({ kinds }: KindTable, k: number): number {
  return kinds[k]?.members.length ?? 0;
}

function fewKinds(blanks: Blank[], size: KindSize, from: number): { kinds: Kind[]; step: number } {
  let step = from;
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
