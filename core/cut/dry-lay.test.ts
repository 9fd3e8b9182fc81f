import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall, openingAt, planValid, SAMPLE_NAMES, sampleProject, wallAt } from "../testing.ts";
import { dryLay } from "./dry-lay.ts";

test("courses from the left, cuts by their numbers and whole tiles together", () => {
  /* 1000 wide with a joint on the centre: 195.5, two whole of 300, 195.5; four courses of 300. */
  const project = oneWall({ wall: { centre: { mode: "joint" } } });
  const rows = dryLay(project, wallAt(planValid(project), 0));
  assert.deepEqual(
    rows.map(({ course, tiles }) => [course, tiles]),
    [
      [1, 4],
      [2, 4],
      [3, 4],
      [4, 4],
    ],
  );
  assert.deepEqual(rows[0]?.steps, [{ cut: 1 }, { whole: 2 }, { cut: 2 }]);
  assert.deepEqual(rows[3]?.steps, [{ cut: 7 }, { whole: 2 }, { cut: 8 }]);
});

test("an opening leaves a gap in its courses: what is beside it is still in order", () => {
  const project = oneWall({
    wall: {
      centre: { mode: "joint" },
      openings: [openingAt(195.5, 300, 306, 306)],
    },
  });
  const plan = planValid(project);
  const rows = dryLay(project, wallAt(plan, 0));
  // The niche takes the second tile of course 2 with the joints beside it, to the millimetre.
  assert.deepEqual(
    rows[1]?.steps.map((step) => ("cut" in step ? "cut" : step.whole)),
    ["cut", 1, "cut"],
  );
  assert.equal(rows[1]?.tiles, 3);
});

test("every tile of the samples is laid once; the field comes before the zones", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    for (const wall of planValid(project).walls) {
      const rows = dryLay(project, wall);
      const laid = rows.reduce((sum, { tiles }) => sum + tiles, 0);
      const { tilesFull, tilesCut } = wall.figures;
      const mosaic = wall.areas
        .filter(({ zone }) => zone)
        .some(({ cell }) => Math.min(cell.width, cell.height) < 50);
      if (!mosaic) assert.equal(laid, tilesFull.value + tilesCut.value, `${name} ${wall.id}`);
      for (const { steps, tiles } of rows) {
        const told = steps.reduce((sum, step) => sum + ("cut" in step ? 1 : step.whole), 0);
        assert.equal(told, tiles);
      }
      const firstZone = rows.findIndex(({ zone }) => zone !== undefined);
      if (firstZone >= 0) assert.ok(rows.slice(firstZone).every(({ zone }) => zone !== undefined));
    }
  }
});

test("mosaic comes on sheets and is not laid chip by chip", () => {
  const chips = oneWall({ tile: [25, 25], joint: 2 });
  assert.deepEqual(dryLay(chips, wallAt(planValid(chips), 0)), []);
});
