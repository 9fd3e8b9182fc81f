import assert from "node:assert/strict";
import { test } from "node:test";
import { boxOf } from "../geometry/polygon.ts";
import type { Project } from "../project/schema.ts";
import { codesOf, enclosure, near, oneWall, planValid, wallAt } from "../testing.ts";
import { courseTops } from "./courses.ts";

/** An alcove whose back wall is laid in half offset while its sides are stacked. */
function mixed(change: (project: Project) => void = () => undefined): Project {
  return enclosure("alcove", [900, 1500, 900], (project) => {
    const [, back] = project.walls;
    if (back) back.bond = { pattern: "offset", offset: 0.5, run: "alternating", lay: "lying" };
    change(project);
  });
}

test("the back takes another bond of the same tile, and its courses meet those of the sides", () => {
  const plan = planValid(mixed());
  const [left, back] = [wallAt(plan, 0), wallAt(plan, 1)];
  assert.deepEqual(
    courseTops(back).map(({ at }) => at),
    courseTops(left).map(({ at }) => at),
  );
  // Every second course is shifted by half a module, 151.5; those of the sides by nothing.
  const starts = (wall: typeof left, course: number) =>
    Math.min(
      ...wall.pieces.filter((piece) => piece.course === course).map(({ ring }) => boxOf(ring).maxX),
    );
  near(Math.abs(starts(back, 1) - starts(back, 2)), 151.5);
  near(starts(left, 1), starts(left, 2));
});

test("a wall's own bond is warned of where its joint is too narrow for it", () => {
  const large = mixed(({ tiles, field }) => {
    field.joint = 2;
    for (const tile of tiles) tile.width = 600;
  });
  assert.ok(codesOf(planValid(large), "B").includes("offset-joint-too-narrow"));
  assert.ok(!codesOf(planValid(large), "A").includes("offset-joint-too-narrow"));
});

test("a ledger stands under any course, by whole sheets where tile comes on them", () => {
  const ledgerAt = (ledgerCourse: number | undefined, sheetRows?: number) => {
    const project = oneWall({
      setOut: {
        firstCourse: { drop: 0, ledger: true, ...(ledgerCourse ? { ledgerCourse } : {}) },
      },
    });
    const tiles = project.tiles.map((tile) => ({
      ...tile,
      ...(sheetRows ? { sheet: { columns: 2, rows: sheetRows } } : {}),
    }));
    const lines = wallAt(planValid({ ...project, tiles }), 0).lines;
    return lines.find(({ kind }) => kind === "ledger")?.from[1];
  };
  // Course 1 ends at 300: 303 under course 2, 606 under course 3, 909 under the second sheet of 3.
  assert.equal(ledgerAt(undefined), 303);
  assert.equal(ledgerAt(3), 606);
  assert.equal(ledgerAt(2, 3), 909);
});

test("a herringbone panel has its two lines, within its own edges", () => {
  const project = oneWall({ width: 2000, height: 2000 });
  const [tile] = project.tiles;
  assert.ok(tile);
  const panel = {
    ...{ id: "p", kind: "panel" as const, wall: "A", tile: "stick", joint: 2 },
    ...{ pattern: "herringbone" as const, angle: "point" as const, lay: "lying" as const },
    ...{ x: { from: "left" as const, at: 600 }, width: 800, bottom: -600, height: 900 },
  };
  const stick = { ...tile, id: "stick", width: 200, height: 50 };
  const plan = planValid({ ...project, tiles: [tile, stick], zones: [panel] });
  const lines = wallAt(plan, 0).lines.filter(({ id }) => id.startsWith("p/"));
  assert.equal(lines.length, 2);
  const [first, second] = lines;
  // Plumb, (50 + 2) ÷ √2 apart, about the panel's middle.
  near(first?.from[0], first?.to[0] ?? 0);
  near(Math.abs((second?.from[0] ?? 0) - (first?.from[0] ?? 0)), 52 / Math.SQRT2);
  assert.ok(Math.abs((first?.from[0] ?? 0) - 1000) < 60);
});

test("tile on sheets has a plumb line at a seam near the middle", () => {
  const project = oneWall({ width: 1000, tile: [48, 48], joint: 2 });
  const tiles = project.tiles.map((tile) => ({ ...tile, sheet: { columns: 6, rows: 6 } }));
  const wall = wallAt(planValid({ ...project, tiles }), 0);
  const line = wall.lines.find(({ id }) => id === "sheets");
  const x = line?.from[0] ?? 0;
  // Sheets are 300 with their joints; a seam runs in the middle of a joint.
  assert.ok(Math.abs(x - 500) <= 150);
  near(((x - wall.origin[0] + 1) / 300) % 1, 0);
});
