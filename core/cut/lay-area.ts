import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { WallArea } from "../set-out/areas.ts";
import { classifyTiles, MOST_TILES, type TileGrid, wholeRuns } from "../set-out/lattice.ts";
import type { TileRegion } from "../set-out/region.ts";
import { sheetSeams } from "../set-out/sheets.ts";
import { areaPrefix, areaTile, type LaidArea } from "./laid-area.ts";
import { cutTiles, type EdgePiece } from "./pieces.ts";

/** What laying an area gives beside its tiles. */
export interface LaidTiles {
  area: LaidArea;
  edgePieces: EdgePiece[];
  /** Every tile of the lattice with its state; none where nothing is laid. */
  grid: TileGrid | undefined;
  tilesForCuts: number;
  /** There would be more tiles than a wall has. */
  tooMany: boolean;
}

/** How many tiles and pieces a job may still take: beyond it the job is a mistake or an attack. */
export interface TileBudget {
  tiles: number;
  pieces: number;
  /** Something that it did not suffice for was not laid. */
  exceeded: boolean;
}

/** Whether what was taken of another budget can be taken of this one. */
export function suffices(budget: TileBudget, taken: TileBudget): boolean {
  return !taken.exceeded && taken.tiles <= budget.tiles && taken.pieces <= budget.pieces;
}

/** Lays something, and gives what it took of the budget; the budget itself stays as it is. */
export function withTaken<R>(budget: TileBudget, lay: (budget: TileBudget) => R) {
  const left = { ...budget, exceeded: false };
  const result = lay(left);
  const taken: TileBudget = {
    tiles: budget.tiles - left.tiles,
    pieces: budget.pieces - left.pieces,
    exceeded: left.exceeded,
  };
  return { result, taken };
}

/** Takes from the budget. */
export function take(budget: TileBudget, { tiles, pieces }: TileBudget): void {
  budget.tiles -= tiles;
  budget.pieces -= pieces;
}

/** What a job may take in all: five times what four walls of mosaic take. */
export function wholeBudget(): TileBudget {
  return { tiles: MOST_TILES, pieces: 40_000, exceeded: false };
}

/** Lays an area's bond over its region and cuts it, as long as the job's budget lasts; `index` is its place on its wall. */
export function layArea(
  job: Pick<Job, "field" | "tiles">,
  { wall, index }: { wall: string; index: number },
  area: WallArea,
  region: TileRegion,
  budget: TileBudget,
): LaidTiles {
  const { cell, origin, zone } = area;
  const seams = sheetSeams(area, tileOf(job, areaTile(job.field.tile, area, 0)));
  const prefix = areaPrefix(wall, area, index);
  const most = Math.min(MOST_TILES, budget.tiles);
  const grid = region.boundary.length > 0 ? classifyTiles(cell, origin, region, most) : undefined;
  if (!grid || grid.edgeTiles.length > budget.pieces) {
    budget.exceeded ||= region.boundary.length > 0;
    return {
      area: { ...area, runs: new Int32Array(0), pieces: [], seams: [] },
      edgePieces: [],
      grid: undefined,
      tilesForCuts: 0,
      tooMany: region.boundary.length > 0,
    };
  }
  budget.tiles -= grid.state.length;
  budget.pieces -= grid.edgeTiles.length;
  const { pieces, tilesCut, edgePieces } = cutTiles(prefix, grid, region, zone === undefined);
  return {
    area: { ...area, runs: wholeRuns(grid), pieces, seams },
    edgePieces,
    grid,
    tilesForCuts: tilesCut,
    tooMany: false,
  };
}
