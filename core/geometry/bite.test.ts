import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { near } from "../testing.ts";
import { bitten } from "./bite.ts";
import { regionArea, subtract } from "./boolean.ts";
import { circleRing, type Polygon, polygonArea, rectangle, signedArea } from "./polygon.ts";

test("a square bite in a side and over a corner, by hand", () => {
  const tile = rectangle(0, 0, 10, 6);
  assert.deepEqual(bitten(tile, rectangle(2, -2, 3, 4)), [
    [5, 0],
    [10, 0],
    [10, 6],
    [0, 6],
    [0, 0],
    [2, 0],
    [2, 2],
    [5, 2],
  ]);
  const corner = bitten(tile, rectangle(7, 4, 8, 8)) as Polygon;
  near(polygonArea(corner), 60 - 3 * 2);
  assert.ok(signedArea(corner) > 0);
});

test("a cutter inside, outside, right through, or in one of its own edges is left to others", () => {
  const tile = rectangle(0, 0, 10, 6);
  const cutters = [
    rectangle(2, 2, 3, 3),
    rectangle(20, 0, 3, 3),
    rectangle(4, -2, 2, 10),
    // Its left edge alone comes over the tile's corner.
    [
      [9, -1],
      [30, -1],
      [11, 1],
    ] as Polygon,
  ];
  for (const cutter of cutters) assert.equal(bitten(tile, cutter), undefined);
});

test("what a round hole leaves of a tile is what a clipper leaves", () => {
  let bites = 0;
  const part = fc.integer({ min: -30_000, max: 130_000 }).map((each) => (each + 0.37) / 1000);
  const tiles: Polygon[] = [
    rectangle(0, 0, 100, 60),
    // Cut by a leaning wall, and an L beside a niche.
    [
      [0, 0],
      [93, 0],
      [97, 60],
      [0, 60],
    ],
    [
      [0, 0],
      [100, 0],
      [100, 35],
      [60, 35],
      [60, 60],
      [0, 60],
    ],
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...tiles),
      part,
      part,
      fc.integer({ min: 5, max: 50 }),
      (tile, x, y, diameter) => {
        const hole = circleRing([x, y], diameter);
        const left = bitten(tile, hole);
        const clipped = subtract([tile], [hole]);
        if (!left) return;
        bites++;
        assert.equal(clipped.length, 1);
        assert.ok(signedArea(left) > 0);
        near(
          polygonArea(left),
          clipped.reduce((sum, region) => sum + regionArea(region), 0),
          0.05,
        );
        assert.deepEqual(subtract([left], [clipped[0]?.outer ?? []]), []);
      },
    ),
    { numRuns: 3000 },
  );
  assert.ok(bites > 300, `${bites} bites`);
});
