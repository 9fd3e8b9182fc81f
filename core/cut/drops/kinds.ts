import { ALL_SIDES, type Blank, fitBlanks, pairFits, Side, type Stock, threeFit } from "./fit.ts";

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
  /** Sizes had to be sorted so coarsely that what does not fit may fit after all. */
  readonly coarse: boolean;
  /** How much was asked of tiles with four pieces and more: each more takes three times as long. */
  effort = 0;
  private readonly whole: Stock & { sides: number };
  private readonly corners: number[];
  private readonly pairs: Uint8Array;
  private readonly threes = new Map<number, boolean>();
  private readonly more = new Map<string, boolean>();
  private ownParts: number[][] | undefined;

  constructor(
    blanks: Blank[],
    readonly stock: Stock,
    size: KindSize = "largest",
  ) {
    const { kinds, step } = fewKinds(blanks, size);
    this.kinds = kinds;
    this.coarse = step > SAME;
    this.whole = { ...stock, sides: ALL_SIDES };
    this.corners = kinds.map(cornersOf);
    this.pairs = new Uint8Array(kinds.length ** 2);
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
    const { corners } = this;
    if ((corners[p] as number) + (corners[q] as number) + (corners[r] as number) > CORNERS)
      return false;
    return this.meet(p, q) && this.meet(q, r) && this.meet(p, r) && this.known([p, q, r]);
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
    return content.length < 2 || this.known([...content, k]);
  }

  private pair(p: number, q: number): boolean {
    const { kinds, stock, corners, pairs, whole } = this;
    if ((corners[p] as number) + (corners[q] as number) > CORNERS) return false;
    const at = p * kinds.length + q;
    pairs[at] ||= pairFits(kinds[p] as Kind, kinds[q] as Kind, whole, stock) ? YES : NO;
    return pairs[at] === YES;
  }

  /** Whether three and more kinds fit that do so by pairs. */
  private known(all: number[]): boolean {
    const { kinds, stock } = this;
    all.sort((p, q) => p - q);
    if (all.length === 3) {
      const [p = 0, q = 0, r = 0] = all;
      const three = [kinds[p] as Kind, kinds[q] as Kind, kinds[r] as Kind] as const;
      const key = (p * kinds.length + q) * kinds.length + r;
      return recalled(this.threes, key, () => threeFit(three, stock));
    }
    return recalled(this.more, all.join(), () => {
      this.effort += 3 ** all.length;
      const members = all.map((k) => kinds[k] as Kind);
      return fitBlanks(members, stock) !== undefined;
    });
  }
}

function recalled<K>(answers: Map<K, boolean>, key: K, ask: () => boolean): boolean {
  const before = answers.get(key);
  if (before !== undefined) return before;
  const answer = ask();
  answers.set(key, answer);
  return answer;
}

function partsOf(table: KindTable): number[][] {
  const parts: number[][] = [];
  const open = new Set(table.kinds.keys());
  for (const start of open) {
    open.delete(start);
    const part = [start];
    for (const k of part) {
      for (const other of open) {
        if (!table.meet(k, other)) continue;
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
