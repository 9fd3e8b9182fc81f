import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { countWhole } from "../../core/cut/laid-area.ts";
import { FLAG_SIDES } from "../../core/cut/sides.ts";
import { type Box, boxesApart, boxOf } from "../../core/geometry/polygon.ts";
import { type Plan, planProject } from "../../core/plan.ts";
import {
  enclosure,
  firstWall,
  near,
  oneWall,
  SAMPLE_NAMES,
  sampleProject,
} from "../../core/testing.ts";
import { ringPath, wholeTilesPath } from "../paths/paths.ts";
import {
  flagPlace,
  frameSurround,
  haveRoom,
  type Margins,
  PHONE_MARGINS,
  WIDE_MARGINS,
} from "./layout.ts";
import { uprightStretches } from "./upright.ts";

const plans = SAMPLE_NAMES.map((name) => planProject(sampleProject(name)));

test("walls stand side by side at one scale inside the area, whatever its size", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...plans),
      fc.integer({ min: 700, max: 2600 }),
      fc.integer({ min: 400, max: 1600 }),
      (plan, width, height) => {
        const frame = frameSurround(plan, { width, height }, WIDE_MARGINS);
        assert.equal(frame.walls.length, plan.walls.length);
        frame.walls.forEach((wall, k) => {
          const before = frame.walls[k - 1];
          if (before) assert.ok(wall.left - before.right >= WIDE_MARGINS.between - 1e-6);
          assert.equal(wall.scale, frame.scale);
          assert.ok(wall.left >= WIDE_MARGINS.left - 1e-6 && wall.top >= WIDE_MARGINS.top - 1e-6);
          assert.ok(wall.right <= width - WIDE_MARGINS.right + 1e-6);
          assert.ok(wall.bottom <= height - WIDE_MARGINS.bottom + 1e-6);
          // One level line through all: y = 0 is at the same height everywhere.
          assert.equal(wall.y, frame.walls[0]?.y);
        });
      },
    ),
  );
});

test("a phone gets the one wall it asks for, as large as it fits", () => {
  const [plan] = plans;
  assert.ok(plan);
  const area = { width: 390, height: 640 };
  const frame = frameSurround(plan, area, PHONE_MARGINS, { only: "B" });
  assert.deepEqual(
    frame.walls.map(({ id }) => id),
    ["B"],
  );
  assert.ok(frame.scale > frameSurround(plan, area, PHONE_MARGINS).scale);
});

test("walls stand side by side where each has room, four of them on a desk, none on an upright tablet", () => {
  // The drawing of a page 1280 wide is 857, of one 900 wide 476.
  assert.ok(haveRoom(4, 857, WIDE_MARGINS));
  assert.ok(!haveRoom(4, 857, WIDE_MARGINS, 2), "with text twice as large");
  assert.ok(!haveRoom(3, 476, WIDE_MARGINS));
  for (const plan of plans) {
    const width = 200 + 22 * (plan.walls.length - 1) + 144 * plan.walls.length;
    assert.ok(haveRoom(plan.walls.length, width, WIDE_MARGINS));
    assert.ok(!haveRoom(plan.walls.length, width - 1, WIDE_MARGINS));
  }
});

test("the drawing is the largest thing: walls fill their pane across or up, at any text size", () => {
  const [plan] = plans;
  assert.ok(plan);
  for (const rem of [1, 1.5, 2]) {
    const area = { width: 857 * rem, height: 700 * rem };
    const { walls } = frameSurround(plan, area, WIDE_MARGINS, { rem });
    const [first, last] = [walls[0], walls.at(-1)];
    assert.ok(first && last);
    const across = last.right - first.left + rem * (WIDE_MARGINS.left + WIDE_MARGINS.right);
    near(across, area.width, 1e-6);
  }
});

test("a wall narrower than its flags has room for them, and the others share what is left", () => {
  const plan = planProject(enclosure("knee-wall", [900, 1500, 700, 300]));
  const frame = frameSurround(plan, { width: 857, height: 560 }, WIDE_MARGINS);
  const least = Math.min(...frame.walls.map(({ left, right }) => right - left));
  assert.ok(least < WIDE_MARGINS.slot, "one is narrower");
  frame.walls.forEach((wall, k) => {
    const next = frame.walls[k + 1];
    if (next) assert.ok((next.left + next.right - wall.left - wall.right) / 2 >= WIDE_MARGINS.slot);
  });
});

test("no flag covers a wall or another flag, and none leaves the drawing, on a desk and on a phone", () => {
  const desk = fc.record({
    width: fc.integer({ min: 760, max: 2400 }),
    height: fc.integer({ min: 420, max: 1500 }),
  });
  const phone = fc.record({
    width: fc.integer({ min: 360, max: 430 }),
    height: fc.integer({ min: 480, max: 760 }),
  });
  const apart = (p: Box, q: Box) =>
    boxesApart({ ...p, maxX: p.maxX - 1, maxY: p.maxY - 1 }, { ...q, minX: q.minX + 1 });
  const check = (plan: Plan, area: { width: number; height: number }, margins: Margins) => {
    const only = margins === PHONE_MARGINS ? plan.walls[0]?.id : undefined;
    const surround = frameSurround(plan, area, margins, { only });
    const flags = surround.walls.flatMap((frame) =>
      FLAG_SIDES.map((side) => flagPlace(side, frame, surround)),
    );
    const walls = surround.walls.map(
      ({ left, right, top, bottom }): Box => ({ minX: left, maxX: right, minY: top, maxY: bottom }),
    );
    flags.forEach((flag, k) => {
      assert.ok(flag.minX >= 0 && flag.maxX <= area.width && flag.minY >= 0, JSON.stringify(flag));
      assert.ok(flag.maxY <= area.height, `${flag.maxY} of ${area.height}`);
      for (const wall of walls) assert.ok(apart(flag, wall) && apart(wall, flag));
      for (const other of flags.slice(k + 1)) assert.ok(apart(flag, other) || apart(other, flag));
    });
  };
  fc.assert(
    fc.property(fc.constantFrom(...plans), desk, phone, (plan, wide, narrow) => {
      check(plan, wide, WIDE_MARGINS);
      check(plan, narrow, PHONE_MARGINS);
    }),
  );
});

test("all whole tiles are one path with a subpath each, where the plan has them", () => {
  for (const plan of plans) {
    for (const wall of plan.walls) {
      const path = wall.areas.map(wholeTilesPath).join("");
      assert.equal(
        (path.match(/M/g) ?? []).length,
        wall.areas.reduce((sum, { runs }) => sum + countWhole(runs), 0),
      );
      const starts = [...path.matchAll(/M(-?[\d.]+) (-?[\d.]+)/g)];
      const box = boxOf(wall.boundary);
      for (const [, x, y] of starts) {
        assert.ok(Number(x) >= box.minX - 0.6 && Number(x) <= box.maxX);
        assert.ok(-Number(y) >= box.minY - 0.6 && -Number(y) <= box.maxY);
      }
    }
  }
});

test("a ring is drawn with y down and closed; no ring draws nothing", () => {
  assert.equal(
    ringPath([
      [0, 0],
      [10, 0],
      [10, 5.005],
    ]),
    "M0 0L10 0L10 -5Z",
  );
  assert.equal(ringPath([]), "");
});

test("the centre line leaves openings out and starts on the floor only over a leg", () => {
  const wall = firstWall(
    oneWall({
      wall: {
        leg: { side: "right", width: 100, floorDown: 2000 },
        openings: [
          {
            id: "n",
            kind: "niche",
            width: 200,
            height: 300,
            x: { from: "left", at: 400 },
            y: { from: "base", at: 500 },
          },
        ],
      },
    }),
  );
  assert.deepEqual(uprightStretches(wall, 500), [
    [0, 500],
    [800, 1212],
  ]);
  // Without readings the level line is 1200 up, so the floor is at −800.
  assert.deepEqual(uprightStretches(wall, 950), [[-800, 1212]]);
});
