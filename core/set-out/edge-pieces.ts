import { SAME_MM } from "../limits.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";

/** Edge pieces of one face that are cut from a tile, where no bullnose matches it. */
export interface EdgePieces {
  /** The tile that they are cut from. */
  tile: string;
  /** Visible face, mm. */
  face: number;
  pieces: number;
  /** How many one tile gives; 0 when it is too small for one. */
  perTile: number;
  tiles: number;
  /** Share of those tiles that is left over. */
  waste: number;
}

/** A run of trim with the pieces that it takes. */
interface BoughtRun {
  face: number;
  pieces?: { count: number };
}

/**
 * The tiles that the job's edge pieces are cut from, the field's or one that was chosen, by their
 * face; none where bullnose is bought. Each piece keeps a factory edge of the tile, to be eased or glazed, so only strips along
 * two opposite edges count. Trade practice.
 */
export function edgePieces(
  job: Pick<Job, "field" | "settings" | "tiles">,
  runs: BoughtRun[],
): EdgePieces[] {
  if (!job.settings.bullnoseFromTile) return [];
  const tile = job.settings.bullnoseTile ?? job.field.tile;
  const { width, height } = tileOf(job, tile);
  const [piece, kerf] = [job.settings.bullnosePiece, job.settings.kerf];
  const counts = new Map<number, number>();
  for (const { face, pieces } of runs) {
    if (pieces) counts.set(face, (counts.get(face) ?? 0) + pieces.count);
  }
  return [...counts].map(([face, pieces]) => {
    const perTile = Math.max(
      fromTile(width, height, piece, face, kerf),
      fromTile(height, width, piece, face, kerf),
    );
    const tiles = perTile === 0 ? 0 : Math.ceil(pieces / perTile);
    const waste = tiles === 0 ? 0 : 1 - (pieces * piece * face) / (tiles * width * height);
    return { tile, face, pieces, perTile, tiles, waste };
  });
}

/** Pieces along the two edges of one length, with the saw's kerf between. */
function fromTile(edge: number, depth: number, piece: number, face: number, kerf: number): number {
  const strips = depth >= 2 * face + kerf - SAME_MM ? 2 : depth >= face - SAME_MM ? 1 : 0;
  return strips * Math.floor((edge + kerf + SAME_MM) / (piece + kerf));
}
