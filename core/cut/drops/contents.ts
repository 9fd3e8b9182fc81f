import { areaTaken, CORNERS, countOf, type Kind, type KindTable, MOST_FROM_ONE } from "./kinds.ts";

/** Blanks may be larger than their tile by the rounding of lengths, mm². */
export const AREA_ROUNDING = 1;

/** Contents of one tile that are told apart at most: beyond it nothing is said of all of them. */
const MOST_CONTENTS = 3000;

/** As much is asked of tiles with many pieces before the contents count as too much to tell. */
const MOST_EFFORT = 15_000;

/** What contents take of their tile: so many mm² and corners. */
interface Taken {
  area: number;
  corners: number;
}

const NOTHING: Taken = { area: 0, corners: 0 };

/** What tiles can hold of the kinds of a part; kinds are told by their places in it. */
export class Contents {
  /** For each kind, those that one tile holds beside one of it. */
  readonly near: number[][];
  private readonly room: number;
  private readonly areas: number[];
  private readonly corners: number[];
  private readonly leastCorners: number;
  private ways: number[][] = [];
  private isWhole = true;

  constructor(
    private readonly table: KindTable,
    private readonly part: number[],
  ) {
    this.room = table.stock.width * table.stock.height + AREA_ROUNDING;
    this.areas = part.map((k) => areaTaken(table.kinds[k] as Kind));
    this.corners = part.map((k) => table.cornersOf(k));
    this.leastCorners = Math.min(...this.corners);
    const places = new Map(part.map((k, at) => [k, at]));
    // Those that meet one of a part are of it.
    this.near = part.map((k) =>
      (table.near[k] as number[]).map((other) => places.get(other) as number).sort((p, q) => p - q),
    );
  }

  /** How many blanks there are of each kind. */
  counts(): number[] {
    return this.part.map((k) => countOf(this.table, k));
  }

  /**
   * Everything that one tile can hold, each until nothing more goes into it; undefined when that is
   * too much to tell, or a tile holds more pieces than are tried.
   */
  all(): number[][] | undefined {
    if (this.fullPairs() > MOST_CONTENTS) return undefined;
    const contents: number[][] = [];
    const left = this.counts();
    for (const first of this.part.keys()) {
      const ways = this.fillings(left, first);
      if (!ways || contents.length + ways.length > MOST_CONTENTS) return undefined;
      for (const way of ways) contents.push(way);
      // Later ones hold none of it: whatever they lack of it is told with those that do.
      left[first] = 0;
    }
    return contents;
  }

  /** How many pairs fill a tile: they take its corners, and nothing without one meets both. */
  private fullPairs(): number {
    const { corners, near } = this;
    const meetsInner = near.map((others) => others.some((at) => corners[at] === 0));
    let pairs = 0;
    near.forEach((others, p) => {
      for (const q of others) {
        const takeAll = (corners[p] as number) + (corners[q] as number) === CORNERS;
        if (q > p && takeAll && !(meetsInner[p] && meetsInner[q])) pairs++;
      }
    });
    return pairs;
  }

  /**
   * All ways to fill the tile of a kind with what is left, until nothing more goes into it;
   * undefined when more pieces go into one than are tried.
   */
  fillings(left: number[], first: number): number[][] | undefined {
    this.ways = [];
    this.isWhole = true;
    if ((left[first] as number) > 0) {
      const near = (this.near[first] as number[]).filter((at) => (left[at] as number) > 0);
      this.grow([first], near, left, this.taken(first, NOTHING));
    }
    return this.isWhole ? this.ways : undefined;
  }

  /** `beside`: kinds that are left and come from one tile with each of the content, two by two. */
  private grow(content: number[], beside: number[], left: number[], taken: Taken): void {
    const { table, part } = this;
    if (content.length >= MOST_FROM_ONE || this.ways.length > MOST_CONTENTS) this.isWhole = false;
    if (table.effort > MOST_EFFORT) this.isWhole = false;
    if (!this.isWhole) return;
    const from = content.length > 1 ? (content[content.length - 1] as number) : 0;
    const kinds = content.map((at) => part[at] as number);
    let isFull = true;
    for (const at of beside) {
      if (!this.hasRoom(at, taken) || usedOf(content, at) >= (left[at] as number)) continue;
      if (!table.joins(kinds, part[at] as number)) continue;
      isFull = false;
      if (at < from) continue;
      const more = this.taken(at, taken);
      this.grow([...content, at], this.company(at, beside, more), left, more);
    }
    if (isFull) this.ways.push(content);
  }

  /** Those of the others that come from one tile with a kind too, in what room and corners are left. */
  private company(at: number, others: number[], taken: Taken): number[] {
    if (taken.corners + this.leastCorners > CORNERS) return [];
    const k = this.part[at] as number;
    return others.filter(
      (other) => this.hasRoom(other, taken) && this.table.meet(this.part[other] as number, k),
    );
  }

  private hasRoom(at: number, { area, corners }: Taken): boolean {
    return (
      area + (this.areas[at] as number) <= this.room &&
      corners + (this.corners[at] as number) <= CORNERS
    );
  }

  private taken(at: number, { area, corners }: Taken): Taken {
    return {
      area: area + (this.areas[at] as number),
      corners: corners + (this.corners[at] as number),
    };
  }
}

function usedOf(content: number[], at: number): number {
  return content.reduce((sum, other) => sum + (other === at ? 1 : 0), 0);
}
