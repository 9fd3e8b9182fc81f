import assert from "node:assert/strict";
import { test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { sampleProject } from "../../core/testing.ts";
import { asOfNow } from "./sample-days.ts";

const NOW = Date.parse("2027-03-10T12:00:00Z");

test("a sample that was worked on is moved by whole weeks to the last seven days", () => {
  const project = sampleProject("banded-bath");
  const moved = asOfNow(project, NOW);
  const last = Math.max(...(moved.work?.rows ?? []).map(({ at }) => Date.parse(at)));
  assert.ok(NOW - last >= 0 && NOW - last < 7 * 24 * 3_600_000);
  // The 4th of May 2026 was a Monday.
  assert.equal(new Date(`${moved.days?.start}T12:00:00Z`).getUTCDay(), 1);
  assert.equal(moved.work?.rows?.length, project.work?.rows?.length);
  assert.equal(moved.name, project.name);
});

test("its rows are rows of its plan, and what is not dated stays as it is", () => {
  const project = sampleProject("banded-bath");
  const rows = new Set(planProject(project).set.rows.map(({ id }) => id));
  for (const { id } of project.work?.rows ?? []) assert.ok(rows.has(id), id);
  const other = sampleProject("tub-surround");
  assert.equal(asOfNow(other, NOW), other);
});
