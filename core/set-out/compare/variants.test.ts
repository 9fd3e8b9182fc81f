import assert from "node:assert/strict";
import { test } from "node:test";
import { near, oneWall, opening, sampleProject } from "../../testing.ts";
import { compareLayouts } from "./compare.ts";
import { DEFAULT_WEIGHTS } from "./score.ts";
import { jointMarks } from "./variants.ts";

test("joints of a range are tried at every mark, and the best of all is found among them", () => {
  const project = oneWall({ width: 1208, wall: { centre: { mode: "joint" } } });
  assert.deepEqual(jointMarks(project, 2, 4), [2, 2.5, 3, 3.5, 4]);
  assert.deepEqual(
    jointMarks({ ...project, unit: "in" }, 1.5, 5).map((mm) => Math.round(mm * 1e4) / 1e4),
    [1.5875, 3.175, 4.7625],
  );
  const question = {
    project,
    weights: DEFAULT_WEIGHTS,
    nicheRange: 0,
    nicheSize: false,
    nicheAcross: 0,
  };
  const fixed = compareLayouts({ ...question, joint: { least: 3, most: 3 } });
  const ranged = compareLayouts({ ...question, joint: { least: 2, most: 4 } });
  assert.equal(ranged?.variants, 5);
  const best = (answer: typeof fixed) =>
    Math.min(...(answer?.found ?? []).map(({ score }) => score));
  assert.ok(best(ranged) <= best(fixed));
  // Four tiles and three joints of 2.5 make 1207.5: the half millimetre left is joint, nothing is cut across.
  const [first] = [...(ranged?.found ?? [])].sort((p, q) => p.score - q.score);
  assert.equal(first?.project.field.joint, 2.5);
});

test("a niche may take the size that lands on joints", () => {
  const niche = opening({ width: 330, height: 280, x: { from: "left", at: 400 } });
  const project = oneWall({ wall: { openings: [niche] } });
  const answer = compareLayouts({
    project,
    weights: DEFAULT_WEIGHTS,
    nicheRange: 300,
    nicheSize: true,
    nicheAcross: 0,
    joint: { least: 3, most: 3 },
  });
  assert.equal(answer?.variants, 2);
  const sizes = answer?.found.map(({ project: made }) => made.walls[0]?.openings[0]?.width);
  assert.ok(sizes?.includes(306), `${sizes}`);
});

test("a score is the sum of its parts, for found layouts and for the job's own", () => {
  const project = sampleProject("walk-in-shower");
  const question = {
    project,
    weights: DEFAULT_WEIGHTS,
    nicheRange: 100,
    nicheSize: false,
    nicheAcross: 0,
  };
  const { joint } = project.field;
  const answer = compareLayouts({ ...question, joint: { least: joint, most: joint } });
  assert.ok(answer);
  for (const { score, parts } of [answer.own, ...answer.found]) {
    near(
      Object.values(parts).reduce((sum, part) => sum + part, 0),
      score,
      1e-9,
    );
  }
  const best = Math.min(...answer.found.map(({ score }) => score));
  assert.ok(best <= answer.own.score + 1e-9, `${best} is not better than ${answer.own.score}`);
});
