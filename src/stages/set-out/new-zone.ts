import { fitZoneHeight } from "../../../core/adjust/fit-joints.ts";
import { ringInside } from "../../../core/geometry/polygon.ts";
import { together } from "../../../core/project/commands.ts";
import { tileOf } from "../../../core/project/defaults.ts";
import { addItem } from "../../../core/project/items.ts";
import type { Opening, Project, Zone } from "../../../core/project/schema.ts";
import { addTile } from "../../../core/project/tile-commands.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import { ui } from "../../words/ui.ts";

/** Chips that a new zone starts from, mm. */
const CHIP = 48;

/** Niches and windows: what is cut into the field with square corners. */
export function framedOpenings({ openings }: WallPlan): Opening[] {
  return openings
    .map(({ opening }) => opening)
    .filter(({ kind }) => kind === "niche" || kind === "window");
}

/** A wall's openings that lie inside a panel, each with it: the panel is a border round it. */
export function openingsInPanels(wall: WallPlan): { opening: Opening; panel: string }[] {
  return framedOpenings(wall).flatMap((opening) => {
    const placed = wall.openings.find((candidate) => candidate.opening === opening);
    return wall.zones
      .filter(({ zone, ring }) => zone.kind === "panel" && placed && ringInside(placed.ring, ring))
      .map(({ zone }) => ({ opening, panel: zone.id }));
  });
}

/** One course of a band or panel fits its height; a niche's back is as high as the niche. */
export function fitHeight(project: Project, zone: Zone): Partial<Zone> {
  return zone.kind === "niche" ? {} : { height: fitZoneHeight(project, zone) };
}

/** A zone with a tile of its own, and fitted to that. */
export function newZone(
  project: Project,
  given: Pick<Zone, "kind"> & Partial<Zone>,
  name: string,
  fit: (withTile: Project, zone: Zone) => Partial<Zone> | undefined,
) {
  const { thickness } = tileOf(project, project.field.tile);
  const tile = {
    id: crypto.randomUUID(),
    name: ui.setOut.zones.tile(name),
    width: CHIP,
    height: CHIP,
    thickness,
  };
  const zone: Zone = {
    id: crypto.randomUUID().slice(0, 8),
    name,
    tile: tile.id,
    joint: Math.min(project.field.joint, 3),
    pattern: "stacked",
    lay: "lying",
    height: 2 * CHIP,
    ...given,
  };
  const withTile = { ...project, tiles: [...project.tiles, tile] };
  return together("add-zones", [
    addTile(tile, () => undefined),
    addItem({ list: "zones" }, { ...zone, ...fit(withTile, zone) }),
  ]);
}
