import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { near } from "../testing.ts";
import { bitten, insideOf } from "./bite.ts";
import { clipRings } from "./clipper.ts";
import {
  circleRing,
  type Point,
  type Polygon,
  polygonArea,
  rectangle,
  signedArea,
} from "./polygon.ts";
import { sameRegions } from "./testing.ts";

test("a square bite in a side and over a corner, by hand", () => {
  const tile = rectangle(0, 0, 10, 6);
  assert.deepEqual(bitten(tile, rectangle(2, -2, 3, 4)), [
    [
      [5, 0],
      [10, 0],
      [10, 6],
      [0, 6],
      [0, 0],
      [2, 0],
      [2, 2],
      [5, 2],
    ],
  ]);
  const [corner] = bitten(tile, rectangle(7, 4, 8, 8)) as [Polygon];
  near(polygonArea(corner), 60 - 3 * 2);
  assert.ok(signedArea(corner) > 0);
});

test("a cutter right through leaves two parts, and one whose single edge comes over a corner a slanted one", () => {
  const tile = rectangle(0, 0, 10, 6);
  const through = rectangle(4, -2, 2, 10);
  assert.deepEqual(
    bitten(tile, through)?.map((ring) => polygonArea(ring)),
    [24, 24],
  );
  assert.deepEqual(
    insideOf(tile, through)?.map((ring) => polygonArea(ring)),
    [12],
  );
  // Its left edge runs from (9, −1) to (11, 1): it takes a triangle of 10 − 10 = 0 by 0 off a corner
  // moved in by one: legs of 1.
  const slanted: Polygon = [
    [8, -1],
    [30, -1],
    [11, 2],
  ];
  near(polygonArea(bitten(tile, slanted)?.[0] ?? []), 59.5);
});

test("a cutter inside or outside is left to others", () => {
  const tile = rectangle(0, 0, 10, 6);
  for (const cutter of [rectangle(2, 2, 3, 3), rectangle(20, 0, 3, 3)]) {
    assert.equal(bitten(tile, cutter), undefined);
    assert.equal(insideOf(tile, cutter), undefined);
  }
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
        if (!left) return;
        bites++;
        sameRegions(left, clipRings("subtract", [tile], [hole]));
      },
    ),
    { numRuns: 3000 },
  );
  assert.ok(bites > 300, `${bites} bites`);
});

test("a tile at a bend of the base, by hand: the bend's corner is one of the piece", () => {
  // The base falls 2 in 50 to x = 50 and rises again: a reflex corner seen from the field above it.
  const field: Polygon = [
    [0, 0],
    [50, 3],
    [100, 0],
    [100, 90],
    [0, 90],
  ];
  assert.deepEqual(insideOf(rectangle(25, -10, 50, 40), field), [
    [
      [75, 1.5],
      [75, 30],
      [25, 30],
      [25, 1.5],
      [50, 3],
    ],
  ]);
});

test("what a bent boundary leaves of a tile is what a clipper leaves", () => {
  const part = (least: number, most: number) =>
    fc.integer({ min: least * 1000, max: most * 1000 }).map((each) => (each + 0.37) / 1000);
  const bends = fc.array(fc.tuple(part(5, 25), part(-6, 6)), { minLength: 1, maxLength: 5 });
  let through = 0;
  fc.assert(
    fc.property(bends, part(-30, 90), part(-30, 70), (steps, x, y) => {
      const ends = steps.map((_, k) => steps.slice(0, k + 1).reduce((sum, [on]) => sum + on, 0));
      const base = steps.map(([, up], k): Point => [ends[k] as number, up]);
      const at = ends.at(-1) as number;
      const field: Polygon = [[0, 0], ...base, [at + 9, 1], [at + 7, 60], [2, 63]];
      const tile = rectangle(x, y, 40, 30);
      const kept = insideOf(tile, field);
      if (!kept) return;
      through++;
      sameRegions(kept, clipRings("intersect", [tile], [field]));
    }),
    { numRuns: 3000 },
  );
  assert.ok(through > 500, `${through} tiles at the boundary`);
});
