import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { boxOf, polygonArea } from "../geometry/polygon.ts";
import { liningTiles } from "../order/lining-tiles.ts";
import { planFile } from "../plan-file.ts";
import { jobOf } from "../project/job.ts";
import type { Opening, Project } from "../project/schema.ts";
import { bandAt, near, oneWall, opening, planValid, runs, wallAt } from "../testing.ts";
import { tiledMm2 } from "./laid-area.ts";
import type { Lining } from "./linings.ts";

function withOpening(patch: Partial<Opening> = {}, change: Partial<Project> = {}): Project {
  return { ...oneWall({ wall: { openings: [opening(patch)] } }), ...change };
}

function liningOf(project: Project): Lining {
  const [lining] = wallAt(planValid(project), 0).linings;
  assert.ok(lining);
  return lining;
}

const lengthsOf = ({ returns }: Lining) =>
  Object.fromEntries(returns.map(({ side, lengths }) => [side, lengths]));

/*
 * 300 × 300 tile from 350, joints at 347–350 and 603–606; a niche from 300 to 600 and 400 to 800.
 * Its back, a corner joint of 3 in: columns of 44 and 247, rows of 200 and 191.
 */
test("a niche without a tile of its own takes the field's bond across its back", () => {
  const { backs, tile } = liningOf(withOpening());
  const [back] = backs;
  assert.ok(back && backs.length === 1);
  assert.equal(tile, "field");
  const sizes = back.pieces.map(({ width, height }) => [Math.round(width), Math.round(height)]);
  assert.deepEqual(sizes, [
    [44, 200],
    [247, 200],
    [44, 191],
    [247, 191],
  ]);
  assert.equal(back.runs.length, 0);
});

/*
 * The same niche with a band from 500 to 600, its joints of 2 inside: the field goes on from 403 to
 * 500, and above the band from 600 to 797.
 */
test("a band runs through a niche, and the field goes on from its top there as beside it", () => {
  const [tile] = oneWall().tiles;
  assert.ok(tile);
  const band = bandAt(-700, 100);
  const project = withOpening(
    {},
    { tiles: [tile, { ...tile, id: "accent", width: 96, height: 96 }], zones: [band] },
  );
  const plan = planValid(project);
  const wall = wallAt(plan, 0);
  const { backs } = liningOf(project);
  const [under, middle, over] = backs;
  assert.deepEqual(
    backs.map(({ zone }) => zone?.id),
    [undefined, "band", undefined],
  );
  const heights = backs.map(({ boundary }) => [boxOf(boundary).minY, boxOf(boundary).maxY]);
  const ofBand = wall.areas.find(({ zone }) => zone);
  assert.deepEqual(heights[0], [403, 500]);
  assert.deepEqual(heights[1], [
    boxOf(ofBand?.boundary ?? []).minY,
    boxOf(ofBand?.boundary ?? []).maxY,
  ]);
  assert.deepEqual(heights[2], [600, 797]);
  // Each goes on where it stands beside the niche.
  assert.deepEqual(middle?.origin, ofBand?.origin);
  const beside = wall.areas.filter(({ zone }) => !zone);
  assert.deepEqual(
    [under?.origin, over?.origin],
    beside.map(({ origin }) => origin),
  );
  // No piece of it has the name of another on the wall.
  const file = planFile(project, plan).walls[0];
  const told = file?.linings as { pieces: { id: string }[] }[] | undefined;
  const ids = [...(file?.pieces ?? []), ...(told?.[0]?.pieces ?? [])].map(({ id }) => id);
  assert.equal(new Set(ids).size, ids.length);
});

test("jambs carry on the courses, sill and head are alike pieces, the sill falls to the room", () => {
  const lining = liningOf(withOpening());
  assert.deepEqual(lengthsOf(lining), {
    sill: [294],
    head: [294],
    left: [200, 191],
    right: [200, 191],
  });
  assert.deepEqual(
    lining.returns.map(({ depth, follows, fall }) => [depth, follows, fall]),
    [
      [87, false, 1.8],
      [87, false, undefined],
      [87, true, undefined],
      [87, true, undefined],
    ],
  );
});

test("a course that leaves a sliver at a jamb is not carried on", () => {
  // From 510 to 910: the joint at 603 leaves 90 below it, less than a third of a tile.
  const lining = liningOf(withOpening({ y: { from: "base", at: 510 } }));
  const jamb = lining.returns.find(({ side }) => side === "left");
  // 394 of 300 tile: two of 195.5 with a joint of 3.
  assert.deepEqual([jamb?.follows, jamb?.lengths], [false, [195.5, 195.5]]);
});

test("jambs carry on courses of two heights", () => {
  // Courses of 300 and 148.5 with joints of 3: from 306 to 700 the second one ends at 451.5.
  const project = withOpening({ y: { from: "base", at: 303 } });
  project.field = { ...project.field, pattern: "two-heights" };
  const jamb = liningOf(project).returns.find(({ side }) => side === "left");
  assert.deepEqual([jamb?.follows, jamb?.lengths], [true, [145.5, 245.5]]);
});

test("bonds whose level joints do not run through are not carried on either", () => {
  const standing = withOpening();
  standing.field = { ...standing.field, pattern: "offset", offset: 0.5, lay: "standing" };
  assert.ok(liningOf(standing).returns.every(({ follows }) => !follows));
});

test("windows have returns and no back; a recess without depth has none", () => {
  const window = liningOf(withOpening({ kind: "window" }));
  assert.deepEqual(window.backs, []);
  assert.deepEqual(lengthsOf(window).left, [200, 191]);
  const flat = planValid(withOpening({ kind: "window", depth: 0 }));
  assert.deepEqual(wallAt(flat, 0).linings, []);
});

test("a reveal deeper than the tile takes several rows", () => {
  const { returns } = liningOf(withOpening({ kind: "window", depth: 403 }));
  // 400 deep of 300 tile: two rows of 198.5 with a joint of 3.
  assert.deepEqual(
    returns.map(({ depth, rows }) => [depth, rows]),
    Array.from({ length: 4 }, () => [198.5, 2]),
  );
});

test("returns come from the fewest tiles, each with a factory edge to the room", () => {
  const project = withOpening();
  const lining = liningOf(project);
  // Six pieces of 87, two to a tile at its bottom and its top: three tiles; and four for the back.
  assert.deepEqual([...liningTiles(jobOf(project), [lining])], [["field", 7]]);
  // Tile that may not be turned has one edge for them: six tiles, and four.
  const [tile] = project.tiles;
  assert.ok(tile);
  const veined = { ...project, tiles: [{ ...tile, directional: true }] };
  assert.deepEqual([...liningTiles(jobOf(veined), [lining])], [["field", 10]]);
  // The order counts them as cuts: 3 more for a window of the same size and depth.
  const rowOf = (of: Project) => planValid(of).order.find(({ code }) => code === "fieldTile");
  const term = (of: Project) =>
    rowOf(of)?.figure.terms.find(({ code }) => code === "tilesForLinings")?.value;
  assert.equal(term(project), 7);
  assert.equal(term(withOpening({ kind: "window" })), 3);
  assert.equal(term(oneWall()), undefined);
});

test("the plan's file lists linings with pieces that are told from the wall's", () => {
  const project = withOpening();
  const file = planFile(project, planValid(project));
  const [wall] = file.walls as unknown as {
    pieces: { id: string }[];
    linings: { opening: string; pieces: { id: string }[]; returns: unknown[] }[];
  }[];
  const ids = [...(wall?.pieces ?? []), ...(wall?.linings[0]?.pieces ?? [])].map(({ id }) => id);
  assert.equal(wall?.linings[0]?.pieces.length, 4);
  assert.equal(new Set(ids).size, ids.length);
});

const anyOpening = fc.record({
  kind: fc.constantFrom("niche" as const, "window" as const),
  width: fc.integer({ min: 10, max: 600 }),
  height: fc.integer({ min: 10, max: 700 }),
  depth: fc.integer({ min: 1, max: 500 }),
  at: fc.integer({ min: 0, max: 350 }),
  up: fc.integer({ min: 0, max: 450 }),
});

test("linings fill their faces: pieces and joints add up, and no piece is larger than its tile", () => {
  fc.assert(
    fc.property(anyOpening, ({ at, up, ...size }) => {
      const project = withOpening({
        ...size,
        x: { from: "left", at },
        y: { from: "base", at: up },
      });
      for (const { backs, returns } of wallAt(planValid(project), 0).linings) {
        for (const { side, lengths, depth, rows } of returns) {
          const face = side === "sill" || side === "head" ? size.width : size.height;
          const sum = lengths.reduce((total, length) => total + length, 3 * (lengths.length - 1));
          near(sum, face - 6, 1e-6);
          near(rows * depth + 3 * (rows - 1), size.depth - 3, 1e-6);
          assert.ok(Math.max(...lengths, depth) <= 300 + 1e-6);
        }
        const [back] = backs;
        if (!back) continue;
        // The back is tile and joints: no more tile than its face, and never without any.
        const { minX, minY, maxX, maxY } = boxOf(back.boundary);
        assert.ok(tiledMm2(back) <= polygonArea(back.boundary) + 1e-6);
        const lost = 3 * (maxX - minX + maxY - minY) * 3;
        assert.ok(tiledMm2(back) >= polygonArea(back.boundary) - lost - 1);
      }
    }),
    { numRuns: runs(150) },
  );
});
