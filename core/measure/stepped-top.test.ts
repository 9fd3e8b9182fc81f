import assert from "node:assert/strict";
import { test } from "node:test";
import { polygonArea } from "../geometry/polygon.ts";
import { heightAt, profileThrough } from "../geometry/profile.ts";
import { codesOf, near, oneWall, planValid, wallAt } from "../testing.ts";

/** Cabinets of two heights over a wall of 2000: 1200 up to the middle, 1500 from there on. */
const stepped = () =>
  oneWall({
    width: 2000,
    wall: {
      base: [0, 2000].map((at) => ({ from: "left" as const, at, down: 1000 })),
      top: [
        { from: "left", at: 0, up: 200 },
        { from: "left", at: 1000, up: 200 },
        { from: "left", at: 1000, up: 500 },
        { from: "left", at: 2000, up: 500 },
      ],
    },
  });

test("two readings at one place of the top are a step and no slope", () => {
  const plan = planValid(stepped());
  const wall = wallAt(plan, 0);
  near(polygonArea(wall.boundary), 1000 * 1200 + 1000 * 1500);
  assert.ok(!wall.pieces.some(({ kind }) => kind === "taper"));
  assert.ok(!codesOf(plan).includes("ceiling-not-level"));
  // The tile that meets the step is an L, and the step counts with the top for sealant.
  assert.equal(wall.pieces.filter(({ kind }) => kind === "L").length, 1);
  near(wall.figures.sealantM.value, 2 + 2 + 0.3);
  // The pieces beside the step belong to no end of the wall.
  const right = wall.flags.find(({ side }) => side === "right");
  assert.ok(right?.rows.every(({ course }) => course >= 1 && course <= 5));
});

test("beyond a step at its end a profile goes on level", () => {
  const profile = profileThrough(
    [
      [0, 10],
      [100, 10],
      [100, 40],
    ],
    true,
  );
  assert.deepEqual(
    [50, 100, 150].map((x) => heightAt(profile, x)),
    [10, 10, 40],
  );
});
