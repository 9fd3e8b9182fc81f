import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { near, oneWall, planValid } from "../testing.ts";
import { jobFigures, ownFigures, settingsFrom } from "./own-figures.ts";
import { behindTile, logStream } from "./stream.ts";
import { usedMaterials } from "./used.ts";

/** A wall of four courses that was set in four minutes' steps of a quarter of an hour. */
function worked(parts: Partial<Project> = {}): Project {
  const project = oneWall();
  const rows = planValid(project).set.rows.map(({ id }, k) => ({
    id,
    at: `2026-05-04T09:${String(15 * k).padStart(2, "0")}:00Z`,
  }));
  const mix = { kind: "mortar" as const, waterL: 1.5, potLifeMin: 90 };
  return {
    ...project,
    work: {
      rows,
      mixes: [
        { ...mix, id: "m1", for: project.field.tile, at: "2026-05-04T08:50:00Z", powderKg: 6 },
        {
          ...{ ...mix, id: "m2", for: project.field.tile, at: "2026-05-04T09:20:00Z" },
          ...{ powderKg: 2, leftKg: 0.5 },
        },
      ],
    },
    ...parts,
  };
}

const rowsOf = (project: Project) => planValid(project).set.rows;

test("rows that follow each other are one line; what the stages noted stands in time with entries", () => {
  const project = worked({
    log: [
      { id: "n1", kind: "broken", at: "2026-05-04T09:10:00+00:00", tile: "t", count: 2 },
      { id: "n2", kind: "told", at: "2026-05-05T07:00:00Z", who: "Owner", words: "niche moved" },
    ],
    film: { coats: [{ id: "c", wall: "A", coat: 1, at: "2026-05-02T10:00:00Z", litres: 2 }] },
    record: [{ id: "r", words: "scratch", photos: ["p"] }],
  });
  const lines = logStream(project, rowsOf(project));
  assert.deepEqual(
    lines.map(({ news }) => news.of),
    ["entry", "rows", "mix", "entry", "mix", "coat", "found"],
  );
  const rows = lines.find(({ news }) => news.of === "rows");
  assert.deepEqual(rows?.news, { of: "rows", courses: [1, 2, 3, 4], rows: 4 });
  // The line stands where its last row was set.
  assert.equal(rows?.at, Date.parse("2026-05-04T09:45:00Z"));
  assert.equal(lines.at(-1)?.at, undefined);
});

test("rows of another day begin a line of their own", () => {
  const project = worked();
  const rows = project.work?.rows ?? [];
  project.work = {
    rows: rows.map((row, k) => (k < 2 ? row : { ...row, at: "2026-05-05T09:00:00Z" })),
  };
  const lines = logStream(project, rowsOf(project));
  assert.deepEqual(
    lines.map(({ news }) => news.of === "rows" && news.rows),
    [2, 2],
  );
});

test("used is mixes less what was thrown away, coats, broken tile and what was typed", () => {
  const at = "2026-05-04T09:00:00Z";
  const project = worked({
    log: [
      { id: "1", kind: "broken", at, tile: "field", count: 3 },
      { id: "2", kind: "used", at, item: "sealant", amount: 1.5 },
      { id: "3", kind: "used", at, item: "Thinset", amount: 1 },
      { id: "4", kind: "used", at, item: "mortar", amount: 0.25 },
    ],
    film: { coats: [{ id: "c", wall: "A", coat: 1, at, litres: 2.5 }] },
  });
  project.log = project.log?.map((entry) =>
    entry.tile === undefined ? entry : { ...entry, tile: project.field.tile },
  );
  const plan = planValid(project);
  const used = usedMaterials(project, plan.order);
  const of = (code: string) => used.find((own) => own.code === code);
  // 6 + 2 − 0.5 mixed, and a quarter typed by its code.
  near(of("mortar")?.used, 7.75, 1e-9);
  assert.equal(of("fieldTile")?.used, 3);
  assert.equal(of("membrane")?.used, 2.5);
  assert.equal(of("sealant")?.used, 1.5);
  assert.equal(of("grout"), undefined);
  assert.equal(of("mortar")?.planned, plan.order.find(({ code }) => code === "mortar")?.quantity);
});

test("a job's own figures by hand", () => {
  const project = worked({
    log: [
      { id: "1", kind: "hours", at: "2026-05-03T12:00:00Z", task: "set-out", minutes: 120 },
      { id: "2", kind: "broken", at: "2026-05-04T12:00:00Z", count: 1 },
    ],
    film: {
      coats: [{ id: "c", wall: "A", coat: 1, at: "2026-05-02T10:00:00Z", litres: 2 }],
      gate: [{ id: "drying", state: "done", at: "2026-05-03T22:00:00Z" }],
    },
  });
  const plan = planValid(project);
  const figures = new Map(
    jobFigures(project, jobOf(project), plan).map(({ code, value }) => [code, value]),
  );
  // 7.5 kg on 1 × 1.212 m².
  near(figures.get("mortarKgPerM2"), 7.5 / 1.212, 1e-9);
  // Three of four rows in three quarters of an hour.
  near(figures.get("setRate"), (1.212 * 0.75) / 0.75, 1e-9);
  assert.equal(figures.get("setOutHours"), 2);
  // 12 full tiles and 8 cut ones.
  near(figures.get("breakage"), 1 / 20, 1e-12);
  // 36 h instead of 24.
  near(figures.get("dryingFactor"), 1.5, 1e-12);
  assert.equal(figures.has("groutWaste"), false);
});

test("medians over jobs with their range, as a spreadsheet has them", () => {
  const jobs = [5.2, 6.4, 5.8, 7.1].map((value) => [
    { code: "mortarKgPerM2" as const, trowel: "square 6 × 10", value },
  ]);
  // =MEDIAN(5.2; 6.4; 5.8; 7.1) is 6.1; of the first three 5.8.
  const [all] = ownFigures(jobs);
  near(all?.value, 6.1, 1e-12);
  assert.deepEqual([all?.least, all?.most, all?.jobs], [5.2, 7.1, 4]);
  near(ownFigures(jobs.slice(0, 3))[0]?.value, 5.8, 1e-12);
  const other = [{ code: "mortarKgPerM2" as const, trowel: "v 5 × 5", value: 2 }];
  assert.equal(ownFigures([...jobs, other]).length, 2);
});

test("what is taken over plans as it was measured", () => {
  const project = worked();
  const job = jobOf(project);
  const [figure] = ownFigures([
    jobFigures(project, job, planValid(project)).filter(({ code }) => code === "mortarKgPerM2"),
  ]);
  assert.ok(figure);
  const settings = settingsFrom(figure, job);
  assert.ok(settings);
  const next = oneWall({ settings });
  near(planValid(next).totals.mortarKg, 7.5, 0.01);
  assert.equal(settingsFrom({ ...figure, trowel: "v 5 × 5" }, job), undefined);
  assert.deepEqual(settingsFrom({ ...figure, code: "groutWaste", value: -0.02 }, job), {
    groutWaste: 0,
  });
});

test("photos of what lies behind have a place and a width", () => {
  const project = worked({
    log: [
      {
        ...{ id: "b", kind: "behind", at: "2026-05-01T09:00:00Z", wall: "A", x: 300, level: 200 },
        photos: ["p1", "p2"],
      },
      { id: "c", kind: "behind", at: "2026-05-01T09:00:00Z", wall: "A", photos: ["p3"] },
    ],
  });
  assert.deepEqual(
    behindTile(project).map(({ photo, x, level, width }) => [photo, x, level, width]),
    [
      ["p1", 300, 200, 800],
      ["p2", 300, 200, 800],
    ],
  );
});
