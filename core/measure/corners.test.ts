import assert from "node:assert/strict";
import { test } from "node:test";
import { clearOf } from "../build-up/wall-ends.ts";
import { addWall, changeEnclosure, editCorner, removeLastWall } from "../project/commands.ts";
import { cornerAngle } from "../project/enclosure.ts";
import type { SquareReading } from "../project/schema.ts";
import { codesOf, enclosure, near, planValid, wallAt } from "../testing.ts";

const degrees = (reading: SquareReading) => ((cornerAngle(reading) ?? Number.NaN) * 180) / Math.PI;

test("angles from a 3-4-5 and from a gap at a square", () => {
  near(degrees({ kind: "diagonal", left: 900, right: 1200, diagonal: 1500 }), 90);
  near(degrees({ kind: "diagonal", left: 1000, right: 1000, diagonal: 1000 }), 60);
  // 600 × tan 1° = 10.473
  near(degrees({ kind: "gap", over: 600, gap: 10.473 }), 91, 1e-3);
  near(degrees({ kind: "gap", over: 600, gap: -10.473 }), 89, 1e-3);
  assert.equal(cornerAngle({ kind: "diagonal", left: 300, right: 400, diagonal: 800 }), undefined);
});

test("where the tile may start in a corner that is not square, by walking along the wall", () => {
  const layers = { furring: 0, board: 0, membrane: 0, bed: 4, tile: 10 };
  for (const angle of [80, 88, 90, 93, 105].map((a) => (a * Math.PI) / 180)) {
    // Along the side wall in steps: both the back and the front edge of its tile must be `away`
    // from the back wall, which is the x axis; the room lies above it.
    const away = 17;
    let start = 0;
    const height = (s: number, n: number) => s * Math.sin(angle) - n * Math.cos(angle);
    while (Math.min(height(start, 4), height(start, 14)) < away) start += 0.001;
    near(clearOf(away, layers, angle), start, 0.002);
  }
});

test("a square corner changes no offset; an open one moves the butting wall's start", () => {
  const plain = planValid(enclosure("alcove", [900, 1500, 900]));
  const square = (gap: number) =>
    planValid(
      enclosure("alcove", [900, 1500, 900], (draft) =>
        editCorner("B", "C", { square: { kind: "gap", over: 600, gap } }).change(draft),
      ),
    );
  const start = (plan: typeof plain) => wallAt(plan, 2).ends.left.offset;
  near(start(square(0)), start(plain));
  assert.notEqual(start(square(12)), start(plain));
  const [finding] = square(12).findings.corners;
  // 12 in 600 is 18 over the 900 of wall C.
  near(finding?.runOut, 18);
  assert.equal(finding?.butts, "C");
  near(finding?.narrower, start(square(12)) - start(plain));
  // The joint opens by tile × tan: 10 × 12 ÷ 600.
  near(finding?.jointTaper, 0.2);
  assert.ok(codesOf(square(12), "C").includes("corner-out-of-square"));
  assert.ok(!codesOf(square(1), "C").includes("corner-out-of-square"));
});

test("round an outside corner one wall's tile covers the other's edge", () => {
  const plan = planValid(
    enclosure("knee-wall", [900, 1500, 900, 120], (draft) => {
      draft.settings = { trowelAngleDeg: 90 };
    }),
  );
  const { bed, tile } = plan.buildUp;
  const ends = [wallAt(plan, 2).ends.right, wallAt(plan, 3).ends.left];
  assert.deepEqual(
    ends.map(({ kind, outside }) => [kind, outside]),
    [
      ["runs", true],
      ["butts", true],
    ],
  );
  // C runs out over D's bed and tile; D's tile stops the corner joint of 3 short of C's back.
  near(ends[0]?.offset, -(bed + tile));
  near(ends[1]?.offset, 3 - bed);
  // No soft joint round the outside: D owns base and top only.
  const { terms } = wallAt(plan, 3).figures.sealantM;
  near(terms.find(({ code }) => code === "leftCorner")?.value, 0);
  // The field of C reaches past its film: 900 less the butt at B, more the overhang.
  near(
    wallAt(plan, 2).figures.fieldAreaM2.terms[0]?.value,
    ((900 - (bed + tile + 3) + bed + tile) * (2000 - 6)) / 1e6,
    1e-9,
  );
});

test("trim at an outside corner takes the place of the overhang", () => {
  const plan = planValid(
    enclosure("knee-wall", [900, 1500, 900, 120], (draft) => {
      const wall = draft.walls[2];
      if (wall) wall.trim = { right: { kind: "profile", width: 10, joint: 2 } };
    }),
  );
  const { bed, tile } = plan.buildUp;
  near(wallAt(plan, 2).ends.right.offset, 12 - bed - tile);
});

test("an enclosure that is changed to a knee wall gets its outside corner, and back loses it", () => {
  const project = enclosure("alcove", [900, 1500, 900]);
  changeEnclosure("knee-wall").change(project);
  assert.equal(project.walls.length, 4);
  assert.deepEqual(project.corners, [{ left: "C", right: "D", kind: "outside" }]);
  changeEnclosure("alcove").change(project);
  assert.deepEqual(project.corners, []);
});

test("walls are added at the right, and the last goes with its corners", () => {
  const project = enclosure("alcove", [900, 1500, 900]);
  addWall().change(project);
  assert.deepEqual(
    project.walls.map(({ id }) => id),
    ["A", "B", "C", "D"],
  );
  editCorner("C", "D", { kind: "outside" }).change(project);
  const plan = planValid(project);
  assert.equal(wallAt(plan, 3).ends.left.outside, true);
  removeLastWall().change(project);
  assert.equal(project.walls.length, 3);
  assert.deepEqual(project.corners, []);
  for (let k = 0; k < 5; k++) removeLastWall().change(project);
  assert.deepEqual(
    project.walls.map(({ id }) => id),
    ["A"],
  );
});

test("sides and a diagonal that make no triangle are said, and the corner stays square", () => {
  const plan = planValid(
    enclosure("corner", [900, 900], (draft) =>
      editCorner("A", "B", {
        square: { kind: "diagonal", left: 300, right: 400, diagonal: 800 },
      }).change(draft),
    ),
  );
  assert.ok(codesOf(plan).includes("diagonal-impossible"));
});
