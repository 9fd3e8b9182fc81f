import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { near } from "../testing.ts";
import { clipRings } from "./clipper.ts";
import { type Box, polygonArea, rectangle, signedArea } from "./polygon.ts";
import { isRectangle, rectangleWithout } from "./rectangle.ts";

const TILE: Box = { minX: 0, minY: 0, maxX: 600, maxY: 300 };

test("a niche's corner in a tile leaves an L, its head a U, its side a strip", () => {
  // The niche takes 100 × 80 of the upper right corner.
  const corner = rectangleWithout(TILE, { minX: 500, minY: 220, maxX: 900, maxY: 700 });
  assert.deepEqual(corner, [
    [
      [0, 0],
      [600, 0],
      [600, 220],
      [500, 220],
      [500, 300],
      [0, 300],
    ],
  ]);
  const foot = rectangleWithout(TILE, { minX: 200, minY: 250, maxX: 400, maxY: 700 });
  assert.deepEqual(foot, [
    [
      [0, 0],
      [600, 0],
      [600, 300],
      [400, 300],
      [400, 250],
      [200, 250],
      [200, 300],
      [0, 300],
    ],
  ]);
  const side = rectangleWithout(TILE, { minX: 450, minY: -10, maxX: 900, maxY: 700 });
  assert.deepEqual(side, [rectangle(0, 0, 450, 300)]);
  const band = rectangleWithout(TILE, { minX: 250, minY: -10, maxX: 350, maxY: 700 });
  assert.deepEqual(band, [rectangle(0, 0, 250, 300), rectangle(350, 0, 250, 300)]);
});

test("a hole that opens at no side is left to others, one over all of the tile leaves nothing", () => {
  assert.equal(rectangleWithout(TILE, { minX: 100, minY: 100, maxX: 200, maxY: 200 }), undefined);
  assert.deepEqual(rectangleWithout(TILE, { minX: -5, minY: -5, maxX: 900, maxY: 900 }), []);
});

test("a thousandth of a millimetre is not left over as a strip", () => {
  const rings = rectangleWithout(TILE, { minX: 500, minY: -5, maxX: 599.9999, maxY: 900 });
  assert.deepEqual(rings, [rectangle(0, 0, 500, 300)]);
});

test("only four upright sides make a rectangle", () => {
  assert.ok(isRectangle(rectangle(3, 4, 5, 6)));
  assert.ok(!isRectangle([...rectangle(0, 0, 10, 10).slice(0, 3), [1, 10]]));
  assert.ok(!isRectangle(rectangle(0, 0, 10, 10).slice(0, 3)));
});

test("what is left is what a clipper leaves, wherever the hole lies", () => {
  const place = fc.integer({ min: -40, max: 40 });
  const size = fc.integer({ min: 1, max: 90 });
  const hole = fc
    .tuple(place, place, size, size)
    .map(([x, y, width, height]): Box => ({ minX: x, minY: y, maxX: x + width, maxY: y + height }));
  const tile: Box = { minX: 0, minY: 0, maxX: 40, maxY: 20 };
  const ring = rectangle(0, 0, 40, 20);
  fc.assert(
    fc.property(hole, (box) => {
      fc.pre(box.maxX > 0 && box.minX < 40 && box.maxY > 0 && box.minY < 20);
      const cutter = rectangle(box.minX, box.minY, box.maxX - box.minX, box.maxY - box.minY);
      const left = rectangleWithout(tile, box);
      const clipped = clipRings("subtract", [ring], [cutter]);
      if (!left) return assert.equal(clipped[0]?.holes.length, 1);
      assert.equal(left.length, clipped.length);
      for (const each of left) assert.ok(signedArea(each) > 0);
      const area = (rings: readonly (readonly (readonly [number, number])[])[]) =>
        rings.reduce((sum, each) => sum + polygonArea(each), 0);
      near(area(left), area(clipped.map(({ outer }) => outer)), 1e-6);
      // Both lie in the same place: nothing of one is outside the other.
      near(
        left.flatMap((each) =>
          clipRings(
            "subtract",
            [each],
            clipped.map(({ outer }) => outer),
          ),
        ).length,
        0,
      );
    }),
    { numRuns: 2000 },
  );
});
