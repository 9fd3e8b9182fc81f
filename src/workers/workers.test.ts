import assert from "node:assert/strict";
import { test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { sampleProject } from "../../core/testing.ts";
import { latestRunner } from "./latest.ts";
import { answerWith, type KnownPlan, knownOf, planFrom } from "./plan-answer.ts";

/** A slow function whose answers the test gives out by hand. */
function byHand() {
  const pending: { question: number; answer: (text: string) => void; fail: () => void }[] = [];
  const run = (question: number) =>
    new Promise<string>((resolve, reject) => {
      pending.push({ question, answer: resolve, fail: () => reject(new Error("broken")) });
    });
  return { run, pending };
}

const settle = () => new Promise((resolve) => setImmediate(resolve));

test("only the newest question waits; those in between are never run", async () => {
  const { run, pending } = byHand();
  const answers: string[] = [];
  const runner = latestRunner(
    run,
    (answer) => answers.push(answer),
    () => answers.push("failed"),
  );
  for (const question of [1, 2, 3, 4]) runner.ask(question);
  assert.deepEqual(
    pending.map(({ question }) => question),
    [1],
  );
  pending[0]?.answer("first");
  await settle();
  assert.deepEqual(
    pending.map(({ question }) => question),
    [1, 4],
  );
  pending[1]?.answer("fourth");
  await settle();
  assert.deepEqual(answers, ["first", "fourth"]);
});

test("a failure is told, and the next question still runs", async () => {
  const { run, pending } = byHand();
  const answers: string[] = [];
  const runner = latestRunner(
    run,
    (answer) => answers.push(answer),
    () => answers.push("failed"),
  );
  runner.ask(1);
  runner.ask(2);
  pending[0]?.fail();
  await settle();
  pending[1]?.answer("second");
  await settle();
  assert.deepEqual(answers, ["failed", "second"]);
});

test("only changed walls are sent, and the plan is whole again on the other side", () => {
  const before = sampleProject("walk-in-shower");
  const first = answerWith(before, planProject(before), []);
  assert.equal(first.walls.filter(Boolean).length, 3);
  const nothing: KnownPlan = { walls: [], parts: {}, fingerprints: [] };
  const known = knownOf(planFrom(first, nothing), first);

  const after = structuredClone(before);
  const back = after.walls[1];
  assert.ok(back);
  back.centre = { mode: "joint" };
  const plan = planProject(after);
  const second = answerWith(after, plan, first.fingerprints);
  assert.deepEqual(
    second.walls.map((wall) => wall?.id),
    [undefined, "B", undefined],
  );
  assert.deepEqual(
    Object.keys(second.parts),
    ["drops", "order", "warnings"],
    "a moved pattern leaves board, film and trim as they are",
  );
  const whole = planFrom(second, known);
  assert.deepEqual(whole, plan);
  assert.equal(whole.walls[0], known.walls[0]);
  assert.throws(() => planFrom(second, nothing), /neither sent nor known/);
  assert.throws(
    () => planFrom({ ...second, walls: [...first.walls] }, nothing),
    /part was neither sent nor known/,
  );
});

test("a hung shelf changes no figure of its walls when it is moved, and is sent all the same", () => {
  const project = sampleProject("corner-shower");
  const [shelf] = project.shelves ?? [];
  assert.ok(shelf);
  shelf.set = "tile";
  const first = answerWith(project, planProject(project), []);
  const moved = structuredClone(project);
  if (moved.shelves?.[0]) moved.shelves[0].level += 100;
  const plan = planProject(moved);
  const second = answerWith(moved, plan, first.fingerprints);
  assert.equal(plan.totals.sealantM, first.plan.totals.sealantM);
  assert.ok(second.walls.every((wall) => wall?.shelves.length === 1));
});
