import assert from "node:assert/strict";
import { test } from "node:test";
import { expandPieces } from "../cut/expand.ts";
import { contains, type Point, translate } from "../geometry/polygon.ts";
import type { Project } from "../project/schema.ts";
import { firstWall, oneWall, planValid, wallAt } from "../testing.ts";
import { tileNumber, tileOffset } from "./lattice.ts";
import { fieldPattern } from "./pattern.ts";

type Field = Partial<Project["field"]>;

/** Lower left corner of the tile with a course and column, from the pattern alone. */
function cornerOf(field: Field, course: number, column: number): Point {
  const cell = fieldPattern(oneWall({ tile: [600, 300], joint: 3, field }));
  for (let shape = 0; shape < cell.shapes.length; shape++) {
    for (let i = -12; i <= 12; i++) {
      for (let j = -12; j <= 12; j++) {
        const number = tileNumber(cell, { shape, i, j });
        if (number.course !== course || number.column !== column) continue;
        const ring = translate(cell.shapes[shape]?.ring ?? [], tileOffset(cell, [0, 0], i, j));
        return (ring[0] as Point).map(
          (value) => Math.round(value * 1000) / 1000 + 0,
        ) as unknown as Point;
      }
    }
  }
  throw new Error(`no tile ${course}/${column}`);
}

test("lying bonds: module 603 along, 303 up, shifts by the course", () => {
  const stacked: Field = { pattern: "stacked", lay: "lying" };
  assert.deepEqual(cornerOf(stacked, 1, 1), [0, 0]);
  assert.deepEqual(cornerOf(stacked, 3, 2), [603, 606]);
  const half: Field = { pattern: "offset", offset: 0.5, run: "alternating", lay: "lying" };
  assert.deepEqual(cornerOf(half, 1, 1), [0, 0]);
  assert.deepEqual(cornerOf(half, 2, 1), [301.5, 303]);
  assert.deepEqual(cornerOf(half, 3, 1), [0, 606]);
  assert.deepEqual(cornerOf(half, 0, 1), [301.5, -303]);
  const stepped: Field = { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "lying" };
  assert.deepEqual(cornerOf(stepped, 2, 1), [201, 303]);
  assert.deepEqual(cornerOf(stepped, 3, 1), [402, 606]);
  assert.deepEqual(cornerOf(stepped, 0, 1), [-201, -303]);
  const alternating: Field = { pattern: "offset", offset: 1 / 3, run: "alternating", lay: "lying" };
  assert.deepEqual(cornerOf(alternating, 2, 1), [201, 303]);
  assert.deepEqual(cornerOf(alternating, 3, 1), [0, 606]);
});

test("standing bonds: the same by columns, upward", () => {
  const half: Field = { pattern: "offset", offset: 0.5, run: "alternating", lay: "standing" };
  assert.deepEqual(cornerOf(half, 1, 1), [0, 0]);
  assert.deepEqual(cornerOf(half, 1, 2), [303, 301.5]);
  assert.deepEqual(cornerOf(half, 1, 3), [606, 0]);
  assert.deepEqual(cornerOf(half, 2, 1), [0, 603]);
  const stepped: Field = { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "standing" };
  assert.deepEqual(cornerOf(stepped, 1, 2), [303, 201]);
  assert.deepEqual(cornerOf(stepped, 1, 0), [-303, -201]);
});

test("whole tiles in runs are the tiles that lie wholly inside, one by one", () => {
  const fields: Field[] = [
    { pattern: "stacked", lay: "lying" },
    { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "lying" },
    { pattern: "offset", offset: 0.5, run: "alternating", lay: "standing" },
  ];
  for (const field of fields) {
    const wall = firstWall(
      oneWall({
        width: 2000,
        height: 1900,
        tile: [157, 71],
        field,
        wall: {
          openings: [
            {
              id: "n",
              kind: "niche",
              width: 400,
              height: 300,
              x: { from: "left", at: 700 },
              y: { from: "base", at: 800 },
            },
          ],
        },
      }),
    );
    const [opening] = wall.openings;
    let inside = 0;
    for (let i = -80; i <= 80; i++) {
      for (let j = -80; j <= 80; j++) {
        for (const { ring } of wall.cell.shapes) {
          const corners = translate(ring, tileOffset(wall.cell, wall.origin, i, j));
          const within = corners.every(
            ([x, y]) => x > -1e-3 && x < 2000.001 && y > -1e-3 && y < 1900.001,
          );
          const [low, , high] = corners as [Point, Point, Point];
          const clear =
            !opening ||
            high[0] <= opening.x + 1e-3 ||
            low[0] >= opening.x + 400 - 1e-3 ||
            high[1] <= opening.y + 1e-3 ||
            low[1] >= opening.y + 300 - 1e-3;
          if (within && clear) inside++;
        }
      }
    }
    assert.equal(wall.figures.tilesFull.value, inside, JSON.stringify(field));
    const whole = expandPieces(wall).filter(({ kind }) => kind === "none");
    assert.ok(
      whole.every(({ ring }) =>
        ring.every((corner) =>
          contains(wall.boundary, [
            (corner[0] - 1000) * 0.9999 + 1000,
            (corner[1] - 950) * 0.9999 + 950,
          ]),
        ),
      ),
    );
  }
});

test("the centre line is the field's, the base's, or that of an opening or fixture", () => {
  const about = (centre: string) => {
    const wall = firstWall(
      oneWall({
        wall: {
          centre: { mode: "tile", about: centre },
          trim: { left: { kind: "profile", width: 10, joint: 2 } },
          leg: { side: "right", width: 100, floorDown: 2000 },
          fixtures: [
            {
              id: "f",
              kind: "valve",
              pipe: 20,
              x: { from: "left", at: 222 },
              y: { from: "base", at: 500 },
            },
          ],
        },
      }),
    );
    return [wall.centre.about, wall.centre.x];
  };
  // Trim takes 12 off the left: (12 + 1000) ÷ 2; the base ends at 900: (12 + 900) ÷ 2.
  assert.deepEqual(about("wall"), ["wall", 506]);
  assert.deepEqual(about("base"), ["base", 456]);
  assert.deepEqual(about("f"), ["f", 222]);
  // What it was the centre of may be gone: then it is the field's again.
  assert.deepEqual(about("gone"), ["wall", 506]);
});

test("dropping the first course cuts it everywhere and moves all courses", () => {
  const plan = planValid(oneWall({ setOut: { firstCourse: { drop: 40 } } }));
  assert.equal(plan.first.y, 260);
  const bottom = wallAt(plan, 0).flags.find(({ side }) => side === "bottom");
  assert.equal(Math.round(bottom?.size ?? 0), 260);
  // Courses end at 260, 563, 866, 1169: 1212 − 1172 = 40 is left for the top.
  const top = wallAt(plan, 0).flags.find(({ side }) => side === "top");
  assert.equal(Math.round(top?.size ?? 0), 40);
  assert.ok(top?.sliver);
});

test("flags ignore openings, and tell both ends of a tapered corner cut", () => {
  const wall = firstWall(
    oneWall({
      wall: {
        lean: { right: { offset: -12.12, over: 1212 } },
        openings: [
          {
            id: "n",
            kind: "niche",
            width: 190,
            height: 300,
            x: { from: "left", at: 5 },
            y: { from: "base", at: 303 },
          },
        ],
        centre: { mode: "joint" },
      },
    }),
  );
  const left = wall.flags.find(({ side }) => side === "left");
  assert.equal(left?.rows.length, 4);
  assert.ok(left?.rows.every(({ size }) => Math.abs(size - 195.5) < 1e-6));
  // The right corner leans 0.01 a mm to the left: 195.5 at the base, 3 less over each tile.
  const right = wall.flags.find(({ side }) => side === "right");
  const [first] = right?.rows ?? [];
  assert.ok(Math.abs((first?.ends[0] ?? 0) - 195.5) < 1e-6);
  assert.ok(Math.abs((first?.ends[1] ?? 0) - 192.5) < 1e-6);
});

test("more tiles than a wall can hold are a stop, not a hang", () => {
  const project = oneWall({ width: 30_000, height: 20_000, tile: [6, 6], joint: 1.6 });
  const plan = planValid(project);
  assert.ok(plan.warnings.some(({ code }) => code === "too-many-tiles"));
  assert.equal(plan.totals.tilesFull, 0);
});
