import assert from "node:assert/strict";
import { test } from "node:test";
import type { Polygon } from "../geometry/polygon.ts";
import { near, oneWall, planValid } from "../testing.ts";
import { wallFromOutline } from "./from-outline.ts";

/** A wall that leans and falls, drawn far from the origin. */
const RING: Polygon = [
  [5000, 100],
  [6500, 106],
  [6504, 2500],
  [4997, 2503],
];

test("an outline comes back as the wall's own shape", () => {
  const found = wallFromOutline({ ring: RING, inner: [], circles: [] });
  assert.ok(found);
  assert.deepEqual(found.wall.width, { bottom: 1500, top: 1507 });
  assert.deepEqual(found.notTaken, []);
  const project = oneWall({ wall: { ...found.wall, surface: "film", height: undefined as never } });
  delete project.walls[0]?.height;
  const { walls } = planValid(project);
  const region = walls[0]?.region ?? [];
  // By the plan's frame: x from the left corner, y from the low point.
  const own = RING.map(([x, y]) => [x - 5000, y - 100]);
  for (const [x = 0, y = 0] of own) {
    assert.ok(
      region.some(([px, py]) => Math.hypot(px - x, py - y) < 0.2),
      `${x} ${y} in ${JSON.stringify(region)}`,
    );
  }
});

test("drawn the other way round it is the same wall; a stepped top keeps its steps", () => {
  const step: Polygon = [
    [0, 0],
    [1000, 0],
    [1000, 2000],
    [600, 2000],
    [600, 2300],
    [0, 2300],
  ];
  const one = wallFromOutline({ ring: step, inner: [], circles: [] });
  const other = wallFromOutline({ ring: [...step].reverse(), inner: [], circles: [] });
  assert.deepEqual(one, other);
  assert.deepEqual(
    one?.wall.top.map(({ at, up }) => [at, up]),
    [
      [0, 1100],
      [600, 1100],
      [600, 800],
      [1000, 800],
    ],
  );
});

test("openings and fixtures are placed from the left corner and the level line; the rest is told", () => {
  const niche: Polygon = [
    [5400, 1200],
    [5700, 1200],
    [5700, 1500],
    [5400, 1500],
  ];
  const arch: Polygon = [
    [6000, 1200],
    [6200, 1200],
    [6100, 1400],
  ];
  const found = wallFromOutline({
    ring: RING,
    inner: [niche, arch, niche.map(([x, y]) => [x + 5000, y])],
    circles: [{ centre: [5200, 900], diameter: 60 }],
  });
  assert.ok(found);
  assert.deepEqual(found.openings[0], {
    ...{ width: 300, height: 300 },
    x: { from: "left", at: 400, to: "edge" },
    // The level line is taken 1200 above the lowest corner, which is at 100.
    y: { from: "level", at: -100, to: "bottom" },
  });
  assert.equal(found.openings.length, 2);
  near(found.fixtures[0]?.y.at, -400, 1e-9);
  assert.deepEqual(found.notTaken, ["opening-no-rectangle", "outside"]);
});

test("a side that bends is told; a line is no wall", () => {
  const bent: Polygon = [
    [0, 0],
    [1000, 0],
    [1030, 1000],
    [1000, 2000],
    [0, 2000],
  ];
  assert.deepEqual(wallFromOutline({ ring: bent, inner: [], circles: [] })?.notTaken, [
    "bent-right",
  ]);
  assert.equal(
    wallFromOutline({
      ring: [
        [0, 0],
        [10, 0],
      ],
      inner: [],
      circles: [],
    }),
    undefined,
  );
});
