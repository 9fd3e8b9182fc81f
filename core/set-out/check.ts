import { boxesApart, boxOf, type Polygon, ringInside } from "../geometry/polygon.ts";
import { LARGE_SIDE, LEAST_JOINT, SAME_MM } from "../limits.ts";
import type { PlacedFixture } from "../measure/openings.ts";
import { fieldTile, longestSide } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Bond, Wall } from "../project/schema.ts";
import { type ValuesOf, type Warning, type WarningCode, warningOf } from "../warning.ts";
import type { PlacedZone } from "./areas.ts";
import { type PatternCell, wallBond } from "./pattern.ts";
import type { TileRegion } from "./region.ts";

/** Least joint of an offset bond with long tiles: 1/8 in rectified, 3/16 in otherwise. */
const OFFSET_JOINT = { rectified: 3.175, other: 4.7625 };

/** The joint takes up tiles that differ when it is at least so many times as wide. */
const JOINT_PER_SPREAD = 3;

/** A plate must bear on tile this far all round, mm. */
const PLATE_BEARING = 12;

/** Tile goes on past a tub's front by so much, where nothing is in the way, mm. */
const PAST_TUB = { least: 50, usual: 75 };

/** What the joint and the bond do to a tile of this size (trade standard for joints and offsets). */
export function checkBond(
  job: Pick<Job, "field" | "tiles"> & { walls: Pick<Wall, "id" | "bond">[] },
): Warning[] {
  const ofField = bondWarnings(job, job.field);
  const known = new Set(ofField.map(({ code }) => code));
  const ofWalls = job.walls
    .filter(({ bond }) => bond)
    .flatMap((wall) =>
      bondWarnings(job, wallBond(job, wall))
        .filter(({ code }) => !known.has(code))
        .map((warning) => ({ ...warning, wall: wall.id })),
    );
  return [...ofField, ...ofWalls];
}

function bondWarnings(
  job: Pick<Job, "field" | "tiles">,
  { joint, pattern, offset = 0.5 }: Bond,
): Warning[] {
  const warnings: Warning[] = [];
  const warn = <C extends WarningCode>(code: C, values: ValuesOf<C>) =>
    warnings.push(warningOf(code, "warning", values));
  if (joint === 0) warn("joint-zero", { limit: LEAST_JOINT });
  else if (joint < LEAST_JOINT - SAME_MM) {
    warn("joint-too-narrow", { joint, limit: LEAST_JOINT });
  }
  const tile = fieldTile(job);
  const spread = sizeSpread(tile);
  if (joint > 0 && joint < JOINT_PER_SPREAD * spread - SAME_MM) {
    warn("joint-below-spread", { joint, spread, limit: JOINT_PER_SPREAD * spread });
  }
  const long = longestSide(tile);
  if (pattern !== "offset" || long <= LARGE_SIDE) return warnings;
  const limit = offsetJoint(tile);
  if (joint < limit - SAME_MM) warn("offset-joint-too-narrow", { joint, limit, side: long });
  if (Math.min(offset, 1 - offset) > 1 / 3 + SAME_MM)
    warn("offset-too-large", { offset, side: long });
  return warnings;
}

/** A wall that was to follow another one round a corner, and could not. */
export function checkFollowing(id: string, centre: Wall["centre"]): Warning[] {
  if (centre.mode !== "corner") return [];
  return [{ code: "corner-not-followed", severity: "note", wall: id, values: {} }];
}

/** Least joint of an offset bond of long tile: the standard's, and the warpage that was measured. */
function offsetJoint({ rectified, measured }: LaidTile): number {
  return (rectified ? OFFSET_JOINT.rectified : OFFSET_JOINT.other) + (measured?.warpage ?? 0);
}

/** How far the measured tiles differ in width or in height, whichever is more, mm. */
export function sizeSpread({ measured }: LaidTile): number {
  const spreadOf = (sizes: number[] = []) =>
    sizes.length < 2 ? 0 : Math.max(...sizes) - Math.min(...sizes);
  return Math.max(spreadOf(measured?.widths), spreadOf(measured?.heights));
}

/** Mean of what was measured of a side; undefined until something was. */
export function meanSize(sizes: number[] = []): number | undefined {
  return sizes.length === 0 ? undefined : sizes.reduce((sum, mm) => sum + mm, 0) / sizes.length;
}

/** The least joint that a field of this tile and bond may have, mm; what sets it is in the warnings. */
export function leastJoint(job: Pick<Job, "field" | "tiles">): number {
  const tile = fieldTile(job);
  const offset = job.field.pattern === "offset" && longestSide(tile) > LARGE_SIDE;
  return Math.max(LEAST_JOINT, JOINT_PER_SPREAD * sizeSpread(tile), offset ? offsetJoint(tile) : 0);
}

/** Tile that ends soon after the tub's front leaves the splashes to the wall (custom of the trade). */
export function checkLegs({ enclosure, walls }: Pick<Job, "enclosure" | "walls">): Warning[] {
  if (enclosure.base !== "tub") return [];
  return walls.flatMap(({ id, leg }): Warning[] => {
    if (!leg || leg.width >= PAST_TUB.least) return [];
    const values = { width: leg.width, limit: PAST_TUB.least, usual: PAST_TUB.usual };
    return [{ code: "leg-short", severity: "note", wall: id, values }];
  });
}

/** A wall that no whole tile fits on is planned all the same, and said. */
export function checkField(wall: string, boundary: Polygon, cell: PatternCell): Warning[] {
  if (boundary.length === 0) {
    return [{ code: "no-field", severity: "stop", wall, values: {} }];
  }
  const { minX, maxX, minY, maxY } = boxOf(boundary);
  const values = { width: maxX - minX, height: maxY - minY, tile: cell.width };
  const tooWide = cell.width > maxX - minX;
  if (tooWide && cell.height > maxY - minY) {
    return [{ code: "tile-larger-than-wall", severity: "warning", wall, values }];
  }
  return tooWide ? [{ code: "wall-narrower-than-tile", severity: "warning", wall, values }] : [];
}

/** Openings that leave the wall or overlap, holes that do not clear an edge or show past a plate. */
export function checkOpenings(
  wall: string,
  region: TileRegion,
  fixtures: PlacedFixture[],
): Warning[] {
  const troubles = region.troubles.map(
    ({ code, id }): Warning => ({ code, severity: "stop", wall, item: id, values: {} }),
  );
  const plates = fixtures.flatMap(({ fixture, diameter }): Warning[] => {
    const plate = fixture.escutcheon ?? 0;
    if (plate === 0 || diameter <= plate - 2 * PLATE_BEARING) return [];
    const values = { hole: diameter, plate, bearing: PLATE_BEARING };
    return [{ code: "plate-too-small", severity: "warning", wall, item: fixture.id, values }];
  });
  return [...troubles, ...plates];
}

/** Zones that overlap, leave the field, or are too small for their own tile's joint. */
export function checkZones(wall: string, boundary: Polygon, zones: PlacedZone[]): Warning[] {
  const warn = (
    code: "zone-too-small" | "zone-leaves-field" | "zones-overlap",
    item: string,
  ): Warning => ({ code, severity: "stop", wall, item, values: {} });
  return zones.flatMap(({ zone, ring, inner }, k) => {
    const warnings: Warning[] = [];
    if (inner.length < 3) warnings.push(warn("zone-too-small", zone.id));
    if (zone.kind === "panel" && !ringInside(ring, boundary)) {
      warnings.push(warn("zone-leaves-field", zone.id));
    }
    const earlier = zones.slice(0, k).map((other) => boxOf(other.ring));
    if (earlier.some((box) => !boxesApart(box, boxOf(ring)))) {
      warnings.push(warn("zones-overlap", zone.id));
    }
    return warnings;
  });
}
