import { areaTaken, countOf, type Kind, type KindTable, MOST_FROM_ONE } from "./kinds.ts";

/** Blanks may be larger than their tile by the rounding of lengths, mm². */
export const AREA_ROUNDING = 1;

/** Contents of one tile that are told apart at most: beyond it nothing is said of all of them. */
const MOST_CONTENTS = 3000;

/** As much is asked of tiles with many pieces before the contents count as too much to tell. */
const MOST_EFFORT = 15_000;

/**
 * Everything that one tile can hold of some kinds, each until nothing more goes into it; undefined
 * when that is too much to tell, or a tile holds more pieces than are tried.
 */
export function fullContents(table: KindTable, part: number[]): number[][] | undefined {
  const contents: number[][] = [];
  const left = part.map((k) => countOf(table, k));
  for (const first of part.keys()) {
    const ways = fillings(table, part, left, first);
    if (!ways || contents.length + ways.length > MOST_CONTENTS) return undefined;
    for (const way of ways) contents.push(way);
    // Later ones hold none of it: whatever they lack of it is told with those that do.
    left[first] = 0;
  }
  return contents;
}

/**
 * All ways to fill the tile of a kind with what is left, until nothing more goes into it, as places
 * in `part`; undefined when more pieces go into one than are tried. Kinds before `first` are not asked.
 */
export function fillings(
  table: KindTable,
  part: number[],
  left: number[],
  first: number,
): number[][] | undefined {
  const room = table.stock.width * table.stock.height + AREA_ROUNDING;
  const areas = part.map((k) => areaTaken(table.kinds[k] as Kind));
  const ways: number[][] = [];
  let isWhole = true;
  const grow = (content: number[], from: number, area: number) => {
    if (content.length >= MOST_FROM_ONE || ways.length > MOST_CONTENTS) isWhole = false;
    if (table.effort() > MOST_EFFORT) isWhole = false;
    if (!isWhole) return;
    const kinds = content.map((at) => part[at] as number);
    let isFull = true;
    for (let at = 0; at < part.length; at++) {
      const used = content.reduce((sum, other) => sum + (other === at ? 1 : 0), 0);
      const more = area + (areas[at] as number);
      if (used >= (left[at] as number) || more > room) continue;
      if (!table.joins(kinds, part[at] as number)) continue;
      isFull = false;
      if (at >= from) grow([...content, at], at, more);
    }
    if (isFull) ways.push(content);
  };
  if ((left[first] as number) > 0) grow([first], 0, areas[first] as number);
  return isWhole ? ways : undefined;
}
