import { SAME_SUM } from "../limits.ts";

/**
 * Parts sizes, in their order, into the fewest runs none of which is larger than a limit; of these,
 * those whose largest is smallest. Gives how many sizes each run takes. A size beyond the limit is a
 * run by itself.
 */
export function fewestRuns(sizes: number[], limit: number): number[] {
  if (sizes.length === 0) return [];
  const most = Math.max(limit, ...sizes);
  const count = greedy(sizes, most).length;
  // The largest run is the sum of neighbours: of these sums the least that takes no more runs.
  const sums = neighbourSums(sizes, most);
  let [low, high] = [0, sums.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (greedy(sizes, sums[middle] as number).length <= count) high = middle;
    else low = middle + 1;
  }
  return greedy(sizes, sums[low] as number);
}

function greedy(sizes: number[], most: number): number[] {
  const runs: number[] = [];
  let sum = Infinity;
  for (const size of sizes) {
    if (sum + size > most * (1 + SAME_SUM)) {
      runs.push(0);
      sum = 0;
    }
    sum += size;
    runs[runs.length - 1] = (runs.at(-1) ?? 0) + 1;
  }
  return runs;
}

function neighbourSums(sizes: number[], most: number): number[] {
  const largest = Math.max(...sizes);
  const sums = new Set<number>();
  for (let from = 0; from < sizes.length; from++) {
    let sum = 0;
    for (let to = from; to < sizes.length; to++) {
      sum += sizes[to] as number;
      if (sum > most * (1 + SAME_SUM)) break;
      if (sum >= largest) sums.add(sum);
    }
  }
  sums.add(most);
  return [...sums].sort((p, q) => p - q);
}
