import type { WallEnd } from "../build-up/wall-ends.ts";

/** What a course does at a woven corner: it runs past and covers the other's edge, or stops. */
export type WovenCourse = "runs" | "stops";

/** Whether a course runs past at this end; undefined where the corner is not woven. */
export function wovenCourse({ weave }: WallEnd, course: number): WovenCourse | undefined {
  if (!weave) return undefined;
  const odd = Math.abs(course % 2) === 1;
  return odd === weave.runsOdd ? "runs" : "stops";
}
