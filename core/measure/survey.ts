import { intersect } from "../geometry/boolean.ts";
import type { Polygon } from "../geometry/polygon.ts";
import { profilePoints } from "../geometry/profile.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { Job, JobWall } from "../project/job.ts";
import { parts, type Recall } from "../recall.ts";
import {
  type PlacedFixture,
  type PlacedOpening,
  placeFixtures,
  placeOpenings,
  placePatches,
} from "./openings.ts";
import { type BaseReadings, type MeasuredShape, measureShape, readBase } from "./shape.ts";

/** Where the enclosure base is lowest; `below` is the distance down from the level line. */
export interface LowPoint {
  wall: string;
  x: number;
  below: number;
}

/** One wall in the plan's frame, with what is in it. */
export interface MeasuredWall extends MeasuredShape {
  /** Niches, windows and dishes. */
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  /** Nothing wets it: it takes no film. */
  dry: boolean;
  /** Where it takes new board while the rest of its board stays; undefined where all is new. */
  patches: Polygon[] | undefined;
  /** Why the wall is planned to nothing: its base is not below its top, or the job is too large. */
  empty?: "base-above-top" | "job-too-large";
}

/** What the readings add up to over the whole enclosure. */
export interface Survey {
  /** Height of the level line above the low point, mm. */
  levelY: number;
  levelAssumed: boolean;
  lowPoint: LowPoint;
  /** Highest minus lowest point of the base over all walls, mm (the lowest is y = 0). */
  fall: number;
  maxBaseY: number;
  walls: MeasuredWall[];
}

/** Turns tape readings into walls in the plan's frame: y = 0 at the low point of the base. */
export function surveyWalls(
  { walls, settings }: Pick<Job, "settings" | "walls">,
  recall: Recall,
): Survey {
  const low = lowestReading(walls.map(readBase));
  const levelY = low?.below ?? DEFAULTS.assumedLevelLine;
  const { fixtureClearance } = settings;
  const measured = withinJob(
    walls.map((wall) =>
      recall.once(
        `measure/${wall.id}`,
        { wall: parts(wall), levelY, fixtureClearance },
        measureWall,
      ),
    ),
  );
  const maxBaseY = Math.max(...measured.map(highestBase));
  return {
    levelY,
    levelAssumed: low === undefined,
    lowPoint: low ?? { wall: walls[0]?.id ?? "", x: 0, below: levelY },
    fall: maxBaseY,
    maxBaseY,
    walls: measured,
  };
}

interface WallInputs {
  wall: JobWall;
  levelY: number;
  fixtureClearance: number;
}

function measureWall({ wall, levelY, fixtureClearance }: WallInputs): MeasuredWall {
  const { id, width, widths, height, lean, base, top, topIs, leg } = wall;
  const shape = measureShape(
    readBase({ id, width, widths, height, lean, base, top, topIs, leg }),
    levelY,
  );
  return {
    ...shape,
    openings: placeOpenings(wall.openings, shape, levelY),
    fixtures: placeFixtures(wall.fixtures, shape, levelY, fixtureClearance),
    dry: wall.exposure === "dry",
    patches: wall.stays ? placePatches(wall.patches, shape, levelY) : undefined,
  };
}

/** A job of more wall than this is a mistake, or an attack on what plans it, m². */
export const MOST_WALL_M2 = 600;

/** Walls as long as the job is one that people build; those beyond are planned to nothing. */
function withinJob(walls: MeasuredWall[]): MeasuredWall[] {
  let left = MOST_WALL_M2 * 1e6;
  return walls.map((wall) => {
    if (wall.empty) return wall;
    const tops = wall.top.map(([, y]) => y);
    const bases = [...wall.base.map(([, y]) => y), wall.leg?.floorY ?? Infinity];
    left -= wall.wall.width.bottom * (Math.max(...tops) - Math.min(...bases));
    return left < 0 ? { ...wall, empty: "job-too-large" } : wall;
  });
}

function lowestReading(readings: BaseReadings[]): LowPoint | undefined {
  let low: LowPoint | undefined;
  for (const { wall, span, down } of readings) {
    if (!down) continue;
    for (const [x, below] of profilePoints(down, ...span)) {
      if (!low || below > low.below) low = { wall: wall.id, x, below };
    }
  }
  return low;
}

function highestBase({ base, baseSpan: span }: MeasuredWall): number {
  return Math.max(...profilePoints(base, ...span).map(([, y]) => y));
}

/** What of a region is new: all of it, or where patches lie in it while the rest stays. */
export function newParts({ patches }: Pick<MeasuredWall, "patches">, region: Polygon): Polygon[] {
  if (region.length === 0) return [];
  if (!patches) return [region];
  return patches.flatMap((patch) => intersect([patch], [region]).map(({ outer }) => outer));
}
