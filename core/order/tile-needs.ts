import type { DropsPlan } from "../cut/drops/drops.ts";
import { areaTile, countWhole, type LaidArea } from "../cut/laid-area.ts";
import type { Lining } from "../cut/linings.ts";
import type { Job } from "../project/job.ts";

import { liningTiles } from "./lining-tiles.ts";

/** How many of a tile the plan takes. */
export interface TileNeed {
  tile: string;
  full: number;
  /** Tiles that the cut pieces come from, drops used. */
  forCuts: number;
  /** Tiles that returns and cut pieces on backs of openings come from. */
  forLinings: number;
}

/** What is laid on the walls, and in their openings. */
type TiledWalls = { areas: LaidArea[]; linings: Lining[] }[];

/** What the job takes of each tile: on the walls, and in niches and windows. */
export function tileNeeds(
  job: Pick<Job, "field" | "settings" | "tiles">,
  walls: TiledWalls,
  drops: DropsPlan,
): TileNeed[] {
  const needs = new Map<string, TileNeed>();
  const needOf = (tile: string) => {
    const need = needs.get(tile) ?? { tile, full: 0, forCuts: 0, forLinings: 0 };
    needs.set(tile, need);
    return need;
  };
  const countFull = (area: LaidArea) =>
    area.cell.shapes.forEach((_, shape) => {
      const uncut = area.pieces.filter((piece) => piece.kind === "none" && piece.shape === shape);
      needOf(areaTile(job.field.tile, area, shape)).full +=
        countWhole(area.runs, shape) + uncut.length;
    });
  needOf(job.field.tile);
  for (const { areas, linings } of walls) {
    areas.forEach(countFull);
    for (const { backs } of linings) backs.forEach(countFull);
  }
  const linings = walls.flatMap((wall) => wall.linings);
  for (const [tile, count] of liningTiles(job, linings)) needOf(tile).forLinings += count;
  for (const { tile } of drops.tiles) needOf(tile).forCuts += 1;
  return [...needs.values()];
}
