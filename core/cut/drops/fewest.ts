import type { Blank, Stock } from "./fit.ts";
import { areaTaken, type Kind, type KindTable, kindTable } from "./kinds.ts";

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

/** How many tiles `fewestTiles` takes. */
export function countFewest(blanks: Blank[], stock: Stock): number {
  return packKinds(kindTable(blanks, stock)).reduce((sum, { count }) => sum + count, 0);
}

/** Tiles that are cut alike. */
interface Group {
  content: number[];
  count: number;
  area: number;
}

/** Groups stay in order, the fullest first. */
function packKinds(table: KindTable): Group[] {
  const groups: Group[] = [];
  table.kinds.forEach(({ members }, k) => {
    let waiting = members.length;
    while (waiting > 0) waiting -= placeSome(groups, table, k, waiting);
  });
  return groups;
}

/** Puts as many of a kind as one group of tiles takes into it; gives how many. */
function placeSome(groups: Group[], table: KindTable, k: number, waiting: number): number {
  const area = areaTaken(table.kinds[k] as Kind);
  const room = table.stock.width * table.stock.height - area + AREA_ROUNDING;
  const at = groups.findIndex((group) => group.area <= room && table.joins(group.content, k));
  const best = groups[at];
  if (!best) {
    addTo(groups, { content: [k], count: 1, area });
    return 1;
  }
  const count = Math.min(best.count, waiting);
  best.count -= count;
  if (best.count === 0) groups.splice(at, 1);
  addTo(groups, { content: [...best.content, k], count, area: best.area + area });
  return count;
}

/** Blanks may be larger than their tile by the rounding of lengths, mm². */
const AREA_ROUNDING = 1;

function addTo(groups: Group[], added: Group): void {
  const same = groups.find(
    ({ area, content }) => area === added.area && alike(content, added.content),
  );
  if (same) {
    same.count += added.count;
    return;
  }
  const behind = groups.findIndex(({ area }) => area < added.area);
  groups.splice(behind < 0 ? groups.length : behind, 0, added);
}

function alike(content: number[], other: number[]): boolean {
  return content.length === other.length && content.every((k, at) => k === other[at]);
}
