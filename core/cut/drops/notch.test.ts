import assert from "node:assert/strict";
import { test } from "node:test";
import { firstWall, near, oneWall, openingAt } from "../../testing.ts";
import { ALL_SIDES, type Blank, halfTurn, Side, type Stock } from "./blank.ts";
import { blankOf } from "./drops.ts";
import { fitBlanks } from "./fit.ts";
import { notched } from "./testing.ts";

const { left, right, bottom, top } = Side;
const stock: Stock = { width: 300, height: 300, kerf: 3, turns: true };
const whole: Blank = { width: 300, height: 300, sides: ALL_SIDES };

/** A tile that keeps an arm of 100 at the left and 100 at the foot: 200 less the kerf drops out. */
const corner = notched(whole, 200, 200, right | top);

test("a piece comes from what is cut out of an L, its kerf taken off", () => {
  const guest = { width: 197, height: 100, sides: right | top };
  assert.ok(fitBlanks([corner, guest], stock));
  assert.ok(fitBlanks([guest, corner], stock));
  assert.equal(fitBlanks([corner, { ...guest, width: 197.1 }], stock), undefined);
  assert.equal(fitBlanks([whole, guest], stock), undefined, "nothing comes from a whole tile");
});

test("the cut-out has two factory edges, and only those", () => {
  const small = { width: 100, height: 100 };
  assert.ok(fitBlanks([corner, { ...small, sides: right }], stock));
  assert.ok(fitBlanks([corner, { ...small, sides: 0 }], stock));
  // Half a turn brings the other corner there, where the tile may turn.
  const turned = { ...small, sides: halfTurn(right | top) };
  assert.ok(fitBlanks([corner, turned], stock));
  assert.equal(fitBlanks([corner, turned], { ...stock, turns: false }), undefined);
  assert.equal(fitBlanks([corner, { ...small, sides: left | top }], stock), undefined);
});

test("two pieces part a cut-out between them, and one cut-out takes another L", () => {
  // 97 + 3 + 97 = 197.
  const half = { width: 97, height: 197, sides: top };
  assert.ok(fitBlanks([corner, half, half], stock));
  assert.equal(fitBlanks([corner, half, { ...half, width: 98 }], stock), undefined);
  const inner = notched({ width: 190, height: 190, sides: right | top }, 120, 120, right | top);
  assert.ok(fitBlanks([corner, inner, { width: 110, height: 110, sides: right | top }], stock));
});

test("a cut-out beside a strip is no longer at the tile's edge", () => {
  // The L is 200 wide and stands at the left; 97 are left beside it for a strip of full height.
  const narrow = notched(
    { width: 200, height: 300, sides: left | bottom | top },
    150,
    150,
    right | top,
  );
  const strip = { width: 97, height: 300, sides: right | bottom | top };
  const guest = { width: 140, height: 140, sides: top };
  assert.ok(fitBlanks([narrow, strip, guest], stock));
  assert.equal(fitBlanks([narrow, strip, { ...guest, sides: top | right }], stock), undefined);
});

test("the cut-out of a U opens to one side", () => {
  const u = notched(whole, 160, 150, top);
  const guest = { width: 154, height: 147, sides: top };
  assert.ok(fitBlanks([u, guest], stock));
  assert.equal(fitBlanks([u, { ...guest, width: 154.1 }], stock), undefined);
  assert.equal(fitBlanks([u, { ...guest, sides: top | left }], stock), undefined);
});

/*
 * Tiles begin at 47, behind a cut of 44 and a joint: 1000 − 300 = 2 × 350, less 3, less 303. An
 * opening from 147 to 347 and 200 high leaves the tile an arm of 100 and 100 above: the rectangle
 * is 200 × 200, less 3 to the left and 3 above, and opens to the right and below.
 */
test("the notch of a piece on the wall is found, whichever way it opens", () => {
  const notchAt = (x: number, y: number) => {
    const wall = firstWall(
      oneWall({ height: 606, wall: { openings: [openingAt(x, y, 200, 200)] } }),
    );
    const piece = wall.pieces.find(({ kind }) => kind === "L");
    assert.ok(piece);
    return blankOf(wall, piece, 3).notch;
  };
  const found = notchAt(147, 0);
  near(found?.x, 103);
  near(found?.y, 0);
  near(found?.width, 197);
  near(found?.height, 197);
  assert.equal(found?.open, right | bottom);
  const above = notchAt(147, 100);
  assert.equal(above?.open, right | top);
  near(above?.y, 103);
  // Too low to keep: 20 less the kerf.
  assert.equal(notchAt(147, 280), undefined);
});

test("a U's notch is found between its arms", () => {
  const openings = [openingAt(450, 150, 100, 150)];
  const wall = firstWall(oneWall({ height: 606, wall: { openings } }));
  const piece = wall.pieces.find(({ kind }) => kind === "U");
  assert.ok(piece);
  const { notch } = blankOf(wall, piece, 3);
  // The middle tile stands from 350 to 650: 100 to the left of the opening, 100 to the right.
  near(notch?.x, 103);
  near(notch?.width, 94);
  near(notch?.y, 153);
  near(notch?.height, 147);
  assert.equal(notch?.open, top);
});
