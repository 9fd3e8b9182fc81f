import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { expandPieces } from "../cut/expand.ts";
import { tiledMm2 } from "../cut/laid-area.ts";
import { intersect, regionArea, subtract } from "../geometry/boolean.ts";
import { boxOf, type Polygon, polygonArea } from "../geometry/polygon.ts";
import { planFile } from "../plan-file.ts";
import type { Project, Tile, Zone } from "../project/schema.ts";
import { codesOf, firstWall, near, oneWall, opening, planValid, runs } from "../testing.ts";
import type { WallPlan } from "../wall-plan.ts";
import type { PlacedZone } from "./areas.ts";
import { frameM2 } from "./frames.ts";
import { tileOffset } from "./lattice.ts";

const accent: Tile = { id: "accent", name: "Accent", width: 97, height: 97, thickness: 8 };

/** A band of 100 with one course of accent tile, 3 mm joints, from 600 above the level line's foot. */
function band(patch: Partial<Zone> = {}): Zone {
  return {
    id: "band",
    kind: "band",
    tile: "accent",
    joint: 3,
    pattern: "stacked",
    lay: "lying",
    bottom: 0,
    height: 103,
    ...patch,
  };
}

/** One wall of 1000 × 1212 in 300 × 300 with zones; the level line is 606 above the base. */
function withZones(zones: Zone[], parts: Parameters<typeof oneWall>[0] = {}): Project {
  const project = oneWall({
    ...parts,
    wall: {
      base: [{ from: "left", at: 0, down: 606 }],
      top: [{ from: "left", at: 0, up: 606 }],
      ...parts.wall,
    },
  });
  return { ...project, tiles: [...project.tiles, accent], zones };
}

test("a band between two courses: the field goes on from its top, courses count on", () => {
  // Two courses of 300 and their joint end at 603: the band begins there, 3 under the level line.
  const wall = firstWall(withZones([band({ bottom: -3, height: 103 })]));
  const pieces = expandPieces(wall);
  const inBand = pieces.filter(({ area }) => wall.areas[area]?.zone);
  // 97 high between two joints of 3: one course of whole height, ten of 97 and their cuts.
  assert.ok(inBand.every(({ height }) => Math.abs(height - 97) < 1e-6));
  const { minY, maxY } = boxOf(...inBand.map(({ ring }) => ring));
  assert.deepEqual([minY, maxY].map(Math.round), [606, 703]);
  const third = pieces.filter(({ course, area }) => course === 3 && !wall.areas[area]?.zone);
  near(boxOf(...third.map(({ ring }) => ring)).minY, 706);
  // Without the band there are four courses; with it the last one is cut.
  assert.equal(
    Math.max(...pieces.filter(({ area }) => !wall.areas[area]?.zone).map((p) => p.course)),
    4,
  );
  assert.equal(new Set(pieces.map(({ id }) => id)).size, pieces.length);
});

test("a band's tiles are ordered as tiles of their own, its area stays in the field's", () => {
  const plan = planValid(withZones([band({ bottom: -3 })]));
  const plain = planValid(withZones([]));
  near(plan.totals.fieldAreaM2, plain.totals.fieldAreaM2, 1e-9);
  // Packed out by field (10 + bed of 6 × 10) − accent (8 + bed of 6 × 6 V): with its own bed that is
  // 2 mm more than the field's bed, over 1 m × 103 mm.
  near(plan.totals.mortarKg - plain.totals.mortarKg, 1 * 0.103 * 2 * 1.2 * 1.1, 1e-9);
  const row = plan.order.find(({ code }) => code === "zoneTile");
  // 1000 ÷ 100: nine whole about the middle and two cuts of 48.5, too wide for one tile and a kerf.
  // ⌈9 × 1.05 + 2 × 1.1⌉ = ⌈11.65⌉, no attic stock of an accent.
  assert.deepEqual([row?.of, row?.quantity], ["accent", 12]);
  const file = planFile(withZones([band({ bottom: -3 })]), plan);
  assert.ok(file.walls[0]?.pieces.some(({ tile }) => tile === "accent"));
});

/** A panel of 400 × 500 in a liner of 20, herringbone within it. */
function framedPanel(patch: Partial<Zone> = {}): Zone {
  return band({
    id: "panel",
    kind: "panel",
    wall: "A",
    x: { from: "left", at: 200 },
    bottom: -300,
    width: 400,
    height: 500,
    frame: { width: 20, joint: 2 },
    pattern: "herringbone",
    angle: "block",
    ...patch,
  });
}

test("a panel with a frame: its tile keeps a joint, the frame and another joint away", () => {
  const wall = firstWall(withZones([framedPanel()]));
  const inner = wall.zones[0]?.inner as Polygon;
  // 3 + 20 + 2 on each side of 400 × 500.
  assert.deepEqual(boxOf(inner), { minX: 225, minY: 331, maxX: 575, maxY: 781 });
  const field = expandPieces(wall).filter(({ area }) => !wall.areas[area]?.zone);
  const ring = wall.zones[0]?.ring as Polygon;
  const shared = intersect(
    field.map((piece) => piece.ring),
    [ring],
  );
  near(
    shared.reduce((sum, region) => sum + regionArea(region), 0),
    0,
    1,
  );
});

test("a liner's long points and what it covers; a frame too wide for its panel is not laid", () => {
  // A joint of 3 inside 400 × 500: 394 × 494; less 354 × 454 within the liner of 20: 33,920 mm².
  const plan = planValid(withZones([framedPanel()]));
  assert.deepEqual(
    plan.trim.runs.map(({ length }) => length),
    [394, 394, 494, 494],
  );
  const [wall] = plan.walls as [WallPlan];
  near(frameM2(wall.zones[0] as PlacedZone, 3), 0.03392);
  const round = wall.figures.groutKg.terms.find(({ code }) => code === "edgeJointM2")?.value;
  // 3 outside the liner, 2 inside it: 400 × 500 less 394 × 494, and 354 × 454 less 350 × 450.
  near(round, (200_000 - 394 * 494 + 354 * 454 - 350 * 450) / 1e6, 1e-6);
  for (const height of [0.01, 30, 50]) {
    const narrow = planValid(withZones([framedPanel({ height })]));
    assert.ok(codesOf(narrow).includes("zone-too-small"));
    assert.deepEqual(narrow.trim.runs, []);
    assert.ok(Number.isFinite(narrow.totals.groutKg));
  }
});

test("zones that overlap, leave the field or have no room are said", () => {
  const low = band({ height: 5 });
  assert.ok(codesOf(planValid(withZones([low]))).includes("zone-too-small"));
  const twice = [band(), band({ id: "other", bottom: 50 })];
  assert.ok(codesOf(planValid(withZones(twice))).includes("zones-overlap"));
  const id = firstWall(withZones([])).id;
  const away = band({ kind: "panel", wall: id, x: { from: "left", at: 900 }, width: 300 });
  assert.ok(codesOf(planValid(withZones([away]))).includes("zone-leaves-field"));
});

test("the back of a niche has its own tile and its returns, and is not lined by area twice", () => {
  const back: Zone = { ...band({ id: "back", kind: "niche", opening: "n" }), centre: "joint" };
  const wall = { openings: [opening({ width: 306, height: 406, depth: 90 })] };
  const plan = planValid(withZones([back], { wall }));
  const [niche] = plan.walls[0]?.linings ?? [];
  // 300 × 400 within the corner joints: three by four of 97 whole.
  const file = planFile(withZones([back], { wall }), plan).walls[0] as { linings?: unknown };
  const [told] = file.linings as { pieces: { cut: string }[] }[];
  assert.equal(told?.pieces.filter(({ cut }) => cut === "none").length, 8);
  // A joint in the middle of 300 leaves 148.5: one tile of 97 and a cut of 48.5 on each side.
  assert.equal(told?.pieces.length, 16);
  assert.deepEqual(
    niche?.returns.map(({ side, lengths }) => [side, lengths.length]),
    [
      ["sill", 4],
      ["head", 4],
      ["left", 5],
      ["right", 5],
    ],
  );
  // The field's order does not grow for it: the back has its own row.
  const fieldTiles = planValid(withZones([back], { wall })).order.find(
    ({ code }) => code === "fieldTile",
  );
  assert.ok(!fieldTiles?.figure.terms.some(({ code }) => code === "tilesForLinings"));
});

const zonesAnywhere = fc.record({
  width: fc.integer({ min: 500, max: 1500 }),
  bands: fc.array(
    fc.tuple(fc.integer({ min: -500, max: 400 }), fc.integer({ min: 20, max: 180 })),
    {
      maxLength: 2,
    },
  ),
  panel: fc.tuple(
    fc.integer({ min: 20, max: 300 }),
    fc.integer({ min: -550, max: 0 }),
    fc.integer({ min: 60, max: 400 }),
    fc.integer({ min: 60, max: 400 }),
  ),
  pattern: fc.constantFrom("stacked" as const, "offset" as const, "herringbone" as const),
  niche: fc.tuple(fc.integer({ min: 30, max: 700 }), fc.integer({ min: 50, max: 900 })),
});

test("walls with bands, a panel and a niche: each area is its lattice clipped to where it may be", () => {
  fc.assert(
    fc.property(zonesAnywhere, ({ width, bands, panel: [x, bottom, w, h], pattern, niche }) => {
      const plain = withZones([], {
        width,
        field: { pattern },
        tile: [220, 110],
        wall: {
          openings: [
            opening({
              x: { from: "left", at: niche[0] },
              y: { from: "base", at: niche[1] },
              height: 200,
            }),
          ],
        },
      });
      const id = plain.walls[0]?.id ?? "";
      const panel = band({
        id: "p",
        kind: "panel",
        wall: id,
        x: { from: "left", at: x },
        bottom,
        width: w,
        height: h,
      });
      const zones = [
        ...bands.map(([y, high], k) => band({ id: `b${k}`, bottom: y, height: high })),
        panel,
      ];
      const wall = firstWall({ ...plain, zones });
      if (wall.zones.some(({ inner }) => inner.length < 3)) return;
      const holes = wall.openings.map(({ ring }) => ring);
      for (const area of wall.areas) {
        if (area.boundary.length < 3) continue;
        const tiles: Polygon[] = [];
        for (let j = -60; j <= 60; j++) {
          for (let i = -60; i <= 60; i++) {
            const [dx, dy] = tileOffset(area.cell, area.origin, i, j);
            for (const { ring } of area.cell.shapes) {
              const moved = ring.map(([px, py]): [number, number] => [px + dx, py + dy]);
              const box = boxOf(moved);
              const near =
                box.maxX > -50 && box.minX < width + 50 && box.maxY > -50 && box.minY < 1300;
              if (near) tiles.push(moved);
            }
          }
        }
        const inside = intersect(tiles, [area.boundary]).map(({ outer }) => outer);
        const left = subtract(inside, [...holes, ...area.without]);
        const expected = left.reduce((sum, region) => sum + regionArea(region), 0);
        // Slips under half a millimetre are joint: a few mm of edge at most.
        assert.ok(
          Math.abs(tiledMm2(area) - expected) < 0.5 * 2600,
          `${tiledMm2(area)} is not ${expected}`,
        );
        assert.ok(tiledMm2(area) <= polygonArea(area.boundary) + 1e-3);
      }
    }),
    { numRuns: runs(40) },
  );
});
