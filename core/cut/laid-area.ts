import type { Polygon } from "../geometry/polygon.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { WallArea } from "../set-out/areas.ts";
import { tileRing } from "../set-out/lattice.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import type { SheetSeam } from "../set-out/sheets.ts";
import type { CutPiece } from "./pieces.ts";

/** An area with its tiles: whole ones as runs of the lattice, cut ones as pieces. */
export interface LaidArea extends WallArea {
  /** shape, j, first i, last i for each run of whole tiles. */
  runs: Int32Array;
  pieces: CutPiece[];
  /** Seams between sheets of mosaic. */
  seams: SheetSeam[];
}

/**
 * What the ids of an area's pieces begin with. A field that goes on above a band counts its courses on;
 * where a bond has no level courses its numbers begin anew, and are told apart by the area.
 */
export function areaPrefix(wall: string, { zone, cell }: WallArea, index: number): string {
  if (zone) return `${wall}/${zone.id}`;
  return index > 0 && !countsOn(cell) ? `${wall}/+${index}` : wall;
}

function countsOn({ straight, a, b, shapes }: PatternCell): boolean {
  const columns = a.vector[1] !== 0;
  return straight && !(columns && (b.vector[1] !== 0 || shapes.length > 1));
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
