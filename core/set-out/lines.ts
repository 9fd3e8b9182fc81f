import type { WallEnd } from "../build-up/wall-ends.ts";
import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { lineX } from "../measure/corners.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import { type OutlineGaps, outline } from "../measure/outline.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";

import type { PatternCell } from "./pattern.ts";
import { weaveBoundary } from "./weave.ts";

/** The line that all courses on all walls come from, in the plan's frame. */
export interface FirstCourse {
  /** Height of the top of course 1, mm. */
  y: number;
  /** The base is level within tolerance: full tiles straight off it, the field starts level. */
  levelBase: boolean;
}

/**
 * The first-course line. A base out of level by more than the tolerance takes the low point: a
 * full tile held there over the base gap marks the highest line allowed; `drop` lowers it. A level
 * base takes full tiles off its highest point.
 */
export function firstCourseLine(
  job: Pick<Job, "enclosure" | "setOut" | "walls">,
  { fall, maxBaseY }: { fall: number; maxBaseY: number },
  cell: PatternCell,
): FirstCourse {
  const { drop, baseTolerance } = job.setOut;
  const baseGap = gapOverBase(job);
  const levelBase = fall <= baseTolerance;
  const foot = levelBase ? maxBaseY : 0;
  // One line for all walls: the first course stands on the highest liner.
  const liner = Math.max(0, ...job.walls.map(linerAtBase));
  return { y: foot + baseGap + liner + cell.height - drop, levelBase };
}

/** What a liner along a wall's base takes, with its joint, mm. */
export function linerAtBase({ trim }: Pick<Wall, "trim">): number {
  const { bottom } = trim ?? {};
  return bottom?.kind === "pencil" ? bottom.width + bottom.joint : 0;
}

/** The base gap; over a floor that is still to come, with packing as thick as that. */
function gapOverBase({ enclosure, setOut }: Pick<Job, "enclosure" | "setOut">): number {
  return setOut.baseGap + (enclosure.base === "floor" ? setOut.floorFinish : 0);
}

/** The region that tile may occupy on a wall: corner build-up, trim, base gap and top gap are off. */
export function fieldBoundary(
  job: Pick<Job, "enclosure" | "setOut">,
  wall: MeasuredWall,
  ends: { left: WallEnd; right: WallEnd },
  trim: Wall["trim"],
  { first, cell, maxBaseY }: { first: FirstCourse; cell: PatternCell; maxBaseY: number },
): Polygon {
  const { topGap, floorFinish } = job.setOut;
  const baseGap = gapOverBase(job) + linerAtBase({ trim });
  const top = trim?.top;
  const gaps: OutlineGaps = {
    left: ends.left.offset,
    right: ends.right.offset,
    top: topGap + (top && top.kind !== "none" ? top.width + top.joint : 0),
    base: baseGap,
    floor: job.setOut.baseGap + floorFinish,
    ...(first.levelBase ? { levelBaseY: maxBaseY + baseGap } : {}),
  };
  return weaveBoundary(wall, outline(wall, gaps), ends, cell, first.y);
}

/** A plumb line that a wall's pattern hangs on. */
export interface CentreLine {
  x: number;
  /** What it is the centre of: the wall's field, its base, or an opening or fixture by id. */
  about: string;
}

/** The wall's plumb centre line: of its field at the base, of the base alone, or of an opening. */
export function centreLine(
  wall: MeasuredWall,
  ends: { left: WallEnd; right: WallEnd },
  openings: PlacedOpening[],
  about = "wall",
): CentreLine {
  const opening = openings.find((candidate) => candidate.opening.id === about);
  if (opening) return { about, x: opening.x + opening.opening.width / 2 };
  const fixture = wall.fixtures.find((candidate) => candidate.fixture.id === about);
  if (fixture) return { about, x: fixture.centre[0] };
  const left = lineX(wall.left, wall.left.y0) + ends.left.offset;
  const right = lineX(wall.right, wall.right.y0) - ends.right.offset;
  if (about === "base" && wall.leg) {
    const [from, to] = wall.baseSpan;
    return { about, x: wall.leg.side === "right" ? (left + to) / 2 : (from + right) / 2 };
  }
  return { about: "wall", x: (left + right) / 2 };
}

/**
 * Lower left corner of the reference tile: course 1, with its middle on the centre line, its left
 * edge half a joint right of it, or its middle `shift` away from it.
 */
export function patternOrigin(
  { mode, shift = 0 }: Wall["centre"],
  cell: PatternCell,
  centre: CentreLine,
  first: FirstCourse,
): Point {
  const y = first.y - cell.height;
  switch (mode) {
    case "tile":
    // A bond that could not be followed round its corner.
    case "corner":
      return [centre.x - cell.width / 2, y];
    case "joint":
      return [centre.x + cell.joint / 2, y];
    case "free":
      return [centre.x + shift - cell.width / 2, y];
    default:
      return mode satisfies never;
  }
}

/** A line that is drawn on a wall. */
export interface WallLine {
  id: string;
  kind: "level" | "first-course" | "centre" | "control" | "ledger";
  from: Point;
  to: Point;
}

/** Level line, first-course line, the ledger's top edge if there is one, and centre line. */
export function wallLines(
  boundary: Polygon,
  levelY: number,
  first: FirstCourse,
  centre: CentreLine,
  ledger: number | undefined,
): WallLine[] {
  if (boundary.length === 0) return [];
  const { minX, maxX, minY, maxY } = boxOf(boundary);
  return [
    { id: "level", kind: "level", from: [minX, levelY], to: [maxX, levelY] },
    { id: "first-course", kind: "first-course", from: [minX, first.y], to: [maxX, first.y] },
    ...(ledger === undefined
      ? []
      : [
          {
            id: "ledger",
            kind: "ledger" as const,
            from: [minX, ledger] as const,
            to: [maxX, ledger] as const,
          },
        ]),
    { id: "centre", kind: "centre", from: [centre.x, minY], to: [centre.x, maxY] },
  ];
}
