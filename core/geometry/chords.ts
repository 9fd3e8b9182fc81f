import { SAME_SUM } from "../limits.ts";
import type { Point, Polygon } from "./polygon.ts";

/** A stretch of a straight line, from and to. */
export type Stretch = [from: number, to: number];

/** Where the level line at y runs inside a ring, from left to right. */
export function levelChords(ring: Polygon, y: number): Stretch[] {
  return chords(ring, y, 1, 0);
}

/** Where the plumb line at x runs inside a ring, from below. */
export function plumbChords(ring: Polygon, x: number): Stretch[] {
  return chords(ring, x, 0, 1);
}

function chords(ring: Polygon, at: number, fixed: 0 | 1, along: 0 | 1): Stretch[] {
  const crossings: number[] = [];
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [p, q] = [ring[j] as Point, ring[i] as Point];
    // Half-open, so that a line through a corner crosses once.
    if (p[fixed] > at === q[fixed] > at) continue;
    const share = (at - p[fixed]) / (q[fixed] - p[fixed]);
    crossings.push(p[along] + share * (q[along] - p[along]));
  }
  crossings.sort((a, b) => a - b);
  const stretches: Stretch[] = [];
  for (let k = 0; k + 1 < crossings.length; k += 2) {
    stretches.push([crossings[k] as number, crossings[k + 1] as number]);
  }
  return stretches;
}

/** Stretches less others. */
export function withoutStretches(stretches: Stretch[], gaps: Stretch[]): Stretch[] {
  return gaps.reduce(
    (left, [low, high]) =>
      left.flatMap(([from, to]): Stretch[] => {
        const parts: Stretch[] = [
          [from, Math.min(to, low)],
          [Math.max(from, high), to],
        ];
        return parts.filter(([a, b]) => b > a + SAME_SUM);
      }),
    stretches,
  );
}
