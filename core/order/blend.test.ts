import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { jobOf } from "../project/job.ts";
import type { Delivery, Project } from "../project/schema.ts";
import { oneWall } from "../testing.ts";
import { blendOf, shareOut } from "./blend.ts";

function withBoxes(...boxes: [lot: string, boxes: number, caliber?: string][]): Project {
  const delivery = boxes.map(
    ([lot, count, caliber], k): Delivery => ({
      id: `lot-${k}`,
      tile: "field",
      lot,
      boxes: count,
      ...(caliber ? { caliber } : {}),
    }),
  );
  return { ...oneWall(), delivery };
}

test("lots are drawn from in the share of their boxes", () => {
  /* Six boxes and two boxes: 7.5 and 2.5 of ten; the larger remainder is the first of two alike. */
  const { lots, tiles, short } = blendOf(jobOf(withBoxes(["K4", 6], ["K7", 2])), "field", 80);
  assert.equal(tiles, 80);
  assert.equal(short, 0);
  assert.deepEqual(
    lots.map(({ tiles: of, ofTen }) => [of, ofTen]),
    [
      [60, 8],
      [20, 2],
    ],
  );
});

test("too few tiles are said, but not before any boxes were counted", () => {
  assert.equal(blendOf(jobOf(withBoxes(["K4", 3])), "field", 42).short, 12);
  assert.equal(blendOf(jobOf(withBoxes()), "field", 42).short, 0);
});

test("calibers that differ are told, one caliber is not", () => {
  const mixed = withBoxes(["K4", 3, "5"], ["K7", 3, "6"], ["K8", 1]);
  assert.deepEqual(blendOf(jobOf(mixed), "field", 10).calibers, ["5", "6"]);
  assert.deepEqual(
    blendOf(jobOf(withBoxes(["K4", 3, "5"], ["K7", 3, "5"])), "field", 10).calibers,
    [],
  );
});

test("shares are whole, add up, and are never a whole one away from exact", () => {
  const weights = fc.array(fc.nat({ max: 500 }), { minLength: 1, maxLength: 8 });
  fc.assert(
    fc.property(fc.nat({ max: 400 }), weights, (total, given) => {
      const shares = shareOut(total, given);
      const sum = given.reduce((all, weight) => all + weight, 0);
      assert.equal(
        shares.reduce((all, share) => all + share, 0),
        sum === 0 ? 0 : total,
      );
      shares.forEach((share, k) => {
        assert.ok(Number.isInteger(share));
        const exact = sum === 0 ? 0 : (total * (given[k] ?? 0)) / sum;
        assert.ok(Math.abs(share - exact) < 1);
      });
    }),
  );
});
