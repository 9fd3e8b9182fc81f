import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import { gridStep, near, oneWall, openingAt, planValid, wallAt } from "../testing.ts";
import { applyLayout } from "./apply.ts";
import { compareLayouts } from "./compare.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { type ModelWall, type Range, type SearchModel, searchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf } from "./score.ts";
import { best, modelOf, range, showsFirst } from "./testing.ts";

const MARK = gridStep(25.4 / 16);

/** The best score with the job's niche at each mark of its range sideways, planned anew for each. */
function gridOverMoves(project: Project, { from, to }: Range, at: number): number {
  let least = Infinity;
  for (const place of range(from, to, MARK)) {
    const moved = structuredClone(project);
    const [opening] = wallOf(moved).openings;
    assert.ok(opening);
    opening.x.at += place - at;
    least = Math.min(least, gridOverPhases(modelOf(moved)));
  }
  return least;
}

function gridOverPhases(model: SearchModel): number {
  const { bond, walls, courseFoot } = model;
  const [wall] = walls as [ModelWall];
  const [alongStep, acrossStep] = [bond.length + bond.joint, bond.depth + bond.joint];
  let least = Infinity;
  for (let k = 0; k < alongStep; k += MARK) {
    for (let down = 0; down < acrossStep * (bond.standing ? 2 : 1); down += MARK) {
      const placing = bond.standing
        ? { along: k, across: down }
        : { along: k, across: courseFoot - down };
      if (!showsFirst(model, bond.standing ? placing.along : placing.across)) continue;
      const terms = evaluateWall(bond, wall, placing);
      least = Math.min(least, scoreOf(terms, bond, DEFAULT_WEIGHTS));
    }
  }
  return least;
}

function wallOf({ walls: [wall] }: Project) {
  assert.ok(wall);
  return wall;
}

const half = { pattern: "offset", offset: 0.5, run: "alternating" } as const;

test("no grid of 1/16 in over phase, courses and a niche that moves sideways beats what is found", () => {
  const cases: Partial<Project["field"]>[] = [{}, half, { lay: "standing" }];
  for (const field of cases) {
    const project = oneWall({
      width: 310,
      height: 200,
      tile: [70, 50],
      field,
      wall: { openings: [openingAt(101, 40, 83, 90)] },
    });
    const model = modelOf(project, 0, 40);
    const [opening] = model.walls[0]?.openings ?? [];
    const moves = model.bond.standing ? opening?.acrossRange : opening?.alongRange;
    assert.ok(moves);
    near(moves.to - moves.from, 40);
    const { layout } = best(model);
    const grid = gridOverMoves(project, moves, 101);
    assert.ok(layout.score <= grid + 1e-6, `${layout.score} is worse than the grid's ${grid}`);

    // Taken over, the niche stands where it was judged, and the plan judges it alike.
    const plan = planValid(project);
    const draft = structuredClone(project);
    applyLayout(project, plan, model, layout).change(draft);
    const after = modelOf(draft);
    const placed = wallAt(planValid(draft), 0);
    const { along, across } = layout.walls[0]?.niche ?? {};
    near(placed.openings[0]?.x, (after.bond.standing ? across : along) ?? Number.NaN, 1e-6);
    const [x, y] = placed.origin;
    const placing = after.bond.standing ? { along: y, across: x } : { along: x, across: y };
    const terms = evaluateWall(after.bond, after.walls[0] as ModelWall, placing);
    near(scoreOf(terms, after.bond, DEFAULT_WEIGHTS), layout.score, 1e-4);
  }
});

test("two niches on a wall move together, and as far as the first that meets an end", () => {
  const niches = [openingAt(200, 300, 200, 300), openingAt(600, 300, 200, 300)];
  const project = oneWall({
    wall: { openings: niches.map((niche, k) => ({ ...niche, id: `n${k}` })) },
  });
  const model = searchModel(planValid(project), 0, { nicheRange: 100, nicheAcross: 900 });
  const [first, second] = model?.walls[0]?.openings ?? [];
  assert.deepEqual(first?.alongRange, { from: 0, to: 400 });
  assert.deepEqual(second?.alongRange, { from: 400, to: 800 });
  assert.deepEqual(first?.acrossRange, { from: 250, to: 350 });

  const narrow = modelOf(project, 20, 60);
  const { layout } = best(narrow);
  const draft = structuredClone(project);
  applyLayout(project, planValid(project), narrow, layout).change(draft);
  const [left, right] = wallAt(planValid(draft), 0).openings;
  near((right?.x ?? 0) - (left?.x ?? 0), 400);
  near(left?.x, layout.walls[0]?.niche.along ?? Number.NaN, 1e-6);
  near(right?.y, layout.walls[0]?.niche.across ?? Number.NaN, 1e-6);
});

test("a niche that reads from the right moves the other way", () => {
  const project = oneWall({
    wall: {
      openings: [{ ...openingAt(0, 300, 250, 300), x: { from: "right", at: 307 } }],
    },
  });
  const model = modelOf(project, 0, 80);
  const { layout } = best(model);
  applyLayout(project, planValid(project), model, layout).change(project);
  near(
    wallAt(planValid(project), 0).openings[0]?.x,
    layout.walls[0]?.niche.along ?? Number.NaN,
    1e-6,
  );
});

test("a niche that may move sideways lands on joints without a cut beside it growing small", () => {
  const project = oneWall({ wall: { openings: [openingAt(322, 400, 306, 306)] } });
  const question = {
    project,
    weights: { ...DEFAULT_WEIGHTS, openings: 50 },
    nicheRange: 0,
    nicheSize: 0,
    joint: { least: 3, most: 3 },
  };
  const least = (answer: ReturnType<typeof compareLayouts>) =>
    Math.min(...(answer?.found ?? []).map(({ score }) => score));
  const still = least(compareLayouts({ ...question, nicheAcross: 0 }));
  const moving = least(compareLayouts({ ...question, nicheAcross: 120 }));
  assert.ok(moving < still, `${moving} is no better than ${still}`);
});
