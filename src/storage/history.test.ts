import assert from "node:assert/strict";
import { test } from "node:test";
import { movePattern } from "../../core/project/centre-commands.ts";
import type { Command } from "../../core/project/command.ts";
import { addFixture, editField, editFixture, editWidth } from "../../core/project/commands.ts";
import { oneWall } from "../../core/testing.ts";
import type { JobRow } from "./database.ts";
import { applyCommand, redoStep, stepToUndo, undoStep } from "./history.ts";

function newRow(): JobRow {
  const project = oneWall();
  return {
    id: project.id,
    project,
    revision: 1,
    writer: "test",
    history: [],
    position: 0,
    updatedAt: 0,
  };
}

function did(row: JobRow, command: Command, by?: string): JobRow {
  const changed = applyCommand(row, command, by);
  assert.ok(changed);
  return changed;
}

test("undo takes back, redo does again, a new command forgets what was undone", () => {
  const start = newRow();
  const wider = did(start, editField({ joint: 5 }));
  const widest = did(wider, editField({ joint: 8 }));
  const back = undoStep(widest);
  assert.equal(back?.project.field.joint, 5);
  assert.ok(back);
  assert.equal(redoStep(back)?.project.field.joint, 8);
  const other = did(back, editField({ joint: 2 }));
  assert.equal(redoStep(other), undefined);
  assert.equal(other.history.length, 2);
  const first = undoStep(undoStep(other) as JobRow);
  assert.deepEqual(first?.project, start.project);
  assert.equal(undoStep(first as JobRow), undefined);
});

test("steps with one merge key are undone together", () => {
  let row = newRow();
  for (const shift of [1, 2, 3]) {
    row = did(row, movePattern("A", { mode: "free", shift }, 0, "nudge-1"));
  }
  row = did(row, movePattern("A", { mode: "free", shift: 9 }, 0, "nudge-2"));
  assert.equal(row.history.length, 2);
  const once = undoStep(row) as JobRow;
  assert.equal(once.project.walls[0]?.centre.shift, 3);
  assert.deepEqual(undoStep(once)?.project, oneWall());
});

test("a command that changes nothing or leaves an invalid job is no step", () => {
  const row = newRow();
  assert.equal(applyCommand(row, editField({ joint: 3 })), undefined);
  assert.equal(applyCommand(row, editWidth("A", { bottom: -1 })), undefined);
  assert.equal(applyCommand(row, editWidth("gone", { bottom: 900 })), undefined);
});

test("the same command can be done again on another tab's newer job", () => {
  const mine = newRow();
  const theirs = did(mine, editWidth("A", { bottom: 1234 }));
  const merged = did(theirs, editField({ joint: 6 }));
  assert.equal(merged.project.walls[0]?.width.bottom, 1234);
  assert.equal(merged.project.field.joint, 6);
  assert.equal(merged.revision, 3);
});

test("undo takes back this tab's own step, and leaves what another did since", () => {
  const tab = { writer: "me", since: 1 };
  const mine = did(newRow(), editField({ joint: 5 }), "me");
  const theirs = did(mine, editWidth("A", { bottom: 1234 }), "you");
  assert.equal(stepToUndo(theirs, tab)?.by, "me");
  const back = undoStep(theirs, tab);
  assert.equal(back?.project.field.joint, 3);
  assert.equal(back?.project.walls[0]?.width.bottom, 1234);
  assert.ok(back);
  const again = redoStep(back, tab);
  assert.equal(again?.project.field.joint, 5);
  // What is left is another's: it is not taken back unless that is asked for.
  assert.equal(undoStep(back, tab), undefined);
  assert.equal(stepToUndo(back, tab)?.by, "you");
  assert.equal(
    undoStep(back)?.project.walls[0]?.width.bottom,
    newRow().project.walls[0]?.width.bottom,
  );
});

test("where another tab changed the same since, nothing is taken back unasked", () => {
  const tab = { writer: "me", since: 1 };
  const mine = did(newRow(), editField({ joint: 5 }), "me");
  const theirs = did(mine, editField({ joint: 8 }), "you");
  assert.equal(undoStep(theirs, tab), undefined);
  assert.equal(undoStep(theirs)?.project.field.joint, 5);
  // Both entries of one list: which is which hangs on the order.
  const valve = {
    id: "v",
    kind: "valve",
    x: { from: "left", at: 300 },
    y: { from: "level", at: 0 },
    pipe: 20,
    hole: 40,
  } as const;
  const added = did(newRow(), addFixture("A", valve), "me");
  const second = did(added, addFixture("A", { ...valve, id: "w" }), "you");
  assert.equal(undoStep(second, tab), undefined);
  // But a change within an entry has nothing to do with one within another.
  const both = did(second, editFixture("A", "v", { hole: 50 }), "me");
  const other = did(both, editFixture("A", "w", { hole: 60 }), "you");
  assert.deepEqual(
    undoStep(other, tab)?.project.walls[0]?.fixtures.map(({ hole }) => hole),
    [40, 60],
  );
});

test("what was done before the tab opened the job is everybody's; nudges of two tabs stay two steps", () => {
  const before = did(newRow(), editField({ joint: 5 }), "you");
  assert.equal(undoStep(before, { writer: "me", since: 2 })?.project.field.joint, 3);
  const nudge = (shift: number) => movePattern("A", { mode: "free", shift }, 0, "nudge");
  const nudged = did(did(newRow(), nudge(1), "you"), nudge(2), "me");
  assert.equal(nudged.history.length, 2);
  const undone = undoStep(did(newRow(), editField({ joint: 9 }), "you")) as JobRow;
  assert.equal(redoStep(undone, { writer: "me", since: 1 }), undefined);
});
