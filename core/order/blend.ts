import { SAME_SUM } from "../limits.ts";
import type { Job } from "../project/job.ts";
import type { Delivery } from "../project/schema.ts";

/** How much of one lot goes into the blend. */
export interface LotShare {
  lot: Delivery;
  tiles: number;
  /** Of every ten tiles taken from the open boxes. */
  ofTen: number;
}

/** The delivered boxes of one tile: how to draw from them, and what does not belong together. */
export interface Blend {
  lots: LotShare[];
  tiles: number;
  /** Tiles that are lacking against those to buy; 0 where there are enough. */
  short: number;
  /** Several calibers: they differ in size and do not share a wall. */
  calibers: string[];
}

/**
 * Draws from all lots at once, so that tones mix over the whole job instead of changing half way
 * up a wall. `wanted` is how many tiles the job takes. Trade practice.
 */
export function blendOf(job: Pick<Job, "delivery" | "packs">, tile: string, wanted: number): Blend {
  const perBox = job.packs[tile] as number;
  const lots = job.delivery.filter((lot) => lot.tile === tile);
  const counts = lots.map(({ boxes }) => boxes * perBox);
  const tiles = counts.reduce((sum, count) => sum + count, 0);
  const ofTen = shareOut(10, counts);
  const calibers = new Set(lots.flatMap(({ caliber }) => (caliber ? [caliber] : [])));
  return {
    lots: lots.map((lot, k) => ({ lot, tiles: counts[k] ?? 0, ofTen: ofTen[k] ?? 0 })),
    tiles,
    short: lots.length === 0 ? 0 : Math.max(0, wanted - tiles),
    calibers: calibers.size > 1 ? [...calibers] : [],
  };
}

/** Shares a number out by weights in whole parts: the largest remainders get what is left. */
export function shareOut(total: number, weights: number[]): number[] {
  const sum = weights.reduce((all, weight) => all + weight, 0);
  if (sum === 0) return weights.map(() => 0);
  const exact = weights.map((weight) => (total * weight) / sum);
  const shares = exact.map((share) => Math.floor(share + SAME_SUM));
  const left = total - shares.reduce((all, share) => all + share, 0);
  const byRest = exact
    .map((share, k) => ({ k, rest: share - (shares[k] ?? 0) }))
    .sort((p, q) => q.rest - p.rest || p.k - q.k);
  for (const { k } of byRest.slice(0, left)) shares[k] = (shares[k] ?? 0) + 1;
  return shares;
}
