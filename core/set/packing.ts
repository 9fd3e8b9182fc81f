import { polygonArea } from "../geometry/polygon.ts";
import { fieldTile, tileOf } from "../project/defaults.ts";
import type { Project, Zone } from "../project/schema.ts";
import type { PlacedZone } from "../set-out/areas.ts";
import { bedOf, bedThickness, customaryTrowel } from "./trowel.ts";

/**
 * How far a zone's tile is packed out so that its face is flush with the field's, mm:
 * (field tile + field's bed) − (zone's tile + its own bed). Negative where it stands proud.
 */
export function zonePacking(project: Project, zone: Zone): number {
  const tile = tileOf(project, zone.tile);
  const field = fieldTile(project).thickness + bedThickness(project);
  return field - tile.thickness - bedOf(project, customaryTrowel(tile));
}

/** Mortar behind the zones of a wall that are packed out: area × thickness, litres (m² × mm). */
export function packingL(project: Project, zones: PlacedZone[]): number {
  return zones.reduce((sum, { zone, inner }) => {
    const area = inner.length < 3 ? 0 : polygonArea(inner) / 1e6;
    return sum + area * Math.max(0, zonePacking(project, zone));
  }, 0);
}
