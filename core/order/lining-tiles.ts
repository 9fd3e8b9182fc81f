import { type Blank, Side, type Stock } from "../cut/drops/blank.ts";
import { countFewest } from "../cut/drops/fewest.ts";
import { areaTile } from "../cut/laid-area.ts";
import type { Lining, ReturnStrip } from "../cut/linings.ts";
import { cutTilesOf } from "../cut/pieces.ts";
import { SAME_MM } from "../limits.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";

/** Beyond this many pieces each takes a tile of its own: nobody sorts that many. */
const MOST_PIECES = 600;

/**
 * Tiles that the linings of openings are cut from, by tile: those of cut pieces on backs, and the
 * fewest found for the returns of the whole job, each with a factory edge to the room.
 */
export function liningTiles(
  job: Pick<Job, "settings" | "tiles">,
  linings: Lining[],
): Map<string, number> {
  const tiles = new Map<string, number>();
  const add = (tile: string, count: number) => tiles.set(tile, (tiles.get(tile) ?? 0) + count);
  const blanks = new Map<string, Blank[]>();
  for (const lining of linings) {
    const { backs, tile } = lining;
    for (const back of backs) {
      for (const shape of cutTilesOf(back.pieces)) add(areaTile(tile, back, shape), 1);
    }
    for (const strip of lining.returns) {
      const known = blanks.get(strip.tile) ?? [];
      known.push(...blanksOf(strip, tileOf(job, strip.tile)));
      blanks.set(strip.tile, known);
    }
  }
  for (const [id, wanted] of blanks) {
    if (wanted.length === 0) continue;
    const stock = stockOf(job, tileOf(job, id));
    add(id, wanted.length > MOST_PIECES ? wanted.length : countFewest(wanted, stock));
  }
  return tiles;
}

function stockOf(job: Pick<Job, "settings">, tile: LaidTile): Stock {
  const [short, long] = [Math.min(tile.width, tile.height), Math.max(tile.width, tile.height)];
  const turns = tile.directional !== true;
  return { width: long, height: short, kerf: job.settings.kerf, turns };
}

/** Pieces of a return as they lie in a tile with its long side level. */
function blanksOf({ lengths, depth, rows }: ReturnStrip, tile: LaidTile): Blank[] {
  const short = Math.min(tile.width, tile.height);
  return lengths.flatMap((length) => {
    const lies = depth <= short + SAME_MM;
    const blank: Blank = lies
      ? { width: length, height: depth, sides: Side.bottom }
      : { width: depth, height: length, sides: Side.left };
    return Array.from({ length: rows }, () => blank);
  });
}
