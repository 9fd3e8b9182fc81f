import assert from "node:assert/strict";
import { test } from "node:test";
import { movePattern } from "../../core/project/centre-commands.ts";
import type { Command } from "../../core/project/command.ts";
import { editField, editWidth } from "../../core/project/commands.ts";
import { oneWall } from "../../core/testing.ts";
import type { JobRow } from "./database.ts";
import { applyCommand, redoStep, undoStep } from "./history.ts";

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

function did(row: JobRow, command: Command): JobRow {
  const changed = applyCommand(row, command);
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
