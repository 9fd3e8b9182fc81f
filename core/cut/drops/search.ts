import { Contents } from "./contents.ts";
import type { KindTable } from "./kinds.ts";
import { tileShares } from "./shares.ts";

/** What the search came to: the contents of the tiles, and how few can do at the least. */
export interface Searched {
  contents: number[][];
  bound: number;
}

/**
 * Looks for fewer tiles than were found for each part, by what one tile can hold: what share of a tile each kind
 * costs at the least bounds the count, and a search of so many `nodes` fills tiles one by one within
 * that. Kinds that never share a tile are searched apart. Steps are counted and no clock is asked,
 * so that the same job gives the same answer everywhere.
 */
export function searchFewest(table: KindTable, found: number[][][], nodes: number): Searched {
  const budget = { nodes };
  const parts = table.parts.map((part, at) => searchPart(table, part, found[at] ?? [], budget));
  return {
    contents: parts.flatMap(({ contents }) => contents),
    bound: table.coarse ? 0 : parts.reduce((sum, { bound }) => sum + bound, 0),
  };
}

function searchPart(
  table: KindTable,
  part: number[],
  found: number[][],
  budget: { nodes: number },
): Searched {
  const contents = new Contents(table, part);
  const ways = contents.all();
  // Of contents that cannot all be told nothing can be proven.
  if (!ways) return { contents: found, bound: 0 };
  const search = new PartSearch(contents, part, ways, budget);
  let best = found;
  while (best.length > search.bound) {
    const better = search.within(best.length - 1);
    if (better) best = better;
    else return { contents: best, bound: search.isComplete ? best.length : search.bound };
  }
  return { contents: best, bound: best.length };
}

/** Sums of shares that differ by less are equal. */
const SHARE_ROUNDING = 1e-6;

class PartSearch {
  /** Fewer tiles are impossible by the shares alone. */
  readonly bound: number;
  /** Whether the last answer is certain: no step was lacking. */
  isComplete = true;
  /** For what was left, the most tiles that did not do. */
  private readonly failed = new Map<string, number>();
  private readonly shares: number[];

  constructor(
    private readonly contents: Contents,
    private readonly part: number[],
    ways: number[][],
    private readonly budget: { nodes: number },
  ) {
    this.shares = tileShares(contents.counts(), ways);
    this.bound = Math.ceil(this.sharesOf(contents.counts()) - SHARE_ROUNDING);
  }

  /** The contents of so many tiles that give all blanks of the part; undefined when none were found. */
  within(tiles: number): number[][] | undefined {
    this.isComplete = true;
    return this.fill(this.contents.counts(), tiles);
  }

  private sharesOf(left: number[]): number {
    return left.reduce((sum, count, at) => sum + count * (this.shares[at] as number), 0);
  }

  private fill(left: number[], tiles: number): number[][] | undefined {
    const first = this.mostBound(left);
    if (first === undefined) return [];
    if (this.sharesOf(left) > tiles + SHARE_ROUNDING) return undefined;
    const key = left.join();
    if ((this.failed.get(key) ?? -1) >= tiles) return undefined;
    if (this.budget.nodes <= 0) {
      this.isComplete = false;
      return undefined;
    }
    this.budget.nodes--;
    const ways = this.fillingsOf(left, first);
    if (!ways) this.isComplete = false;
    for (const content of ways ?? []) {
      const rest = [...left];
      for (const at of content) rest[at] = (rest[at] as number) - 1;
      const others = this.fill(rest, tiles - 1);
      if (others) return [content.map((at) => this.part[at] as number), ...others];
    }
    // What failed for want of steps may do when there are more of them.
    if (this.isComplete) this.failed.set(key, tiles);
    return undefined;
  }

  /** The kind that is left with the fewest others beside it: it leaves the least choice. */
  private mostBound(left: number[]): number | undefined {
    let [first, least]: [number | undefined, number] = [undefined, Infinity];
    left.forEach((count, at) => {
      if (count === 0) return;
      let beside = 0;
      for (const other of this.contents.near[at] as number[]) {
        beside += (left[other] as number) - (other === at ? 1 : 0);
      }
      if (beside < least) [first, least] = [at, beside];
    });
    return first;
  }

  /** Ways to fill the tile of a piece, those first that leave the least share of it. */
  private fillingsOf(left: number[], first: number): number[][] | undefined {
    const worth = (content: number[]) =>
      content.reduce((sum, at) => sum + (this.shares[at] as number), 0);
    return this.contents
      .fillings(left, first)
      ?.map((content) => ({ content, share: worth(content) }))
      .sort((p, q) => q.share - p.share)
      .map(({ content }) => content);
  }
}
