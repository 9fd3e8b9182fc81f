import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { modelOf } from "../compare/testing.ts";
import { countWhole } from "../cut/laid-area.ts";
import type { Command } from "../project/command.ts";
import type { Opening, Project, Zone } from "../project/schema.ts";
import { bandAt, near, oneWall, opening, openingAt, planValid, runs, wallAt } from "../testing.ts";
import {
  addTwin,
  borderRound,
  centreInBay,
  fitOpening,
  fitZoneHeight,
  modular,
  zoneOnCourse,
} from "./fit-joints.ts";

function withNiche(patch: Partial<Opening>, parts: Parameters<typeof oneWall>[0] = {}): Project {
  return oneWall({ ...parts, wall: { ...parts.wall, openings: [opening(patch)] } });
}

function done(project: Project, command: Command | undefined): Project {
  assert.ok(command, "there is a command");
  const draft = structuredClone(project);
  command.change(draft);
  return draft;
}

const band = (patch: Partial<Zone> = {}): Zone => ({
  id: "z",
  kind: "band",
  tile: "field",
  joint: 3,
  pattern: "stacked",
  lay: "lying",
  bottom: 0,
  height: 200,
  ...patch,
});

test("a size on joints is whole modules and one joint, and never less than one", () => {
  assert.equal(modular(610, 300, 3), 609);
  assert.equal(modular(460, 300, 3), 609);
  assert.equal(modular(450, 300, 3), 306);
  assert.equal(modular(20, 300, 3), 306);
});

test("a niche is moved and sized onto joints, however it was read", () => {
  const reading = fc.record({
    from: fc.constantFrom("left" as const, "right" as const),
    to: fc.constantFrom("edge" as const, "centre" as const),
    at: fc.integer({ min: 250, max: 600 }),
    up: fc.integer({ min: 300, max: 600 }),
    vertical: fc.constantFrom("bottom" as const, "centre" as const, "top" as const),
    base: fc.constantFrom("base" as const, "level" as const),
    width: fc.integer({ min: 150, max: 400 }),
    height: fc.integer({ min: 150, max: 400 }),
  });
  fc.assert(
    fc.property(reading, ({ from, to, at, up, vertical, base, width, height }) => {
      const project = withNiche(
        {
          width,
          height,
          x: { from, at, to },
          y: { from: base, at: base === "level" ? up - 606 : up, to: vertical },
        },
        {
          width: 1400,
          tile: [100, 100],
          wall: {
            base: [{ from: "left", at: 0, down: 606 }],
            top: [{ from: "left", at: 0, up: 606 }],
          },
        },
      );
      const before = wallAt(planValid(project), 0);
      const after = wallAt(planValid(done(project, fitOpening(before, "n"))), 0);
      const [placed] = after.openings;
      assert.ok(placed);
      const [left, low] = after.origin;
      // Every edge stands at a tile's edge: the pieces round it lose nothing.
      const off = (edge: number, start: number) => {
        const rest = (edge - start) / 103;
        return Math.abs(rest - Math.round(rest)) * 103;
      };
      assert.ok(off(placed.x, left + 100) < 1e-6, "left edge on a joint");
      assert.ok(off(placed.x + placed.opening.width, left) < 1e-6, "right edge on a joint");
      assert.ok(off(placed.y, low + 100) < 1e-6, "lower edge on a joint");
      assert.ok(off(placed.y + placed.opening.height, low) < 1e-6, "upper edge on a joint");
    }),
    { numRuns: runs(120) },
  );
});

test("bonds without courses have no joints to land on", () => {
  const project = withNiche({}, { field: { pattern: "hexagon" } });
  assert.equal(fitOpening(wallAt(planValid(project), 0), "n"), undefined);
  assert.equal(fitOpening(wallAt(planValid(withNiche({})), 0), "other"), undefined);
  // A dish keeps its size.
  const dish = withNiche({ kind: "dish", width: 140, height: 95, overlap: 6 });
  assert.equal(fitOpening(wallAt(planValid(dish), 0), "n"), undefined);
});

test("a niche goes to the middle of the nearest bay that takes it, or nowhere", () => {
  const studs = [100, 500, 900, 1300].map((at, k) => ({
    id: `s${k}`,
    from: "left" as const,
    at,
  }));
  const place = (width: number) => {
    const project = withNiche(
      { width, x: { from: "left", at: 560 } },
      { width: 1400, wall: { studs, surface: "studs" } },
    );
    const plan = planValid(project);
    const framed = plan.board.walls[0];
    assert.ok(framed);
    return { project, command: centreInBay(wallAt(plan, 0), framed, "n") };
  };
  const { project, command } = place(250);
  const moved = wallAt(planValid(done(project, command)), 0).openings[0];
  // Between the studs at 500 and 900.
  near((moved?.x ?? 0) + 125, 700);
  // Clear between the studs are 362; with its lining one of 350 is too wide for any bay.
  assert.equal(place(350).command, undefined);
});

test("a zone takes whole courses between its joints, with its liner", () => {
  const project = oneWall({ tile: [100, 100] });
  // One course of 100 and a joint of 3 below and above; two courses and three joints.
  assert.equal(fitZoneHeight(project, band({ height: 120 })), 106);
  assert.equal(fitZoneHeight(project, band({ height: 180 })), 209);
  const framed = band({ height: 180, frame: { width: 15, joint: 2 } });
  assert.equal(fitZoneHeight(project, framed), 106 + 2 * 17);
  assert.equal(fitZoneHeight(project, band({ height: 1 })), 106);
});

test("a zone sits on the course nearest to where it is", () => {
  const project = oneWall({
    wall: { base: [{ from: "left", at: 0, down: 606 }], top: [{ from: "left", at: 0, up: 606 }] },
  });
  const plan = planValid(project);
  const on = (bottom: number) => zoneOnCourse(wallAt(plan, 0), plan.levelY, band({ bottom }));
  // Courses of 300 end at 300, 603 and 906 above the base; the level line is at 606.
  near(on(10), -3);
  near(on(140), -3);
  near(on(200), 300);
  near(on(-290), -306);
});

test("a twin stands beside the first with three equal gaps", () => {
  for (const from of ["left", "right"] as const) {
    const project = withNiche({ width: 200, x: { from, at: 150 } });
    const wall = wallAt(planValid(project), 0);
    const after = wallAt(planValid(done(project, addTwin(wall, "n", "twin"))), 0);
    const starts = after.openings.map(({ x }) => x).sort((p, q) => p - q);
    // 1000 less two of 200 leaves 600: gaps of 200.
    near(starts[0], 200);
    near(starts[1], 600);
  }
  // Two that leave no gap stand side by side from the left end.
  const wide = withNiche({ width: 600 });
  const both = wallAt(
    planValid(done(wide, addTwin(wallAt(planValid(wide), 0), "n", "twin"))),
    0,
  ).openings;
  near(both[0]?.x, 0);
  near(both[1]?.x, 600);
});

test("a twin has the first one's tile on its back", () => {
  const project = withNiche({ width: 200, x: { from: "left", at: 150 } });
  project.tiles.push({ id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 });
  project.zones = [band({ id: "back", kind: "niche", tile: "accent", opening: "n" })];
  const twins = done(project, addTwin(wallAt(planValid(project), 0), "n", "twin"));
  assert.deepEqual(
    twins.zones?.map(({ opening: of, tile }) => [of, tile]),
    [
      ["n", "accent"],
      ["twin", "accent"],
    ],
  );
  assert.equal(new Set(twins.zones?.map(({ id }) => id)).size, 2);
});

test("a border round a niche, by hand: whole chips at its outer edge, one on each side", () => {
  /* A niche of 300 at 450, 600 above the base; chips of 47 and a joint of 3: eight are 397. */
  const project = oneWall({
    width: 1200,
    height: 1500,
    tile: [300, 200],
    wall: { openings: [openingAt(450, 600, 300, 300)] },
  });
  const accent = { id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 };
  const tiled = { ...project, tiles: [...project.tiles, accent] };
  const wall = tiled.walls[0]?.id ?? "";
  const zone = { ...bandAt(0, 100, "border"), joint: 3, kind: "panel" as const, wall };
  const bare = planValid(tiled);
  const place = borderRound(tiled, wallAt(bare, 0), bare.levelY, zone, "n");
  assert.ok(place);
  near(place.width, 397 + 2 * 3);
  near(place.height, 397 + 2 * 3);
  near(place.x?.at, 450 - 51.5);
  near(place.bottom, 600 - 51.5 - bare.levelY);
  const plan = planValid({ ...tiled, zones: [{ ...zone, ...place }] });
  const border = wallAt(plan, 0).areas.find((area) => area.zone?.id === "border");
  // A ring of 8 by 8 chips less the 6 by 6 that the niche takes: all are whole.
  assert.ok(border);
  const atEdge = border.pieces.filter(({ kind }) => kind === "none").length;
  assert.equal(countWhole(border.runs) + atEdge, 28);
  assert.equal(border.pieces.length, atEdge);
  assert.deepEqual(
    plan.warnings.filter(({ item }) => item === "border"),
    [],
  );
  // The field goes round the border alone, and the niche inside it is not searched for.
  const { openings } = modelOf({ ...tiled, zones: [{ ...zone, ...place }] }, 50).walls[0] ?? {};
  assert.deepEqual(
    openings?.map(({ id }) => id),
    ["border"],
  );
  assert.equal(borderRound(tiled, wallAt(bare, 0), bare.levelY, zone, "gone"), undefined);
});

test("a border whose niche is no whole chips wide is cut at the niche alone, and by less than half", () => {
  for (const width of [281, 300, 317, 324]) {
    const project = oneWall({ wall: { openings: [openingAt(300, 500, width, 290)] } });
    const accent = { id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 };
    const tiled = { ...project, tiles: [...project.tiles, accent] };
    const zone = {
      ...bandAt(0, 100, "b"),
      joint: 3,
      kind: "panel" as const,
      wall: tiled.walls[0]?.id,
    };
    const bare = planValid(tiled);
    const place = borderRound(tiled, wallAt(bare, 0), bare.levelY, zone, "n");
    const plan = planValid({ ...tiled, zones: [{ ...zone, ...place }] });
    const border = wallAt(plan, 0).areas.find((area) => area.zone);
    assert.ok(border);
    const cut = border.pieces.filter(({ kind }) => kind !== "none");
    const least = Math.min(47, ...cut.flatMap((piece) => [piece.width, piece.height]));
    assert.ok(least > 47 / 2, `${width}: a chip of ${least}`);
  }
});
