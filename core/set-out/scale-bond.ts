import { convexHull, type Point, type Polygon } from "../geometry/polygon.ts";

/** Sides of a quarter circle; neighbours share them, so that their joint is even. */
const QUARTER = 12;
const STEP = Math.PI / 2 / QUARTER;

/** A scale and where its neighbours lie. */
export interface ScaleTile {
  ring: Polygon;
  /** Round the ring, which is not convex. */
  hull: Polygon;
  along: Point;
  up: Point;
}

/**
 * Scales (round side down) or fans (round side up): a circle of the tile's width from which the
 * two neighbours below have taken theirs. Circles of R − joint/2 face hollows of R + joint/2 about
 * the same centre, R being half of width and joint. Arcs are chords, a joint from each other.
 */
export function scaleTile(width: number, joint: number, round: "up" | "down"): ScaleTile {
  const r = (width + joint) / 2;
  // Chords of the round; the hollow's chords are a joint from them, measured square.
  const outer = r - joint / 2;
  const hollow = outer + joint / Math.cos(STEP / 2);
  const side = rightSide(r, outer, hollow);
  const left = side
    .slice(1, -1)
    .map(([x, y]): Point => [-x, y])
    .reverse();
  const fan: Polygon = [...side, ...left];
  const ring = round === "up" ? fan : fan.map(([x, y]): Point => [x, -y]).reverse();
  return { ring, hull: convexHull(ring), along: [2 * r, 0], up: [r, r] };
}

/** From the tip below, up the hollow and over the round, to the top in the middle. */
function rightSide(r: number, outer: number, hollow: number): Point[] {
  const about = ([x, y]: Point, radius: number, k: number): Point => [
    x + radius * Math.cos(k * STEP),
    y + radius * Math.sin(k * STEP),
  ];
  const below: Point = [r, -r];
  // The hollow from its left end to beyond the tip, and the round from before the tip to its top.
  const hollows = Array.from({ length: QUARTER + 4 }, (_, k) =>
    about(below, hollow, 2 * QUARTER - k),
  );
  const rounds = Array.from({ length: QUARTER + 4 }, (_, k) => about([0, 0], outer, k - 3));
  const middle = hollows.findIndex(([x]) => x > 0);
  const tip = atMiddle(hollows[middle - 1] as Point, hollows[middle] as Point);
  for (let p = middle; p < hollows.length - 1; p++) {
    for (let q = 0; q < rounds.length - 1; q++) {
      const corner = crossing(
        [hollows[p] as Point, hollows[p + 1] as Point],
        [rounds[q] as Point, rounds[q + 1] as Point],
      );
      if (corner) return [tip, ...hollows.slice(middle, p + 1), corner, ...rounds.slice(q + 1)];
    }
  }
  throw new Error("the round and the hollow of a scale do not meet");
}

/** Where a side passes x = 0. */
function atMiddle([x0, y0]: Point, [x1, y1]: Point): Point {
  return [0, y0 + ((y1 - y0) * -x0) / (x1 - x0)];
}

function crossing([a, b]: [Point, Point], [c, d]: [Point, Point]): Point | undefined {
  const [ux, uy] = [b[0] - a[0], b[1] - a[1]];
  const [vx, vy] = [d[0] - c[0], d[1] - c[1]];
  const across = ux * vy - uy * vx;
  if (Math.abs(across) < 1e-12) return undefined;
  const t = ((c[0] - a[0]) * vy - (c[1] - a[1]) * vx) / across;
  const s = ((c[0] - a[0]) * uy - (c[1] - a[1]) * ux) / across;
  if (t < 0 || t > 1 || s < 0 || s > 1) return undefined;
  return [a[0] + t * ux, a[1] + t * uy];
}
