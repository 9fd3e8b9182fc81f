import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall, planValid } from "../testing.ts";
import { english } from "../words/en.ts";
import { spanish } from "../words/es.ts";
import { speakCore } from "../words/spoken.ts";
import { costByPart } from "./by-part.ts";
import { readPriceList } from "./price-list.ts";

const HEADS = {
  ...{ item: "item", tile: "tile", pack: "pack", price: "price" },
  ...{ shop: "shop", onHand: "on hand", leadDays: "days" },
};
const plan = planValid(oneWall());
const tiles = new Map([["test tile", "t"]]);
const read = (rows: Record<string, string>[]) => readPriceList(rows, HEADS, plan.order, tiles);

test("prices are read by the order's names or codes, with a comma or a point, whatever the case", () => {
  const { prices, unknown, bad } = read([
    { " Item ": "mortar", PRICE: "27,50", shop: "Harbour Tile Yard" },
    { item: "GROUT", price: "1'022.25", pack: "4.5", "on hand": "2", days: "3" },
  ]);
  assert.deepEqual(prices, [
    { item: "mortar", price: 27.5, shop: "Harbour Tile Yard" },
    { item: "grout", packSize: 4.5, price: 1022.25, onHand: 2, leadDays: 3 },
  ]);
  assert.deepEqual([unknown, bad], [[], []]);
});

test("a list in another language is kept by codes, so that prices hold in every language", () => {
  speakCore(spanish);
  try {
    const { prices, unknown } = read([
      { item: "Mortero adhesivo", price: "27.5" },
      { item: "Thinset mortar", price: "28" },
      { item: "pato de hule", price: "1" },
    ]);
    assert.deepEqual(prices, [
      { item: "mortar", price: 27.5 },
      { item: "mortar", price: 28 },
    ]);
    assert.deepEqual(unknown, ["pato de hule"]);
  } finally {
    speakCore(english);
  }
});

test("what is no number, no line, or says nothing is told and left out", () => {
  const { prices, unknown, bad } = read([
    { item: "mortar", price: "cheap" },
    { item: "mortar", price: "-3" },
    { item: "mortar", pack: "0", price: "3" },
    { item: "rubber duck", price: "3" },
    { item: "mortar" },
    { item: "", price: "9" },
  ]);
  assert.deepEqual(prices, []);
  assert.deepEqual(unknown, ["rubber duck"]);
  // Lines as a spreadsheet counts them: the heads are the first.
  assert.deepEqual(bad, [2, 3, 4]);
});

test("cost by part adds up to materials and labour", () => {
  const project = oneWall();
  project.prices = plan.order.map(({ code }, k) => ({ item: code, price: 3 + k }));
  project.labour = { rate: 40 };
  const { order, cost } = planValid(project);
  const parts = costByPart(order, cost);
  const sum = parts.reduce((all, part) => all + part.cost, 0);
  assert.ok(Math.abs(sum - cost.materials - cost.labour) < 0.01);
  assert.equal(parts.at(-1)?.part, "labour");
});
