import assert from "node:assert/strict";
import { test } from "node:test";
import { planFile } from "../plan-file.ts";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { oneWall, planValid } from "../testing.ts";
import { firstShower, showerFrom } from "./first-shower.ts";

const hours = (settings: NonNullable<Project["settings"]>) => {
  const project = oneWall({ settings });
  return planFile(project, planValid(project)).handOver?.firstShowerAfterH;
};

test("72 hours after the last wash; with sealer 96; sealer before sealant 120", () => {
  assert.equal(hours({ sealer: "none" }), 72);
  assert.equal(hours({}), 96);
  assert.equal(hours({ sealerFirst: true }), 120);
  // Without sealer there is none to go first.
  assert.equal(hours({ sealer: "none", sealerFirst: true }), 72);
});

test("the hour is told once every part is washed", () => {
  const shower = firstShower(jobOf(oneWall({ settings: { sealer: "none" } })), 0);
  const mix = (key: string, washed?: string) => ({
    ...{ id: key, for: key, kind: "grout" as const, at: "2026-05-04T08:00:00Z" },
    ...{ powderKg: 1, waterL: 0.2, potLifeMin: 30, ...(washed ? { washed } : {}) },
  });
  const first = mix("A/1", "2026-05-04T10:00:00+02:00");
  assert.equal(showerFrom(shower, 2, { mixes: [first, mix("A/2")] }), undefined);
  const both = { mixes: [first, mix("A/2", "2026-05-04T09:00:00Z")] };
  assert.equal(showerFrom(shower, 2, both), Date.parse("2026-05-07T09:00:00Z"));
});
