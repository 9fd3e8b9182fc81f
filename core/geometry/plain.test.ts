import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { clipRings } from "./clipper.ts";
import type { Region } from "./keyhole.ts";
import { plainlyIntersect, plainlySubtract } from "./plain.ts";
import { circleRing, convexHull, type Point, type Polygon, rectangle } from "./polygon.ts";
import { sameRegions } from "./testing.ts";

/** Places on a grid of 5, so that many rings touch, or anywhere. */
const place = fc.oneof(
  fc.integer({ min: 0, max: 20 }).map((each) => each * 5),
  fc.integer({ min: 0, max: 100_000 }).map((each) => each / 1000),
);
const point = fc.tuple(place, place) as fc.Arbitrary<Point>;
const upright = fc
  .tuple(place, place, place, place)
  .map(([x, y, width, height]) => rectangle(x, y, width + 3, height + 3));
const hull = fc
  .array(point, { minLength: 3, maxLength: 8 })
  .map((points) => convexHull(points))
  .filter(({ length }) => length > 2);
const round = fc.tuple(point, place).map(([centre, width]) => circleRing(centre, width + 6));
/** An L, whose inner corner is at one of the places. */
const bent = fc.tuple(place, place).map(
  ([x, y]): Polygon => [
    [-2, -2],
    [103, -2],
    [103, y],
    [x, y],
    [x, 103],
    [-2, 103],
  ],
);
const ring = fc.oneof(upright, hull, round, bent);

const outers = (regions: Region[]) =>
  regions.flatMap(({ outer, holes }) => (holes.length > 0 ? [] : [outer]));

test("what is told plainly is what a clipper finds, and most is", () => {
  const told = { intersect: 0, subtract: 0 };
  fc.assert(
    fc.property(ring, ring, (one, other) => {
      const common = plainlyIntersect(one, other);
      if (common) {
        told.intersect++;
        sameRegions(outers(common), clipRings("intersect", [one], [other]));
      }
      const left = plainlySubtract(one, other);
      if (!left) return;
      told.subtract++;
      const clipped = clipRings("subtract", [one], [other]);
      assert.equal(
        left.some(({ holes }) => holes.length > 0),
        clipped.some(({ holes }) => holes.length > 0),
      );
      if (left.every(({ holes }) => holes.length === 0)) sameRegions(outers(left), clipped);
    }),
    { numRuns: 2000 },
  );
  assert.ok(told.intersect > 1500 && told.subtract > 1000, JSON.stringify(told));
});

test("a hole in the middle stays a hole, and rings that run along each other are left to the clipper", () => {
  const tile = rectangle(0, 0, 100, 60);
  const [region, ...others] = plainlySubtract(tile, rectangle(40, 20, 10, 10)) ?? [];
  assert.equal(others.length, 0);
  assert.deepEqual(region?.outer, tile);
  assert.equal(region?.holes.length, 1);
  // It bites two corners off one side and ends on the other: no single edge parts them.
  assert.equal(plainlySubtract(tile, rectangle(40, 20, 10, 40)), undefined);
  const l: Polygon = [...tile.slice(0, 3), [50, 60], [50, 30], [0, 30]];
  assert.equal(plainlyIntersect(l, rectangle(50, 10, 10, 40)), undefined);
});

test("of a strip that reaches over a tile on three sides one edge alone cuts", () => {
  const tile = rectangle(0, 0, 100, 60);
  assert.deepEqual(
    plainlySubtract(tile, rectangle(-5, 50, 110, 20))?.map(({ outer }) => outer),
    [
      [
        [0, 50],
        [0, 0],
        [100, 0],
        [100, 50],
      ],
    ],
  );
});
