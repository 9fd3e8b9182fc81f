import { boxOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { SAME_SUM } from "../limits.ts";
import type { WallLine } from "./lines.ts";
import type { PatternCell } from "./pattern.ts";

/**
 * The two parallel lines that the corners of a herringbone touch, on both sides of the axis that
 * its arms meet on: (tile width + joint) ÷ √2 apart, plumb when it points up, at 45° when it runs
 * along the courses. Of all the pattern's axes the one nearest to `centreX` at the field's foot.
 */
export function herringboneLines(
  { shapes, b, joint }: PatternCell,
  origin: Point,
  boundary: Polygon,
  centreX: number,
): WallLine[] {
  const ring = shapes[0]?.ring ?? [];
  const [p0, p1, p2] = ring as [Point, Point, Point];
  if (boundary.length === 0 || ring.length < 3) return [];
  const along = unit(p0, p1);
  const across = unit(p1, p2);
  const module = Math.hypot(p2[0] - p1[0], p2[1] - p1[1]) + joint;
  const box = boxOf(boundary);
  const axis: Point = unit([0, 0], [along[0] + across[0], along[1] + across[1]]);
  // Half a joint beyond the far corner of the lying tile the joints turn.
  const turn: Point = [
    origin[0] + p2[0] + (joint / 2) * (along[0] + across[0]),
    origin[1] + p2[1] + (joint / 2) * (along[1] + across[1]),
  ];
  const footX = ([x, y]: Point) => x + ((box.minY - y) / axis[1]) * axis[0];
  const steps = Math.round(
    (centreX - footX(turn)) / (footX([turn[0] + b.vector[0], turn[1] + b.vector[1]]) - footX(turn)),
  );
  return [0, module].flatMap((beyond, k) => {
    const through: Point = [
      turn[0] + steps * b.vector[0] + beyond * along[0],
      turn[1] + steps * b.vector[1] + beyond * along[1],
    ];
    const ends = withinBox(through, axis, box);
    return ends
      ? [{ id: `corners-${k + 1}`, kind: "control" as const, from: ends[0], to: ends[1] }]
      : [];
  });
}

function unit([ax, ay]: Point, [bx, by]: Point): Point {
  const length = Math.hypot(bx - ax, by - ay);
  return [(bx - ax) / length, (by - ay) / length];
}

/** Where a line enters and leaves a box; undefined when it misses it. */
function withinBox(
  [x, y]: Point,
  [dx, dy]: Point,
  { minX, minY, maxX, maxY }: ReturnType<typeof boxOf>,
): [Point, Point] | undefined {
  let [from, to] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY];
  for (const [at, step, low, high] of [
    [x, dx, minX, maxX],
    [y, dy, minY, maxY],
  ] as const) {
    if (Math.abs(step) < SAME_SUM) {
      if (at < low || at > high) return undefined;
      continue;
    }
    const [near, far] = [(low - at) / step, (high - at) / step];
    from = Math.max(from, Math.min(near, far));
    to = Math.min(to, Math.max(near, far));
  }
  if (from >= to) return undefined;
  return [
    [x + from * dx, y + from * dy],
    [x + to * dx, y + to * dy],
  ];
}
