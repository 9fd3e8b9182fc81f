import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall } from "../../core/testing.ts";
import { readRow } from "./rows.ts";

const row = () => ({
  id: "job",
  project: oneWall(),
  revision: 4,
  writer: "tab",
  history: [{ name: "edit-field", patches: [], inverse: [] }],
  position: 1,
  updatedAt: 12,
});

test("a whole row is read as it is", () => {
  assert.deepEqual(readRow(row()), { ok: true, row: row() });
});

test("a damaged history is dropped and the job kept", () => {
  for (const patch of [
    { history: undefined },
    { history: [null] },
    { position: 7 },
    { position: "x" },
    { history: [{ name: "edit-field" }] },
  ]) {
    const read = readRow({ ...row(), ...patch });
    assert.ok(read.ok);
    assert.deepEqual([read.row.history, read.row.position], [[], 0]);
    assert.deepEqual(read.row.project, oneWall());
  }
  const read = readRow({ ...row(), updatedAt: Number.NaN, revision: undefined });
  assert.ok(read.ok);
  assert.deepEqual([read.row.updatedAt, read.row.revision], [0, 0]);
});

test("a row whose job is damaged keeps its name and everything that is there", () => {
  const { walls: _, ...rest } = oneWall();
  const broken = { ...row(), project: rest };
  const read = readRow(broken);
  assert.ok(!read.ok);
  assert.deepEqual(read.damaged, { id: "job", name: "Test", raw: broken });
  for (const nothing of [null, undefined, 7, "text", {}, { id: "x", project: null }]) {
    assert.equal(readRow(nothing).ok, false);
  }
});
