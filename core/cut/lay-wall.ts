import type { Job } from "../project/job.ts";
import type { WallArea } from "../set-out/areas.ts";
import type { TileGrid } from "../set-out/lattice.ts";
import type { PatternCell } from "../set-out/pattern.ts";
import type { TileRegion } from "../set-out/region.ts";
import type { Warning } from "../warning.ts";
import { checkCuts } from "./check.ts";
import type { LaidArea } from "./laid-area.ts";
import { layArea, type TileBudget } from "./lay-area.ts";
import { type CutPiece, numberPieces } from "./pieces.ts";
import { type CutFlag, cutFlags } from "./sides.ts";

/** A wall's tile: laid and cut. */
export interface LaidWall {
  id: string;
  /** The field and the zones, each with its lattice and tiles; the field from the base is first. */
  areas: LaidArea[];
  /** The pieces of all areas that are not whole tiles. */
  pieces: CutPiece[];
  flags: CutFlag[];
  tilesForCuts: number;
}

/** What is laid on a wall: bonds, each over its region. */
export interface LayInputs {
  job: Job;
  id: string;
  cell: PatternCell;
  beds: WallArea[];
  regions: TileRegion[];
  fieldRegion: TileRegion;
}

/** A wall laid, with what only the joints are still told from. */
export interface LaidNow {
  laid: LaidWall;
  grids: (TileGrid | undefined)[];
  /** There would be more tiles than the budget has. */
  tooMany: boolean;
  warnings: Warning[];
}

/** Lays each area's bond over its region and cuts it; takes what it lays from the budget. */
export function layWall(inputs: LayInputs, budget: TileBudget): LaidNow {
  const { job, id: wall, cell, beds, regions, fieldRegion } = inputs;
  const laid = beds.map((area, index) =>
    layArea(job, { wall, index }, area, regions[index] as TileRegion, budget),
  );
  const { sliver } = job.setOut;
  const ofField = laid.filter(({ area }) => area.zone === undefined);
  const ofZones = laid.filter(({ area }) => area.zone !== undefined);
  const atEdges = ofField.flatMap(({ edgePieces }) => edgePieces);
  const flags = cutFlags(cell, fieldRegion.edges, atEdges, sliver);
  const fieldPieces = ofField.flatMap(({ area }) => area.pieces);
  const areas = laid.map(({ area }) => area);
  const tooMany = laid.some((area) => area.tooMany);
  const stop: Warning = { code: "too-many-tiles", severity: "stop", wall, values: {} };
  return {
    laid: {
      id: wall,
      areas,
      pieces: numberPieces(areas),
      flags,
      tilesForCuts: laid.reduce((sum, { tilesForCuts }) => sum + tilesForCuts, 0),
    },
    grids: laid.map(({ grid }) => grid),
    tooMany,
    warnings: [
      ...(tooMany ? [stop] : []),
      ...checkCuts(wall, cell, flags, fieldPieces, sliver),
      ...ofZones.flatMap(({ area }) => checkCuts(wall, area.cell, [], area.pieces, sliver)),
    ],
  };
}
