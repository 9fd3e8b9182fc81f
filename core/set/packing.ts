import { fieldTile, tileOf } from "../project/defaults.ts";
import type { Project, Zone } from "../project/schema.ts";
import { fieldBed, tileBed } from "../project/trowel.ts";

/**
 * How far a zone's tile is packed out so that its face is flush with the field's, mm:
 * (field tile + field's bed) − (zone's tile + its own bed). Negative where it stands proud.
 */
export function zonePacking(project: Project, zone: Zone): number {
  const tile = tileOf(project, zone.tile);
  const field = fieldTile(project).thickness + fieldBed(project).bed;
  return field - tile.thickness - tileBed(project, tile).bed;
}
