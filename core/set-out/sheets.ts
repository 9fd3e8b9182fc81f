import { boxOf } from "../geometry/polygon.ts";
import type { LaidTile } from "../project/job.ts";
import type { Warning } from "../warning.ts";
import type { WallArea } from "./areas.ts";

/** A seam between two sheets of mosaic: from and to, mm. */
export type SheetSeam = [x0: number, y0: number, x1: number, y1: number];

/**
 * Seams between the sheets of an area, in the middle of their joints. Rows of sheets are moved by
 * half a sheet, by turns, so that upright seams never line up. None for bonds without courses.
 */
export function sheetSeams({ cell, origin, boundary }: WallArea, tile: LaidTile): SheetSeam[] {
  const { sheet } = tile;
  if (!sheet || !cell.straight || boundary.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(boundary);
  const [chipX, chipY] = [cell.width + cell.joint, cell.height + cell.joint];
  const [across, up] = [sheet.columns * chipX, sheet.rows * chipY];
  const half = Math.floor(sheet.columns / 2) * chipX;
  const [x0, y0] = [origin[0] - cell.joint / 2, origin[1] - cell.joint / 2];
  const seams: SheetSeam[] = [];
  const first = Math.floor((minY - y0) / up);
  for (let row = first; y0 + row * up < maxY - cell.joint; row++) {
    const [low, high] = [y0 + row * up, y0 + (row + 1) * up];
    if (low > minY) seams.push([minX, low, maxX, low]);
    const start = x0 + (row % 2 === 0 ? 0 : half);
    for (let k = Math.ceil((minX - start) / across); start + k * across < maxX - cell.joint; k++) {
      const x = start + k * across;
      if (x > minX) seams.push([x, Math.max(low, minY), x, Math.min(high, maxY)]);
    }
  }
  return seams;
}

/**
 * Interlocking sheets begin straight only when every second chip is taken off that sticks out along
 * the base and the first side: how many chips, of how many sheets (trade practice).
 */
export function checkSheets(
  wall: string,
  { sheet }: LaidTile,
  { cell, boundary, zone }: Pick<WallArea, "cell" | "boundary" | "zone">,
): Warning[] {
  if (!sheet?.interlocking || boundary.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(boundary);
  const along = Math.ceil((maxX - minX) / (sheet.columns * (cell.width + cell.joint)));
  const up = Math.ceil((maxY - minY) / (sheet.rows * (cell.height + cell.joint)));
  const chips = along * Math.floor(sheet.columns / 2) + up * Math.floor(sheet.rows / 2);
  // The sheet in the corner is trimmed on both sides.
  const values = { chips, sheets: along + up - 1 };
  const item = zone ? { item: zone.id } : {};
  return [{ code: "sheets-interlock", severity: "note", wall, ...item, values }];
}
