import { boxOf } from "../geometry/polygon.ts";
import { LEAST_PIECE, mod, SAME_MM } from "../limits.ts";
import type { WallArea } from "./areas.ts";
import type { PatternCell } from "./pattern.ts";

/** Where a course of the field ends, mm in the plan's frame, and its number. */
export interface CourseTop {
  code: "course";
  at: number;
  number: number;
}

/** The tops of the field's courses that show, from below; empty for bonds without courses. */
export function courseTops({ areas }: { areas: WallArea[] }): CourseTop[] {
  return areas.flatMap(({ zone, cell, origin, boundary }) => {
    if (zone || boundary.length === 0) return [];
    const { minY, maxY } = boxOf(boundary);
    const { courses, joint } = cell;
    const repeat = courses.reduce((sum, height) => sum + height + joint, 0);
    let foot = origin[1];
    const tops = courses.flatMap((height, k) => {
      const top = foot + height;
      foot = top + joint;
      // Less than a piece is joint: a course that ends so low is none.
      const first = Math.ceil((minY + LEAST_PIECE - top) / repeat - SAME_MM);
      const last = Math.floor((maxY - top) / repeat + SAME_MM);
      return Array.from({ length: Math.max(0, last - first + 1) }, (_, n) => ({
        code: "course" as const,
        at: top + (first + n) * repeat,
        number: (first + n) * courses.length + k + 1,
      }));
    });
    return tops.sort((p, q) => p.at - q.at);
  });
}

/** Height of a course by its number, mm, without its joint. */
export function courseHeight({ courses, height }: PatternCell, number: number): number {
  return courses[mod(number - 1, courses.length)] ?? height;
}
