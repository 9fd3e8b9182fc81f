import type { Polygon } from "../geometry/polygon.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { WallArea } from "../set-out/areas.ts";
import {
  classifyTiles,
  MOST_TILES,
  type TileGrid,
  tileRing,
  wholeRuns,
} from "../set-out/lattice.ts";
import type { TileRegion } from "../set-out/region.ts";
import { type SheetSeam, sheetSeams } from "../set-out/sheets.ts";
import { type CutPiece, cutTiles, type EdgePiece } from "./pieces.ts";

/** An area with its tiles: whole ones as runs of the lattice, cut ones as pieces. */
export interface LaidArea extends WallArea {
  /** shape, j, first i, last i for each run of whole tiles. */
  runs: Int32Array;
  pieces: CutPiece[];
  /** Seams between sheets of mosaic. */
  seams: SheetSeam[];
}

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

/** Lays an area's bond over its region and cuts it, as long as the job's budget lasts. */
export function layArea(
  job: Pick<Job, "field" | "tiles">,
  wall: string,
  area: WallArea,
  region: TileRegion,
  budget: TileBudget,
): LaidTiles {
  const { cell, origin, zone } = area;
  const seams = sheetSeams(area, tileOf(job, areaTile(job.field.tile, area, 0)));
  const prefix = zone ? `${wall}/${zone.id}` : wall;
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

/** Number of whole tiles in runs, of one shape of the cell or of all. */
export function countWhole(runs: Int32Array, shape?: number): number {
  let count = 0;
  for (let k = 0; k < runs.length; k += 4) {
    if (shape !== undefined && runs[k] !== shape) continue;
    count += (runs[k + 3] as number) - (runs[k + 2] as number) + 1;
  }
  return count;
}

/** Area of all tiles and pieces of an area, mm². */
export function tiledMm2({ cell, runs, pieces }: LaidArea): number {
  const cut = pieces.reduce((sum, piece) => sum + piece.areaMm2, 0);
  return cell.shapes.reduce(
    (sum, { areaMm2 }, shape) => sum + countWhole(runs, shape) * areaMm2,
    cut,
  );
}

/** The id of the tile that a shape of an area's cell is. */
export function areaTile(fieldTile: string, { zone, cell }: WallArea, shape: number): string {
  return cell.shapes[shape]?.tile ?? zone?.tile ?? fieldTile;
}

/** The area that a piece of a wall belongs to. */
export function areaOf({ areas }: { areas: LaidArea[] }, piece: CutPiece): LaidArea {
  return areas[piece.area] as LaidArea;
}

/** The whole tile that a piece is cut from, where it would lie on the wall. */
export function wholeTile(wall: { areas: LaidArea[] }, piece: CutPiece): Polygon {
  return tileRing(areaOf(wall, piece), piece);
}

/** The tile of the job that a piece is cut from. */
export function tileOfPiece(
  job: Pick<Job, "field" | "tiles">,
  wall: { areas: LaidArea[] },
  piece: CutPiece,
): LaidTile {
  return tileOf(job, areaTile(job.field.tile, areaOf(wall, piece), piece.shape));
}
