import assert from "node:assert/strict";
import { test } from "node:test";
import type { LogLine } from "../../core/log/stream.ts";
import { planProject } from "../../core/plan.ts";
import type { LogEntry, Mix } from "../../core/project/schema.ts";
import { sampleProject } from "../../core/testing.ts";
import { laterWords } from "../words/language.ts";
import { lineText, orderLine } from "./line-text.ts";

await laterWords();

const project = sampleProject("banded-bath");
const { order } = planProject(project);
const told = { project, order, style: { unit: "mm", mark: 16 } as const };
const AT = "2026-05-04T08:00:00Z";

const line = (news: LogLine["news"], who?: string) =>
  lineText({ id: "x", at: 0, photos: [], news, ...(who ? { who } : {}) }, told);
const entry = (own: Partial<LogEntry> & Pick<LogEntry, "kind">) =>
  line({ of: "entry", entry: { id: "e", at: AT, ...own } });

test("entries say what they are of, in the reader's units", () => {
  assert.deepEqual(entry({ kind: "hours", task: "set", minutes: 430, who: "N." }), {
    ...{ source: "Hours", what: "Setting tile: 7 h 10", more: "N." },
  });
  assert.equal(entry({ kind: "used", item: "mortar", amount: 2.5 }).what, "Thinset mortar: 2.5 kg");
  assert.equal(entry({ kind: "used", item: "a thing", amount: 2 }).what, "a thing: 2");
  const tile = project.tiles[0];
  assert.equal(entry({ kind: "broken", tile: tile?.id, count: 1 }).what, `${tile?.name}: 1 tile`);
  assert.deepEqual(entry({ kind: "told", who: "Owner", words: "scratch" }), {
    ...{ source: "Told", what: "Owner", more: "scratch" },
  });
});

test("courses are told as stretches", () => {
  const rows = (courses: number[]) => line({ of: "rows", courses, rows: courses.length }).what;
  assert.equal(rows([1, 2, 3, 5]), "Courses 1–3, 5");
  assert.equal(rows([2]), "Course 2");
  // Of interiors and bonds without courses the rows are counted.
  assert.equal(line({ of: "rows", courses: [], rows: 2 }).what, "2 rows");
});

test("mixes with what was thrown away, coats with their air, holes, supports and checks", () => {
  const mix: Mix = {
    ...{ id: "m", for: project.field.tile, kind: "mortar", at: AT },
    ...{ powderKg: 2, waterL: 0.5, potLifeMin: 90, leftKg: 0.25 },
  };
  const mixed = line({ of: "mix", mix });
  assert.match(mixed.what, /^Mortar, .*: 2000 g, water 500 g$/);
  assert.equal(mixed.more, "250 g thrown away");
  const ofLot = line({ of: "mix", mix: { ...mix, lot: "L 204, grey" } });
  assert.equal(ofLot.more, "L 204, grey · 250 g thrown away");
  const coat = { id: "c", wall: "A", coat: 2, at: AT, litres: 1.5, tempC: 20, humidity: 55 };
  assert.deepEqual(line({ of: "coat", coat }, "N."), {
    ...{ source: "Coat", what: "Coat 2, 1.50 L", more: "20 °C, 55 % · N." },
  });
  assert.equal(line({ of: "coat", coat: { ...coat, coat: 0, litres: undefined } }).what, "Strips");
  const place = { id: "h", wall: "A", from: "left" as const, at: 1, level: 0 };
  const hole = { ...place, words: "a screw", patched: false };
  assert.equal(line({ of: "hole", hole }).what, "Hole for a screw: still open");
  const support = { id: "s", wall: "A", kind: "ledger" as const, level: 0, what: "course 2" };
  assert.deepEqual(line({ of: "support", support, out: true }), {
    ...{ source: "Support", what: "Ledger taken out", more: "course 2" },
  });
  const gate = { id: "test", state: "waived" as const, reason: "tub was there" };
  assert.match(line({ of: "gate", gate }).what, /: waived, tub was there$/);
});

test("a line of the order is found by its code or its name, and by its tile", () => {
  assert.equal(orderLine(order, { item: "GROUT" })?.code, "grout");
  assert.equal(orderLine(order, { item: "thinset mortar" })?.code, "mortar");
  const accent = order.find(({ code }) => code === "zoneTile");
  assert.equal(orderLine(order, { item: "zoneTile", tile: accent?.of })?.of, accent?.of);
  assert.equal(orderLine(order, { item: "zoneTile", tile: "none" }), undefined);
});
