import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Project, Tile, Zone } from "../project/schema.ts";
import {
  bandAt,
  fixture,
  near,
  oneWall,
  opening,
  openingAt,
  planValid,
  runs,
  sampleProject,
  wallAt,
} from "../testing.ts";
import { applyLayout } from "./apply.ts";
import { evaluateWall, segmentsOf } from "./evaluate-wall.ts";
import type { ModelWall } from "./model.ts";
import { APART, best, fine, gridBest, modelOf, search } from "./testing.ts";

const accent: Tile = { id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 };

const band = (bottom: number, height: number, patch: Partial<Zone> = {}): Zone => ({
  ...bandAt(bottom, height, `band-${bottom}`),
  ...patch,
});

/** A wall with zones; the level line is 500 above the base. */
function withZones(zones: Zone[], parts: Parameters<typeof oneWall>[0] = {}): Project {
  const { height = 1000 } = parts;
  const project = oneWall({
    ...parts,
    wall: {
      base: [{ from: "left", at: 0, down: 500 }],
      top: [{ from: "left", at: 0, up: height - 500 }],
      ...parts.wall,
    },
  });
  return { ...project, tiles: [...project.tiles, accent], zones };
}

const half = { pattern: "offset", offset: 0.5, run: "alternating" } as const;

/** The terms where the plan has its pattern, beside the plan's own wall. */
function judged(project: Project) {
  const wall = wallAt(planValid(project), 0);
  const model = modelOf(project);
  const [x, y] = wall.origin;
  const placing = model.bond.standing ? { along: y, across: x } : { along: x, across: y };
  const terms = evaluateWall(model.bond, model.walls[0] as ModelWall, placing);
  const cutTiles = wall.areas
    .filter(({ zone }) => !zone)
    .flatMap(({ pieces }, area) =>
      pieces
        .filter(({ kind }) => kind !== "none")
        .map(({ shape, i, j }) => `${area}/${shape}/${i}/${j}`),
    );
  return { wall, terms, cuts: new Set(cutTiles).size };
}

test("a band parts the field: the stretch above starts at the band's top and counts on", () => {
  /* 300 × 200 tile, joint 3: courses at 0, 203, 406; the band takes 450 to 550. */
  const project = withZones([band(-50, 100)], { tile: [300, 200] });
  const model = modelOf(project);
  const [wall] = model.walls as [ModelWall];
  assert.deepEqual(wall.bands, [{ y0: 450, y1: 550 }]);
  const segments = segmentsOf(model.bond, wall, { along: 0, across: 0 });
  assert.deepEqual(
    segments.map(({ wall: { acrossFrom, acrossTo } }) => [acrossFrom, acrossTo]),
    [
      [0, 450],
      [550, 1000],
    ],
  );
  // Three courses begin below the band: the fourth stands on it, 550 − 3 × 203.
  near(segments[1]?.across, -59);
});

test("standing columns stop at a band and go on from its top", () => {
  /* 200 × 300 standing: tiles at 0 and 303, the band takes 450 to 550; half offset. */
  const project = withZones([band(-50, 100)], {
    tile: [300, 200],
    field: { ...half, lay: "standing" },
  });
  const { bond, walls } = modelOf(project);
  assert.ok(bond.standing);
  const segments = segmentsOf(bond, walls[0] as ModelWall, { along: 0, across: 0 });
  assert.deepEqual(
    segments.map(({ wall: { alongFrom, alongTo } }) => [alongFrom, alongTo]),
    [
      [0, 450],
      [550, 1000],
    ],
  );
  // Two tiles begin below the band: the third stands on it, 550 − 2 × 303.
  near(segments[1]?.along, -56);
  // Columns that begin at 0 have 147 under the band; of the others 148.5 stands on the base.
  near(judged(project).terms.smallestAlong, 147);
});

test("cuts under, between and over bands are counted as the plan counts them", () => {
  fc.assert(
    fc.property(
      fine(-400, 100, APART[0]),
      fine(30, 200, APART[1]),
      fine(-140, 140),
      fine(0, 190, APART[2]),
      fc.boolean(),
      fc.constantFrom("lying", "standing"),
      (bottom, height, shift, drop, offset, lay) => {
        const zones = [band(bottom, height), band(bottom + height + 150.123, 60)];
        const project = withZones(zones, {
          tile: [300, 200],
          height: 1100,
          field: { ...(offset ? half : {}), lay },
          setOut: { firstCourse: { drop } },
          wall: { centre: { mode: "free", shift } },
        });
        const { terms, cuts } = judged(project);
        assert.equal(terms.cuts, cuts);
      },
    ),
    { numRuns: runs(150) },
  );
});

test("a panel is gone round like an opening", () => {
  fc.assert(
    fc.property(fine(100, 500), fine(-300, 100), fine(-140, 140, APART[1]), (at, bottom, shift) => {
      const id = oneWall().walls[0]?.id ?? "";
      const panel = band(bottom, 240, {
        id: "panel",
        kind: "panel",
        wall: id,
        x: { from: "left", at },
        width: 260,
      });
      const project = withZones([panel], {
        tile: [300, 200],
        wall: { centre: { mode: "free", shift } },
      });
      const { terms, cuts } = judged(project);
      assert.equal(terms.cuts, cuts);
      const open = withZones([], {
        tile: [300, 200],
        wall: {
          centre: { mode: "free", shift },
          openings: [
            opening({
              width: 260,
              height: 240,
              x: { from: "left", at },
              y: { from: "level", at: bottom },
            }),
          ],
        },
      });
      assert.deepEqual(judged(open).terms, terms);
    }),
    { numRuns: runs(60) },
  );
});

test("what is inside a panel is no part of the field: neither its niche nor its hole", () => {
  const id = oneWall().walls[0]?.id ?? "";
  const panel = band(-400, 500, {
    id: "panel",
    kind: "panel",
    wall: id,
    x: { from: "left", at: 200 },
    width: 600,
  });
  const place = { x: { from: "left", at: 250 }, y: { from: "level", at: -300 } } as const;
  const model = (zones: Zone[]) =>
    modelOf(
      withZones(zones, {
        tile: [300, 200],
        wall: {
          openings: [opening({ width: 150, height: 150, ...place })],
          fixtures: [fixture({ x: { from: "left", at: 600 }, y: { from: "level", at: -100 } })],
        },
      }),
      100,
    ).walls[0];
  const [inside, bare] = [model([panel]), model([])];
  assert.deepEqual(
    inside?.openings.map((each) => each.id),
    ["panel"],
  );
  assert.equal(inside?.holes.length, 0);
  assert.deepEqual([bare?.openings.length, bare?.holes.length], [1, 1]);
});

test("by hand: a course that ends at the band leaves no cut under it", () => {
  // Two courses of 200 and their joints end at 406; so does the band begin.
  const onJoint = judged(withZones([band(-94, 100)], { tile: [300, 200] }));
  const above = 1000 - 506;
  // Above it two courses of 200, and 494 − 406 = 88 under the ceiling.
  near(onJoint.terms.smallestAcross, above - 406);
  // Ten lower, and 190 is left under the band.
  const lower = judged(withZones([band(-104, 100)], { tile: [300, 200] }));
  near(lower.terms.smallestAcross, Math.min(190, above + 10 - 406));
});

test("no layout on a grid of 1/32 in beats the one that is found, bands and niche included", () => {
  const niche = openingAt(161, 120, 95, 60);
  const jobs: [Project, number][] = [
    [withZones([band(-330, 60)], { width: 430, height: 400, tile: [110, 70] }), 0],
    [
      withZones([band(-391, 47), band(-250, 61)], {
        width: 417,
        height: 402,
        tile: [90, 60],
        field: half,
      }),
      0,
    ],
    [
      withZones([band(-300, 40)], {
        width: 420,
        height: 360,
        tile: [60, 40],
        wall: { openings: [niche] },
      }),
      30,
    ],
  ];
  const standing = { lay: "standing" } as const;
  jobs.push(
    [withZones([band(-330, 60)], { width: 310, height: 400, tile: [110, 70], field: standing }), 0],
    [
      withZones([band(-391, 47), band(-250, 61)], {
        width: 253,
        height: 402,
        tile: [90, 60],
        field: { ...half, ...standing },
      }),
      0,
    ],
  );
  for (const [project, nicheRange] of jobs) {
    const model = modelOf(project, nicheRange);
    assert.ok((model.walls[0]?.bands.length ?? 0) > 0);
    const grid = gridBest(model);
    const { layout } = best(model);
    assert.ok(layout.score <= grid.score + 1e-3, `${layout.score}, the grid ${grid.score}`);
    assert.ok(search(model).provenSmallest.along >= grid.along - 1e-3);
  }
});

test("the banded sample's best layout is planned with the cuts that it was judged by", () => {
  const project = sampleProject("banded-bath");
  const plan = planValid(project);
  const model = modelOf(project);
  assert.ok(model.walls.every(({ bands }) => bands.length > 0));
  const { layout } = best(model);
  applyLayout(project, plan, model, layout).change(project);
  const after = modelOf(project);
  const planned = planValid(project);
  layout.walls.forEach((found, k) => {
    const [along, across] = wallAt(planned, k).origin;
    const again = evaluateWall(after.bond, after.walls[k] as ModelWall, { along, across });
    near(again.smallestAcross, found.terms.smallestAcross, 1e-3);
    near(again.smallestAlong, found.terms.smallestAlong, 1e-3);
    assert.equal(again.slivers, found.terms.slivers);
    assert.equal(again.cuts, found.terms.cuts);
  });
});
