import assert from "node:assert/strict";
import { test } from "node:test";
import { movePatternBy } from "../adjust/move-pattern.ts";
import type { Project } from "../project/schema.ts";
import { codesOf, enclosure, near, planValid, wallAt } from "../testing.ts";
import { type CornerBond, leadingWall } from "./turn-corner.ts";

type Side = "left" | "right";

/** A corner of two walls; the back one runs, and the other goes on from it round the corner. */
function turned(bond: CornerBond, side: Side): Project {
  return enclosure("corner", [1000, 900], ({ walls, field }) => {
    field.pattern = "offset";
    field.offset = 0.5;
    const [back, other] = side === "left" ? walls : [...walls].reverse();
    if (back) back.role = "back";
    if (other) other.role = "side";
    if (other) other.centre = { mode: "corner", side, bond };
  });
}

/** Where the wall that runs is, and the one that follows it. */
const places = (side: Side) => (side === "left" ? { from: 0, to: 1 } : { from: 1, to: 0 });

/** Widths of the pieces at a wall's side by course, cut or whole. */
function atSide(project: Project, index: number, side: "left" | "right"): number[] {
  const flag = wallAt(planValid(project), index).flags.find((each) => each.side === side);
  return (flag?.rows ?? []).map(({ size }) => size);
}

test("wrap: in every course what stands on both sides and a kerf make one tile", () => {
  for (const side of ["left", "right"] as const) {
    const project = turned("wrap", side);
    const [there, here] =
      side === "left"
        ? [atSide(project, 0, "right"), atSide(project, 1, "left")]
        : [atSide(project, 1, "left"), atSide(project, 0, "right")];
    assert.ok(there.length > 4 && there.length === here.length);
    there.forEach((size, k) => {
      const both = size + (here[k] ?? 0) + 3;
      // A tile that ends in the joint at the corner leaves no drop: the next one is whole.
      assert.ok(
        Math.abs(both - 300) < 1e-6 || size > 294 || (here[k] ?? 0) > 294,
        `${side} ${size} ${here[k]}`,
      );
    });
  }
});

test("mirror: upright joints stand alike on both sides of the corner", () => {
  const project = turned("mirror", "left");
  const [there, here] = [atSide(project, 0, "right"), atSide(project, 1, "left")];
  near(here[0], there[0] ?? 0, 1e-6);
  near(here[1], there[1] ?? 0, 1e-6);
});

test("what the wall that runs does, the other one does round the corner: wrapped the same way, mirrored the other", () => {
  for (const side of ["left", "right"] as const) {
    for (const [bond, way] of [
      ["wrap", 1],
      ["mirror", -1],
    ] as const) {
      const project = turned(bond, side);
      const { from, to } = places(side);
      const before = planValid(project);
      const lead = leadingWall(before.walls, wallAt(before, to));
      assert.equal(lead.wall.id, wallAt(before, from).id);
      assert.equal(lead.way, way);
      // Dragged by the wall that follows, the one that it follows moves so that this one goes along.
      const { centre } = movePatternBy(lead.wall, 0, way * 10, 0, 0);
      const moved = structuredClone(project);
      const leader = moved.walls[from];
      assert.ok(leader);
      leader.centre = centre;
      const off = wallAt(planValid(moved), to).origin[0] - wallAt(before, to).origin[0];
      near((((off - 10) % 303) + 303 + 150) % 303, 150, 1e-6);
    }
  }
});

test("walls that follow each other all round: one stands by itself, and is told", () => {
  const round = enclosure("four-walls", [900, 800, 900, 800], (project) => {
    const { walls } = project;
    // Every wall runs into the corner at its right, and butts at its left.
    project.corners = walls.map(({ id }, k) => ({
      left: id,
      right: walls[(k + 1) % 4]?.id ?? "",
      runs: "left" as const,
    }));
    for (const wall of walls) wall.centre = { mode: "corner", side: "left", bond: "wrap" };
  });
  const plan = planValid(round);
  assert.equal(plan.walls.filter(({ follows }) => follows).length, 3);
  assert.equal(codesOf(plan).filter((code) => code === "corner-not-followed").length, 1);
});

test("where nothing runs into the corner any more, a tile stands on the centre line, and it is told", () => {
  const project = turned("wrap", "left");
  const [left, right] = project.walls.map(({ id }) => id) as [string, string];
  project.corners = [{ left, right, runs: "right" }];
  const plan = planValid(project);
  const wall = wallAt(plan, 1);
  assert.equal(wall.follows, undefined);
  near(wall.origin[0] + wall.cell.width / 2, wall.centre.x);
  assert.ok(codesOf(plan).includes("corner-not-followed"));
});
