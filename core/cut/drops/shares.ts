import { SAME_SUM } from "../../limits.ts";

/** Steps of the simplex method at most; what it has come to by then is used as it is. */
const MOST_STEPS = 2000;

/**
 * What share of a tile each kind costs at the least: no content adds up to more than one tile, and
 * the shares of all blanks add up to as much as can be. Fewer tiles than that sum are impossible,
 * by the duality of linear programs; found by the revised simplex method over the contents, and
 * scaled to be true whatever its rounding.
 */
export function tileShares(counts: number[], contents: number[][]): number[] {
  const shares = new Simplex(counts, contents).solve().map((share) => Math.max(0, share));
  const fullest = Math.max(1, ...contents.map((content) => sharesOf(content, shares)));
  return shares.map((share) => share / fullest);
}

function sharesOf(content: number[], shares: number[]): number {
  let sum = 0;
  for (const k of content) sum += shares[k] as number;
  return sum;
}

/** Covers all blanks with as little tile as can be, parts of a tile allowed. */
class Simplex {
  /** Inverse of the basis, row by row; the basis begins as one tile for each kind. */
  private readonly inverse: Float64Array[];
  /** How much of each column of the basis is used. */
  private readonly amounts: number[];
  /** What each column of the basis costs: a tile, or nothing for a blank too many. */
  private readonly costs: number[];

  constructor(
    counts: number[],
    private readonly contents: number[][],
  ) {
    this.inverse = counts.map((_, k) => Float64Array.from(counts, (_count, at) => +(at === k)));
    this.amounts = [...counts];
    this.costs = counts.map(() => 1);
  }

  solve(): number[] {
    let shares = this.shares();
    for (let step = 0; step < MOST_STEPS; step++) {
      const entering = this.entering(shares);
      if (!entering || !this.enter(entering.column, entering.cost)) break;
      shares = this.shares();
    }
    return shares;
  }

  private shares(): number[] {
    const sums = this.costs.map(() => 0);
    this.inverse.forEach((row, at) => {
      if (this.costs[at] === 0) return;
      for (let k = 0; k < row.length; k++) sums[k] = (sums[k] as number) + (row[k] as number);
    });
    return sums;
  }

  /** The content that is worth most over its one tile, or a kind that is worth less than nothing. */
  private entering(shares: number[]): { column: number[]; cost: number } | undefined {
    let best: number[] | undefined;
    let unused: number | undefined;
    let gain = SAME_SUM;
    for (const content of this.contents) {
      const worth = sharesOf(content, shares) - 1;
      if (worth > gain) [best, gain] = [content, worth];
    }
    shares.forEach((share, k) => {
      if (-share > gain) [unused, gain] = [k, -share];
    });
    const column = shares.map(() => 0);
    if (unused !== undefined) {
      column[unused] = -1;
      return { column, cost: 0 };
    }
    for (const k of best ?? []) column[k] = (column[k] as number) + 1;
    return best && { column, cost: 1 };
  }

  /** Brings a column into the basis; false when nothing gives way. */
  private enter(column: number[], cost: number): boolean {
    // A column has a handful of blanks: nothing else of it adds to a step.
    const used = column.flatMap((amount, k) => (amount === 0 ? [] : [k]));
    const steps = this.inverse.map((row) =>
      used.reduce((sum, k) => sum + (column[k] as number) * (row[k] as number), 0),
    );
    let leaving = -1;
    let least = Infinity;
    steps.forEach((step, row) => {
      const ratio = (this.amounts[row] ?? 0) / step;
      if (step > SAME_SUM && ratio < least) [leaving, least] = [row, ratio];
    });
    const pivotRow = this.inverse[leaving];
    const pivot = steps[leaving];
    if (!pivotRow || !pivot) return false;
    for (let k = 0; k < pivotRow.length; k++) pivotRow[k] = (pivotRow[k] as number) / pivot;
    this.inverse.forEach((row, at) => {
      const step = steps[at] ?? 0;
      if (at === leaving || step === 0) return;
      for (let k = 0; k < row.length; k++) {
        row[k] = (row[k] as number) - step * (pivotRow[k] as number);
      }
      this.amounts[at] = (this.amounts[at] ?? 0) - step * least;
    });
    this.amounts[leaving] = least;
    this.costs[leaving] = cost;
    return true;
  }
}
