import type { Point } from "../geometry/polygon.ts";
import {
  heightAt,
  levelProfile,
  mapHeights,
  type Profile,
  profilePoints,
  profileThrough,
} from "../geometry/profile.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { Project, Wall } from "../project/schema.ts";
import { cornerLines, type PlumbLine } from "./corners.ts";

/** Where the enclosure base is lowest; `below` is the distance down from the level line. */
export interface LowPoint {
  wall: string;
  x: number;
  below: number;
}

/** A leg: the field past the tub front that drops to the floor. */
export interface MeasuredLeg {
  side: "left" | "right";
  /** x of the tub front, where the leg begins. */
  front: number;
  floorY: number;
}

/** One wall in the plan's frame, before any gap, joint or build-up is taken off. */
export interface MeasuredWall {
  wall: Wall;
  base: Profile;
  top: Profile;
  left: PlumbLine;
  right: PlumbLine;
  /** The stretch of x that stands on the enclosure base (the leg left out). */
  baseSpan: [from: number, to: number];
  leg?: MeasuredLeg;
  /** Highest minus lowest point of the base along this wall, mm. */
  baseFall: number;
  /** Right minus left end of the top edge, mm: the slope of the ceiling. */
  topSlope: number;
  /** Neither lean, second width nor level readings: a rectangle, taken as square. */
  assumedSquare: boolean;
  /** By how much width at top disagrees with the leans, mm, when both were read. */
  leanMismatch?: number;
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

interface BaseReadings {
  wall: Wall;
  span: [number, number];
  /** Distance down from the level line at x; undefined where nobody read it. */
  down: Profile | undefined;
}

/** Turns tape readings into walls in the plan's frame: y = 0 at the low point of the base. */
export function surveyWalls(project: Project): Survey {
  const readings = project.walls.map(readBase);
  const low = lowestReading(readings);
  const levelY = low?.below ?? DEFAULTS.assumedLevelLine;
  const walls = withinJob(readings.map((reading) => measureWall(reading, levelY)));
  const firstWall = project.walls[0]?.id ?? "";
  const maxBaseY = Math.max(...walls.map(highestBase));
  return {
    levelY,
    levelAssumed: low === undefined,
    lowPoint: low ?? { wall: firstWall, x: 0, below: levelY },
    fall: maxBaseY,
    maxBaseY,
    walls,
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

/** Whether the top comes down to the base, or below it, anywhere: such a wall has no inside. */
function topMeetsBase(base: Profile, top: Profile, [from, to]: [number, number]): boolean {
  return [from, to, ...[...base, ...top].map(([x]) => x)]
    .filter((x) => x >= from && x <= to)
    .some((x) => heightAt(top, x) <= heightAt(base, x));
}

/** Position along the wall from the left corner at the base, whichever corner it was read from. */
export function positionAlong(wall: Wall, reading: { from: "left" | "right"; at: number }): number {
  return reading.from === "left" ? reading.at : wall.width.bottom - reading.at;
}

function readBase(wall: Wall): BaseReadings {
  const points = wall.base.map((reading): Point => [positionAlong(wall, reading), reading.down]);
  return { wall, span: baseSpan(wall), down: points.length ? profileThrough(points) : undefined };
}

function baseSpan(wall: Wall): [number, number] {
  const width = wall.width.bottom;
  const legWidth = Math.min(wall.leg?.width ?? 0, width);
  if (wall.leg?.side === "left") return [legWidth, width];
  return [0, width - legWidth];
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

function measureWall({ wall, span, down }: BaseReadings, levelY: number): MeasuredWall {
  const base = down ? mapHeights(down, (below) => levelY - below) : levelProfile(0);
  const top = topProfile(wall, base, span, levelY);
  const { left, right, leanMismatch } = cornerLines(wall, base, top);
  const heights = profilePoints(base, ...span).map(([, y]) => y);
  const width = wall.width.bottom;
  const leg = measuredLeg(wall, span, levelY);
  return {
    wall,
    base,
    top,
    left,
    right,
    baseSpan: span,
    ...(leg ? { leg } : {}),
    baseFall: Math.max(...heights) - Math.min(...heights),
    topSlope: heightAt(top, width) - heightAt(top, 0),
    assumedSquare: wall.width.top === undefined && !wall.lean?.left && !wall.lean?.right,
    ...(leanMismatch === undefined ? {} : { leanMismatch }),
    ...(topMeetsBase(base, top, span) ? { empty: "base-above-top" as const } : {}),
  };
}

function topProfile(wall: Wall, base: Profile, span: [number, number], levelY: number): Profile {
  if (wall.top.length > 0) {
    return profileThrough(
      wall.top.map((reading): Point => [positionAlong(wall, reading), levelY + reading.up]),
    );
  }
  const lowest = Math.min(...profilePoints(base, ...span).map(([, y]) => y));
  return levelProfile(lowest + (wall.height ?? 0));
}

function measuredLeg(wall: Wall, span: [number, number], levelY: number): MeasuredLeg | undefined {
  if (!wall.leg) return undefined;
  const { side, floorDown } = wall.leg;
  return { side, front: side === "left" ? span[0] : span[1], floorY: levelY - floorDown };
}

function highestBase({ base, baseSpan: span }: MeasuredWall): number {
  return Math.max(...profilePoints(base, ...span).map(([, y]) => y));
}
