import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { moveItemBy } from "../adjust/move-opening.ts";
import { evaluateWall } from "../compare/evaluate-wall.ts";
import { APART, fine, modelOf } from "../compare/testing.ts";
import { boxOf } from "../geometry/polygon.ts";
import type { Project, Shelf } from "../project/schema.ts";
import { codesOf, enclosure, near, planValid, runs, wallAt } from "../testing.ts";
import { nextLevel, shelfLevels } from "./shelves.ts";

/** Two walls, 300 × 300 tile with a joint of 3, and a shelf of 200 × 20 in their corner. */
function withShelf(patch: Partial<Shelf> = {}, change?: (project: Project) => void): Project {
  const project = enclosure("corner", [1000, 900], change);
  const [left, right] = project.walls.map(({ id }) => id) as [string, string];
  const shelf: Shelf = {
    id: "shelf",
    left,
    right,
    leg: 200,
    thickness: 20,
    level: 0,
    set: "slot",
    ...patch,
  };
  return { ...project, shelves: [shelf] };
}

const plain = () => planValid(enclosure("corner", [1000, 900]));

/** The shelf's levels at which the course under it stays whole. */
function levelsOf(project: Project): number[] {
  const plan = planValid(project);
  return shelfLevels(plan.levelY, wallAt(plan, 0));
}

/** A job whose shelf rests on a course; `up` mm above it otherwise. */
function onCourse(up = 0, patch: Partial<Shelf> = {}): Project {
  const level = nextLevel(levelsOf(withShelf()), 0, true) ?? Number.NaN;
  return withShelf({ level: level + up, ...patch });
}

test("both walls lose the shelf's edge and a joint round it, from where their tile begins", () => {
  const [before, after] = [plain(), planValid(onCourse())];
  const sides = ["right", "left"] as const;
  sides.forEach((side, k) => {
    const lost =
      wallAt(before, k).figures.fieldAreaM2.value - wallAt(after, k).figures.fieldAreaM2.value;
    const { offset } = wallAt(after, k).ends[side];
    near(lost, ((200 + 3 - offset) * (20 + 2 * 3)) / 1e6, 1e-8);
  });
  // It is sealed over and under and round its end on each wall; the film runs on behind it.
  near(after.totals.sealantM - before.totals.sealantM, (2 * (2 * 200 + 20)) / 1000, 1e-9);
  near(after.totals.membraneAreaM2, before.totals.membraneAreaM2);
  assert.deepEqual(
    after.board.walls.map(({ openings }) => openings),
    [[], []],
  );
});

test("its underside is at one height on both walls, also where they lean", () => {
  const plan = planValid(
    withShelf({ level: 130 }, ({ walls }) => {
      for (const wall of walls) {
        wall.lean = { left: { offset: 12, over: 1800 }, right: { offset: -9, over: 1800 } };
      }
    }),
  );
  const rings = [0, 1].map((k) => boxOf(wallAt(plan, k).shelves[0]?.ring ?? []));
  for (const { minY, maxY } of rings) {
    near(minY, plan.levelY + 130);
    near(maxY - minY, 20);
  }
});

test("on a course only the tiles above it are cut for it", () => {
  const [before, after] = [plain(), planValid(onCourse())];
  for (const k of [0, 1]) {
    const [was, is] = [wallAt(before, k), wallAt(after, k)];
    const key = ({ course, column, ring }: (typeof is.pieces)[number]) =>
      JSON.stringify([course, column, ring]);
    const known = new Set(was.pieces.map(key));
    const changed = is.pieces.filter((piece) => !known.has(key(piece)));
    const [slot] = is.openings;
    assert.ok(slot && changed.length > 0);
    for (const { ring } of changed) assert.ok(boxOf(ring).minY > slot.y - 1e-6);
    assert.deepEqual([...new Set(changed.map(({ course }) => course))].length, 1);
  }
  assert.ok(!codesOf(after).includes("shelf-off-joint"));
});

test("off the courses it says how far to go to the nearer one", () => {
  for (const up of [40, -40]) {
    const { warnings } = planValid(onCourse(up));
    const off = warnings.find((each) => each.code === "shelf-off-joint");
    near(off?.values.move, -up, 1e-6);
  }
});

test("in courses of two heights a shelf rests on either", () => {
  const shelfAt = (level: number) =>
    withShelf({ level }, (project) => {
      project.field = { ...project.field, pattern: "two-heights" };
    });
  const levels = levelsOf(shelfAt(0));
  const [first, second, third] = levels as [number, number, number];
  // 148.5 and a joint of 3, then 300 and a joint.
  near(second - first, 151.5, 1e-6);
  near(third - second, 303, 1e-6);
  for (const level of [second, third]) {
    assert.ok(!codesOf(planValid(shelfAt(level))).includes("shelf-off-joint"));
    const off = planValid(shelfAt(level + 40)).warnings.find(
      (each) => each.code === "shelf-off-joint",
    );
    near(off?.values.move, -40, 1e-6);
  }
});

test("it goes up and down by courses, and not past the last one", () => {
  const levels = [-300, 3, 306];
  assert.equal(nextLevel(levels, 3, true), 306);
  assert.equal(nextLevel(levels, 3, false), -300);
  assert.equal(nextLevel(levels, 100, false), 3);
  assert.equal(nextLevel(levels, 306, true), undefined);
  assert.equal(nextLevel(levels, -300, false), undefined);
});

test("dragged it moves up and down alone, on both walls, and snaps to a course", () => {
  const level = (project: Project, dy: number, reach: number) => {
    const wall = wallAt(planValid(project), 1);
    const { command, snaps } = moveItemBy(wall, "shelf", 70, dy, reach);
    command?.change(project);
    return { level: project.shelves?.[0]?.level ?? Number.NaN, snaps };
  };
  const target = nextLevel(levelsOf(withShelf()), 0, true) ?? Number.NaN;
  const near6 = level(withShelf({ level: target - 36 }), 30, 10);
  near(near6.level, target);
  assert.deepEqual(near6.snaps, ["item-joint"]);
  const free = level(withShelf({ level: target - 36 }), 30, 0);
  near(free.level, target - 6);
  assert.deepEqual(free.snaps, []);
});

test("hung on the tile it cuts nothing and wants blocking", () => {
  const hung = withShelf({ set: "tile" });
  const [before, after] = [plain(), planValid(hung)];
  near(after.totals.fieldAreaM2, before.totals.fieldAreaM2);
  assert.equal(after.totals.tilesCut, before.totals.tilesCut);
  assert.ok(codesOf(after).includes("shelf-without-blocking"));
  const block = { id: "b", wall: hung.walls[1]?.id ?? "", name: "Shelf", from: "left" as const };
  hung.build = { blocking: [{ ...block, at: 100, level: 0, width: 300, height: 140 }] };
  assert.ok(!codesOf(planValid(hung)).includes("shelf-without-blocking"));
});

test("one that stands in no corner, or leaves the tile, is told and does not harm the plan", () => {
  const outside = withShelf({}, (project) => {
    const [left, right] = project.walls.map(({ id }) => id) as [string, string];
    project.corners = [{ left, right, kind: "outside" }];
  });
  assert.ok(codesOf(planValid(outside)).includes("shelf-no-corner"));
  assert.equal(wallAt(planValid(outside), 0).shelves.length, 0);
  for (const patch of [{ leg: 1200 }, { level: 5000 }, { level: -5000 }]) {
    assert.ok(codesOf(planValid(withShelf(patch))).includes("opening-leaves-wall"));
  }
});

test("the layout search counts cuts round a shelf as the plan does", () => {
  const places = fc.record({
    level: fine(-600, 600),
    leg: fine(60, 290),
    shift: fine(-150, 150, APART[1]),
    drop: fine(0, 250, APART[1]),
  });
  fc.assert(
    fc.property(places, ({ level, leg, shift, drop }) => {
      const project = withShelf({ level, leg }, ({ walls, setOut }) => {
        setOut.firstCourse.drop = drop;
        for (const wall of walls) wall.centre = { mode: "free", shift };
      });
      const [plan, model] = [planValid(project), modelOf(project)];
      plan.walls.forEach((wall, k) => {
        const modelled = model.walls[k];
        assert.ok(modelled);
        const [along, across] = wall.origin;
        const { cuts } = evaluateWall(model.bond, modelled, { along, across });
        const tiles = wall.pieces.filter(({ kind }) => kind !== "none");
        assert.equal(cuts, new Set(tiles.map(({ i, j }) => `${i}/${j}`)).size);
      });
    }),
    { numRuns: runs(60) },
  );
});
