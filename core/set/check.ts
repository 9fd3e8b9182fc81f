import { bedOf, type Job } from "../project/job.ts";
import { isMosaic, THINNEST_BED } from "../project/trowel.ts";
import type { Warning } from "../warning.ts";

/** Tiles of the field and the zones, other than mosaic, whose bed is too thin. */
export function checkBeds(job: Pick<Job, "beds" | "field" | "tiles" | "zones">): Warning[] {
  const used = new Set([job.field.tile, ...job.zones.map(({ tile }) => tile)]);
  return job.tiles.flatMap((tile): Warning[] => {
    const { bed } = bedOf(job, tile.id);
    if (!used.has(tile.id) || isMosaic(tile) || bed >= THINNEST_BED) return [];
    const values = { bed, limit: THINNEST_BED };
    return [{ code: "thin-bed", severity: "warning", item: tile.id, values }];
  });
}
