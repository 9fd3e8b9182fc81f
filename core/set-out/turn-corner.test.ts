import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project } from "../project/schema.ts";
import { enclosure, near, planValid, wallAt } from "../testing.ts";
import { type CornerBond, turnCorner } from "./turn-corner.ts";

/** A corner of two walls; the back one runs. The side wall's centre as `how` wants it. */
function turned(how: CornerBond, side: "left" | "right"): Project {
  const project = enclosure("corner", [1000, 900], ({ walls, field }) => {
    field.pattern = "offset";
    field.offset = 0.5;
    const back = walls[side === "left" ? 0 : 1];
    if (back) back.role = "back";
    const other = walls[side === "left" ? 1 : 0];
    if (other) other.role = "side";
  });
  const plan = planValid(project);
  const [from, to] = side === "left" ? [0, 1] : [1, 0];
  const centre = turnCorner(project, wallAt(plan, from), wallAt(plan, to), side, how);
  const draft = structuredClone(project);
  const wall = draft.walls[to];
  if (wall && centre) wall.centre = centre;
  return draft;
}

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
