import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import { near, oneWall, planValid } from "../testing.ts";
import { optionFigures, wasteShare } from "./option-figures.ts";

const figures = (project: Project) => optionFigures(project, planValid(project));

/** A price for every line of the order, and an hourly rate. */
function priced(): Project {
  const project = oneWall();
  const prices = planValid(project).order.map(({ code }) => ({ item: code, price: 10 }));
  return { ...project, prices, labour: { rate: 40, markup: 0.2, tax: 0.1 } };
}

test("cost, cuts and the smallest cut of a version are those of its plan", () => {
  const project = priced();
  const plan = planValid(project);
  const own = figures(project);
  near(own.cost, plan.cost.materials + plan.cost.labour, 0.011);
  assert.equal(own.quote, plan.cost.quote);
  assert.equal(own.hours, plan.cost.hours);
  // Two cuts of 44 mm in each of four courses: (1000 − 3 × 300 − 4 × 3) ÷ 2.
  assert.equal(own.tilesCut, 8);
  near(own.smallestCut, 44, 1e-6);
  assert.equal(own.calendarDays, undefined);
  assert.equal(own.kit, false);
});

test("days run from the first task to the last wait", () => {
  const project = { ...priced(), days: { start: "2026-05-04", zone: "Europe/Zurich" } };
  const { days } = planValid(project);
  assert.ok(days);
  near(figures(project).calendarDays, (days.end - days.start) / 86_400_000, 1e-9);
});

test("waste by hand: tile on the wall against whole tiles bought", () => {
  const project = oneWall({ settings: { fullSpare: 0, cutSpare: 0, atticStock: 0 } });
  const plan = planValid(project);
  const bought = plan.order.find(({ code }) => code === "fieldTile")?.quantity ?? 0;
  // Twelve whole ones; each cut keeps a factory edge towards the field, and a tile has two.
  assert.equal(bought, 16);
  near(wasteShare(project, plan), 1 - (1 * 1.212) / (16 * 0.09), 1e-9);
});

test("a panel kit costs its price with markup, its hours and tax by hand, and has no tile to tell of", () => {
  const project = priced();
  project.variant = { of: "root", name: "Kit", kit: { price: 900, hours: 6 } };
  const own = figures(project);
  assert.equal(own.cost, 900 + 6 * 40);
  // (900 × 1.2 + 240) × 1.1
  assert.equal(own.quote, 1452);
  assert.deepEqual([own.kit, own.tilesCut, own.smallestCut], [true, 0, undefined]);
});

test("a kit without a price is not the cheapest: its cost is not known", () => {
  const project = priced();
  project.variant = { of: "root", name: "Kit", kit: { price: 0, hours: 6 } };
  assert.deepEqual([figures(project).cost, figures(project).quote], [0, 0]);
});
