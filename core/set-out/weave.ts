import type { WallEnd } from "../build-up/wall-ends.ts";
import { subtract } from "../geometry/boolean.ts";
import { boxOf, type Point, type Polygon, polygonArea } from "../geometry/polygon.ts";
import { lineX } from "../measure/corners.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { PatternCell } from "./pattern.ts";
import { wovenCourse } from "./woven-course.ts";

/** Courses by turns need joints that run through at one height. */
export function canWeave({ straight, a }: PatternCell): boolean {
  return straight && a.vector[1] === 0;
}

/**
 * A field whose courses stop by turns at woven ends: taken off are the ends of those that stop, from
 * the middle of the joint below them to the middle of the joint above.
 */
export function weaveBoundary(
  wall: MeasuredWall,
  boundary: Polygon,
  ends: { left: WallEnd; right: WallEnd },
  cell: PatternCell,
  firstY: number,
): Polygon {
  if (boundary.length === 0 || !canWeave(cell)) return boundary;
  const strips = (["left", "right"] as const).flatMap((side) =>
    stopsAt(wall, boundary, ends[side], side, cell, firstY),
  );
  if (strips.length === 0) return boundary;
  const left = subtract([boundary], strips).map(({ outer }) => outer);
  return left.reduce((most, ring) => (polygonArea(ring) > polygonArea(most) ? ring : most), []);
}

function stopsAt(
  wall: MeasuredWall,
  boundary: Polygon,
  end: WallEnd,
  side: "left" | "right",
  { height, joint }: PatternCell,
  firstY: number,
): Polygon[] {
  if (!end.weave) return [];
  const { minY, maxY } = boxOf(boundary);
  const module = height + joint;
  // The first-course line is the top of course 1.
  const courseAt = (y: number) => Math.ceil((y - firstY) / module) + 1;
  const inwards = side === "left" ? 1 : -1;
  const line = side === "left" ? wall.left : wall.right;
  const strips: Polygon[] = [];
  for (let course = courseAt(minY); course <= courseAt(maxY); course++) {
    if (wovenCourse(end, course) !== "stops") continue;
    const high = firstY + (course - 1) * module + joint / 2;
    const at = (y: number, offset: number): Point => [lineX(line, y) + inwards * offset, y];
    const low = high - module;
    // Well past the corner on the outside.
    const past = end.offset - height;
    const corners = [
      at(low, past),
      at(low, end.weave.stop),
      at(high, end.weave.stop),
      at(high, past),
    ];
    strips.push(side === "left" ? corners : corners.reverse());
  }
  return strips;
}
