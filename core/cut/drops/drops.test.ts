import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { intersect } from "../../geometry/boolean.ts";
import { boxOf } from "../../geometry/polygon.ts";
import { fieldTile } from "../../project/defaults.ts";
import type { Project } from "../../project/schema.ts";
import { oneWall, openingAt, planValid, SAMPLE_NAMES, sampleProject } from "../../testing.ts";
import { fewestSets, subsets } from "../../testing-exact.ts";
import { cutsOf, programFewest } from "../../testing-program.ts";
import { type Blank, halfTurn, Side, type Stock } from "./blank.ts";
import { fewestBound, fewestByArea } from "./bound.ts";
import { sawnPieces, tilesByArea } from "./drops.ts";
import { countFewest, fewestTiles } from "./fewest.ts";
import { fitBlanks } from "./fit.ts";
import { KindTable } from "./kinds.ts";
import { withNotches } from "./testing.ts";

const { left, right, bottom, top } = Side;
const stock: Stock = { width: 300, height: 300, kerf: 3, turns: true };

/** A strip of full height that keeps its left factory edge. */
const strip = (width: number, side: number = left): Blank => ({
  width,
  height: 300,
  sides: side | bottom | top,
});

const dropsOf = (project: Project) => planValid(project).drops;

test("two strips come from one tile when they and the kerf fit", () => {
  // 148.5 + 3 + 148.5 = 300.
  assert.ok(fitBlanks([strip(148.5), strip(148.5, right)], stock));
  assert.ok(fitBlanks([strip(148.5), strip(148.5)], stock), "the second one turned");
  assert.equal(fitBlanks([strip(148.6), strip(148.5, right)], stock), undefined);
  const veined = { ...stock, turns: false };
  assert.equal(fitBlanks([strip(100), strip(100)], veined), undefined);
  assert.ok(fitBlanks([strip(100), strip(100, right)], veined));
});

test("a third strip has no factory edge left, one without needs of its own has", () => {
  assert.equal(fitBlanks([strip(50), strip(50), strip(50)], stock), undefined);
  const inner = { width: 50, height: 300, sides: bottom | top };
  assert.ok(fitBlanks([strip(50), inner, strip(50)], stock));
});

test("four corners come from one tile, a strip across and a strip upright do not", () => {
  const corner = { width: 140, height: 140, sides: left | bottom };
  const placed = fitBlanks([corner, corner, corner, corner], stock);
  // Half a turn takes left and bottom to right and top: the other two corners are out of reach.
  assert.equal(placed, undefined);
  const mirrored = { ...corner, sides: right | bottom };
  assert.ok(fitBlanks([corner, mirrored, corner, mirrored], stock));
  const course = { width: 300, height: 100, sides: left | right | bottom };
  assert.equal(fitBlanks([strip(100), course], stock), undefined);
  assert.equal(halfTurn(left | bottom), right | top);
});

/* Centre on a joint: half of 800 less half a joint is 398.5; a tile and a joint leave 95.5. */
test("a wall of eight equal cuts takes four tiles, or eight when the drops are too small", () => {
  const wall = { centre: { mode: "joint" as const } };
  const narrow = oneWall({ width: 800, wall });
  assert.equal(dropsOf(narrow).withoutDrops, 8);
  assert.equal(dropsOf(narrow).tiles.length, 4);
  // 1000 wide: cuts of 195.5, of which no two come from 300.
  assert.equal(dropsOf(oneWall({ wall })).tiles.length, 8);
  // The saw takes 3 mm: 148.5 twice is just possible, and no longer with a thicker blade.
  const half = (kerf: number) => dropsOf(oneWall({ width: 906, wall, settings: { kerf } }));
  assert.equal(half(3).tiles.length, 4);
  assert.equal(half(3.2).tiles.length, 8);
});

test("the tiles to buy rest on the drops: 8 full and 4 for cuts", () => {
  const plan = planValid(oneWall({ width: 800, wall: { centre: { mode: "joint" } } }));
  // ⌈8 × 1.05 + 4 × 1.1⌉ + 5 = ⌈12.8⌉ + 5.
  assert.equal(plan.order.find(({ code }) => code === "fieldTile")?.quantity, 18);
  // By area: 0.8 × 1.212 × 1.1 ÷ 0.303² = 11.6.
  assert.equal(tilesByArea(0.8 * 1.212, fieldTile(oneWall()), 3), 12);
});

test("every cut of the samples comes from one tile, inside it and clear of its neighbours", () => {
  for (const name of SAMPLE_NAMES) {
    const plan = planValid(sampleProject(name));
    const cut = plan.walls.flatMap(({ pieces }) => pieces.filter(({ kind }) => kind !== "none"));
    const ids = plan.drops.tiles.flatMap(({ pieces }) => pieces);
    assert.deepEqual([...ids].sort(), cut.map(({ id }) => id).sort());
    for (const tile of plan.drops.tiles) {
      const rings = sawnPieces(plan.walls, tile).map(({ ring }) => ring);
      rings.forEach((ring, k) => {
        const { width, height } = tile.stock;
        const box = boxOf(ring);
        assert.ok(box.minX > -1e-6 && box.maxX < width + 1e-6, name);
        assert.ok(box.minY > -1e-6 && box.maxY < height + 1e-6, name);
        assert.ok(
          rings.slice(0, k).every((other) => intersect([ring], [other]).length === 0),
          name,
        );
      });
    }
    assert.ok(plan.drops.bound <= plan.drops.tiles.length);
  }
});

/*
 * Tile 240 on the centre of 600 leaves 178 on either side, a joint of 2 on it 57: 178 + 3 + 57 = 238.
 * No two of the ten pieces of 178 come from one tile.
 */
test("narrow tile is matched as any other: ten tiles give the twenty cuts of ten courses", () => {
  const field = { pattern: "offset", offset: 0.5, run: "alternating" } as const;
  const { drops } = planValid(
    oneWall({ width: 600, height: 470, tile: [240, 45], joint: 2, field }),
  );
  assert.deepEqual([drops.withoutDrops, drops.tiles.length, drops.bound], [20, 10, 10]);
});

test("sticks of a mosaic: the exact search closes what the bound leaves open", () => {
  const [sticks] = cutsOf(planValid(sampleProject("banded-bath")), "stick");
  assert.ok(sticks);
  assert.equal(sticks.blanks.length, 41);
  assert.equal(fewestBound(new KindTable(sticks.blanks, sticks.stock)), 21);
  const { tiles, bound } = fewestTiles(sticks.blanks, sticks.stock);
  assert.deepEqual([tiles.length, bound, programFewest(sticks)], [23, 23, 23]);
});

test("where the largest first takes a tile too many the search finds the fewest", () => {
  const field = { pattern: "herringbone", angle: "block" } as const;
  const niche = openingAt(184, 243, 273, 200);
  const wall = { openings: [niche] };
  const jobs = [
    oneWall({ width: 1032, height: 1583, tile: [507, 115], joint: 4, field, wall }),
    oneWall({
      width: 1700,
      height: 1579,
      tile: [455, 269],
      joint: 2,
      field,
      wall: { openings: [openingAt(132, 506, 388, 234)] },
    }),
  ];
  for (const size of jobs.flatMap((job) => cutsOf(planValid(job)))) {
    const { tiles, bound } = fewestTiles(size.blanks, size.stock);
    assert.equal(countFewest(size.blanks, size.stock), tiles.length + 1);
    assert.deepEqual([tiles.length, bound], [programFewest(size), programFewest(size)]);
  }
});

test("nothing is called proven that was not bounded: hexagons by area, a search cut short not at all", () => {
  const { drops } = planValid(oneWall({ tile: [200, 100], field: { pattern: "hexagon" } }));
  assert.ok(drops.bound < drops.tiles.length, `${drops.bound} of ${drops.tiles.length}`);
  const [sticks] = cutsOf(planValid(sampleProject("banded-bath")), "stick");
  assert.ok(sticks);
  const short = fewestTiles(sticks.blanks, sticks.stock, 3);
  assert.ok(short.bound <= 23 && short.tiles.length >= 23);
});

test("no fewer by area than the pieces that fill more than half a tile, and what fits beside them", () => {
  // Three of 60 need a tile each and leave 120; of five of 30 four go beside them.
  assert.equal(fewestByArea([60, 60, 60, 30, 30, 30, 30, 30], 100), 4);
  assert.equal(fewestByArea([51, 51], 100), 2);
  assert.equal(fewestByArea([50, 50, 10], 100), 2);
  assert.equal(fewestByArea([], 100), 0);
});

/** The fewest tiles by an integer program over every set of blanks that fits one tile. */
function exactFewest(blanks: Blank[], from: Stock): number {
  const pick = (set: number[]) => set.map((k) => blanks[k] as Blank);
  const fits = (set: number[]) => set.length <= 5 && fitBlanks(pick(set), from) !== undefined;
  return fewestSets(blanks.length, subsets(blanks.length, fits));
}

const blank = fc
  .record({
    width: fc.oneof(fc.integer({ min: 15, max: 290 }), fc.constant(300)),
    height: fc.oneof(fc.integer({ min: 15, max: 290 }), fc.constant(300)),
    across: fc.constantFrom(left, right),
    up: fc.constantFrom(bottom, top),
  })
  .map(({ width, height, across, up }): Blank => {
    const x = width === 300 ? left | right : across;
    const y = height === 300 ? bottom | top : up;
    return { width, height, sides: x | y };
  });

test("the fewest tiles against an integer program: never fewer, the bound never more", () => {
  let [equal, proven, runs] = [0, 0, 0];
  const pieces = fc.array(withNotches(blank), { minLength: 1, maxLength: 9 });
  fc.assert(
    fc.property(pieces, fc.boolean(), (blanks, turns) => {
      const from = { ...stock, turns };
      const exact = exactFewest(blanks, from);
      const { tiles, bound } = fewestTiles(blanks, from);
      const found = tiles.length;
      assert.ok(fewestBound(new KindTable(blanks, from)) <= bound);
      assert.ok(bound <= exact && exact <= found, `${bound} ≤ ${exact} ≤ ${found}`);
      runs++;
      if (found === exact) equal++;
      if (found === bound) proven++;
    }),
    { numRuns: 250, seed: 7 },
  );
  assert.equal(equal, runs, "the exact search closes every gap of nine pieces");
  assert.equal(proven, runs);
});
