import { heightAt, type Profile } from "../geometry/profile.ts";
import type { Wall } from "../project/schema.ts";

/** A nearly plumb line: x = x0 + slope × (y − y0). */
export interface PlumbLine {
  x0: number;
  y0: number;
  slope: number;
}

/** x of the line at height y. */
export function lineX({ x0, y0, slope }: PlumbLine, y: number): number {
  return x0 + slope * (y - y0);
}

/** The line moved sideways. */
export function shiftLine(line: PlumbLine, dx: number): PlumbLine {
  return { ...line, x0: line.x0 + dx };
}

interface CornerLines {
  left: PlumbLine;
  right: PlumbLine;
  leanMismatch?: number;
}

/**
 * The two vertical corners of a wall. The left lean and the widths are used; without a width at
 * the top the right lean is; a corner that nobody read is taken as plumb. The width at the top
 * belongs to the height of the top at the left corner.
 */
export function cornerLines(
  wall: Pick<Wall, "width" | "lean">,
  base: Profile,
  top: Profile,
): CornerLines {
  const width = wall.width.bottom;
  const left = { x0: 0, y0: heightAt(base, 0), slope: slopeOf(wall.lean?.left) };
  const foot = heightAt(base, width);
  const leanSlope = slopeOf(wall.lean?.right);
  if (wall.width.top === undefined)
    return { left, right: { x0: width, y0: foot, slope: leanSlope } };

  const topY = heightAt(top, 0);
  const rightTop = lineX(left, topY) + wall.width.top;
  const right = {
    x0: width,
    y0: foot,
    slope: topY > foot ? (rightTop - width) / (topY - foot) : 0,
  };
  if (!wall.lean?.right) return { left, right };
  const fromLeans = width + leanSlope * (topY - foot);
  return { left, right, leanMismatch: rightTop - fromLeans };
}

function slopeOf(lean: { offset: number; over: number } | undefined): number {
  return lean ? lean.offset / lean.over : 0;
}
