import type { LaidArea } from "../cut/laid-area.ts";
import { mod } from "../limits.ts";
import type { LaidTile } from "../project/job.ts";
import { type TileRef, tileNumber } from "../set-out/lattice.ts";

type Sheet = NonNullable<LaidTile["sheet"]>;

/**
 * The sheet that a chip belongs to, by its row and its place in it: the seams begin at the reference
 * chip, and every other row of sheets is moved by half of one.
 */
export function sheetAt({ cell }: Pick<LaidArea, "cell">, sheet: Sheet, chip: TileRef) {
  const { course, column } = tileNumber(cell, chip);
  const row = Math.floor((course - 1) / sheet.rows);
  const half = mod(row, 2) === 0 ? 0 : Math.floor(sheet.columns / 2);
  const place = Math.floor((column - 1 - half) / sheet.columns);
  return { row, place };
}

/** A sheet as the key of a map. */
export function sheetKey({ row, place }: { row: number; place: number }): string {
  return `${row}/${place}`;
}
