import assert from "node:assert/strict";
import { test } from "node:test";
import { codesOf, fixture, near, oneWall, planValid, wallAt } from "../testing.ts";
import { crossCheck, holeTransfers } from "./at-wall.ts";

test("a hole's centre from the neighbouring tiles, the joint taken off", () => {
  const valve = fixture({
    pipe: 48,
    escutcheon: 150,
    x: { from: "left", at: 450 },
    y: { from: "base", at: 420 },
  });
  const wall = wallAt(planValid(oneWall({ wall: { fixtures: [valve] } })), 0);
  const piece = wall.pieces.find(({ holes }) => holes.length > 0);
  const [hole] = piece ? holeTransfers(wall, piece) : [];
  // The tile spans 350–650 and 303–603; the hole is 48 + 2 × 6, the plate covers 45 more all round.
  assert.deepEqual(
    hole?.marks.map(({ side, onPiece, fromNeighbour }) => [side, onPiece, fromNeighbour]),
    [
      ["left", 100, 103],
      ["right", 200, 203],
      ["bottom", 117, 120],
      ["top", 183, 186],
    ],
  );
  near(hole?.diameter, 60);
  near(hole?.clearance, 6);
  near(hole?.bearing, 45);
});

test("figures taken at the wall that cannot all be true are named, with how much they are off", () => {
  const piece = { width: 300, height: 200 };
  const taken = { id: "p", left: 100, holeAcross: 60, right: 140, bottom: 70, holeUp: 60, top: 70 };
  assert.deepEqual(crossCheck(piece, taken), []);
  assert.deepEqual(crossCheck(piece, { ...taken, right: 120 }), [{ code: "width", by: -20 }]);
  assert.deepEqual(crossCheck(piece, { ...taken, holeUp: 54, bottom: 76 }), [
    { code: "round", by: 6 },
  ]);
  // The piece itself was measured anew: then that is what the sum is held against.
  assert.deepEqual(crossCheck(piece, { ...taken, width: 296, right: 136 }), []);
  assert.deepEqual(crossCheck(piece, { id: "p", left: 100 }), []);
});

test("marks that contradict each other are a warning of the plan, with their piece and wall", () => {
  const valve = fixture({ pipe: 48, x: { from: "left", at: 450 }, y: { from: "base", at: 420 } });
  const project = oneWall({ wall: { fixtures: [valve] } });
  const piece = wallAt(planValid(project), 0).pieces.find(({ holes }) => holes.length > 0);
  const id = piece?.id ?? "";
  const marked = (right: number) =>
    planValid({ ...project, atWall: [{ id, left: 70, holeAcross: 60, right }] }).warnings.filter(
      (warning) => warning.code === "marks-disagree",
    );
  // 70 + 60 + 170 = 300; twelve more cannot be.
  assert.deepEqual(marked(170), []);
  const [warning] = marked(182);
  assert.deepEqual([warning?.wall, warning?.piece, warning?.values.by], ["A", id, 12]);
  const gone = { ...project, atWall: [{ id: "A/99/99", left: 1, holeAcross: 2, right: 3 }] };
  assert.equal(codesOf(planValid(gone)).includes("marks-disagree"), false);
});
