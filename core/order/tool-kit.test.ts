import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import { oneWall, planValid } from "../testing.ts";
import { countCuts, hireOrBuy, type KitId, orderBy, toolKit } from "./tool-kit.ts";

const NEEDS = { boardM2: 9, coats: 2, sessions: 3, areaM2: 13 };

test("cuts are counted by how they are made", () => {
  // Two straight cuts in each of four courses.
  const ceramic = oneWall();
  ceramic.tiles = ceramic.tiles.map((tile) => ({ ...tile, material: "ceramic" }));
  const count = (project = ceramic) => countCuts(jobOf(project), planValid(project).walls);
  assert.deepEqual([count().snapped, count().sawn, count().holes, count().hard], [8, 0, 0, false]);
  const glass = oneWall();
  glass.tiles = glass.tiles.map((tile) => ({ ...tile, material: "glass" }));
  assert.deepEqual([count(glass).snapped, count(glass).sawn, count(glass).hard], [0, 8, true]);
});

test("blades by cuts, sponges by area, a mask a day and one to grout", () => {
  const cuts = { snapped: 10, sawn: 250, shaped: 0, holes: 3, diameters: [48, 92], hard: true };
  const lines = toolKit({ ...NEEDS, cuts }, 2);
  const of = (id: KitId) => lines.find((line) => line.id === id)?.count;
  // 250 ÷ 120, 9 ÷ 4, 13 ÷ 6, each rounded up.
  assert.deepEqual(
    [of("sawBlade"), of("knifeBlades"), of("sponges"), of("masks"), of("holeSaw"), of("trowel")],
    [3, 3, 3, 4, 2, 2],
  );
  assert.equal(of("nipper"), undefined);
  const bare = toolKit({ ...NEEDS, boardM2: 0, coats: 0, cuts: { ...cuts, sawn: 0 } }, 1);
  assert.ok(bare.every(({ step }) => step !== "board" && step !== "film"));
  assert.ok(bare.every(({ id }) => id !== "wetSaw" && id !== "sawBlade"));
});

test("hire against buy by the days of the job", () => {
  const saw = { id: "wetSaw", step: "cut", count: 1, reason: "sawn", of: 9, hireDays: 3 } as const;
  assert.deepEqual(hireOrBuy(saw, { id: "wetSaw", hire: 50, buy: 400 }), {
    ...{ choice: "hire", hire: 150, buy: 400 },
  });
  assert.equal(hireOrBuy({ ...saw, hireDays: 9 }, { id: "wetSaw", hire: 50 })?.choice, "buy");
  assert.equal(hireOrBuy({ ...saw, id: "level" }, undefined), undefined);
});

test("the day on which something is ordered, over the end of a month", () => {
  assert.equal(orderBy("2026-05-04", 10), "2026-04-24");
  assert.equal(orderBy("2026-03-01T08:00:00+01:00", 0.5), "2026-02-28");
  assert.equal(orderBy("2026-05-04", undefined), undefined);
  assert.equal(orderBy(undefined, 10), undefined);
});
