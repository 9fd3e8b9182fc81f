import type { Point } from "../geometry/polygon.ts";
import {
  heightAt,
  levelProfile,
  mapHeights,
  type Profile,
  profilePoints,
  profileThrough,
} from "../geometry/profile.ts";
import type { JobWall } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";
import { cornerLines, type PlumbLine } from "./corners.ts";

/** A leg: the field past the tub front that drops to the floor. */
export interface MeasuredLeg {
  side: "left" | "right";
  /** x of the tub front, where the leg begins. */
  front: number;
  floorY: number;
}

/** What the shape of a wall follows from. */
export type WallReadings = Pick<
  JobWall,
  "id" | "width" | "widths" | "height" | "lean" | "base" | "top" | "topIs" | "leg"
>;

/** A wall in the plan's frame, before any gap, joint or build-up is taken off. */
export interface MeasuredShape {
  wall: WallReadings;
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

/** What was read down from the level line. */
export interface BaseReadings {
  wall: WallReadings;
  span: [number, number];
  /** Distance down from the level line at x; undefined where nobody read it. */
  down: Profile | undefined;
}

/** The shape of a wall whose readings hang from a level line at this height. */
export function measureShape({ wall, span, down }: BaseReadings, levelY: number): MeasuredShape {
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

function topProfile(
  wall: WallReadings,
  base: Profile,
  span: [number, number],
  levelY: number,
): Profile {
  if (wall.top.length > 0) {
    return profileThrough(
      wall.top.map((reading): Point => [positionAlong(wall, reading), levelY + reading.up]),
      true,
    );
  }
  const lowest = Math.min(...profilePoints(base, ...span).map(([, y]) => y));
  return levelProfile(lowest + (wall.height ?? 0));
}

function measuredLeg(
  wall: WallReadings,
  span: [number, number],
  levelY: number,
): MeasuredLeg | undefined {
  if (!wall.leg) return undefined;
  const { side, floorDown } = wall.leg;
  return { side, front: side === "left" ? span[0] : span[1], floorY: levelY - floorDown };
}

/** The readings of the base along a wall. */
export function readBase(wall: WallReadings): BaseReadings {
  const points = wall.base.map((reading): Point => [positionAlong(wall, reading), reading.down]);
  return { wall, span: baseSpan(wall), down: points.length ? profileThrough(points) : undefined };
}

function baseSpan(wall: WallReadings): [number, number] {
  const width = wall.width.bottom;
  const legWidth = Math.min(wall.leg?.width ?? 0, width);
  if (wall.leg?.side === "left") return [legWidth, width];
  return [0, width - legWidth];
}

/** Whether the top comes down to the base, or below it, anywhere: such a wall has no inside. */
function topMeetsBase(base: Profile, top: Profile, [from, to]: [number, number]): boolean {
  return [from, to, ...[...base, ...top].map(([x]) => x)]
    .filter((x) => x >= from && x <= to)
    .some((x) => heightAt(top, x) <= heightAt(base, x));
}

/** Position along the wall from the left corner at the base, whichever corner it was read from. */
export function positionAlong(
  wall: Pick<Wall, "width">,
  reading: { from: "left" | "right"; at: number },
): number {
  return reading.from === "left" ? reading.at : wall.width.bottom - reading.at;
}
