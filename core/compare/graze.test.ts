import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { mod } from "../limits.ts";
import type { Project } from "../project/schema.ts";
import { bandAt, fixture, near, oneWall, openingAt, runs } from "../testing.ts";
import { acrossPhases, alongPhases } from "./candidates.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { ownGrazes, sharedGrazes } from "./graze.ts";
import type { ModelWall, SearchModel } from "./model.ts";
import { DEFAULT_WEIGHTS, scoreOf, type Weights } from "./score.ts";
import { searchLayouts } from "./search.ts";
import { best, fine, gridBest, modelOf } from "./testing.ts";

/** A wall of 1212 × 1212 in 300 × 300, joint 3, with one hole of radius 50 at 600, 500. */
function oneHole(field: Partial<Project["field"]> = {}): { model: SearchModel; wall: ModelWall } {
  const project = oneWall({
    width: 1212,
    height: 1212,
    field,
    // The hole is drilled 6 wider than the pipe on each side.
    wall: {
      fixtures: [fixture({ pipe: 88, x: { from: "left", at: 600 }, y: { from: "base", at: 500 } })],
    },
  });
  const model = modelOf(project);
  const wall = model.walls[0] as ModelWall;
  const [x, y] = model.bond.standing ? [500, 600] : [600, 500];
  assert.deepEqual(wall.holes, [{ x, y, radius: 50 }]);
  return { model, wall };
}

const sorted = (values: number[]) => [...values].sort((p, q) => p - q);

function allNear(actual: number[], expected: number[]): void {
  assert.equal(actual.length, expected.length, `${actual} for ${expected}`);
  sorted(actual).forEach((value, k) => {
    near(value, sorted(expected)[k] as number, 1e-9);
  });
}

const cutsAt = ({ model, wall }: ReturnType<typeof oneHole>, along: number, across: number) =>
  evaluateWall(model.bond, wall, { along, across }).cuts;

test("a row 30 above a hole's centre is cut by a rim of radius 50 up to 40 to each side", () => {
  const hole = oneHole();
  // Rows at 530: the tile to the right begins at 640 at the nearest, the one to the left ends at 560.
  const across = 530 - 2 * 303;
  allNear(ownGrazes(hole.model.bond, hole.wall, across), [640 - 2 * 303, 560 - 300]);
  for (const [phase, away] of [
    [34, 1],
    [260, -1],
  ] as const) {
    assert.equal(
      cutsAt(hole, phase - away * 1e-3, across),
      cutsAt(hole, phase + away * 1e-3, across) + 1,
    );
    // On the arc itself the corner is clear.
    assert.equal(cutsAt(hole, phase, across), cutsAt(hole, phase + away * 1e-3, across));
  }
});

test("a shared height: a tile 40 to the right of the centre is clear from 30 above it, or below", () => {
  const { model, wall } = oneHole();
  // The phase 34 puts a tile at 640, and the end of the one before it at 637.
  const heights = sharedGrazes(model.bond, wall, [34], 0);
  const modules = (height: number) => -mod(-height, 303);
  // The tile ending at 637 is over the centre: no corner of its own is near.
  allNear(
    heights.filter((height) =>
      [530, 470 - 300].some((at) => Math.abs(modules(at) - height) < 1e-9),
    ),
    [modules(530), modules(470 - 300)],
  );
  // And two corners at once: the joint's middle over the centre, 1.5 to each side.
  const up = Math.sqrt(50 ** 2 - 1.5 ** 2);
  const both = [modules(500 + up), modules(500 - up - 300)];
  for (const height of both) {
    assert.ok(
      heights.some((other) => Math.abs(other - height) < 1e-9),
      `${height} of ${heights}`,
    );
  }
  // Side by side too: the joint between two courses in the middle, corners 1.5 above and below.
  assert.ok(heights.some((other) => Math.abs(other - modules(500 + 1.5)) < 1e-9));
});

test("standing rows are met the other way round", () => {
  const { model, wall } = oneHole({ lay: "standing", pattern: "offset", offset: 0.5 });
  assert.ok(model.bond.standing);
  // Along is up: a column whose tiles begin at 530, and the next one half a module on, at 681.5.
  const grazes = ownGrazes(model.bond, wall, 530 - 2 * 303);
  const columns = 2 * 303;
  // Column 0 is even: it may begin at 640, or end at 560; its twin, 40 to a side, only once in two.
  for (const across of [mod(640, columns), mod(560 - 300, columns)]) {
    assert.ok(
      grazes.some((other) => Math.abs(mod(other - across, columns)) < 1e-9),
      `${across} of ${grazes}`,
    );
  }
  assert.ok(grazes.every((across) => across >= 0 && across < columns));
});

test("a wall without holes has none", () => {
  const model = modelOf(oneWall({ width: 909, height: 606 }));
  const wall = model.walls[0] as ModelWall;
  assert.deepEqual(ownGrazes(model.bond, wall, 10), []);
  assert.deepEqual(sharedGrazes(model.bond, wall, [0, 10], 0), []);
});

const bonds: Partial<Project["field"]>[] = [
  { pattern: "stacked", lay: "lying" },
  { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "lying" },
  { pattern: "offset", offset: 1 / 3, run: "alternating", lay: "lying" },
  { pattern: "offset", offset: 0.5, run: "alternating", lay: "standing" },
];

const rooms = fc.record({
  width: fine(400, 620),
  height: fine(350, 600),
  tile: fc.constantFrom<[number, number]>([300, 300], [110, 70], [200, 60]),
  bond: fc.constantFrom(...bonds),
  holes: fc.array(fc.record({ at: fine(60, 380), up: fine(60, 340), pipe: fine(15, 110) }), {
    minLength: 1,
    maxLength: 2,
  }),
  niche: fc.option(fc.record({ at: fine(60, 250), up: fine(60, 200) })),
  band: fc.option(fine(100, 300)),
});

function roomWith({ width, height, tile, bond, holes, niche, band }: SampleRoom): SearchModel {
  const project = oneWall({
    width,
    height,
    tile,
    field: bond,
    wall: {
      fixtures: holes.map(({ at, up, pipe }, k) =>
        fixture({ id: `f${k}`, pipe, x: { from: "left", at }, y: { from: "base", at: up } }),
      ),
      openings: niche ? [openingAt(niche.at, niche.up, 95, 80)] : [],
    },
  });
  const [own] = project.tiles;
  const tiles = own ? [own, { ...own, id: "accent" }] : [];
  // Without readings the level line is taken to be 1200 up.
  const zones = band ? [bandAt(band - 1200, 52)] : [];
  return modelOf({ ...project, tiles, zones });
}

type SampleRoom = typeof rooms extends fc.Arbitrary<infer T> ? T : never;

test("with round holes no grid of 1/32 in beats what is found, niche and band included", () => {
  fc.assert(
    fc.property(rooms, (room) => {
      const model = roomWith(room);
      const score = best(model).layout.score;
      const grid = gridBest(model).score;
      assert.ok(score <= grid + 1e-6, `${score} against the grid's ${grid}`);
    }),
    { numRuns: runs(5) },
  );
});

/** The best score on breakpoints alone. */
function breakpointsBest({ bond, walls, courseFoot }: SearchModel, weights: Weights): number {
  const wall = walls[0] as ModelWall;
  const step = bond.depth + bond.joint;
  const heights = acrossPhases([wall]).map((at) => courseFoot - mod(courseFoot - at, step));
  const alongs = alongPhases(bond, wall);
  const scores = heights.flatMap((across) =>
    alongs.map((along) => scoreOf(evaluateWall(bond, wall, { along, across }), bond, weights)),
  );
  return Math.min(...scores);
}

test("where a cut weighs as much as 20 mm of balance, breakpoints alone miss the best", () => {
  const rooms = [
    { at: 205.15, up: 457.35, pipe: 48.63 },
    { at: 583.86, up: 500, pipe: 61.22 },
    { at: 560.78, up: 100.01, pipe: 58.54 },
  ];
  const weights = { ...DEFAULT_WEIGHTS, cuts: 1 };
  for (const { at, up, pipe } of rooms) {
    const valve = fixture({ pipe, x: { from: "left", at }, y: { from: "base", at: up } });
    const project = oneWall({
      width: 700,
      height: 600,
      tile: [60, 60],
      wall: { fixtures: [valve] },
    });
    const model = modelOf(project);
    const found = searchLayouts(model, weights)?.candidates[0]?.layout;
    assert.ok(found);
    assert.ok(found.score < breakpointsBest(model, weights) - 0.01);
    // A grid does not find it either, nor anything better.
    assert.ok(found.score <= gridBest(model, weights).score + 1e-6);
  }
});
