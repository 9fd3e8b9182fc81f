import assert from "node:assert/strict";
import { test } from "node:test";
import { firstWall, oneWall } from "../testing.ts";
import { movePatternBy } from "./move-pattern.ts";

// Wall 1000, tile 300, joint 3: module 303, centre line at 500.
const centred = firstWall(oneWall());

test("without snapping a pattern moves by what the finger moved", () => {
  const moved = movePatternBy(centred, 0, 40, -25, 0);
  assert.deepEqual(moved, { centre: { mode: "free", shift: 40 }, drop: 25, snaps: [] });
});

test("near the centre it snaps to a tile or a joint by name", () => {
  assert.deepEqual(movePatternBy(centred, 0, 4, 0, 6).centre, { mode: "tile" });
  const joint = movePatternBy(centred, 0, 149, 30, 6);
  assert.deepEqual(joint.centre, { mode: "joint" });
  assert.deepEqual(joint.snaps, ["joint"]);
  assert.deepEqual(movePatternBy(centred, 0, 140, 0, 6).centre, { mode: "free", shift: 140 });
});

test("a whole module on is the same pattern", () => {
  const moved = movePatternBy(centred, 0, 303 + 10, 303 + 20, 0);
  assert.ok(Math.abs((moved.centre.shift ?? 0) - 10) < 1e-9);
  // 20 up is 283 below the next mark: the first-course line never rises above its mark.
  assert.ok(Math.abs(moved.drop - 283) < 1e-9);
});

test("where the centre is a niche's, equal cuts have a place of their own", () => {
  const wall = firstWall(
    oneWall({
      wall: {
        centre: { mode: "tile", about: "n" },
        openings: [
          {
            id: "n",
            kind: "niche",
            width: 100,
            height: 100,
            x: { from: "left", at: 400, to: "edge" },
            y: { from: "base", at: 500 },
          },
        ],
      },
    }),
  );
  // The niche's centre is at 450, the field's at 500: a tile 50 right of the niche's centre.
  const moved = movePatternBy(wall, 0, 48, 0, 6);
  assert.deepEqual(moved.snaps[0], "equal");
  assert.deepEqual(moved.centre, { mode: "free", shift: 50, about: "n" });
});

test("a standing half bond keeps its columns when it is moved a module", () => {
  const standing = firstWall(
    oneWall({
      tile: [300, 100],
      field: { pattern: "offset", offset: 0.5, run: "alternating", lay: "standing" },
    }),
  );
  const moved = movePatternBy(standing, 0, 103, 0, 0);
  assert.equal(moved.centre.shift, 103);
});
