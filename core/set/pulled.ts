import { contains, type Point } from "../geometry/polygon.ts";
import type { LaidTile } from "../project/job.ts";
import { bedOf, type Job, type JobWall } from "../project/job.ts";
import { bedThickness, type Trowel, trowelsIn } from "../project/trowel.ts";
import type { PlacedZone } from "../set-out/areas.ts";
import { powderKg } from "./mortar.ts";

/** Share of a tile's back that is to be in full contact: where it gets wet, and where it does not. */
const WET_COVERAGE = 0.95;
const DRY_COVERAGE = 0.8;

/** What a tile that was pulled says of its bed. */
export interface CoverageVerdict {
  wanted: number;
  enough: boolean;
  /** The next notch up, where it is not enough. */
  next?: {
    trowel: Trowel;
    bedMm: number;
    /** More powder, kg/m². */
    moreKgPerM2: number;
    /** The face comes out so much farther: profiles, and tile beside it, are as much too low, mm. */
    raisesMm: number;
  };
}

/** What a place on a wall is tiled with: by the band or panel there, else the field. */
export function tileThere(
  job: Pick<Job, "field">,
  { zones }: { zones: PlacedZone[] },
  place: Point,
): { tile: string; joint: number } {
  const { zone } = zones.find(({ ring }) => contains(ring, place)) ?? { zone: job.field };
  return { tile: zone.tile, joint: zone.joint };
}

type PulledJob = Pick<Job, "beds" | "settings" | "tiles" | "unit">;

/**
 * Judges a tile that was pulled early: 95 % in contact where it gets wet, 80 % on dry walls, edges and
 * corners full. Trade standard.
 */
export function coverageVerdict(
  job: PulledJob,
  wall: Pick<JobWall, "exposure">,
  tile: string,
  { share, corners }: { share: number; corners?: boolean | undefined },
): CoverageVerdict {
  const wanted = wall.exposure === "dry" ? DRY_COVERAGE : WET_COVERAGE;
  const enough = share >= wanted && corners !== false;
  if (enough) return { wanted, enough };
  const { trowel: own, bed } = bedOf(job, tile);
  const trowel = nextTrowel(job, own);
  if (!trowel) return { wanted, enough };
  const bedMm = bedThickness(trowel, job.settings.trowelAngleDeg);
  const raisesMm = bedMm - bed;
  return {
    wanted,
    enough,
    next: { trowel, bedMm, moreKgPerM2: powderKg(job, raisesMm), raisesMm },
  };
}

/** The customary trowel with the next thicker bed; none above the deepest. */
function nextTrowel({ unit, settings }: PulledJob, own: Trowel): Trowel | undefined {
  const bed = (trowel: Trowel) => bedThickness(trowel, settings.trowelAngleDeg);
  return trowelsIn(unit)
    .filter((trowel) => bed(trowel) > bed(own) + 0.05)
    .sort((p, q) => bed(p) - bed(q))[0];
}

/** One edge over its neighbour, mm: for joints below 6 mm, and from there. Trade standard A108.02. */
const LIPPAGE = { narrow: 0.8, wide: 1.6, from: 6 };

/** How far one tile may stand over the next, mm: by the joint, and the tile's own warpage beside. */
export function lippageLimit(joint: number, { measured }: LaidTile): number {
  return (joint < LIPPAGE.from ? LIPPAGE.narrow : LIPPAGE.wide) + (measured?.warpage ?? 0);
}
