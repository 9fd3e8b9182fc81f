import assert from "node:assert/strict";
import { test } from "node:test";
import { bandAt, firstWall, oneWall, planValid } from "../testing.ts";

const chips = (sheet?: { columns: number; rows: number }) => {
  const project = oneWall({ tile: [48, 48], joint: 2, width: 1000, height: 900 });
  return { ...project, tiles: project.tiles.map((tile) => (sheet ? { ...tile, sheet } : tile)) };
};

test("sheets of 6 by 6: a seam every 300, rows of sheets moved by three chips", () => {
  const project = chips({ columns: 6, rows: 6 });
  const [area] = firstWall(project).areas;
  const seams = area?.seams ?? [];
  const level = seams.filter(([, y0, , y1]) => y0 === y1);
  // 900 high from its foot: seams at 300 and 600, less half a joint.
  assert.deepEqual(
    level.map(([, y]) => y),
    [299, 599],
  );
  const upright = (low: number) =>
    seams
      .filter(([x0, y0, x1]) => x0 === x1 && Math.abs(Math.max(y0, -1) - low) < 2)
      .map(([x]) => x);
  const [row, next] = [upright(0), upright(299)];
  assert.ok(row.length >= 3 && next.length >= 3);
  // Three chips of 50 on.
  assert.ok(
    next.every((x) =>
      row.every((other) => Math.abs(((((x - other) % 300) + 300) % 300) - 150) < 1e-6),
    ),
  );
});

test("sheets to buy: chips over the chips on a sheet", () => {
  const plan = planValid(chips({ columns: 6, rows: 6 }));
  const [row] = plan.order;
  const full = plan.totals.tilesFull;
  const forCuts = plan.drops.tiles.length;
  // 36 chips a sheet, 5 and 10 per cent, and five sheets for the attic.
  assert.equal(row?.quantity, Math.ceil((full * 1.05 + forCuts * 1.1) / 36 - 1e-9) + 5);
  assert.deepEqual(firstWall(chips()).areas[0]?.seams, []);
});

test("interlocking sheets say what a straight start takes off", () => {
  // 1000 across takes four sheets of 300, 1212 up five; the one in the corner is trimmed twice.
  const project = oneWall({ tile: [48, 48], joint: 2 });
  const tiles = project.tiles.map((tile) => ({
    ...tile,
    sheet: { columns: 6, rows: 6, interlocking: true },
  }));
  const noted = planValid({ ...project, tiles }).warnings.find(
    ({ code }) => code === "sheets-interlock",
  );
  assert.deepEqual(noted?.values, { chips: 4 * 3 + 5 * 3, sheets: 8 });
  // A band of them: four sheets along it, and two rows for its 354 less a joint above and below.
  const field = oneWall();
  const chip = tiles.map((tile) => ({ ...tile, id: "accent" }));
  const banded = {
    ...field,
    zones: [bandAt(-900, 354, "strip")],
    tiles: [...field.tiles, ...chip],
  };
  const own = planValid(banded).warnings.find(({ code }) => code === "sheets-interlock");
  assert.equal(own?.item, "strip");
  assert.deepEqual(own?.values, { chips: 4 * 3 + 2 * 3, sheets: 5 });
});
