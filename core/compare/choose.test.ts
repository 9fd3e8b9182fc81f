import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall } from "../testing.ts";
import { countsOn, looksAlike } from "./choose.ts";
import type { Layout } from "./layout.ts";
import { best, modelOf } from "./testing.ts";

/** A wall in 300 × 300, joint 3: the wall as it is searched, and a layout that others are made from. */
function wallIn(offset: number, run: "stepped" | "alternating") {
  const field = { pattern: "offset", offset, run } as const;
  const model = modelOf(oneWall({ width: 909, height: 606, field }));
  return { walls: model.walls, layout: best(model).layout };
}

const moved = ({ foot, walls, ...rest }: Layout, up: number, on: number): Layout => ({
  ...rest,
  foot: foot + up,
  walls: walls.map((wall) => ({ ...wall, left: wall.left + on })),
});

test("rows that count from the one below are the same layout where the bond goes on alike", () => {
  const half = wallIn(0.5, "alternating");
  // A row further down begins half a module on.
  assert.ok(looksAlike(half.layout, moved(half.layout, -303, 151.5), half.walls));
  assert.ok(!looksAlike(half.layout, moved(half.layout, -303, 0), half.walls));
  assert.ok(!looksAlike(half.layout, moved(half.layout, 0, 151.5), half.walls));
  const third = wallIn(1 / 3, "stepped");
  assert.ok(looksAlike(third.layout, moved(third.layout, -303, -101), third.walls));
  assert.ok(!looksAlike(third.layout, moved(third.layout, -303, 101), third.walls));
});

test("thirds that alternate are another bond when they begin with the second row", () => {
  const { walls, layout } = wallIn(1 / 3, "alternating");
  assert.ok(!walls.every(({ bond }) => countsOn(bond)));
  assert.ok(!looksAlike(layout, moved(layout, -303, -101), walls));
  assert.ok(looksAlike(layout, moved(layout, 2, 5), walls));
});
