import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { near } from "../testing.ts";
import { intersect, regionArea, subtract, unite } from "./boolean.ts";
import { levelChords, plumbChords, withoutStretches } from "./chords.ts";
import { contains, convexHull, type Point, polygonArea, rectangle, signedArea } from "./polygon.ts";
import { heightAt, levelProfile, mapHeights, profilePoints, profileThrough } from "./profile.ts";

/** A U of 300 × 200 with a gap of 100 × 150 from above. */
const u: Point[] = [
  [0, 0],
  [300, 0],
  [300, 200],
  [200, 200],
  [200, 50],
  [100, 50],
  [100, 200],
  [0, 200],
];

test("a level line runs through both arms of a U, a plumb one through what is there", () => {
  assert.deepEqual(levelChords(u, 100), [
    [0, 100],
    [200, 300],
  ]);
  assert.deepEqual(levelChords(u, 20), [[0, 300]]);
  assert.deepEqual(levelChords(u, 250), []);
  assert.deepEqual(plumbChords(u, 150), [[0, 50]]);
  assert.deepEqual(plumbChords(u, 50), [[0, 200]]);
});

test("a line through a corner crosses once", () => {
  const lengths = levelChords(u, 50).map(([from, to]) => to - from);
  assert.ok(lengths.every((length) => length > 0));
  near(
    lengths.reduce((sum, length) => sum + length, 0),
    200,
  );
});

test("chords are where points of the line lie inside", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 199 }),
      fc.integer({ min: 1, max: 299 }),
      (level, along) => {
        const [x, y] = [along + 0.37, level + 0.41];
        const inside = levelChords(u, y).some(([from, to]) => x > from && x < to);
        assert.equal(inside, contains(u, [x, y]));
        assert.equal(
          plumbChords(u, x).some(([from, to]) => y > from && y < to),
          inside,
        );
      },
    ),
  );
});

test("gaps are taken out of stretches", () => {
  assert.deepEqual(withoutStretches([[0, 100]], [[40, 60]]), [
    [0, 40],
    [60, 100],
  ]);
  assert.deepEqual(withoutStretches([[0, 100]], [[-10, 110]]), []);
  assert.deepEqual(withoutStretches([[0, 100]], [[100, 120]]), [[0, 100]]);
  assert.deepEqual(
    withoutStretches(
      [
        [0, 50],
        [70, 90],
      ],
      [
        [10, 20],
        [45, 80],
      ],
    ),
    [
      [0, 10],
      [20, 45],
      [80, 90],
    ],
  );
});

test("a profile is straight between readings, and its last stretches go on", () => {
  const profile = profileThrough([
    [400, 10],
    [0, 0],
    [1000, 40],
  ]);
  near(heightAt(profile, 200), 5);
  near(heightAt(profile, 700), 25);
  near(heightAt(profile, -400), -10);
  near(heightAt(profile, 1200), 50);
});

test("one reading means level, none is a mistake, of two at one place the later counts", () => {
  assert.equal(heightAt(levelProfile(12), 5000), 12);
  assert.throws(() => heightAt([], 0), RangeError);
  assert.equal(
    heightAt(
      profileThrough([
        [0, 1],
        [0, 7],
      ]),
      300,
    ),
    7,
  );
});

test("a profile as points has both ends and every reading between them", () => {
  const profile = profileThrough([
    [0, 0],
    [400, 10],
    [1000, 40],
  ]);
  assert.deepEqual(profilePoints(profile, 200, 1000), [
    [200, 5],
    [400, 10],
    [1000, 40],
  ]);
  assert.deepEqual(
    mapHeights(profile, (height) => 100 - height).map(([, y]) => y),
    [100, 90, 60],
  );
});

test("a hull is convex, runs counter-clockwise and holds every point", () => {
  const points = fc.array(
    fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })),
    { minLength: 4, maxLength: 40 },
  );
  fc.assert(
    fc.property(points, (given) => {
      const hull = convexHull(given);
      if (hull.length < 3) return;
      assert.ok(signedArea(hull) > 0);
      hull.forEach((a, k) => {
        const b = hull[(k + 1) % hull.length] as Point;
        for (const [x, y] of given) {
          const left = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
          assert.ok(left >= 0, "every point lies left of every side");
        }
      });
    }),
  );
});

test("the hull of a rectangle is the rectangle, of a U its box", () => {
  assert.deepEqual(convexHull(rectangle(5, 7, 20, 10)), rectangle(5, 7, 20, 10));
  near(polygonArea(convexHull(u)), 300 * 200);
});

test("rings without corners are nothing, to clip or to clip with", () => {
  const square = rectangle(0, 0, 100, 100);
  const areaOf = (regions: ReturnType<typeof subtract>) =>
    regions.reduce((sum, region) => sum + regionArea(region), 0);
  assert.deepEqual(subtract([[]], [square]), []);
  near(areaOf(subtract([square], [[], []])), 10_000);
  near(areaOf(subtract([[], square], [rectangle(0, 0, 50, 100), []])), 5000);
  assert.deepEqual(intersect([square], [[]]), []);
  near(areaOf(unite([[], square])), 10_000);
});
