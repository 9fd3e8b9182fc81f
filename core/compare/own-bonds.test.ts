import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project, Wall } from "../project/schema.ts";
import { enclosure, gridStep, near, planValid } from "../testing.ts";
import { compareLayouts } from "./compare.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { type SearchModel, searchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf } from "./score.ts";
import { best, modelOf, range } from "./testing.ts";

type WallBond = NonNullable<Wall["bond"]>;

const half: WallBond = { pattern: "offset", offset: 0.5, run: "alternating", lay: "lying" };
const third: WallBond = { pattern: "offset", offset: 1 / 3, run: "alternating", lay: "lying" };

/** A corner of 300 × 150 whose walls are each laid in a bond of their own. */
function cornerIn(left: WallBond | undefined, right: WallBond | undefined): Project {
  return enclosure("corner", [1010, 760], ({ walls, tiles }) => {
    const [first, second] = walls;
    assert.ok(first && second && tiles[0]);
    tiles[0] = { ...tiles[0], width: 300, height: 150 };
    [first.height, second.height] = [1000, 1000];
    if (left) first.bond = left;
    if (right) second.bond = right;
  });
}

/** The best that a grid over every wall's phase and the courses of all finds. */
function gridBestOfAll({ bond, walls, courseFoot }: SearchModel): number {
  const mark = gridStep(25.4 / 16);
  const sums = range(0, bond.depth + bond.joint, mark).map((down) =>
    walls.reduce((sum, wall) => {
      const scores = range(0, bond.length + bond.joint, mark).map((along) => {
        const terms = evaluateWall(wall.bond, wall, { along, across: courseFoot - down });
        return scoreOf(terms, wall.bond, DEFAULT_WEIGHTS);
      });
      return sum + Math.min(...scores);
    }, 0),
  );
  return Math.min(...sums);
}

test("walls in bonds of their own are searched together: no layout on a grid is better", () => {
  for (const [left, right] of [
    [undefined, half],
    [half, third],
    [third, undefined],
  ]) {
    const model = modelOf(cornerIn(left, right));
    const shifts = model.walls.map(({ bond }) => bond.shifts.length);
    assert.deepEqual(
      shifts,
      [left, right].map((bond) => (bond ? 2 : 1)),
    );
    const grid = gridBestOfAll(model);
    assert.ok(best(model).layout.score <= grid + 1e-9, `${best(model).layout.score} > ${grid}`);
  }
});

test("what is found for them is planned as it was judged", () => {
  const found = compareLayouts({
    ...{ project: cornerIn(half, third), weights: DEFAULT_WEIGHTS },
    ...{ nicheRange: 0, nicheAcross: 0, nicheSize: 0, joint: { least: 3, most: 3 } },
  });
  const [first] = found?.found ?? [];
  assert.ok(first);
  const model = modelOf(first.project);
  const own = model.walls.map((wall) => {
    const [along, across] = first.plan.walls.find(({ id }) => id === wall.id)?.origin ?? [0, 0];
    return scoreOf(evaluateWall(wall.bond, wall, { along, across }), wall.bond, DEFAULT_WEIGHTS);
  });
  near(
    own.reduce((sum, score) => sum + score, 0),
    first.score,
    1e-6,
  );
});

test("rows beside columns, and rows of unlike depth, are not searched", () => {
  const unsearched = (bond: WallBond) =>
    searchModel(planValid(cornerIn(undefined, bond)), 0, { nicheRange: 0 });
  assert.equal(unsearched({ pattern: "stacked", lay: "standing" }), undefined);
  assert.equal(unsearched({ pattern: "herringbone", lay: "lying" }), undefined);
});
