import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { expandPieces } from "../cut/expand.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf, type Point } from "../geometry/polygon.ts";
import type { Plan } from "../plan.ts";
import type { Project } from "../project/schema.ts";
import {
  near,
  oneWall,
  openingAt,
  planValid,
  runs,
  SAMPLE_NAMES,
  sampleProject,
  wallAt,
} from "../testing.ts";
import { clipPlaces } from "./holding.ts";
import { spacersOn } from "./spacers.ts";

test("none below 30 mm, one below 200, two from there; rounding adds none", () => {
  assert.deepEqual([29.99, 30, 199.99, 200, 200 - 1e-9, 900].map(spacersOn), [0, 1, 1, 2, 2, 2]);
});

test("clips are spread from 50 off each end, and stand at the middle where there is one", () => {
  assert.deepEqual(clipPlaces(0, 99), []);
  assert.deepEqual(clipPlaces(10, 160), [85]);
  // 610 takes 3: 50, 305 and 560.
  assert.deepEqual(clipPlaces(1000, 1610), [1050, 1305, 1560]);
});

test("a wall by hand: joints between tiles and under the first course", () => {
  // Centred on a tile of 300: 3 whole ones and 44 at either side; 4 whole courses. Facing along
  // courses: 5 columns × 3 of 300 (44 at the sides: one each), upright 4 joints × 4 courses of 300.
  const wall = wallAt(planValid(oneWall()), 0);
  const level = 3 * (3 * 2 + 2 * 1);
  const upright = 4 * 4 * 2;
  const base = 3 * 2 + 2 * 1;
  assert.equal(wall.figures.spacers.value, level + upright + base);
});

test("lugs set the joint, and no joint needs none", () => {
  const lugged = oneWall();
  lugged.tiles = lugged.tiles.map((tile) => ({ ...tile, lugged: true }));
  assert.equal(planValid(lugged).totals.spacers, 0);
  assert.equal(planValid(oneWall({ joint: 0 })).totals.spacers, 0);
});

test("sheets take spacers between them, their chips none", () => {
  // Sheets of 6 × 6 chips of 48 and 2 count on by 300. About a joint in the middle of 600 the first
  // row has one upright seam of 298, the second, moved by half, two: 3 × 2 spacers. Each half sheet
  // above faces the one below over 148 or 150 four times: 4 × 1. Two sheets stand on the base: 2 × 2.
  const project = oneWall({ width: 600, height: 600, tile: [48, 48], joint: 2 });
  project.tiles = project.tiles.map((tile) => ({ ...tile, sheet: { columns: 6, rows: 6 } }));
  project.walls = project.walls.map((wall) => ({ ...wall, centre: { mode: "joint" } }));
  assert.equal(wallAt(planValid(project), 0).figures.spacers.value, 3 * 2 + 4 * 1 + 2 * 2);
});

/** Facing lengths of two upright pieces across a joint, told by their boxes and edges alone. */
function facingOf(p: CutPiece, q: CutPiece, joint: number): { length: number; plumb: boolean }[] {
  const sides = ({ ring }: CutPiece) =>
    ring.map((a, k) => [a, ring[(k + 1) % ring.length]] as [Point, Point]);
  const found: { length: number; plumb: boolean }[] = [];
  for (const [a, b] of sides(p)) {
    for (const [c, d] of sides(q)) {
      for (const [along, across] of [
        [0, 1],
        [1, 0],
      ] as const) {
        const isLine =
          Math.abs(a[across] - b[across]) < 1e-6 && Math.abs(c[across] - d[across]) < 1e-6;
        if (!isLine || Math.abs(Math.abs(c[across] - a[across]) - joint) > 0.01) continue;
        const from = Math.max(Math.min(a[along], b[along]), Math.min(c[along], d[along]));
        const to = Math.min(Math.max(a[along], b[along]), Math.max(c[along], d[along]));
        // The right sides of both face each other: p's body lies on one side, q's on the other.
        const [low, high] = a[across] < c[across] ? [p, q] : [q, p];
        const inside = (piece: CutPiece, side: 1 | -1) => {
          const box = boxOf(piece.ring);
          const [min, max] = across === 0 ? [box.minX, box.maxX] : [box.minY, box.maxY];
          const at = piece === p ? a[across] : c[across];
          return side > 0 ? at > min + 1e-6 : at < max - 1e-6;
        };
        if (to - from > 0.02 && inside(low, 1) && inside(high, -1)) {
          found.push({ length: to - from, plumb: along === 1 });
        }
      }
    }
  }
  return found;
}

/** Spacers and clips of a wall of upright pieces, pair by pair. */
function bruteCounts(project: Project, plan: Plan, index: number) {
  const wall = wallAt(plan, index);
  const pieces = expandPieces(wall);
  const { joint } = project.field;
  let [spacers, clips] = [0, 0];
  pieces.forEach((p, k) => {
    for (const q of pieces.slice(k + 1)) {
      for (const { length } of facingOf(p, q, joint)) {
        spacers += spacersOn(length);
        clips += clipPlaces(0, length).length;
      }
    }
    const { minY, minX, maxX } = boxOf(p.ring);
    if (Math.abs(minY - boxOf(wall.boundary).minY) < 0.01) spacers += spacersOn(maxX - minX);
  });
  return { spacers, clips };
}

test("spacers and clips are those of every pair of pieces that face each other", () => {
  const job = fc.record({
    width: fc.integer({ min: 400, max: 1500 }),
    height: fc.integer({ min: 400, max: 1400 }),
    w: fc.constantFrom(150, 250, 400, 610),
    h: fc.constantFrom(75, 150, 300),
    joint: fc.constantFrom(2, 3, 5),
    pattern: fc.constantFrom("stacked" as const, "offset" as const),
    at: fc.integer({ min: 60, max: 300 }),
  });
  fc.assert(
    fc.property(job, ({ width, height, w, h, joint, pattern, at }) => {
      const openings = [openingAt(at, at, Math.min(250, width - at - 60), 150)];
      const project = oneWall({
        ...{ width, height, tile: [w, h], joint, settings: { clips: true } },
        field: { pattern },
        wall: { openings },
      });
      const plan = planValid(project);
      const { spacers, clips } = bruteCounts(project, plan, 0);
      assert.equal(plan.totals.spacers, spacers);
      assert.equal(plan.totals.clips, clips);
    }),
    { numRuns: runs(60) },
  );
});

test("every clip sits in a joint, midway between two tiles", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    project.settings = { ...project.settings, clips: true };
    const plan = planValid(project);
    for (const { wall: id, areas } of plan.set.holding) {
      const wall = plan.walls.find((own) => own.id === id);
      areas.forEach(({ clips }, k) => {
        const area = wall?.areas[k];
        if (!area) return;
        const boxes = expandPieces({ id, areas: [area] }).map(({ ring }) => boxOf(ring));
        for (let c = 0; c < clips.length; c += 3) {
          const [x = 0, y = 0] = clips.subarray(c, c + 2);
          const inTile = boxes.some(
            (box) =>
              x > box.minX + 0.01 &&
              x < box.maxX - 0.01 &&
              y > box.minY + 0.01 &&
              y < box.maxY - 0.01,
          );
          // A piece that is not upright has a box that is more than itself.
          if (area.cell.straight)
            assert.ok(!inTile, `${name} ${id}: a clip at ${x}, ${y} is in a tile`);
        }
      });
    }
  }
});

test("clips and spacers by session are those of the walls, and so is the powder", () => {
  for (const name of SAMPLE_NAMES) {
    const plan = planValid(sampleProject(name));
    const sum = (key: "clips" | "spacers" | "powderKg" | "pieces") =>
      plan.set.sessions.reduce((total, session) => total + session[key], 0);
    assert.equal(sum("clips"), plan.totals.clips, name);
    assert.equal(sum("spacers"), plan.totals.spacers, name);
    near(sum("powderKg"), plan.totals.mortarKg);
    assert.equal(sum("pieces"), plan.totals.tilesFull + plan.totals.tilesCut, name);
    near(
      plan.set.mortars.reduce((total, own) => total + own.powderKg, 0),
      plan.totals.mortarKg,
    );
  }
});
