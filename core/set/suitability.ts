import { LARGE_SIDE } from "../limits.ts";
import { longestSide, tileOf } from "../project/defaults.ts";
import type { Job, JobWall, LaidTile } from "../project/job.ts";
import type { Warning } from "../warning.ts";
import { type MortarJob, powderKg, thicknessMm } from "./mortar.ts";
import { zonePacking } from "./packing.ts";

/** What tile weighs by its thickness, kg/L, where the job does not say. Trade practice. */
const DENSITY: Record<NonNullable<LaidTile["material"]>, number> = {
  ceramic: 2.0,
  porcelain: 2.3,
  glass: 2.5,
  stone: 2.7,
};

/** What carries so much tile, mortar and grout, kg/m²; other boards: their listing. Trade standard. */
const CARRIES: { [surface: string]: number } = { drywall: 32, plaster: 20 };

/** Mixed and set mortar weighs this much more than its powder: part of the water stays. */
const SET_MORTAR = 1.15;

/** An accent that stands out by less is within lippage, mm. */
const PROUD = 0.5;

type SuitJob = Pick<Job, "beds" | "build" | "field" | "settings" | "tiles" | "walls" | "zones">;

/** Tile that its adhesive, its board or its neighbour does not suit. */
export function checkSuitability(job: SuitJob): Warning[] {
  return [...checkAdhesive(job), ...checkMass(job), ...checkFlush(job)];
}

/** Ready-mixed adhesive dries through the joints: not under large tile, and not through glass. */
function checkAdhesive(job: SuitJob): Warning[] {
  if (job.build.adhesive !== "mastic") return [];
  return job.walls
    .filter(({ exposure }) => exposure === "dry")
    .flatMap((wall) =>
      tilesOn(job, wall).flatMap(({ tile }): Warning[] => {
        const glass = tile.material === "glass";
        const side = longestSide(tile);
        if (!glass && side < LARGE_SIDE) return [];
        const values = { side, limit: LARGE_SIDE, glass: glass ? 1 : 0 };
        const place = { wall: wall.id, item: tile.id };
        return [{ code: "adhesive-unsuited", severity: "warning", ...place, values }];
      }),
    );
}

/** Drywall and plaster under more than they carry: each tile once, on the surface that carries least. */
function checkMass(job: SuitJob): Warning[] {
  const least = new Map<string, { tile: LaidTile; joint: number; limit: number }>();
  for (const wall of job.walls) {
    const surface = (wall.stays ? wall.surfaceThere : undefined) ?? job.build.board;
    const limit = CARRIES[surface];
    if (limit === undefined) continue;
    for (const { tile, joint } of tilesOn(job, wall)) {
      const known = least.get(tile.id);
      if (!known || limit < known.limit) least.set(tile.id, { tile, joint, limit });
    }
  }
  return [...least.values()].flatMap(({ tile, joint, limit }): Warning[] => {
    const mass = massKgPerM2(job, tile, joint);
    if (mass <= limit) return [];
    const values = { mass, limit, plaster: limit === CARRIES.plaster ? 1 : 0 };
    return [{ code: "tile-too-heavy", severity: "warning", item: tile.id, values }];
  });
}

/**
 * What a m² of laid tile hangs on the wall, kg: thickness × density + mortar × 1.15 + grout
 * (definition of the plan).
 */
export function massKgPerM2(job: MortarJob, tile: LaidTile, joint: number): number {
  const { thickness, width, height, material = "ceramic", density = DENSITY[material] } = tile;
  const { settings } = job;
  const mortar = powderKg(job, thicknessMm(job, tile.id));
  const jointShare = 1 - (width * height) / ((width + joint) * (height + joint));
  const depth = settings.groutDepth ?? thickness;
  const grout = jointShare * depth * settings.groutDensity * (1 + settings.groutWaste);
  return thickness * density + mortar * SET_MORTAR + grout;
}

/** Bands and panels whose tile and bed are thicker than the field's: they cannot be packed flush. */
function checkFlush(job: SuitJob): Warning[] {
  return job.zones.flatMap((zone): Warning[] => {
    const proud = -zonePacking(job, zone);
    if (zone.kind === "niche" || proud <= PROUD) return [];
    const place = { item: zone.id, ...(zone.wall === undefined ? {} : { wall: zone.wall }) };
    return [{ code: "accent-stands-proud", severity: "warning", ...place, values: { proud } }];
  });
}

/** The tiles that are laid on a wall, and the joint that each is laid with. */
function tilesOn(job: SuitJob, wall: JobWall): { tile: LaidTile; joint: number }[] {
  const zones = job.zones.filter(({ kind, wall: of, opening }) => {
    if (kind === "band") return true;
    return kind === "panel" ? of === wall.id : wall.openings.some(({ id }) => id === opening);
  });
  return [job.field, ...zones].flatMap(({ tile, second, joint }) =>
    [tile, second].flatMap((id) => (id === undefined ? [] : [{ tile: tileOf(job, id), joint }])),
  );
}
