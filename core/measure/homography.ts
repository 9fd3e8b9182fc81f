import { Matrix, solve } from "ml-matrix";
import type { Point } from "../geometry/polygon.ts";
import { heightAt } from "../geometry/profile.ts";
import { lineX } from "./corners.ts";
import type { MeasuredShape } from "./shape.ts";

/** A map between two planes seen in perspective: eight numbers of a 3 × 3 matrix, row by row, the ninth 1. */
export type Homography = readonly number[];

/** Four corners that turn the same way round, in the order of their ring. */
export type Quad = readonly [Point, Point, Point, Point];

/**
 * The homography that takes four corners to four others: two linear equations for each, solved
 * together (direct linear transform). Undefined where either four are no convex quadrilateral.
 */
export function homography(from: Quad, to: Quad): Homography | undefined {
  if (!isConvex(from) || !isConvex(to)) return undefined;
  const rows: number[][] = [];
  const right: number[][] = [];
  from.forEach(([x, y], k) => {
    const [u, v] = to[k] as Point;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    right.push([u], [v]);
  });
  const solved = solve(new Matrix(rows), new Matrix(right)).to1DArray();
  return solved.every(Number.isFinite) ? [...solved, 1] : undefined;
}

/** Where a homography takes a point. */
export function mapped(h: Homography, [x, y]: Point): Point {
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, i = 0, one = 1] = h;
  const depth = g * x + i * y + one;
  return [(a * x + b * y + c) / depth, (d * x + e * y + f) / depth];
}

/** Corners this near to one line are no corner, as a share of the sides' product. */
const FLAT = 1e-6;

function isConvex(quad: Quad): boolean {
  const turns = quad.map((at, k) => {
    const before = quad[(k + 3) % 4] as Point;
    const after = quad[(k + 1) % 4] as Point;
    const [ax, ay] = [at[0] - before[0], at[1] - before[1]];
    const [bx, by] = [after[0] - at[0], after[1] - at[1]];
    const sides = Math.hypot(ax, ay) * Math.hypot(bx, by);
    return sides === 0 ? 0 : (ax * by - ay * bx) / sides;
  });
  return turns.every((turn) => turn > FLAT) || turns.every((turn) => turn < -FLAT);
}

/** A wall's four corners in the plan's frame, from the lower left against the clock; mm. */
export function wallCorners({ left, right, base, top }: MeasuredShape): Quad {
  const at = (line: typeof left, profile: typeof base, x: number): Point => {
    const y = heightAt(profile, x);
    return [lineX(line, y), y];
  };
  return [
    at(left, base, left.x0),
    at(right, base, right.x0),
    at(right, top, right.x0),
    at(left, top, left.x0),
  ];
}

/** A length that was measured on the wall and marked in its photo. */
export interface KnownLength {
  from: Point;
  to: Point;
  mm: number;
}

/** What the rectified photo makes of a known length, mm, and by how much that is off. */
export function lengthCheck(
  toWall: Homography,
  { from, to, mm }: KnownLength,
): { told: number; off: number } {
  const [a, b] = [mapped(toWall, from), mapped(toWall, to)];
  const told = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return { told, off: told - mm };
}
