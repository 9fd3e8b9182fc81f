import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { movePatternBy } from "../adjust/move-pattern.ts";
import { cutKind } from "../cut/kind.ts";
import { tiledMm2 } from "../cut/laid-area.ts";
import { intersect } from "../geometry/boolean.ts";
import { boxesApart, boxOf, perimeter, polygonArea, translate } from "../geometry/polygon.ts";
import type { Project } from "../project/schema.ts";
import { PATTERNS } from "../project/zone-schema.ts";
import { cellJoints } from "../set/joints.ts";
import { firstWall, near, oneWall, planValid, runs, wallAt } from "../testing.ts";
import { courseHeight, courseTops } from "./courses.ts";
import { tileOffset } from "./lattice.ts";
import { fieldPattern, type PatternCell } from "./pattern.ts";

type Pattern = Project["field"]["pattern"];

function cell(
  pattern: Pattern,
  tile: [number, number],
  joint: number,
  field: Partial<Project["field"]> = {},
): PatternCell {
  return fieldPattern(oneWall({ tile, joint, field: { pattern, ...field } }));
}

const turns: Partial<Project["field"]>[] = [{ angle: "block" }, { angle: "point" }];
const sizes = fc.tuple(fc.integer({ min: 40, max: 700 }), fc.integer({ min: 20, max: 300 }));
const joints = fc.constantFrom(0.5, 1.5875, 3, 5);
const free = PATTERNS.filter((name) => name !== "stacked" && name !== "offset");

/** All tiles of the bond near the origin. */
function tilesAround(bond: PatternCell, reach: number) {
  const tiles = [];
  for (let j = -reach; j <= reach; j++) {
    for (let i = -reach; i <= reach; i++) {
      for (const { ring } of bond.shapes)
        tiles.push(translate(ring, tileOffset(bond, [0, 0], i, j)));
    }
  }
  return tiles;
}

test("tiles of a bond never overlap", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...free),
      sizes,
      joints,
      fc.constantFrom(...turns),
      (name, tile, joint, turn) => {
        const bond = cell(name, tile, joint, turn);
        const around = tilesAround(bond, 6);
        for (const { ring } of bond.shapes) {
          const box = boxOf(ring);
          for (const other of around) {
            const same = ring.every(
              ([x, y], k) =>
                Math.hypot(x - (other[k]?.[0] ?? 9e9), y - (other[k]?.[1] ?? 9e9)) < 1e-6,
            );
            if (same || boxesApart(box, boxOf(other))) continue;
            const shared = intersect([ring], [other]).reduce(
              (sum, { outer }) => sum + polygonArea(outer),
              0,
            );
            assert.ok(shared < 0.05, `${name}: ${shared} mm² twice`);
          }
        }
      },
    ),
    { numRuns: runs(60) },
  );
});

test("a cell's tiles with half a joint round them fill it: herringbone, diagonal, hexagon", () => {
  fc.assert(
    fc.property(sizes, joints, fc.constantFrom(...turns), (tile, joint, turn) => {
      for (const name of ["herringbone", "diagonal"] as const) {
        const bond = cell(name, tile, joint, turn);
        const [a, b] = [bond.a.vector, bond.b.vector];
        const [long, short] = [Math.max(...tile), Math.min(...tile)];
        const each = (long + joint) * (short + joint);
        near(Math.abs(a[0] * b[1] - a[1] * b[0]), bond.shapes.length * each, 1e-6 * each);
      }
      const hexagon = cell("hexagon", tile, joint);
      const [a, b] = [hexagon.a.vector, hexagon.b.vector];
      // A hexagon of flat to flat w has the area w² √3 ÷ 2.
      const w = Math.min(...tile) + joint;
      near(Math.abs(a[0] * b[1] - a[1] * b[0]), (w * w * Math.sqrt(3)) / 2, 1e-6 * w * w);
    }),
    { numRuns: runs(60) },
  );
});

test("every side of every tile faces a neighbour one joint away, but for the crossings", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("herringbone" as const, "diagonal" as const, "hexagon" as const),
      sizes,
      joints,
      fc.constantFrom(...turns),
      (name, tile, joint, turn) => {
        const bond = cell(name, tile, joint, turn);
        const facing = cellJoints(bond).reduce((sum, { start, end }) => sum + end - start, 0);
        const sides = bond.shapes.reduce((sum, { ring }) => sum + perimeter(ring), 0);
        // Each facing length is a side of two tiles. At most two joints a side are lost to crossings.
        assert.ok(2 * facing <= sides + 1e-6);
        assert.ok(
          2 * facing >= sides - bond.shapes.length * 12 * joint - 1e-6,
          `${2 * facing} of ${sides}`,
        );
      },
    ),
    { numRuns: runs(60) },
  );
});

test("basket weave of tiles that fit: blocks of three, by hand", () => {
  // 300 = 3 × 98 + 2 × 3: three tiles of 98 with joints are as wide as one is long.
  const bond = cell("basket-weave", [300, 98], 3);
  assert.equal(bond.shapes.length, 6);
  assert.deepEqual(bond.a.vector, [606, 0]);
  assert.deepEqual(bond.b.vector, [303, 303]);
  near(bond.shapes[3]?.ring[0]?.[0], 303);
  // Joints of one cell: 2 + 2 inside the blocks of 300, and round each block 4 sides of 300, less
  // the crossings of the tiles that end on them; each outer side is shared by two blocks.
  const facing = cellJoints(bond).reduce((sum, { start, end }) => sum + end - start, 0);
  near(facing, 4 * 300 + 4 * (3 * 98), 1e-6);
});

test("a hexagon of 100 has sides of 57.7 and is 115.5 high", () => {
  const bond = cell("hexagon", [200, 100], 2);
  near(bond.width, 100);
  near(bond.height, 200 / Math.sqrt(3), 1e-9);
  near(perimeter(bond.shapes[0]?.ring ?? []), 600 / Math.sqrt(3), 1e-9);
  assert.equal(cellJoints(bond).length, 3);
});

test("cuts of turned and six-sided tiles have their kinds", () => {
  const [tile] = cell("diagonal", [200, 200], 3).shapes;
  const ring = tile?.ring ?? [];
  const { minX, maxX, minY, maxY } = boxOf(ring);
  const middle = (minX + maxX) / 2;
  const clip = (x: number) =>
    intersect(
      [ring],
      [
        [
          [minX, minY],
          [x, minY],
          [x, maxY],
          [minX, maxY],
        ],
      ],
    )[0]?.outer ?? [];
  const round = { notched: false, holes: 0 };
  assert.equal(cutKind(ring, ring, round), "none");
  assert.equal(cutKind(clip(middle), ring, round), "diagonal");
  assert.equal(cutKind(clip(middle + 60), ring, round), "diagonal");
  const hexagon = cell("hexagon", [100, 100], 3).shapes[0]?.ring ?? [];
  const half =
    intersect(
      [hexagon],
      [
        [
          [0, 0],
          [100, 0],
          [100, 60],
          [0, 60],
        ],
      ],
    )[0]?.outer ?? [];
  assert.equal(cutKind(hexagon, hexagon, round), "none");
  assert.equal(cutKind(half, hexagon, round), "straight");
});

test("a field in every bond: pieces and joints make the field, figures follow", () => {
  for (const pattern of PATTERNS) {
    for (const turn of turns) {
      const wall = firstWall(oneWall({ tile: [200, 66], joint: 3, field: { pattern, ...turn } }));
      const { fieldAreaM2, groutKg, tilesFull, tilesCut, jointLengthM } = wall.figures;
      assert.ok(tilesFull.value > 20 && tilesCut.value > 5, pattern);
      assert.ok(jointLengthM.value > 10, pattern);
      const joints = groutKg.terms.find(({ code }) => code === "jointM2")?.value ?? 0;
      // Joints of 3 beside tiles of 66: some 4 to 8 per cent; with squares of 31.5 in it some 10,
      // and with the wide joints at the tips of scales some 12.
      const share = joints / fieldAreaM2.value;
      assert.ok(share > 0.02 && share < 0.13, `${pattern}: ${share}`);
    }
  }
});

test("a bond without courses follows the finger, and its mark stays within a step", () => {
  const wall = firstWall(
    oneWall({ tile: [200, 66], field: { pattern: "herringbone", angle: "block" } }),
  );
  const step = wall.cell.a.vector[1] || wall.cell.b.vector[1];
  for (const [dx, dy] of [
    [30, 10],
    [-400, 700],
    [5, -900],
    [0, 0],
  ] as const) {
    const moved = movePatternBy(wall, 12, dx, dy, 0);
    assert.ok(moved.drop >= 0 && moved.drop < step, `${moved.drop}`);
    // Where the pattern is now less where it was is the finger's way, but for steps of the lattice.
    const off = [(moved.centre.shift ?? 0) - dx, 12 - moved.drop - dy] as const;
    const { a, b } = wall.cell;
    const determinant = a.vector[0] * b.vector[1] - a.vector[1] * b.vector[0];
    const i = (off[0] * b.vector[1] - off[1] * b.vector[0]) / determinant;
    const j = (a.vector[0] * off[1] - a.vector[1] * off[0]) / determinant;
    near(i, Math.round(i), 1e-6);
    near(j, Math.round(j), 1e-6);
  }
});

test("two heights by turns: both tiles repeat in one cell, courses count on", () => {
  const project = oneWall({ tile: [400, 200], joint: 2, field: { pattern: "two-heights" } });
  const second = { id: "s", name: "Second", width: 199, height: 99, thickness: 8 };
  const both = {
    ...project,
    tiles: [...project.tiles, second],
    field: { ...project.field, second: "s" },
  };
  const bond = fieldPattern(both);
  // 402 holds two of 201: one long tile under two short ones.
  assert.deepEqual(
    bond.shapes.map(({ width, height, tile }) => [width, height, tile]),
    [
      [400, 200, project.field.tile],
      [199, 99, "s"],
      [199, 99, "s"],
    ],
  );
  assert.deepEqual(
    [bond.a.vector, bond.b.vector],
    [
      [402, 0],
      [0, 303],
    ],
  );
  // Joints of a cell: upright ones 200 + 2 × 99, level ones twice the 199 that face the long tile.
  const facing = cellJoints(bond).reduce((sum, { start, end }) => sum + end - start, 0);
  near(facing, 200 + 2 * 99 + 4 * 199, 1e-6);
});

test("a pinwheel of squares fills its cell, and no joint runs through", () => {
  const project = oneWall({ tile: [200, 200], joint: 2, field: { pattern: "pinwheel" } });
  const bond = fieldPattern(project);
  assert.deepEqual(
    bond.shapes.map(({ width }) => width),
    [200, 99],
  );
  const [a, b] = [bond.a.vector, bond.b.vector];
  near(a[0] * b[1] - a[1] * b[0], 202 ** 2 + 101 ** 2, 1e-6);
  // Each side of the large square is faced by a large and a small one: no side is faced by one alone.
  const sides = cellJoints(bond).filter(({ from }) => from === 0);
  assert.ok(sides.every(({ start, end }) => end - start < 199));
});

/* Width 100, joint 3: R 51.5, rounds of 50 and hollows of 53 about the same centres. */
test("scales: two neighbours above share the round, and every point of it is a joint from them", () => {
  const bond = cell("scale", [100, 100], 3, { lay: "lying" });
  const [scale] = bond.shapes;
  assert.ok(scale?.hull);
  near(bond.a.vector[0], 103);
  assert.deepEqual(bond.b.vector, [51.5, 51.5]);
  /*
   * By hand: a hollow's tip is cut off where cos φ = 51.5 / 53, φ = 13.65°; its other end lies where
   * circles of 50 and 53 about centres 72.83 apart meet, 91.64° round: 74.71° face each neighbour.
   */
  const joints = cellJoints(bond);
  const length = joints.reduce((sum, { start, end }) => sum + end - start, 0);
  near(length, 2 * ((74.71 * Math.PI) / 180) * 50, 0.6);
  assert.ok(joints.every(({ start, end }) => end > start));
});

test("scales are fans turned over: the same tile, round side down", () => {
  const fan = cell("scale", [80, 80], 2, { lay: "lying" }).shapes[0];
  const scale = cell("scale", [80, 80], 2, { lay: "standing" }).shapes[0];
  near(fan?.areaMm2, scale?.areaMm2 ?? 0);
  const highest = (ring: readonly (readonly [number, number])[] = []) =>
    ring.reduce((top, p) => (p[1] > top[1] ? p : top));
  // A fan is broad at its top; a scale comes to its tip there.
  const top = highest(fan?.ring);
  const beside = fan?.ring.filter(([, y]) => top[1] - y < 1).length ?? 0;
  const tip = highest(scale?.ring);
  const besideTip = scale?.ring.filter(([, y]) => tip[1] - y < 1).length ?? 0;
  assert.ok(beside > besideTip);
});

test("a scale that one line crosses is a straight cut; one only its hull meets stays whole", () => {
  const project = oneWall({
    width: 1000,
    height: 1000,
    tile: [150, 150],
    field: { pattern: "scale", lay: "lying" },
  });
  const wall = firstWall(project);
  const kinds = new Set(wall.pieces.map(({ kind }) => kind));
  assert.ok(kinds.has("straight"));
  const whole = wall.pieces.filter(({ kind }) => kind === "none");
  const full = wall.cell.shapes[0]?.areaMm2 ?? 0;
  for (const { areaMm2 } of whole) near(areaMm2, full, 0.5);
  // Tile and joints are all of the field: the grout is what tile leaves.
  const [tiles] = [wall.areas.reduce((sum, area) => sum + tiledMm2(area), 0)];
  const share = tiles / 1e6;
  const inBond = full / (153 * 76.5);
  assert.ok(Math.abs(share - inBond) < 0.02, `${share} of ${inBond}`);
});

test("courses of two heights are on the pole, where the pieces end", () => {
  const second = { id: "s", name: "Second", width: 199, height: 99, thickness: 8 };
  const project = oneWall({
    tile: [400, 200],
    joint: 2,
    field: { pattern: "two-heights", second: "s" },
  });
  const wall = wallAt(planValid({ ...project, tiles: [...project.tiles, second] }), 0);
  const tops = courseTops(wall);
  // By hand in a wall of 1212: 200, 301 (a joint and 99 higher), then again every 303.
  assert.deepEqual(
    tops.map(({ number, at }) => [number, Math.round(at)]),
    [
      [1, 200],
      [2, 301],
      [3, 503],
      [4, 604],
      [5, 806],
      [6, 907],
      [7, 1109],
      [8, 1210],
    ],
  );
  for (const { number, at } of tops) {
    const pieces = wall.pieces.filter(({ course }) => course === number);
    near(Math.max(...pieces.map(({ ring }) => boxOf(ring).maxY)), at, 0.01);
    near(courseHeight(wall.cell, number), number % 2 === 1 ? 200 : 99);
  }
});

test("bonds without courses have none on the pole", () => {
  for (const pattern of ["herringbone", "hexagon", "diagonal", "pinwheel"] as const) {
    assert.deepEqual(courseTops(wallAt(planValid(oneWall({ field: { pattern } })), 0)), []);
  }
});
