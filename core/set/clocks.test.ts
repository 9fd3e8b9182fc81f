import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import type { Mix, Work } from "../project/schema.ts";
import { bandAt, near, oneWall, planValid, wallAt } from "../testing.ts";
import { groutClock, hazyMixes, leftOf, mortarClock, runningMix } from "./clocks.ts";
import { heatFactor } from "./heat.ts";
import { leftInBucket, progressOf } from "./progress.ts";
import { coverageVerdict, lippageLimit, tileThere } from "./pulled.ts";
import { rowKg, type SetRow } from "./rows.ts";
import { groutUsed, mortarUsed } from "./used.ts";

const MINUTE = 60_000;
const SETTINGS = { slakeMin: 7, openTimeMin: 15 };
const START = Date.parse("2026-03-28T23:30:00+01:00");

/** A mix that was begun half an hour before midnight, in the night in which clocks are put on. */
const mix: Mix = {
  ...{ id: "m", for: "field", kind: "mortar", at: "2026-03-28T23:30:00+01:00" },
  ...{ powderKg: 6, waterL: 1.5, potLifeMin: 90 },
};

const after = (minutes: number, own: Mix = mix) =>
  mortarClock(own, SETTINGS, START + minutes * MINUTE);

test("slakes, is worked, becomes stiff, is over: across midnight and a change of the clocks", () => {
  assert.deepEqual(
    [0, 7, 60, 67.5, 90, 240].map((minutes) => after(minutes).phase),
    ["slaking", "usable", "usable", "last", "over", "over"],
  );
  assert.equal(after(3).slakeLeft, 4 * MINUTE);
  assert.equal(after(31).useLeft, 59 * MINUTE);
  assert.equal(after(100).useLeft, -10 * MINUTE);
  assert.equal(after(45).gone, 0.5);
});

test("the same mix in another zone's writing is the same mix", () => {
  const there = { ...mix, at: "2026-03-28T14:30:00-08:00" };
  assert.deepEqual(after(20, there), after(20));
});

test("a device whose clock was put back shows a mix that has just begun", () => {
  assert.equal(after(-120).useLeft, 90 * MINUTE);
});

test("open time counts from what was spread last", () => {
  const spread = { ...mix, spread: "2026-03-28T23:50:00+01:00" };
  assert.equal(after(30, spread).openLeft, 5 * MINUTE);
  assert.equal(after(40, spread).openLeft, -5 * MINUTE);
  assert.equal(after(40).openLeft, undefined);
});

test("grout is floated and washed in its working time, and hazed a while after", () => {
  const grout = { ...mix, kind: "grout" as const, potLifeMin: 30 };
  const at = (own: Mix, minutes: number) => groutClock(own, 60, START + minutes * MINUTE);
  assert.deepEqual(at(grout, 10), { step: "float", left: 20 * MINUTE });
  const floated = { ...grout, floated: "2026-03-28T23:48:00+01:00" };
  assert.deepEqual(at(floated, 20), { step: "wash", left: 10 * MINUTE });
  const washed = { ...floated, washed: "2026-03-29T00:00:00+01:00" };
  assert.deepEqual(at(washed, 60), { step: "haze", left: 30 * MINUTE });
  assert.deepEqual(at({ ...washed, hazed: "2026-03-29T01:00:00+01:00" }, 99).step, "done");
});

test("the mix in use is the last that is not emptied", () => {
  const later = { ...mix, id: "n", at: "2026-03-29T00:30:00+01:00" };
  assert.equal(runningMix([mix, later], "mortar")?.id, "n");
  assert.equal(runningMix([mix, { ...later, emptied: later.at }], "mortar")?.id, "m");
  assert.equal(runningMix([mix], "grout"), undefined);
  const washed = { ...mix, kind: "grout" as const, washed: mix.at };
  assert.equal(runningMix([washed], "grout"), undefined);
  assert.deepEqual(hazyMixes([mix, washed, { ...washed, hazed: mix.at }]), [washed]);
  assert.equal(leftOf(mix.at, 10, START), 10 * MINUTE);
});

test("what is set is told by its rows, and the bucket is lighter by what they took", () => {
  const { rows } = planValid(oneWall()).set;
  const [first, second] = rows as unknown as [SetRow, SetRow];
  const work: Work = {
    rows: [
      { id: first.id, at: "2026-03-28T23:00:00+01:00" },
      { id: second.id, at: "2026-03-28T23:45:00+01:00" },
    ],
  };
  const progress = progressOf(rows, work);
  assert.deepEqual([progress.next?.course, progress.pieces.done], [3, 10]);
  // The first was set before this mix was begun.
  near(leftInBucket(mix, rows, work), 6 - rowKg(second));
});

test("mortar used goes to the walls whose rows were set from it, by what they were to take", () => {
  const { rows } = planValid(oneWall()).set;
  const [first, second, third] = rows as unknown as [SetRow, SetRow, SetRow];
  const next = { ...mix, id: "n", at: "2026-03-29T03:00:00+02:00", powderKg: 4, leftKg: 1 };
  const walls = [
    { id: "A", mortarKg: 20 },
    { id: "B", mortarKg: 5 },
  ];
  const other = rows.map((row) => (row.id === second.id ? { ...row, wall: "B" } : row));
  const work: Work = {
    mixes: [next, mix],
    rows: [
      { id: first.id, at: "2026-03-28T23:40:00+01:00" },
      { id: second.id, at: "2026-03-28T23:50:00+01:00" },
      { id: third.id, at: "2026-03-29T03:10:00+02:00" },
    ],
  };
  // Equal rows: half of the first mix each, and the second less what was thrown away.
  const [a, b] = mortarUsed(other, work, walls);
  near(a?.usedKg, 6 * (rowKg(first) / (rowKg(first) + rowKg(second))) + 3);
  near(b?.usedKg, 6 * (rowKg(second) / (rowKg(first) + rowKg(second))));
  const grouted = { ...mix, kind: "grout" as const, for: "B/1", powderKg: 0.5 };
  const [none, some] = groutUsed({ mixes: [grouted] }, [
    { id: "A", groutKg: 1 },
    { id: "B", groutKg: 1 },
  ]);
  assert.deepEqual([none?.usedKg, some?.usedKg], [0, 0.5]);
});

test("a pulled tile: 95 % where it gets wet, 80 % on dry walls, corners full; else the next notch", () => {
  const job = jobOf(oneWall());
  const judge = (share: number, exposure: "wet" | "dry" = "wet", corners?: boolean) =>
    coverageVerdict(job, { exposure }, job.field.tile, { share, corners });
  assert.equal(judge(0.95).enough, true);
  assert.equal(judge(0.94).enough, false);
  assert.equal(judge(0.8, "dry").enough, true);
  assert.equal(judge(0.99, "wet", false).enough, false);
  // From 6 × 10 (a bed of 4.096) to 12 × 12 (4.915): 0.819 mm more, 0.819 × 1.2 × 1.1 kg/m².
  const { next } = judge(0.9);
  assert.deepEqual([next?.trowel.width, next?.trowel.depth], [12, 12]);
  near(next?.raisesMm, 0.819152, 1e-5);
  near(next?.moreKgPerM2, 0.819152 * 1.2 * 1.1, 1e-5);
});

test("heat shortens what cold lengthens, by a third at the most", () => {
  near(30 * heatFactor(21), 30);
  near(30 * heatFactor(35), 20);
  near(30 * heatFactor(5), 40);
  near(30 * heatFactor(27), 24);
});

test("lippage by the joint, and the tile's own warpage beside", () => {
  const tile = jobOf(oneWall()).tiles[0];
  assert.ok(tile);
  assert.equal(lippageLimit(3, tile), 0.8);
  assert.equal(lippageLimit(6, tile), 1.6);
  assert.equal(lippageLimit(3, { ...tile, measured: { warpage: 0.5 } }), 1.3);
});

test("a pulled tile is judged by what is set where it was pulled: the band's, else the field's", () => {
  const project = oneWall();
  const [tile] = project.tiles;
  assert.ok(tile);
  const zones = [bandAt(-500, 106)];
  const tiles = [tile, { ...tile, id: "accent", width: 100, height: 100 }];
  const banded = { ...project, tiles, zones };
  const plan = planValid(banded);
  const at = (level: number) => tileThere(banded, wallAt(plan, 0), [500, plan.levelY + level]);
  assert.deepEqual(at(-450), { tile: "accent", joint: 2 });
  assert.deepEqual(at(-600), { tile: project.field.tile, joint: 3 });
});
