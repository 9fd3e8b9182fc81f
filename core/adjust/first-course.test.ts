import assert from "node:assert/strict";
import { test } from "node:test";
import { bandAt, near, oneWall, planValid, wallAt } from "../testing.ts";
import { balancedDrop, dropForHeight } from "./first-course.ts";

const mark = (plan: ReturnType<typeof planValid>, drop: number) => plan.first.y + drop;

test("a course ends at the height that matters, and the line stays below the mark", () => {
  const plan = planValid(oneWall());
  const wall = wallAt(plan, 0);
  // Course tops at 300 + k × 303: 700 lies 97 above 603, so the line drops by 206 to 94.
  near(dropForHeight(wall, mark(plan, 0), 700), 206);
  const moved = planValid(oneWall({ setOut: { firstCourse: { drop: 206 } } }));
  near((700 - moved.first.y) / 303, 2);
  near(dropForHeight(wall, mark(plan, 0), 300), 0);
});

test("balanced: the first and the last course are cut alike, as large as possible", () => {
  // 1300: three whole courses take 909, two cuts and their joint share 391: (1300 − 3 − 909) ÷ 2.
  const drop = balancedDrop(wallAt(planValid(oneWall({ height: 1300 })), 0), 300) ?? 0;
  near(drop, 300 - 194);
  const wall = wallAt(planValid(oneWall({ height: 1300, setOut: { firstCourse: { drop } } })), 0);
  const size = (side: string) => wall.flags.find((flag) => flag.side === side)?.size;
  near(size("bottom"), 194, 1e-6);
  near(size("top"), 194, 1e-6);
  const free = wallAt(planValid(oneWall({ field: { pattern: "hexagon" } })), 0);
  assert.equal(balancedDrop(free, 300), undefined);
});

test("a ledger: its top edge is a joint above the first-course line, on every wall", () => {
  const project = oneWall({ setOut: { firstCourse: { drop: 0, ledger: true } } });
  const plan = planValid(project);
  const line = wallAt(plan, 0).lines.find(({ kind }) => kind === "ledger");
  near(line?.from[1], plan.first.y + 3);
  assert.equal(
    wallAt(planValid(oneWall()), 0).lines.some(({ kind }) => kind === "ledger"),
    false,
  );
});

test("balanced over a band: the first course is cut as the last one above the band", () => {
  const accent = { id: "accent", name: "Accent", width: 50, height: 50, thickness: 6 };
  const banded = (height: number, drop = 0) => {
    const project = oneWall({ height, setOut: { firstCourse: { drop } } });
    // The level line is taken 1200 up: a band from 500 to 650.
    return { ...project, tiles: [...project.tiles, accent], zones: [bandAt(-700, 150)] };
  };
  // 1300 − 650 = 650 = 2 × 303 + 44: the first course is to be 44 as well.
  const drop = balancedDrop(wallAt(planValid(banded(1300)), 0), 300) ?? 0;
  near(drop, 300 - 44);
  const wall = wallAt(planValid(banded(1300, drop)), 0);
  const size = (side: string) => wall.flags.find((flag) => flag.side === side)?.size;
  near(size("bottom"), 44, 1e-6);
  near(size("top"), 44, 1e-6);
  // 650 + 603 = 1253: the last course ends whole.
  near(balancedDrop(wallAt(planValid(banded(1253)), 0), 300), 0);
});

test("a ledger for mosaic stands above the first row of sheets, not of chips", () => {
  const project = oneWall({
    tile: [48, 48],
    joint: 2,
    setOut: { firstCourse: { drop: 0, ledger: true } },
  });
  const tiles = project.tiles.map((tile) => ({ ...tile, sheet: { columns: 6, rows: 6 } }));
  const plan = planValid({ ...project, tiles });
  const line = wallAt(plan, 0).lines.find(({ kind }) => kind === "ledger");
  // Six chips of 48 and six joints of 2 from the foot of the first.
  near(line?.from[1], plan.first.y - 48 + 6 * 50);
});
