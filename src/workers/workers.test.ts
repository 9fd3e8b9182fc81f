import assert from "node:assert/strict";
import { test } from "node:test";
import { produce } from "immer";
import { Planner } from "../../core/plan.ts";
import type { Project, Tile } from "../../core/project/schema.ts";
import { sampleProject } from "../../core/testing.ts";
import { latestRunner } from "./latest.ts";
import { answerWith, planFrom } from "./plan-answer.ts";
import { type NumberedProject, receiveProject, sendProject } from "./project-sent.ts";

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
  const planner = new Planner();
  const before = sampleProject("walk-in-shower");
  const first = planner.plan(before);
  const whole = answerWith(first, undefined);
  assert.deepEqual(
    whole.walls.map((wall) => typeof wall),
    ["object", "object", "object"],
  );
  const known = planFrom(structuredClone(whole), undefined);
  assert.deepEqual(known, first);

  const after = produce(before, (draft) => {
    const back = draft.walls[1];
    assert.ok(back);
    back.centre = { mode: "joint" };
  });
  const plan = planner.plan(after);
  const answer = structuredClone(answerWith(plan, first));
  assert.deepEqual(
    answer.walls.map((wall) => (typeof wall === "string" ? wall : wall.name)),
    ["A", plan.walls[1]?.name, "C"],
  );
  for (const name of ["board", "film", "trim", "findings"]) {
    assert.ok(!(name in answer.parts), `a moved pattern leaves ${name} as it is`);
  }
  const again = planFrom(answer, known);
  assert.deepEqual(again, plan);
  assert.equal(again.walls[0], known.walls[0]);
  assert.throws(() => planFrom(answer, undefined), /neither sent nor known/);
  assert.throws(
    () => planFrom({ ...answer, walls: whole.walls }, undefined),
    /part was neither sent nor known/,
  );
});

test("a change of a project is sent as what is different, and comes out the same", () => {
  const first = sampleProject("banded-bath");
  let sent: NumberedProject = { project: first, revision: 1 };
  let held = structuredClone(sent);
  const go = (change: (draft: Project) => void) => {
    const project = produce(sent.project, change);
    const message = structuredClone(sendProject(sent, project));
    sent = { project, revision: message.revision };
    const received = receiveProject(held, message);
    assert.ok(received);
    const before = held.project;
    held = { project: received, revision: message.revision };
    assert.deepEqual(received, project);
    return { message, before, received };
  };
  const { message, before, received } = go((draft) => {
    const wall = draft.walls[0];
    assert.ok(wall);
    wall.centre = { mode: "joint" };
  });
  assert.ok("changes" in message.what && message.what.changes.length < 4);
  assert.equal(received.walls[1], before.walls[1], "what did not change stays the same object");
  go((draft) => void draft.tiles.push({ ...first.tiles[0], id: "other" } as Tile));
  go((draft) => void draft.zones?.splice(0, 1));
  go((draft) => {
    draft.settings = { kerf: 2 };
  });
  go((draft) => {
    delete draft.settings;
  });
  // Undone, or another tab's: an older object, or one without anything in common.
  go(() => first);
  go(() => structuredClone(first));
});

test("a change that goes on from another project is not taken", () => {
  const project = sampleProject("tub-surround");
  const message = sendProject({ project, revision: 4 }, { ...project, name: "Other" });
  assert.equal(receiveProject({ project, revision: 3 }, message), undefined);
  assert.equal(receiveProject(undefined, message), undefined);
  assert.equal(receiveProject({ project, revision: 4 }, message)?.name, "Other");
  assert.equal(receiveProject(undefined, sendProject(undefined, project)), project);
});
