import assert from "node:assert/strict";
import { test } from "node:test";
import { fieldTile } from "../project/defaults.ts";
import type { Project, Tile } from "../project/schema.ts";
import { near, oneWall, planValid } from "../testing.ts";
import { checkBond, leastJoint, meanSize, sizeSpread } from "./check.ts";

function jobOf(tile: Partial<Tile>, joint: number, field: Partial<Project["field"]> = {}): Project {
  const project = oneWall({ joint, field });
  return { ...project, tiles: project.tiles.map((own) => ({ ...own, ...tile })) };
}

const codesFor = (project: Project) => checkBond(project).map(({ code }) => code);

/* 299.2 to 300.4: a spread of 1.2, so a joint of 3.6 at least. */
const measured = { widths: [299.2, 300.1, 300.4, 299.9], heights: [300, 300.5] };

test("the joint is three times the spread of the tiles measured", () => {
  assert.deepEqual(codesFor(jobOf({ measured }, 3)), ["joint-below-spread"]);
  assert.deepEqual(codesFor(jobOf({ measured }, 3.6)), []);
  const [warning] = checkBond(jobOf({ measured }, 3));
  assert.ok(warning?.code === "joint-below-spread");
  near(warning?.values.limit, 3.6);
  near(warning?.values.spread, 1.2);
});

test("the side that varies more counts, and one tile has no spread", () => {
  near(sizeSpread(fieldTile(jobOf({ measured }, 3))), 1.2);
  near(sizeSpread(fieldTile(jobOf({ measured: { heights: [300, 301] } }, 3))), 1);
  assert.equal(sizeSpread(fieldTile(jobOf({ measured: { widths: [299] } }, 3))), 0);
  assert.equal(sizeSpread(fieldTile(jobOf({}, 3))), 0);
});

test("the mean is what to plan with", () => {
  near(meanSize(measured.widths), 299.9);
  assert.equal(meanSize([]), undefined);
  assert.equal(meanSize(undefined), undefined);
});

test("a joint of 0 is one fault and not two", () => {
  assert.deepEqual(codesFor(jobOf({ measured }, 0)), ["joint-zero"]);
});

test("long tile in an offset adds the warpage to the standard's joint", () => {
  const long = { width: 600, height: 300, rectified: true };
  const offset = { pattern: "offset" as const, offset: 1 / 3 };
  assert.deepEqual(codesFor(jobOf(long, 3.175, offset)), []);
  const warped = { ...long, measured: { warpage: 0.5 } };
  assert.deepEqual(codesFor(jobOf(warped, 3.175, offset)), ["offset-joint-too-narrow"]);
  assert.deepEqual(codesFor(jobOf(warped, 3.675, offset)), []);
  // Stacked tile shows no warp at its ends.
  assert.deepEqual(codesFor(jobOf(warped, 3.175)), []);
});

test("the least joint is what the strictest of the rules asks", () => {
  assert.equal(leastJoint(jobOf({}, 3)), 1.5875);
  near(leastJoint(jobOf({ measured }, 3)), 3.6);
  const long = { width: 600, height: 300, measured: { warpage: 0.5 } };
  near(leastJoint(jobOf(long, 3, { pattern: "offset", offset: 1 / 3 })), 5.2625);
  near(leastJoint(jobOf({ ...long, rectified: true }, 3, { pattern: "offset" })), 3.675);
});

test("a joint of exactly the least passes, to the last bit", () => {
  for (const tile of [{ measured }, {}]) {
    const joint = leastJoint(jobOf(tile, 3));
    assert.deepEqual(codesFor(jobOf(tile, joint)), []);
  }
});

test("what was measured is kept with the job and planned with", () => {
  const plan = planValid(jobOf({ measured: { ...measured, warpage: 0.2 } }, 3));
  assert.ok(plan.warnings.some(({ code }) => code === "joint-below-spread"));
});

test("tile that ends soon after a tub's front is noted, at a pan or with more of it not", () => {
  const codes = (base: Project["enclosure"]["base"], width: number) => {
    const project = jobOf({}, 3);
    const [wall] = project.walls;
    assert.ok(wall);
    project.enclosure = { ...project.enclosure, base };
    project.walls = [{ ...wall, leg: { side: "right", width, floorDown: 1600 } }];
    return planValid(project).warnings.map(({ code }) => code);
  };
  assert.ok(codes("tub", 40).includes("leg-short"));
  assert.ok(!codes("tub", 50).includes("leg-short"));
  assert.ok(!codes("pan", 40).includes("leg-short"));
});
