import assert from "node:assert/strict";
import { test } from "node:test";
import { planProject } from "../plan.ts";
import type { Opening, Project } from "../project/schema.ts";
import { near, oneWall, opening, planValid, wallAt } from "../testing.ts";
import { flangeOf, openingFor, propUnder } from "./dish.ts";

/* A flange of 150 × 110 that lies over the tile by 6: an opening of 138 × 98. */
const dish: Opening = opening({
  kind: "dish",
  ...openingFor({ width: 150, height: 110 }, 6),
  depth: 0,
  x: { from: "left", at: 500, to: "centre" },
  y: { from: "base", at: 900 },
});

const withDish = (patch: Partial<Opening> = {}): Project =>
  oneWall({ wall: { openings: [{ ...dish, ...patch }] } });

test("the opening in the tile is the flange less its overlap, and back again", () => {
  assert.deepEqual([dish.width, dish.height], [138, 98]);
  assert.deepEqual(flangeOf(dish), { width: 150, height: 110 });
  assert.deepEqual(flangeOf({ ...dish, overlap: 0 }), { width: 138, height: 98 });
});

test("tile is cut round it, and the film and the board run on behind", () => {
  const [plain, plan] = [planValid(oneWall()), planValid(withDish())];
  const [before, after] = [wallAt(plain, 0).figures, wallAt(plan, 0).figures];
  near(before.fieldAreaM2.value - after.fieldAreaM2.value, (138 * 98) / 1e6);
  near(after.membraneAreaM2.value, before.membraneAreaM2.value);
  near(after.membraneL.value, before.membraneL.value);
  assert.deepEqual(plan.board.walls[0]?.openings, []);
  assert.deepEqual(
    plan.board.walls[0]?.board.pieces.map(({ ring }) => ring),
    plain.board.walls[0]?.board.pieces.map(({ ring }) => ring),
  );
  assert.deepEqual(wallAt(plan, 0).linings, []);
  // It is sealed all round like any opening.
  near(after.sealantM.value - before.sealantM.value, (2 * (138 + 98)) / 1000);
});

test("the thin L round it is cut and warned of", () => {
  // The tile from 350 to 650 and 909 to 1209 loses 431 to 569 and 900 to 998: a U.
  const cuts = wallAt(planValid(withDish()), 0).pieces;
  assert.ok(cuts.some(({ kind }) => kind === "U"));
  // Ten to the right of that tile's left edge: a tongue of 10 beside the dish.
  const near10 = withDish({ x: { from: "left", at: 360 } });
  const warning = planProject(near10).warnings.find((each) => each.code === "weak-tongue");
  near(warning?.values.size, 10);
});

test("the prop reaches from the base below it to its flange", () => {
  const wall = wallAt(planValid(withDish()), 0);
  const [placed] = wall.openings;
  assert.ok(placed);
  near(propUnder(wall, placed), 894);
});

test("on a base out of level the prop is as long as the base is low there", () => {
  const base = [
    { from: "left" as const, at: 0, down: 1000 },
    { from: "right" as const, at: 0, down: 1020 },
  ];
  const project = oneWall({ wall: { openings: [{ ...dish, y: { from: "level", at: 0 } }], base } });
  const wall = wallAt(planValid(project), 0);
  const [placed] = wall.openings;
  assert.ok(placed);
  // The base lies 1010 below the level line in the middle; the flange hangs 6 below it.
  near(propUnder(wall, placed), 1004);
});
