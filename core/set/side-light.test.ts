import assert from "node:assert/strict";
import { test } from "node:test";
import type { LaidArea } from "../cut/laid-area.ts";
import { jobOf } from "../project/job.ts";
import { near, oneWall, planValid, wallAt } from "../testing.ts";
import { litJoints, shadowLength } from "./side-light.ts";

const project = oneWall({ joint: 3 });
project.tiles = project.tiles.map((tile) => ({ ...tile, measured: { heights: [300, 300.6] } }));
const wall = wallAt(planValid(project), 0);
const lit = litJoints(jobOf(project), wall.areas[0] as LaidArea);

test("every joint is lit once, and none beyond what is allowed", () => {
  const length = lit.reduce(
    (sum, { from, to }) => sum + Math.hypot(to[0] - from[0], to[1] - from[1]),
    0,
  );
  near(length / 1000, wall.figures.jointLengthM.value, 1e-6);
  for (const { step, wider } of lit) {
    assert.ok(Math.abs(step) <= 0.8);
    assert.ok(Math.abs(wider) <= 0.6);
  }
  // Not all alike: that would be no picture of anything.
  assert.ok(new Set(lit.map(({ step }) => step.toFixed(3))).size > lit.length / 2);
});

test("the same wall is lit the same", () => {
  assert.deepEqual(litJoints(jobOf(project), wall.areas[0] as LaidArea), lit);
});

test("the lower the light the longer the shadow", () => {
  near(shadowLength(0.8, 45), 0.8);
  near(shadowLength(-0.8, 5), 0.8 / 0.0874886635, 1e-6);
});
