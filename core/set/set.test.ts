import assert from "node:assert/strict";
import { test } from "node:test";
import { firstWall, oneWall, planValid } from "../testing.ts";
import { backButterThickness, bedIsThin, bedThickness, trowelFor } from "./trowel.ts";

const tile = (long: number) => oneWall({ tile: [long, Math.min(long, 100)] });

test("the customary trowel goes by the tile's longest side", () => {
  const notch = (long: number) => {
    const { width, depth, notch: kind } = trowelFor(tile(long));
    return `${width}x${depth} ${kind}`;
  };
  assert.equal(notch(50), "5x5 v");
  assert.equal(notch(51), "6x5 v");
  assert.equal(notch(100), "6x5 v");
  assert.equal(notch(200), "6x6 square");
  assert.equal(notch(400), "6x10 square");
  assert.equal(notch(401), "12x12 square");
  assert.equal(backButterThickness(tile(400)), 0);
  assert.equal(backButterThickness(tile(401)), 0.8);
});

test("the bed left by a notch, by hand", () => {
  const near = (actual: number, expected: number) =>
    assert.ok(Math.abs(actual - expected) < 1e-3, `${actual}`);
  // 6 × 6 square held at 45°: 6 × 6 ÷ 12 × 0.7071 = 2.121.
  near(bedThickness(tile(200)), 2.121);
  // 5 mm V without a land: ½ × 5 × 0.7071.
  near(bedThickness(tile(50)), 1.768);
  near(bedThickness(tile(600)), 4.243);
  const steep = { ...tile(200), settings: { trowelAngleDeg: 60 } };
  near(bedThickness(steep), 2.598);
  assert.ok(bedIsThin(tile(200)));
  assert.ok(!bedIsThin(steep));
  assert.ok(!bedIsThin(tile(50)), "mosaic is set in a thin bed");
});

test("thinset of back-buttered tile has 0.8 mm more, the build-up has not", () => {
  const project = oneWall({ tile: [600, 300] });
  const plan = planValid(project);
  // 12 × 12 square: 12 × 12 ÷ 24 × sin 45° = 4.2426; with 0.8: 5.0426 × 1.212 m² × 1.4 × 1.1.
  assert.ok(Math.abs(plan.totals.mortarKg - 5.04264 * 1.212 * 1.54) < 1e-3);
  assert.ok(Math.abs(plan.buildUp.bed - 4.24264) < 1e-4);
});

test("offset bonds have two facing lengths at a level joint, crossings left out", () => {
  // Two courses only. The level joint: half tiles face each other, less the joint of 3 between.
  const wall = firstWall(
    oneWall({
      width: 1209,
      height: 603,
      field: { pattern: "offset", offset: 0.5, run: "alternating" },
      wall: { centre: { mode: "joint" } },
    }),
  );
  // Course 1: four whole tiles. Course 2: shifted 151.5: 148.5, then three whole, then 148.5.
  const level = wall.joints.segments.filter(({ length }) => length < 299);
  assert.deepEqual(
    level.map(({ length, count }) => [length, count]),
    [[148.5, 8]],
  );
  const upright = wall.joints.segments.find(({ length }) => length === 300);
  assert.equal(upright?.count, 3 + 4);
  assert.equal(wall.figures.clips.value, 8 * 1 + 7 * 2);
});
