import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Project, Wall } from "../project/schema.ts";
import { enclosure, near, planValid, runs } from "../testing.ts";

/*
 * Invented rooms whose truth is known: their readings are taken with the noise of a good laser,
 * and the survey must find the room again, within what that noise can do.
 */

const NOISE = 0.4;
const LEVEL = 1200;

interface Room {
  widths: number[];
  /** Height of the base in each corner, from the left; the first again at the end of a ring. */
  base: number[];
  ceiling: number[];
  leans: number[];
}

const room = (walls: number, ring: boolean): fc.Arbitrary<Room> => {
  const corners = ring ? walls : walls + 1;
  const list = (least: number, most: number, count: number) =>
    fc.array(fc.double({ min: least, max: most, noNaN: true }), {
      minLength: count,
      maxLength: count,
    });
  return fc.record({
    widths: ring
      ? fc.tuple(list(800, 2000, 2)).map(([[a, b]]) => [a, b, a, b] as number[])
      : list(700, 2200, walls),
    base: list(0, 15, corners),
    ceiling: list(2300, 2330, corners),
    leans: list(-8, 8, corners),
  });
};

const noises = fc.infiniteStream(fc.double({ min: -NOISE, max: NOISE, noNaN: true }));

/** Takes the readings of a room: level line down and up near both corners, widths, leans. */
function survey(kind: Project["enclosure"]["kind"], truth: Room, noise: () => number): Project {
  const corner = (list: number[], k: number) => list[k % list.length] ?? 0;
  return enclosure(kind, truth.widths, (draft) => {
    draft.walls.forEach((wall, k) => {
      const width = truth.widths[k] ?? 0;
      const along = (list: number[], x: number) => {
        const [from, to] = [corner(list, k), corner(list, k + 1)];
        return from + ((to - from) * x) / width;
      };
      const at = [40, width / 2, width - 40];
      wall.base = at.map((x) => ({
        from: "left",
        at: x,
        down: LEVEL - along(truth.base, x) + noise(),
      }));
      wall.top = at.map((x) => ({
        from: "left",
        at: x,
        up: along(truth.ceiling, x) - LEVEL + noise(),
      }));
      const [left, right] = [corner(truth.leans, k), corner(truth.leans, k + 1)];
      wall.lean = {
        left: { offset: left + noise(), over: 2000 },
        right: { offset: right + noise(), over: 2000 },
      };
      wall.width = {
        bottom: width + noise(),
        top:
          width +
          ((right - left) / 2000) * (corner(truth.ceiling, k) - corner(truth.base, k)) +
          noise(),
      };
    });
  });
}

/** What noise in readings 40 from the corner and at the middle can do to the corner itself. */
const REACH = NOISE * 1.4;

test("a room is found again within the noise, and nothing contradicts", () => {
  fc.assert(
    fc.property(room(3, false), noises, (truth, stream) => {
      const plan = planValid(survey("alcove", truth, () => stream.next().value as number));
      const lowest = Math.min(...truth.base);
      const said = Math.max(...truth.base) - lowest;
      near(plan.fall, said, 2 * REACH);
      near(plan.levelY, LEVEL - lowest, REACH);
      plan.walls.forEach(({ measured }, k) => {
        const span = (truth.ceiling[k + 1] ?? 0) - (truth.ceiling[k] ?? 0);
        near(measured.topSlope, span, 2 * REACH);
        near(measured.left.slope * 2000, truth.leans[k] ?? 0, NOISE + 1e-9);
      });
      assert.deepEqual(
        plan.findings.misclosures.filter(({ size, tolerance }) => Math.abs(size) > tolerance),
        [],
      );
    }),
    { numRuns: runs(150) },
  );
});

test("four walls close round the level line and in plan", () => {
  fc.assert(
    fc.property(room(4, true), noises, (truth, stream) => {
      const plan = planValid(survey("four-walls", truth, () => stream.next().value as number));
      const kinds = plan.findings.misclosures.map(({ kind }) => kind);
      assert.ok(kinds.includes("level-loop") && kinds.includes("plan-loop"));
      const loop = plan.findings.misclosures.find(({ kind }) => kind === "plan-loop");
      // Four widths, each off by the noise at most.
      assert.ok((loop?.size ?? 99) <= 4 * NOISE + 1e-9);
    }),
    { numRuns: runs(60) },
  );
});

/** The room's readings without noise, and one of them changed. */
function oneBad(kind: Project["enclosure"]["kind"], change: (walls: Wall[]) => void) {
  const truth: Room = {
    widths: [900, 1500, 900, 1500].slice(0, kind === "alcove" ? 3 : 4),
    base: [4, 0, 6, 9],
    ceiling: [2310, 2305, 2300, 2303],
    leans: [3, -2, 0, 5],
  };
  const project = survey(kind, truth, () => 0);
  change(project.walls);
  return planValid(project)
    .findings.misclosures.filter(({ size, tolerance }) => Math.abs(size) > tolerance)
    .map(({ kind: found, wall, size }) => [found, wall, Math.round(size * 10) / 10]);
}

test("one bad reading is found where it is, with its size, and is not averaged away", () => {
  assert.deepEqual(
    oneBad("alcove", () => undefined),
    [],
  );
  assert.deepEqual(
    oneBad("alcove", ([, back]) => {
      if (back) back.width.top = (back.width.top ?? 0) + 12;
    }),
    [["width-lean", "B", 12]],
  );
  // The last reading of A is 25 low: continued 40 to the corner it says 25 × (450 ÷ 410) = 27.4.
  const base = oneBad("alcove", ([left]) => {
    const last = left?.base[2];
    if (last) last.down += 25;
  });
  assert.equal(base.length, 1);
  assert.deepEqual(base[0]?.slice(0, 2), ["base-at-corner", "A"]);
  near(base[0]?.[2] as number, -25 * (1 + 40 / 410), 0.06);
  assert.deepEqual(
    oneBad("alcove", ([, , right]) => {
      if (right) right.widths = [{ id: "w", level: 0, width: right.width.bottom + 9 }];
    }).map(([kind, wall]) => [kind, wall]),
    [["width-between", "C"]],
  );
});

test("in a closed room a width that is off opens the plan, and a tilted line the level loop", () => {
  const plan = oneBad("four-walls", ([, second]) => {
    if (second) {
      second.width.bottom += 15;
      second.width.top = (second.width.top ?? 0) + 15;
    }
  });
  assert.deepEqual(
    plan.filter(([kind]) => kind === "plan-loop"),
    [["plan-loop", undefined, 15]],
  );
  // A laser that drifts 2 mm a wall: each corner hides it (2 is tolerated), the loop does not.
  const drift = oneBad("four-walls", (walls) =>
    walls.forEach((wall, k) => {
      for (const reading of wall.base) reading.down += 2 * k;
    }),
  );
  assert.ok(drift.some(([kind]) => kind === "base-at-corner"));
  const slow = oneBad("four-walls", (walls) =>
    walls.forEach((wall) => {
      const [first, , last] = wall.base;
      if (first && last) last.down -= 1;
    }),
  );
  assert.deepEqual(
    slow.map(([kind]) => kind),
    ["level-loop"],
  );
});
