import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { ModelBond } from "../set-out/row-bond.ts";
import { near, runs } from "../testing.ts";
import { judgeField } from "./evaluate.ts";
import type { ModelWall } from "./model.ts";
import { rowsAt } from "./rows.ts";

const bond: ModelBond = {
  length: 100,
  depth: 60,
  joint: 3,
  shiftOf: (row) => (row % 2 === 0 ? 0 : 51.5),
  shifts: [0, 51.5],
  standing: false,
  slivers: { along: 31, across: 18 },
};

function wallOf(patch: Partial<ModelWall> = {}): ModelWall {
  return {
    id: "w",
    bond,
    alongFrom: 0,
    alongTo: 700,
    wedge: { start: 0, end: 0, foot: 0, head: 0 },
    floors: [],
    acrossFrom: 0,
    acrossTo: 500,
    openings: [],
    holes: [],
    bands: [],
    counts: 1,
    ...patch,
  };
}

test("rows of one shift are one class, those that foot or head cut are told apart", () => {
  /* Nine rows of 60 and 3 from −30: the first and the last (474, cut at 500) are even ones. */
  const { classes, met } = rowsAt(bond, wallOf(), { along: 0, across: -30 });
  assert.deepEqual(met, []);
  assert.deepEqual(classes, [
    { shift: 0, whole: 3, cut: 2, met: 0 },
    { shift: 51.5, whole: 4, cut: 0, met: 0 },
  ]);
});

test("rows that an opening or a hole meets are met, with where along the row", () => {
  const wall = wallOf({
    openings: [{ id: "n", x0: 200, x1: 350, y0: 100, y1: 220 }],
    holes: [{ x: 600, y: 130, radius: 20 }],
  });
  const { met, openings, holes } = rowsAt(bond, wall, { along: 0, across: 0 });
  // Rows begin at 63, 126, 189; the hole reaches from 110 to 150.
  assert.deepEqual(
    met.map(({ low, spans }) => [low, spans.length]),
    [
      [63, 2],
      [126, 2],
      [189, 1],
    ],
  );
  assert.deepEqual(
    openings[0]?.rows.map(({ whole, arm }) => [whole, arm]),
    [
      [false, 37],
      [true, -34],
      [false, 29],
    ],
  );
  near(holes[0]?.up, 4);
});

test("what is asked for again is the same plan, and another height is another", () => {
  const wall = wallOf();
  const once = rowsAt(bond, wall, { along: 0, across: 5 });
  assert.equal(rowsAt(bond, wall, { along: 40, across: 5 }), once);
  assert.notEqual(rowsAt(bond, wall, { along: 40, across: 6 }), once);
  assert.notEqual(rowsAt(bond, wall, { along: 40, across: 5, niche: 90 }), once);
});

/** Every tile of the rows clipped to the wall and its opening one by one. */
function countByTile(wall: ModelWall, along: number, across: number) {
  let [tiles, cuts] = [0, 0];
  for (let row = -12; row <= 12; row++) {
    for (let column = -14; column <= 14; column++) {
      const x = along + bond.shiftOf(Math.abs(row)) + column * 103;
      const y = across + row * 63;
      const [x0, x1] = [Math.max(x, wall.alongFrom), Math.min(x + 100, wall.alongTo)];
      const [y0, y1] = [Math.max(y, wall.acrossFrom), Math.min(y + 60, wall.acrossTo)];
      if (x1 - x0 < 0.5 || y1 - y0 < 0.5) continue;
      const [hole] = wall.openings;
      const covered = hole && x0 >= hole.x0 && x1 <= hole.x1 && y0 >= hole.y0 && y1 <= hole.y1;
      const met = hole && x1 > hole.x0 && x0 < hole.x1 && y1 > hole.y0 && y0 < hole.y1;
      if (covered) continue;
      tiles++;
      if (met || x1 - x0 <= 99.5 || y1 - y0 <= 59.5) cuts++;
    }
  }
  return { tiles, cuts };
}

test("tiles counted by classes of rows are those counted one by one", () => {
  const thousandths = (least: number, most: number) =>
    fc.integer({ min: least * 1000, max: most * 1000 }).map((value) => value / 1000 + 1e-4);
  fc.assert(
    fc.property(
      thousandths(-100, 0),
      thousandths(-60, 0),
      fc.tuple(thousandths(20, 400), thousandths(20, 300)),
      fc.tuple(thousandths(40, 250), thousandths(40, 180)),
      (along, across, [x0, y0], [width, height]) => {
        const wall = wallOf({
          openings: [{ id: "n", x0, x1: x0 + width, y0, y1: y0 + height }],
        });
        const { terms } = judgeField(bond, wall, { along, across });
        const byTile = countByTile(wall, along, across);
        // A tile that an edge of the opening takes less than half a millimetre of may go either way.
        const touchy = [x0 - along, x0 + width - along, y0 - across, y0 + height - across];
        const near0 = touchy.some((edge, k) => {
          const [size, step] = k < 2 ? [100, 51.5] : [60, 63];
          const rests = [edge, edge - size].map(
            (rest) => Math.abs(rest / step - Math.round(rest / step)) * step,
          );
          return Math.min(...rests) < 0.6;
        });
        if (near0) return;
        assert.deepEqual({ tiles: terms.tiles, cuts: terms.cuts }, byTile);
      },
    ),
    { numRuns: runs(300) },
  );
});
