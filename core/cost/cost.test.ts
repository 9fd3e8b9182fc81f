import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { planFile } from "../plan-file.ts";
import type { Project } from "../project/schema.ts";
import { near, oneWall, planValid, runs } from "../testing.ts";
import { costOf, type PricedRow } from "./cost.ts";
import { cheapestMix } from "./packs.ts";

test("no other packs that hold enough are cheaper, nor fewer at that price", () => {
  const pack = fc.record({
    size: fc.integer({ min: 1, max: 30 }),
    price: fc.integer({ min: 1, max: 60 }),
  });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 90 }),
      fc.array(pack, { minLength: 1, maxLength: 3 }),
      (need, packs) => {
        // Every count of every pack, by brute force.
        let [least, fewest] = [Infinity, Infinity];
        const tryAll = (at: number, held: number, cost: number, count: number) => {
          if (held >= need) {
            if (cost < least || (cost === least && count < fewest)) [least, fewest] = [cost, count];
            return;
          }
          for (let k = at; k < packs.length; k++) {
            const own = packs[k];
            if (own) tryAll(k, held + own.size, cost + own.price, count + 1);
          }
        };
        tryAll(0, 0, 0, 0);
        const found = cheapestMix(need, packs);
        assert.equal(found.cost, least);
        assert.equal(
          found.packs.reduce((sum, count) => sum + count, 0),
          fewest,
        );
        const held = found.packs.reduce((sum, n, k) => sum + n * (packs[k]?.size ?? 0), 0);
        assert.ok(held >= need);
      },
    ),
    { numRuns: runs(150) },
  );
});

/** A wall with prices and labour of its own. */
const priced = (patch: Partial<Project>): Project => ({ ...oneWall(), ...patch });

const rowsOf = (project: Project, code: string) =>
  planFile(project, planValid(project)).order.filter((row) => row.code === code);

test("what is on hand is taken off what is bought, and the quantity stays", () => {
  const plain = rowsOf(oneWall(), "mortar")[0];
  const quantity = plain?.quantity ?? 0;
  const project = priced({
    prices: [{ item: "Thinset mortar", packSize: 2, price: 10, onHand: 3, leadDays: 4 }],
  });
  const [row] = rowsOf(project, "mortar");
  assert.equal(row?.quantity, quantity);
  assert.equal(row?.packs, Math.ceil((quantity - 3) / 2));
  assert.equal(row?.cost, 10 * Math.ceil((quantity - 3) / 2));
  assert.deepEqual([row?.onHand, row?.leadDays, row?.unitPrice], [3, 4, 10]);
});

test("of several pack sizes each that is bought has its own line", () => {
  // 6.55 kg: one of 5 for 9 and one of 2 for 4 are cheaper than two of 5 (18) or four of 2 (16).
  const prices = [
    { item: "mortar", packSize: 5, price: 9 },
    { item: "mortar", packSize: 2, price: 4 },
  ];
  const lines = rowsOf(priced({ prices }), "mortar");
  assert.deepEqual(
    lines.map(({ packSize, packs, cost }) => [packSize, packs, cost]),
    [
      [5, 1, 9],
      [2, 1, 4],
    ],
  );
});

test("counted tile is on hand, and all of it leaves nothing to buy", () => {
  const project = oneWall();
  const { tile } = project.field;
  const all = priced({
    stock: [{ tile, pieces: 500 }],
    prices: [{ item: "Field tile", price: 20 }],
  });
  const [row] = rowsOf(all, "fieldTile");
  assert.deepEqual([row?.packs, row?.cost, row?.onHand], [0, 0, 500]);
});

test("the quote by hand, rounded once at the end", () => {
  const job = { labour: { rate: 45, markup: 0.15, tax: 0.081 } };
  const rows = [
    { cost: 123.455, packs: 1 },
    { cost: 76.545, packs: 2 },
    { packs: 3 },
  ] as PricedRow[];
  // Materials 200; 230 with markup; 10.5 h × 45 = 472.50; 702.50 and 8.1 % of it, 56.9025.
  const cost = costOf(job, rows, 10.5);
  assert.deepEqual(
    [cost.materials, cost.labour, cost.tax, cost.quote, cost.unpriced],
    [200, 472.5, 56.9, 759.4, 1],
  );
});

test("labour is the hours of one person at all the work", () => {
  const project = priced({ labour: { rate: 60 } });
  const plan = planValid(project);
  // One wall: 1.5 h of set-out, setting by its rows, grout by its mixes, the rest by area and length.
  const setting = plan.set.sessions.reduce((sum, { minutes }) => sum + minutes, 0);
  const grouting = plan.grout.mixes.reduce((sum, m) => sum + m.spreadMin + m.washMin, 0);
  const by = (kind: string) =>
    plan.tasks.filter((task) => task.kind === kind).reduce((sum, { minutes }) => sum + minutes, 0);
  assert.equal(by("set-out"), 90);
  near(by("set"), setting);
  near(by("grout"), grouting);
  near(by("sealant"), (plan.totals.sealantM / 12) * 60);
  near(by("sealer"), (1.212 / 15) * 60);
  near(by("coat"), ((2 * plan.totals.membraneAreaM2) / 12) * 60);
  const minutes = plan.tasks.reduce((sum, task) => sum + task.minutes, 0);
  near(plan.cost.labour, Math.round(minutes * 100) / 100, 0.01);
  assert.equal(planFile(oneWall(), planValid(oneWall())).cost, undefined);
});
