import { boxOf } from "../geometry/polygon.ts";
import { LEAST_PIECE, SAME_MM } from "../limits.ts";
import type { WallArea } from "./areas.ts";

/** Where a course of the field ends, mm in the plan's frame, and its number. */
export interface CourseTop {
  code: "course";
  at: number;
  number: number;
}

/** The tops of the field's courses that show; empty for bonds without courses. */
export function courseTops({ areas }: { areas: WallArea[] }): CourseTop[] {
  return areas.flatMap(({ zone, cell, origin, boundary }) => {
    if (zone || !cell.straight || boundary.length === 0) return [];
    const { minY, maxY } = boxOf(boundary);
    const module = cell.height + cell.joint;
    const top = origin[1] + cell.height;
    // Less than a piece is joint: a course that ends so low is none.
    const first = Math.ceil((minY + LEAST_PIECE - top) / module - SAME_MM);
    const last = Math.floor((maxY - top) / module + SAME_MM);
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, k) => ({
      code: "course" as const,
      at: top + (first + k) * module,
      number: first + k + 1,
    }));
  });
}
