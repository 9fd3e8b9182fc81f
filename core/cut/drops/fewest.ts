import type { Blank, Stock } from "./blank.ts";
import { fewestBound, quickBound } from "./bound.ts";
import { areaTaken, CORNERS, type Kind, KindTable } from "./kinds.ts";
import { searchFewest } from "./search.ts";

/** Tiles to cut up, each with the indexes of its blanks, and how few can do at the least. */
export interface Fewest {
  tiles: number[][];
  /** No way of cutting needs fewer: the tiles are proven the fewest where there are no more. */
  bound: number;
}

/**
 * The fewest tiles that give all blanks: the largest first, each into the fullest tile that still
 * takes it. Where that is more than the bound, an exact search of so many `nodes` looks for fewer
 * and, when it comes to its end, proves that there are none.
 */
export function fewestTiles(blanks: Blank[], stock: Stock, nodes = SEARCH_NODES): Fewest {
  const table = new KindTable(blanks, stock);
  const greedy = packKinds(table).flatMap(({ content, count }) =>
    Array.from({ length: count }, () => content),
  );
  // What is impossible for the smallest of a kind is impossible for each.
  const least = table.coarse ? new KindTable(blanks, stock, "smallest", table.step) : table;
  const quick = quickBound(least);
  if (quick >= greedy.length) return { tiles: deal(table, greedy), bound: quick };
  const proven = fewestBound(least);
  const found = byPart(table, greedy);
  // Seating small pieces beside large ones often proves it, and is quicker than to search.
  if (proven >= greedy.length) return { tiles: deal(table, found.flat()), bound: proven };
  const { contents, bound } = searchFewest(table, found, nodes);
  return { tiles: deal(table, contents), bound: Math.max(bound, proven) };
}

/** Contents of tiles, those of each part of the table together. */
function byPart({ parts, kinds }: KindTable, contents: number[][]): number[][][] {
  const partOf = kinds.map(() => 0);
  parts.forEach((part, at) => {
    for (const k of part) partOf[k] = at;
  });
  const sorted: number[][][] = parts.map(() => []);
  for (const content of contents) sorted[partOf[content[0] as number] as number]?.push(content);
  return sorted;
}

/** Steps of the exact search: as many everywhere, so that page and endpoint find the same. */
export const SEARCH_NODES = 2000;

/** Hands the blanks of each kind to the tiles that hold it. */
function deal({ kinds }: KindTable, contents: number[][]): number[][] {
  const left = kinds.map(({ members }) => [...members]);
  return contents.map((content) => content.map((kind) => left[kind]?.pop() as number));
}

/** How many tiles the quick way takes. */
export function countFewest(blanks: Blank[], stock: Stock): number {
  return packKinds(new KindTable(blanks, stock)).reduce((sum, { count }) => sum + count, 0);
}

/** Tiles that are cut alike. */
interface Group {
  content: number[];
  count: number;
  area: number;
  /** How many of the tile's corners are taken. */
  corners: number;
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
  const corners = table.cornersOf(k);
  const at = groups.findIndex(
    (group) =>
      group.area <= room && group.corners + corners <= CORNERS && table.joins(group.content, k),
  );
  const best = groups[at];
  if (!best) {
    addTo(groups, { content: [k], count: 1, area, corners });
    return 1;
  }
  const count = Math.min(best.count, waiting);
  best.count -= count;
  if (best.count === 0) groups.splice(at, 1);
  addTo(groups, {
    content: [...best.content, k],
    count,
    area: best.area + area,
    corners: best.corners + corners,
  });
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
