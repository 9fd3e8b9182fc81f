import { type LaidArea, tiledMm2 } from "../cut/laid-area.ts";
import { boxOf } from "../geometry/polygon.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import { interiorAreaM2 } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { Zone } from "../project/schema.ts";
import type { PlacedZone } from "../set-out/areas.ts";
import { frameM2 } from "../set-out/frames.ts";
import type { TileRegion } from "../set-out/region.ts";
import { areaRegion } from "../set-out/region.ts";

/** A zone on a wall or at the back of a niche: what it covers, and what of that is joint, m². */
export interface TiledPart {
  zone: Zone;
  areaM2: number;
  /** Joints between its own pieces. */
  jointM2: number;
  /** The joint between the field, or a frame, and its own pieces. */
  edgeM2: number;
}

/** What the field, the zones and the openings of a wall cover, m²: quantities go by their tiles. */
export interface TiledWall {
  fieldM2: number;
  /** Joints between the field's pieces. */
  fieldJointM2: number;
  zones: TiledPart[];
  /** Backs of niches that have a tile of their own. */
  backs: TiledPart[];
  /** Interiors of niches and windows, less those backs. */
  interiorM2: number;
}

interface WallParts {
  measured: MeasuredWall;
  openings: PlacedOpening[];
  /** Niches and windows, as far as they lie in the field. */
  interiors: PlacedOpening[];
  fixtures: PlacedFixture[];
  placed: PlacedZone[];
  laid: { area: LaidArea; region: TileRegion }[];
}

/** Parts a wall's tile by what it is laid in. A zone reaches from field tile to field tile. */
export function tiledWall(job: Pick<Job, "field" | "zones">, parts: WallParts): TiledWall {
  const ofField = parts.laid.filter(({ area }) => area.zone === undefined);
  const backs = nicheBacks(job, parts.interiors);
  const interiors = parts.interiors.reduce((sum, { opening }) => sum + interiorAreaM2(opening), 0);
  return {
    fieldM2: sumOf(ofField, ({ region }) => region.area / 1e6),
    fieldJointM2: job.field.joint === 0 ? 0 : sumOf(ofField, jointOf),
    zones: parts.laid.flatMap(({ area, region }) => {
      const placed = parts.placed.find(({ zone }) => zone.id === area.zone?.id);
      return placed ? [zonePart(job, parts, placed, { area, region })] : [];
    }),
    backs,
    interiorM2: interiors - sumOf(backs, ({ areaM2 }) => areaM2),
  };
}

function sumOf<T>(items: T[], amount: (item: T) => number): number {
  return items.reduce((sum, item) => sum + amount(item), 0);
}

function jointOf({ area, region }: WallParts["laid"][number]): number {
  return Math.max(0, region.area - tiledMm2(area)) / 1e6;
}

function zonePart(
  job: Pick<Job, "field">,
  { measured, openings, fixtures }: WallParts,
  placed: PlacedZone,
  { area, region }: WallParts["laid"][number],
): TiledPart {
  const { zone, ring } = placed;
  const whole = areaRegion(measured, { ...area, boundary: ring }, openings, fixtures);
  const frame = frameM2(placed, job.field.joint);
  const edge = job.field.joint === 0 ? 0 : (whole.area - region.area) / 1e6 - frame;
  return {
    zone,
    areaM2: whole.area / 1e6,
    jointM2: zone.joint === 0 ? 0 : jointOf({ area, region }),
    edgeM2: Math.max(0, edge),
  };
}

/** Backs with a tile of their own, at finished sizes; their joints are told with the interiors'. */
function nicheBacks({ zones }: Pick<Job, "zones">, interiors: PlacedOpening[]): TiledPart[] {
  return interiors.flatMap(({ opening, ring }) => {
    const zone = zones.find(({ kind, opening: of }) => kind === "niche" && of === opening.id);
    if (!zone || opening.kind !== "niche") return [];
    const { minX, minY, maxX, maxY } = boxOf(ring);
    return [{ zone, areaM2: ((maxX - minX) * (maxY - minY)) / 1e6, jointM2: 0, edgeM2: 0 }];
  });
}
