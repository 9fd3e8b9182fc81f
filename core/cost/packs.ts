import { SAME_SUM } from "../limits.ts";

/** A pack as it is sold. */
export interface Pack {
  size: number;
  price: number;
}

/** So many packs of each size. */
export interface PackMix {
  packs: number[];
  cost: number;
}

/** More packs of a kind than this are not tried one by one: then the cheapest by its size is taken. */
const MOST_TRIED = 2000;

/**
 * The cheapest packs that hold what is needed; of two alike the fewer packs. Every count of every size
 * is tried that can still be cheaper, so that no other mix is cheaper.
 */
export function cheapestMix(need: number, packs: Pack[]): PackMix {
  const none = packs.map(() => 0);
  if (need <= SAME_SUM || packs.length === 0) return { packs: none, cost: 0 };
  // By the price of what they hold: then what is still needed costs at least so much by the next one.
  const order = packs.map((_, k) => k).sort((p, q) => perUnit(packs[p]) - perUnit(packs[q]));
  let best: PackMix & { count: number } = { packs: none, cost: Infinity, count: Infinity };
  const counts = [...none];
  const fill = (at: number, left: number, cost: number, count: number): void => {
    if (left <= SAME_SUM * Math.max(1, need)) {
      const better =
        cost < best.cost - SAME_SUM || (cost <= best.cost + SAME_SUM && count < best.count);
      if (better) best = { packs: [...counts], cost, count };
      return;
    }
    const index = order[at];
    if (index === undefined) return;
    const pack = packs[index] as Pack;
    if (cost + left * perUnit(pack) > best.cost + SAME_SUM) return;
    const most = Math.ceil(left / pack.size - SAME_SUM);
    const least = Math.max(0, at === order.length - 1 ? most : most - MOST_TRIED);
    for (let n = most; n >= least; n--) {
      counts[index] = n;
      fill(at + 1, left - n * pack.size, cost + n * pack.price, count + n);
    }
    counts[index] = 0;
  };
  fill(0, need, 0, 0);
  return { packs: best.packs, cost: best.cost };
}

function perUnit(pack: Pack | undefined): number {
  return pack ? pack.price / pack.size : Infinity;
}
