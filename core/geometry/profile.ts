import { SAME_SUM } from "../limits.ts";
import type { Point } from "./polygon.ts";

/**
 * A line read at some positions along a wall: straight between readings; beyond the last one its
 * segment continues; one reading alone means level (definition of the readings).
 */
export type Profile = readonly Point[];

/** A profile that is level at one height. */
export function levelProfile(height: number): Profile {
  return [[0, height]];
}

/**
 * A profile through readings in any order; of several at one position the last counts. With `steps`
 * two at one position are a step: what was read first is on its left.
 */
export function profileThrough(readings: Point[], steps = false): Profile {
  if (steps) {
    // A sort keeps the order of readings at one position.
    const inOrder = [...readings].sort((a, b) => a[0] - b[0]);
    return inOrder.filter(([x], k) => inOrder[k - 1]?.[0] !== x || inOrder[k + 1]?.[0] !== x);
  }
  const byPosition = new Map(readings.map((point) => [point[0], point]));
  return [...byPosition.values()].sort((a, b) => a[0] - b[0]);
}

/** Height of the profile at x. Throws RangeError for a profile without readings. */
export function heightAt(profile: Profile, x: number): number {
  const first = profile[0];
  if (!first) throw new RangeError("a profile needs at least one reading");
  if (profile.length === 1) return first[1];
  let i = 1;
  while (i < profile.length - 1 && x > (profile[i] as Point)[0]) i++;
  const [x0, y0] = profile[i - 1] as Point;
  const [x1, y1] = profile[i] as Point;
  // At a step, and beyond one at the end, there is no slope to go on.
  if (x1 === x0) return x > x0 ? y1 : y0;
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

/** The profile as points from x0 to x1, both ends included. */
export function profilePoints(profile: Profile, x0: number, x1: number): Point[] {
  const between = profile.filter(([x]) => x > x0 + SAME_SUM && x < x1 - SAME_SUM);
  return [[x0, heightAt(profile, x0)], ...between, [x1, heightAt(profile, x1)]];
}

/** The same profile with every height changed. */
export function mapHeights(profile: Profile, change: (height: number) => number): Profile {
  return profile.map(([x, y]) => [x, change(y)]);
}
