import assert from "node:assert/strict";
import { test } from "node:test";
import { numberSeat } from "./number-seat.ts";

test("a number stands upright where it has room, and turns in a strip", () => {
  assert.deepEqual(numberSeat(40, 30), { size: 12, turned: false });
  assert.deepEqual(numberSeat(17, 12), { size: 12, turned: false });
  assert.deepEqual(numberSeat(14, 30), { size: 12, turned: true });
  assert.deepEqual(numberSeat(10, 30), { size: 10, turned: true });
});

test("a sliver of a few pixels, or a low strip, has no number in it", () => {
  assert.equal(numberSeat(6, 40), undefined);
  assert.equal(numberSeat(40, 8), undefined);
  assert.equal(numberSeat(10, 15), undefined);
});
