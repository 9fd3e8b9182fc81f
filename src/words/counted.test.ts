import assert from "node:assert/strict";
import { test } from "node:test";
import { counted } from "./counted.ts";
import { compare } from "./en/compare.ts";
import { cut } from "./en/cut.ts";

test("one is told in the singular, none and several in the plural", () => {
  assert.equal(counted(0, "sliver"), "0 slivers");
  assert.equal(counted(1, "sliver"), "1 sliver");
  assert.equal(counted(2, "box", "boxes"), "2 boxes");
});

test("what a layout gives up reads as a sentence, with one or with several", () => {
  const says = (code: "slivers" | "holes" | "smallest", own: number, best: number) =>
    compare.givesUp({ code, own, best }, (mm) => `${mm} mm`);
  assert.equal(says("slivers", 1, 0), "Gives up clean edges: 1 sliver where 0 would do.");
  assert.equal(
    says("holes", 2, 1),
    "Gives up safe drilling: 2 holes near a tile's edge, 1 elsewhere.",
  );
  assert.match(says("smallest", 60, 90), /its smallest cut is 60 mm, 90 mm is possible/);
  assert.match(says("smallest", 0, 90), /runs out to nothing .* 90 mm is possible/);
});

test("tiles on site are told by their count", () => {
  assert.match(cut.dryLay.enough(1), /^1 tile is here/);
  assert.match(cut.dryLay.short(3, 40), /^40 tiles are here, 3 fewer/);
});
