import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import * as polyclip from "polyclip-ts";
import { intersect, regionArea, subtract, takeClipper, unite } from "./boolean.ts";
import { clipRings } from "./clipper.ts";
import { keyholeRing, openKeyhole } from "./keyhole.ts";
import {
  circleRing,
  clipHalfPlane,
  contains,
  perimeter,
  polygonArea,
  rectangle,
  signedArea,
  withoutFlatCorners,
} from "./polygon.ts";
import { heightAt, levelProfile, profilePoints, profileThrough } from "./profile.ts";

takeClipper(clipRings);

const near = (actual: number, expected: number, tolerance = 1e-6) =>
  assert.ok(Math.abs(actual - expected) <= tolerance, `${actual} is not ${expected}`);

test("area, perimeter and containment of a rectangle", () => {
  const box = rectangle(10, 20, 30, 40);
  assert.equal(signedArea(box), 1200);
  assert.equal(signedArea([...box].reverse()), -1200);
  assert.equal(perimeter(box), 140);
  assert.ok(contains(box, [11, 21]));
  assert.ok(!contains(box, [9, 21]));
});

test("a ring for a circle has the circle's area", () => {
  near(polygonArea(circleRing([5, 5], 100)), Math.PI * 2500, 1e-6);
});

test("a half-plane keeps the side where the sum is below the limit", () => {
  near(polygonArea(clipHalfPlane(rectangle(0, 0, 10, 10), 1, 0, 4)), 40);
  near(polygonArea(clipHalfPlane(rectangle(0, 0, 10, 10), 1, 1, 10)), 50);
  assert.deepEqual(clipHalfPlane(rectangle(0, 0, 10, 10), 1, 0, -1), []);
});

test("a hole is bridged into one ring of the same area", () => {
  const [region] = subtract([rectangle(0, 0, 100, 100)], [rectangle(40, 40, 10, 20)]);
  assert.ok(region);
  assert.equal(region.holes.length, 1);
  near(regionArea(region), 9800, 1e-3);
  near(polygonArea(keyholeRing(region)), 9800, 1e-3);
});

test("bridges open again: outline and holes as they were, two holes too", () => {
  const windows = [rectangle(40, 40, 10, 20), rectangle(70, 10, 20, 20)];
  const [region] = subtract([rectangle(0, 0, 100, 100)], windows);
  assert.ok(region);
  const { outer, holes } = openKeyhole(keyholeRing(region));
  near(polygonArea(outer), 10_000, 1e-3);
  assert.deepEqual(
    holes.map((hole) => Math.round(Math.abs(polygonArea(hole)))).sort((p, q) => p - q),
    [200, 400],
  );
  const plain = rectangle(0, 0, 5, 5);
  assert.deepEqual(openKeyhole(plain), { outer: plain, holes: [] });
});

test("overlapping rings unite; rings that only touch keep their area", () => {
  const [merged, ...rest] = unite([rectangle(0, 0, 10, 10), rectangle(5, 0, 10, 10)]);
  assert.ok(merged && rest.length === 0);
  near(regionArea(merged), 150, 1e-3);
});

test("clipping agrees with a second library on random rectangles", () => {
  const side = fc.integer({ min: 1, max: 400 });
  const box = fc
    .tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 0, max: 300 }), side, side)
    .map(([x, y, w, h]) => rectangle(x, y, w, h));
  fc.assert(
    fc.property(box, box, (a, b) => {
      const ours = intersect([a], [b]).reduce((sum, region) => sum + regionArea(region), 0);
      const ring = (r: typeof a): [number, number][] => r.map(([x, y]) => [x, y]);
      const theirs = polyclip
        .intersection([ring(a)], [ring(b)])
        .flat()
        .reduce((sum, r) => sum + polygonArea(r.slice(0, -1) as [number, number][]), 0);
      near(ours, theirs, 0.05);
    }),
  );
});

test("a profile continues its last segment and is level with one reading", () => {
  const profile = profileThrough([
    [500, 10],
    [100, 6],
  ]);
  near(heightAt(profile, 300), 8);
  near(heightAt(profile, 0), 5);
  near(heightAt(profile, 600), 11);
  near(heightAt(levelProfile(7), 1234), 7);
  assert.deepEqual(profilePoints(profile, 0, 600).length, 4);
  assert.throws(() => heightAt([], 0), RangeError);
});

test("flat corners go, real ones stay", () => {
  const ring = [
    [0, 0],
    [50, 0.1],
    [100, 0],
    [100, 100],
    [0, 100],
  ] as const;
  assert.equal(withoutFlatCorners(ring, 0.2).length, 4);
  assert.equal(withoutFlatCorners(ring, 0.05).length, 5);
});
