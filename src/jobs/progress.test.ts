import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../../core/project/schema.ts";
import { oneWall } from "../../core/testing.ts";
import { findJobs, type JobOrder, progressOf } from "./progress.ts";

test("a job is at the furthest stage that it was worked on in", () => {
  const plain = oneWall();
  assert.deepEqual(progressOf(plain), { stage: "measure", next: "board" });
  const built = { ...plain, build: {} };
  assert.deepEqual(progressOf(built), { stage: "board", next: "waterproof" });
  const moved = { ...built, setOut: { ...plain.setOut, firstCourse: { drop: 20 } } };
  assert.deepEqual(progressOf(moved), { stage: "set-out", next: "cut" });
  const cut = { ...moved, cutDone: [{ id: "A/1.1", size: "", at: "" }] } as unknown as Project;
  assert.deepEqual(progressOf(cut), { stage: "cut", next: "set" });
  const at = "2026-05-04T08:30:00Z";
  const set = { ...cut, work: { rows: [{ id: "A/+0/1", at }] } };
  assert.deepEqual(progressOf(set), { stage: "set", next: "grout" });
  const grouted = { ...set, work: { ...set.work, ready: ["joints"] } };
  assert.deepEqual(progressOf(grouted), { stage: "grout", next: "hand-over" });
  const snagged = { ...grouted, handOver: { snags: [{ id: "s", words: "chip" }] } };
  assert.equal(progressOf(snagged).stage, "grout");
  const over = { ...grouted, handOver: { careTold: true } };
  assert.deepEqual(progressOf(over), { stage: "hand-over", next: "log" });
});

test("jobs are found by any words of them, and sorted by change, name or stage", () => {
  const row = (name: string, updatedAt: number, patch: Partial<Project> = {}) => ({
    project: { ...oneWall(), name, ...patch },
    updatedAt,
  });
  const rows = [row("Mill 3", 1, { build: {} }), row("Ash 9", 3), row("Birch 1", 2)];
  const found = (text: string, order: JobOrder) =>
    findJobs(rows, text, order, ({ tiles }) => tiles[0]?.name ?? "").map(
      ({ project }) => project.name,
    );
  assert.deepEqual(found("", "changed"), ["Ash 9", "Birch 1", "Mill 3"]);
  assert.deepEqual(found("", "name"), ["Ash 9", "Birch 1", "Mill 3"]);
  assert.deepEqual(found("", "stage"), ["Mill 3", "Ash 9", "Birch 1"]);
  assert.deepEqual(found("MILL", "changed"), ["Mill 3"]);
  assert.deepEqual(found("3 mill", "changed"), ["Mill 3"]);
  assert.deepEqual(found("oak", "changed"), []);
});
