import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import { enclosure, gridStep, near, planValid } from "../testing.ts";
import { compareLayouts } from "./compare.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { searchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf, weightsOn } from "./score.ts";
import { searchLayouts } from "./search.ts";
import { range } from "./testing.ts";

/** Two walls that want different courses: their tops are 90 mm apart. */
function unlikeTops(seenFirst?: string): Project {
  return enclosure("corner", [1000, 930], ({ walls, setOut }) => {
    const [left, right] = walls;
    if (left) left.height = 1000;
    if (right) right.height = 1090;
    if (seenFirst) setOut.seenFirst = seenFirst;
  });
}

/** The model of a job and the best that the search finds in it. */
function found(project: Project) {
  const { seenFirst } = project.setOut;
  const model = searchModel(planValid(project), 0, { nicheRange: 0, seenFirst });
  assert.ok(model);
  const layout = searchLayouts(model, DEFAULT_WEIGHTS)?.candidates[0]?.layout;
  assert.ok(layout);
  return { model, layout };
}

const ids = unlikeTops().walls.map(({ id }) => id) as [string, string];

test("the wall that is seen first is served better than when the other one is", () => {
  const [first, second] = ids.map((id) => found(unlikeTops(id)));
  assert.ok(first && second);
  const scoresIn = ({ model, layout }: typeof first) =>
    layout.walls.map(({ terms }) => scoreOf(terms, model.bond, DEFAULT_WEIGHTS));
  const [a, b] = [scoresIn(first), scoresIn(second)];
  assert.ok((a[0] ?? 0) < (b[0] ?? 0) - 0.01, `${a} ${b}`);
  assert.ok((b[1] ?? 0) < (a[1] ?? 0) - 0.01, `${a} ${b}`);
});

test("its optimum is the optimum: no layout on a grid of 1/16 in is better by these weights", () => {
  for (const seenFirst of [undefined, ...ids]) {
    const { model, layout } = found(unlikeTops(seenFirst));
    const { bond, walls, courseFoot } = model;
    const mark = gridStep(25.4 / 16);
    let least = Infinity;
    for (const down of range(0, bond.depth + bond.joint, mark)) {
      const each = walls.map((wall) => {
        const weights = weightsOn(wall, DEFAULT_WEIGHTS);
        return Math.min(
          ...range(0, bond.length + bond.joint, mark).map((along) =>
            scoreOf(evaluateWall(bond, wall, { along, across: courseFoot - down }), bond, weights),
          ),
        );
      });
      least = Math.min(
        least,
        each.reduce((sum, score) => sum + score, 0),
      );
    }
    assert.ok(layout.score <= least + 1e-9, `${layout.score} > ${least}`);
  }
});

test("scores, of found layouts and of the job's own, count that wall twice", () => {
  const question = {
    weights: DEFAULT_WEIGHTS,
    nicheRange: 0,
    nicheAcross: 0,
    nicheSize: 0,
    joint: { least: 3, most: 3 },
  };
  const [plain, seen] = [undefined, ids[0]].map((id) =>
    compareLayouts({ ...question, project: unlikeTops(id) }),
  );
  assert.ok(plain && seen);
  const { model } = found(unlikeTops());
  const [wall] = model.walls;
  const [origin] = planValid(unlikeTops()).walls.map((each) => each.origin);
  assert.ok(wall && origin);
  const terms = evaluateWall(model.bond, wall, { along: origin[0], across: origin[1] });
  near(seen.own.score - plain.own.score, scoreOf(terms, model.bond, DEFAULT_WEIGHTS), 1e-9);
  for (const { score, parts } of seen.found) {
    near(
      Object.values(parts).reduce((sum, part) => sum + part, 0),
      score,
      1e-9,
    );
  }
});
