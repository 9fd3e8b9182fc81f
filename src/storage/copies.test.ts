import assert from "node:assert/strict";
import { test } from "node:test";
import { sampleProject } from "../../core/testing.ts";
import { daysWithoutBackup, differences } from "./copies.ts";

test("two copies of a job are told apart by the parts in which they differ", () => {
  const job = sampleProject("walk-in-shower");
  assert.deepEqual(differences(job, structuredClone(job)), []);
  const { name, ...others } = job;
  assert.deepEqual(differences(job, { ...others, id: "other", name }), [], "order, and the id");
  const changed = { ...job, name: "Other", record: [] };
  assert.deepEqual(differences(job, changed).sort(), ["name", "record"]);
  const field = { ...job.field, joint: job.field.joint + 1 };
  assert.deepEqual(differences(job, { ...job, field }), ["field"]);
});

test("a backup is asked for when changes that none has are two weeks old", () => {
  const day = 24 * 3600 * 1000;
  const now = 100 * day;
  assert.equal(daysWithoutBackup([], undefined, now), undefined);
  assert.equal(daysWithoutBackup([99 * day], undefined, now), undefined);
  assert.equal(daysWithoutBackup([80 * day, 99 * day], undefined, now), 20);
  assert.equal(daysWithoutBackup([80 * day], 81 * day, now), undefined, "all of it is in the last");
  assert.equal(daysWithoutBackup([80 * day, 99 * day], 85 * day, now), 15);
  assert.equal(daysWithoutBackup([99 * day], 87 * day, now), undefined);
});
