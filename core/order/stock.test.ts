import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project, Stock, Zone } from "../project/schema.ts";
import { bandAt, near, oneWall, opening, planValid } from "../testing.ts";
import type { StockCheck } from "./stock.ts";

/**
 * A wall of 1000 × 1212 with a niche of 306 wide and 306 high, 80 deep, its back and sides in accent
 * of 100 × 100, and a band of one course of it.
 */
function scarce(stock: Partial<Stock>, zones: Zone[] = [back()], niche = {}): Project {
  const project = oneWall({
    wall: { openings: [opening({ width: 306, height: 306, depth: 80, ...niche })] },
    settings: { cutSpare: 0, fullSpare: 0 },
    setOut: { cornerJoint: 3 },
  });
  const [tile] = project.tiles;
  assert.ok(tile);
  const accent = { ...tile, id: "accent", name: "Accent", width: 100, height: 100 };
  return {
    ...project,
    tiles: [tile, accent],
    zones,
    stock: [{ tile: "accent", ...stock }],
  };
}

function back(): Zone {
  return { ...bandAt(0, 1), id: "back", kind: "niche", opening: opening().id, joint: 3 };
}

function checkOf(project: Project): StockCheck {
  const [check] = planValid(project).stock;
  assert.ok(check);
  return check;
}

test("a niche's back, its sides and a band from one tile are added up, each once", () => {
  const band = { ...bandAt(-900, 106), joint: 3 };
  const { uses, need } = checkOf(scarce({ pieces: 50 }, [back(), band]));
  // Back: 3 × 3 whole tiles of 100 between corner joints. Sides: 300 ÷ 4 faces in pieces of 100 by
  // 77 deep: 3 a face, a tile gives one. Band: 1000 between open ends, 9 whole and two of 34.
  assert.deepEqual(
    uses.map(({ use, tiles }) => [use, tiles]),
    [
      ["back", 9],
      ["sides", 12],
      ["band", 11],
    ],
  );
  // The two ends of the band come from one tile.
  assert.equal(need, 31);
});

test("sides in the field's tile leave the accent to the back, face by face", () => {
  const field = "field";
  const sides = { sill: field, head: field, left: field, right: "accent" };
  const project = scarce({ pieces: 50 }, [back()], { sides });
  assert.deepEqual(
    checkOf(project).uses.map(({ use, tiles }) => [use, tiles]),
    [
      ["back", 9],
      ["sides", 3],
    ],
  );
  const [lining] = planValid(project).walls[0]?.linings ?? [];
  assert.deepEqual(
    lining?.returns.map(({ side, tile }) => [side, tile]),
    [
      ["sill", "field"],
      ["head", "field"],
      ["left", "field"],
      ["right", "accent"],
    ],
  );
});

test("what is short is warned of, and stops where it cannot be had again", () => {
  const warningsOf = (stock: Partial<Stock>) =>
    planValid(scarce(stock)).warnings.filter(({ code }) => code === "stock-short");
  assert.equal(warningsOf({ pieces: 21 }).length, 0);
  const [short] = warningsOf({ pieces: 20, leadDays: 5 });
  assert.equal(short?.severity, "warning");
  assert.deepEqual(short?.values, { short: 1, need: 21, onHand: 20, leadDays: 5, never: 0 });
  assert.equal(warningsOf({ pieces: 20, again: false })[0]?.severity, "stop");
  // Two boxes of ten.
  assert.equal(warningsOf({ boxes: 2 })[0]?.severity, "warning");
});

test("it reaches for the back before the sides", () => {
  const [ofBack, ofSides] = checkOf(scarce({ pieces: 15 })).uses;
  assert.equal(ofBack?.reach, 1);
  near(ofSides?.reach, 6 / 12);
});

test("the widest niche that is left: whole columns with their sides, within the bay", () => {
  const widest = (pieces: number) => checkOf(scarce({ pieces })).widest[0];
  // Three columns take 9 and 12; two 6, 3 a jamb and 2 a sill and head, 16 in all.
  assert.deepEqual([widest(21)?.width, widest(20)?.width, widest(16)?.width], [312, 209, 209]);
  assert.equal(widest(3)?.width, 0);
  assert.equal(widest(1000)?.by, "bay");
  // A bay of 368.4 between studs less twice the lining.
  assert.equal(widest(1000)?.width, 312);
});

test("what cannot be had again is asked to be kept, and what is kept is wanted and ordered", () => {
  const gone = { pieces: 50, again: false };
  const said = (stock: Partial<Stock>) =>
    planValid(scarce(stock)).warnings.find(({ code }) => code === "spare-not-kept")?.values;
  // 21 wanted: a twentieth is 1.05, so two.
  assert.equal(checkOf(scarce(gone)).need, 21);
  assert.deepEqual(said(gone), { keep: 2 });
  assert.equal(said({ pieces: 50 }), undefined);
  assert.equal(said({ ...gone, spare: 0 }), undefined);
  const kept = scarce({ ...gone, spare: 4 });
  assert.equal(checkOf(kept).need, 25);
  // What is kept is not there for a wider niche.
  const widestOf = (spare: number) => checkOf(scarce({ ...gone, spare })).widest[0]?.columns ?? 0;
  assert.ok(widestOf(35) < widestOf(0), `${widestOf(35)} ${widestOf(0)}`);
  const row = planValid(kept).order.find(({ of }) => of === "accent");
  assert.equal(row?.quantity, 25);
  assert.ok(row?.figure.terms.some(({ code, value }) => code === "keptSpare" && value === 4));
});
