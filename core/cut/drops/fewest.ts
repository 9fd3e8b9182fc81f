import type { Blank, Stock } from "./fit.ts";
import { type Kind, type KindTable, kindTable } from "./kinds.ts";

/**
 * The fewest tiles that give all blanks, each with the indexes of its blanks: the largest first,
 * each into the fullest tile that still takes it. `fewestBound` tells when no way needs fewer.
 */
export function fewestTiles(blanks: Blank[], stock: Stock): number[][] {
  const table = kindTable(blanks, stock);
  const left = table.kinds.map(({ members }) => [...members]);
  return packKinds(table).flatMap(({ content, count }) =>
    Array.from({ length: count }, () => content.map((kind) => left[kind]?.pop() as number)),
  );
}

/** Tiles that are cut alike. */
interface Group {
  content: number[];
  count: number;
  area: number;
}

function packKinds(table: KindTable): Group[] {
  const groups: Group[] = [];
  table.kinds.forEach(({ members }, k) => {
    let waiting = members.length;
    while (waiting > 0) waiting -= placeSome(groups, table, k, waiting);
  });
  return groups;
}

/** Puts as many of a kind as one group of tiles takes into it; gives how many. */
function placeSome(
  groups: Group[],
  { kinds, fits }: KindTable,
  k: number,
  waiting: number,
): number {
  const { width, height } = kinds[k] as Kind;
  const area = width * height;
  const byFill = [...groups].sort((p, q) => q.area - p.area);
  const best = byFill.find(({ content }) => fits([...content, k]));
  if (!best) {
    groups.push({ content: [k], count: 1, area });
    return 1;
  }
  const count = Math.min(best.count, waiting);
  best.count -= count;
  if (best.count === 0) groups.splice(groups.indexOf(best), 1);
  const content = [...best.content, k];
  const same = groups.find((group) => group.content.join() === content.join());
  if (same) same.count += count;
  else groups.push({ content, count, area: best.area + area });
  return count;
}
