import assert from "node:assert/strict";
import { test } from "node:test";
import { type Plan, Planner } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { courseTops } from "../../core/set-out/courses.ts";
import { sampleProject } from "../../core/testing.ts";
import { type PassingPlan, passingAnswer, passingFrom, type Told } from "./passing.ts";

const before = sampleProject("walk-in-shower");
const planner = new Planner();
const settled = planner.plan(before);

/** What the page shows while the job is dragged to where `change` leaves it. */
function drag(told: Told, last: PassingPlan | undefined, change: (job: Project) => void) {
  const job = structuredClone(before);
  change(job);
  const plan = planner.pass(job);
  const answer = structuredClone(passingAnswer(plan, told));
  return { plan, answer, seen: passingFrom(answer, settled, last) };
}

function begin(plan: Plan | undefined = settled): Told {
  return { plan, walls: new Map() };
}

test("cuts, figures, courses and totals follow the finger", () => {
  const { plan, seen } = drag(begin(), undefined, (job) => {
    job.setOut.firstCourse.drop = 20;
  });
  assert.equal(seen.firstY, plan.first.y);
  assert.deepEqual(seen.totals, plan.totals);
  for (const wall of plan.walls) {
    const shown = seen.walls[wall.id];
    assert.ok(shown);
    assert.deepEqual(shown.boundary, wall.boundary);
    assert.deepEqual(
      shown.flags.map(({ side, size, cut, sliver }) => [side, size, cut, sliver]),
      wall.flags.map(({ side, size, cut, sliver }) => [side, size, cut, sliver]),
    );
    assert.equal(shown.values.groutKg, wall.figures.groutKg.value);
    assert.deepEqual(
      shown.tops.map(({ at }) => at),
      courseTops(wall).map(({ at }) => at),
    );
    // Every piece and every whole tile is a ring of its own in the paths.
    const { whole, uncut, cut, slivers } = shown.paths;
    const rings = [...`${whole}${uncut}${cut}${slivers}`.matchAll(/M/g)].length;
    assert.equal(rings, wall.figures.tilesFull.value + wall.figures.tilesCut.value);
  }
});

test("walls that look as before are not sent again, and stay", () => {
  const told = begin();
  const all = drag(told, undefined, (job) => {
    job.setOut.firstCourse.drop = 20;
  });
  assert.equal(all.answer.walls.length, 3);
  const one = drag(told, all.seen, (job) => {
    job.setOut.firstCourse.drop = 20;
    const [, back] = job.walls;
    assert.ok(back);
    back.centre = { mode: "joint" };
  });
  assert.deepEqual(
    one.answer.walls.map(({ id }) => id),
    ["B"],
  );
  assert.equal(one.seen.walls.A, all.seen.walls.A);
  assert.notDeepEqual(one.seen.walls.B, all.seen.walls.B);
});

test("openings that stay are the very objects of the plan; one that is moved is sent", () => {
  const told = begin();
  const pattern = drag(told, undefined, (job) => {
    job.setOut.firstCourse.drop = 20;
  });
  assert.equal(pattern.seen.walls.B?.openings, settled.walls[1]?.openings);
  assert.equal(pattern.seen.walls.C?.fixtures, settled.walls[2]?.fixtures);

  const niche = drag(told, pattern.seen, (job) => {
    const [opening] = job.walls[1]?.openings ?? [];
    assert.ok(opening);
    opening.x = { from: "left", at: 500 };
  });
  assert.deepEqual(niche.seen.walls.B?.openings, niche.plan.walls[1]?.openings);
  assert.notDeepEqual(niche.seen.walls.B?.openings, settled.walls[1]?.openings);
  assert.equal(niche.seen.walls.C?.fixtures, settled.walls[2]?.fixtures);
  // And back where it was: again what the plan has.
  const back = drag(told, niche.seen, () => {});
  assert.equal(back.seen.walls.B?.openings, settled.walls[1]?.openings);
});

test("without a plan to fill from, openings are sent", () => {
  const { answer } = drag({ plan: undefined, walls: new Map() }, undefined, () => {});
  assert.ok(answer.walls.every(({ steady }) => steady));
});
