import { fieldTile, tileOf } from "../project/defaults.ts";
import { bedOf, fieldBed, type Job } from "../project/job.ts";
import type { Zone } from "../project/schema.ts";

/**
 * How far a zone's tile is packed out so that its face is flush with the field's, mm:
 * (field tile + field's bed) − (zone's tile + its own bed). Negative where it stands proud.
 */
export function zonePacking(job: Pick<Job, "beds" | "field" | "tiles">, zone: Zone): number {
  const tile = tileOf(job, zone.tile);
  const field = fieldTile(job).thickness + fieldBed(job).bed;
  return field - tile.thickness - bedOf(job, zone.tile).bed;
}
