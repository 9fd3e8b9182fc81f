import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import { oneWall, planValid } from "../testing.ts";
import { orderRows, tilesToBuy } from "./order.ts";
import { roundUp } from "./row.ts";

const none = {
  tiles: [],
  nicheInteriorM2: 0,
  membraneL: 0,
  clips: 0,
  mortarKg: 0,
  groutKg: 0,
  sealantM: 0,
  hiddenBeadM: 0,
  maskM: 0,
  sessionSpacers: 0,
  wedges: 0,
  sealer: { code: "sealerL", value: 0, unit: "L", terms: [] },
} satisfies Parameters<typeof orderRows>[1] & { nicheInteriorM2: number };

test("tiles to buy: full and cut with their spares, rounded up, and attic stock", () => {
  const project = oneWall();
  const { tile } = project.field;
  // 100 × 1.05 is 105.00000000000001 to a computer: it must not become 106.
  assert.equal(
    tilesToBuy(jobOf(project), { tile, full: 100, forCuts: 0, forLinings: 0 }).value,
    110,
  );
  // 61 × 1.05 + 20 × 1.1 = 64.05 + 22 = 86.05 → 87, + 5.
  assert.equal(
    tilesToBuy(jobOf(project), { tile, full: 61, forCuts: 20, forLinings: 0 }).value,
    92,
  );
  const generous = oneWall({ settings: { fullSpare: 0.1, cutSpare: 0.2, atticStock: 0 } });
  assert.equal(
    tilesToBuy(jobOf(generous), { tile, full: 50, forCuts: 10, forLinings: 0 }).value,
    67,
  );
  assert.equal(roundUp(3.0000001), 4);
});

test("glass and stone have spares of their own, and the job's own come before them", () => {
  const of = (material: "porcelain" | "glass" | "stone", settings = {}) => {
    const project = oneWall({ settings: { atticStock: 0, ...settings } });
    const tiles = project.tiles.map((tile) => ({ ...tile, material }));
    const need = { tile: project.field.tile, full: 100, forCuts: 40, forLinings: 0 };
    return tilesToBuy(jobOf({ ...project, tiles }), need).value;
  };
  assert.equal(of("porcelain"), 105 + 44);
  assert.equal(of("glass"), 110 + 46);
  assert.equal(of("stone"), 110 + 48);
  assert.equal(of("stone", { fullSpare: 0.03, cutSpare: 0.05 }), 103 + 42);
});

test("packs are rounded up over the whole job, and what is not needed is not listed", () => {
  const project = oneWall({ settings: { mortarBagKg: 20, sealantCartridgeMl: 290 } });
  const rows = orderRows(jobOf(project), { ...none, mortarKg: 40.1, sealantM: 10 });
  const row = (code: string) => rows.find((candidate) => candidate.code === code);
  assert.equal(row("mortar")?.packs, 3);
  // 10 m × 40 mm² = 400 ml, and 15 % more: 460 ml in cartridges of 290.
  assert.equal(Math.round(row("sealant")?.quantity ?? 0), 460);
  assert.equal(row("sealant")?.packs, 2);
  assert.equal(row("clips"), undefined);
});

test("five per cent of clips are spare on the order only", () => {
  const plan = planValid(oneWall());
  const clips = plan.totals.clips;
  assert.ok(clips > 0);
  const row = plan.order.find(({ code }) => code === "clips");
  assert.equal(row?.quantity, Math.ceil(clips * 1.05 - 1e-9));
});

test("clips are off below 300 mm unless asked for, and on from there unless refused", () => {
  const small = { tile: [200, 200] as [number, number] };
  assert.equal(planValid(oneWall(small)).totals.clips, 0);
  assert.ok(planValid(oneWall({ ...small, settings: { clips: true } })).totals.clips > 0);
  assert.equal(planValid(oneWall({ settings: { clips: false } })).totals.clips, 0);
});
