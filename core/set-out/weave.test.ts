import assert from "node:assert/strict";
import { test } from "node:test";
import { expandPieces } from "../cut/expand.ts";
import { boxOf } from "../geometry/polygon.ts";
import type { Project } from "../project/schema.ts";
import { enclosure, near, planValid, wallAt } from "../testing.ts";
import type { WallPlan } from "../wall-plan.ts";
import { wovenCourse } from "./woven-course.ts";

/*
 * A knee wall of 420 round the corner from C, in 300 × 300 × 10 tile: C runs as decided, so its odd
 * courses cover D's edge. Running past and stopping differ by the tile and the joint of 3 behind it.
 */
const STEP = 13;

function kneeWall(woven: boolean, change: (project: Project) => void = () => undefined) {
  return planValid(
    enclosure("knee-wall", [900, 1500, 900, 420], (draft) => {
      draft.corners = [{ left: "C", right: "D", kind: "outside", ...(woven ? { woven } : {}) }];
      change(draft);
    }),
  );
}

/** How far the last piece of each course reaches at a side, by course. */
function reaches(wall: WallPlan, side: "left" | "right"): Map<number, number> {
  const ends = new Map<number, number>();
  for (const { course, ring } of expandPieces(wall)) {
    const { minX, maxX } = boxOf(ring);
    const known = ends.get(course);
    const at = side === "left" ? minX : maxX;
    const further = side === "left" ? Math.min : Math.max;
    ends.set(course, known === undefined ? at : further(known, at));
  }
  return ends;
}

test("courses run past and stop by turns, on the two walls by turns", () => {
  const plan = kneeWall(true);
  const [c, d] = [wallAt(plan, 2), wallAt(plan, 3)];
  const plain = [wallAt(kneeWall(false), 2), wallAt(kneeWall(false), 3)];
  const runC = boxOf(plain[0]?.boundary ?? []).maxX;
  const stopD = boxOf(plain[1]?.boundary ?? []).minX;
  for (const [course, at] of reaches(c, "right")) {
    near(at, course % 2 === 1 ? runC : runC - STEP, 1e-3);
    assert.equal(wovenCourse(c.ends.right, course), course % 2 === 1 ? "runs" : "stops");
  }
  for (const [course, at] of reaches(d, "left")) {
    near(at, course % 2 === 1 ? stopD : stopD - STEP, 1e-3);
    assert.equal(wovenCourse(d.ends.left, course), course % 2 === 1 ? "stops" : "runs");
  }
});

test("no tile is cut at a step, and what a stop takes off is tile and joint", () => {
  const [woven, plain] = [wallAt(kneeWall(true), 2), wallAt(kneeWall(false), 2)];
  const kinds = new Set(woven.pieces.map(({ kind }) => kind));
  assert.deepEqual([...kinds].sort(), ["straight"]);
  assert.equal(woven.pieces.length, plain.pieces.length);
  // Seven courses: 2, 4 and 6 stop, each a module of 303 high.
  const lost = plain.figures.fieldAreaM2.value - woven.figures.fieldAreaM2.value;
  near(lost, (3 * 303 * STEP) / 1e6, 1e-8);
});

test("steps belong to their side: base, top and the flags of foot and head stay as they are", () => {
  const [woven, plain] = [wallAt(kneeWall(true), 2), wallAt(kneeWall(false), 2)];
  const term = (wall: WallPlan, code: string) =>
    wall.figures.sealantM.terms.find((candidate) => candidate.code === code)?.value;
  // Course 1 runs and so does course 7 under the top.
  near(term(woven, "base"), term(plain, "base") ?? 0, 1e-6);
  near(term(woven, "top"), term(plain, "top") ?? 0, 1e-6);
  const flag = (wall: WallPlan, side: string) => wall.flags.find((one) => one.side === side);
  for (const side of ["top", "bottom", "left"]) {
    assert.equal(flag(woven, side)?.rows.length, flag(plain, side)?.rows.length, side);
    near(flag(woven, side)?.size, flag(plain, side)?.size ?? 0, 1e-3);
  }
  // The smaller of the two cuts is what the right flag says.
  near(flag(woven, "right")?.size, (flag(plain, "right")?.size ?? 0) - STEP, 1e-3);
});

test("the wall that is decided on runs on the odd courses", () => {
  const plan = kneeWall(true, (draft) => {
    const [corner] = draft.corners ?? [];
    if (corner) corner.runs = "right";
  });
  assert.equal(wovenCourse(wallAt(plan, 3).ends.left, 1), "runs");
  assert.equal(wovenCourse(wallAt(plan, 2).ends.right, 1), "stops");
});

test("trim, inside corners and bonds without level joints are not woven", () => {
  const trimmed = kneeWall(true, (draft) => {
    const wall = draft.walls[2];
    if (wall) wall.trim = { right: { kind: "profile", width: 10, joint: 2 } };
  });
  assert.equal(wallAt(trimmed, 2).ends.right.weave, undefined);
  assert.equal(wallAt(trimmed, 3).ends.left.weave, undefined, "neither wall, where one has trim");
  const inside = kneeWall(true, (draft) => {
    draft.corners = [{ left: "C", right: "D", kind: "inside", woven: true }];
  });
  assert.equal(wallAt(inside, 2).ends.right.weave, undefined);
  const bond = kneeWall(true, (draft) => {
    draft.field = { ...draft.field, pattern: "hexagon" };
  });
  assert.equal(wallAt(bond, 2).boundary.length, 4);
});
