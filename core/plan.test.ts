import assert from "node:assert/strict";
import { test } from "node:test";
import { polygonArea } from "./geometry/polygon.ts";
import { planFile, planFileSchema } from "./plan-file.ts";
import { clipsOn } from "./set/clips.ts";
import {
  firstWall,
  fixture,
  oneWall,
  opening,
  planValid,
  SAMPLE_NAMES,
  sampleProject,
  wallAt,
} from "./testing.ts";

const near = (actual: number, expected: number, tolerance = 1e-6) =>
  assert.ok(Math.abs(actual - expected) <= tolerance, `${actual} is not ${expected}`);

/*
 * The wall most tests use: 1000 wide, 1212 high, tile 300 × 300 × 10, joint 3, no gaps.
 * Joint on the centre: right of it 1.5 of joint, then 300, 3 and a cut of 500 − 1.5 − 303 = 195.5.
 * Upward: courses end at 300, 603, 906, 1209; 1212 leaves the joint of 3: four whole courses.
 */
const onJoint = () => oneWall({ wall: { centre: { mode: "joint" } } });

test("cuts of a wall with a joint on its centre, by hand", () => {
  const wall = firstWall(onJoint());
  const flag = (side: string) => wall.flags.find((candidate) => candidate.side === side);
  near(flag("left")?.size ?? 0, 195.5);
  near(flag("right")?.size ?? 0, 195.5);
  near(flag("bottom")?.size ?? 0, 300);
  assert.equal(flag("bottom")?.cut, false);
  assert.equal(wall.figures.tilesFull.value, 8);
  assert.equal(wall.figures.tilesCut.value, 8);
});

test("quantities of that wall, by hand", () => {
  const plan = planValid(onJoint());
  const { figures } = wallAt(plan, 0);
  // 1.000 × 1.212 m
  near(figures.fieldAreaM2.value, 1.212);
  // Upright joints: 3 in each of 4 courses of 300. Level joints: 3 rows of 195.5+300+300+195.5.
  near(figures.jointLengthM.value, (3 * 4 * 300 + 3 * 991) / 1000, 1e-4);
  // 300: 1 + ⌈200 ÷ 300⌉ = 2; 195.5: 1. Upright 12 × 2, level 3 × (2 + 2 + 1 + 1).
  assert.equal(figures.clips.value, 12 * 2 + 3 * 6);
  // Trowel for 300: 6 × 10 square: 10 × 6 ÷ 12 × sin 55° = 4.0958 mm, no back-butter.
  near(figures.mortarKg.value, 1.212 * 4.09576 * 1.2 * 1.1, 1e-4);
  // Joints: 3 × 3 × 1212 upright, 3 level rows and the joint under the ceiling at 991 each.
  const jointMm2 = 3 * 3 * 1212 + 4 * 3 * 991;
  near(figures.groutKg.value, (jointMm2 / 1e6) * 10 * 1.6 * 1.1, 1e-6);
  // Open ends: base and top only.
  near(figures.sealantM.value, 2);
  // The room floor decides: 1830 is higher than the wall, whose top is the ceiling.
  near(figures.membraneAreaM2.value, 1.212);
  // 8 × 1.05 + 8 × 1.10 = 17.2 → 18, and 5 for the attic.
  assert.equal(plan.order.find(({ code }) => code === "fieldTile")?.quantity, 23);
});

test("clips on a facing length follow the definition", () => {
  const expected: [number, number][] = [
    [99.9, 0],
    [100, 1],
    [199.9, 1],
    [200, 2],
    [400, 2],
    [401, 3],
    [610, 3],
    [700, 3],
    [701, 4],
  ];
  for (const [length, clips] of expected) assert.equal(clipsOn(length), clips, `${length}`);
});

test("a niche adds its interior to membrane and mortar and its edges to the sealant", () => {
  const project = oneWall({
    wall: {
      openings: [
        opening({
          id: "n",
          kind: "niche",
          width: 300,
          height: 400,
          depth: 90,
          x: { from: "left", at: 350 },
          y: { from: "base", at: 400 },
        }),
      ],
    },
  });
  const { figures } = firstWall(project);
  near(figures.fieldAreaM2.value, 1.212 - 0.12, 1e-9);
  // Back 0.12, returns 2 × 0.7 × 0.09 = 0.126.
  near(figures.membraneAreaM2.value, 1.212 - 0.12 + 0.246, 1e-6);
  near(figures.mortarKg.value, (1.092 + 0.246) * 4.09576 * 1.32, 1e-3);
  // Base 1, top 1, ring 1.4, inside corners 1.4 + 4 × 0.09.
  near(figures.sealantM.value, 2 + 1.4 + 1.76, 1e-9);
});

test("the hole of a fixture is pipe plus clearance, and its area leaves the field", () => {
  const project = oneWall({
    wall: {
      centre: { mode: "tile" },
      fixtures: [
        fixture({ id: "v", pipe: 88, x: { from: "left", at: 500 }, y: { from: "base", at: 753 } }),
      ],
    },
  });
  const wall = firstWall(project);
  near(wall.figures.fieldAreaM2.value, 1.212 - Math.PI * 0.05 ** 2, 1e-9);
  const holed = wall.pieces.filter(({ kind }) => kind === "hole");
  assert.equal(holed.length, 1);
  assert.deepEqual(holed[0]?.holes, [{ centre: [500, 753], diameter: 100 }]);
});

test("kinds of cut", () => {
  // Tile on centre: columns 47–347? no: the middle tile spans 350–650, its neighbours 47–347, 653–953.
  const opening = (at: number, y: number, width: number, height: number) =>
    firstWall(
      oneWall({
        wall: {
          openings: [
            {
              id: "n",
              kind: "niche",
              width,
              height,
              x: { from: "left", at },
              y: { from: "base", at: y },
            },
          ],
        },
      }),
    ).pieces.map(({ kind }) => kind);
  // A corner of the opening inside the middle tile of course 1 takes a corner out of it.
  assert.ok(opening(500, 200, 153, 103).includes("L"));
  // A bite out of the top of the middle tile.
  assert.ok(opening(400, 200, 100, 103).includes("U"));
  // Wholly inside one tile: neither straight, L nor U.
  assert.ok(opening(400, 100, 100, 100).includes("complex"));
});

test("a sloping base makes tapers whose ends follow it", () => {
  const project = oneWall({
    wall: {
      centre: { mode: "joint" },
      base: [
        { from: "left", at: 0, down: 1000 },
        { from: "right", at: 0, down: 990 },
      ],
      top: [{ from: "left", at: 0, up: 212 }],
    },
  });
  const plan = planValid(project);
  assert.equal(plan.first.levelBase, false);
  near(plan.first.y, 300);
  near(plan.fall, 10);
  const bottom = wallAt(plan, 0).flags.find(({ side }) => side === "bottom");
  // The first-course line is level, the base rises 10 over 1000: the last piece ends at 290.
  const last = bottom?.rows[bottom.rows.length - 1];
  near(last?.ends[1] ?? 0, 290, 1e-6);
  near(last?.ends[0] ?? 0, 290 + 1.955, 1e-6);
  assert.equal(wallAt(plan, 0).pieces.filter(({ kind }) => kind === "taper").length, 4);
});

test("level within tolerance: full tiles off the highest point", () => {
  const project = oneWall({
    wall: {
      base: [
        { from: "left", at: 0, down: 1000 },
        { from: "right", at: 0, down: 998.6 },
      ],
    },
  });
  const plan = planValid(project);
  assert.equal(plan.first.levelBase, true);
  near(plan.first.y, 301.4);
  const bottom = wallAt(plan, 0).flags.find(({ side }) => side === "bottom");
  assert.equal(bottom?.cut, false);
});

test("side walls butt against the back wall's tile face", () => {
  // 6 × 6 trowel: bed 3 × sin 55° = 2.4575; tile 9.5; joint 3.
  const shower = sampleProject("tub-surround");
  const tile = { id: "field", name: "T", width: 198, height: 100, thickness: 9.5 };
  const plan = planValid({ ...shower, tiles: [tile] });
  near(wallAt(plan, 2).ends.left.offset, 14.9575, 1e-3);
  near(wallAt(plan, 1).ends.left.offset, 3);
  const turned = planValid({
    ...shower,
    tiles: [tile],
    corners: [{ left: "B", right: "C", runs: "right" }],
  });
  near(wallAt(turned, 2).ends.left.offset, 3);
  near(wallAt(turned, 1).ends.right.offset, 14.9575, 1e-3);
});

test("the tub surround's leg drops to the floor, below the base, with courses 0 and under", () => {
  const plan = planValid(sampleProject("tub-surround"));
  const wall = wallAt(plan, 0);
  const lowest = Math.min(...wall.boundary.map(([, y]) => y));
  // Floor 1460 below the level line at 903.07, plus the base gap of 3.
  near(lowest, plan.levelY - 1460 + 3, 1e-6);
  assert.ok(wall.pieces.some(({ course }) => course <= 0));
  near(plan.lowPoint.below, plan.levelY);
});

test("a drag cannot flip the bond: course 1 keeps its shift", () => {
  for (const shift of [-400, -151, 0, 151, 400]) {
    const wall = firstWall(
      oneWall({
        field: { pattern: "offset", offset: 0.5, run: "alternating" },
        wall: { centre: { mode: "free", shift } },
      }),
    );
    near(wall.origin[0], 500 + shift - 150);
  }
});

test("every sample plans into the open format, totals adding up over the walls", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const plan = planValid(project);
    const file = planFileSchema.parse(JSON.parse(JSON.stringify(planFile(project, plan))));
    for (const code of ["fieldAreaM2", "clips", "mortarKg", "groutKg", "sealantM"] as const) {
      near(
        file.walls.reduce((sum, wall) => sum + wall.totals[code], 0),
        file.totals[code],
        1e-9,
      );
    }
    for (const wall of file.walls) {
      const uncut = wall.pieces.filter(({ cut }) => cut === "none").length;
      assert.equal(uncut, wall.totals.tilesFull);
      assert.equal(wall.pieces.length - uncut, wall.totals.tilesCut);
      assert.ok(polygonArea(wall.boundary) / 1e6 >= wall.totals.fieldAreaM2);
      assert.equal(new Set(wall.pieces.map(({ id }) => id)).size, wall.pieces.length);
    }
    assert.equal(plan.warnings.filter(({ severity }) => severity === "stop").length, 0);
  }
});

test("odd but real jobs are planned with a warning", () => {
  const codes = (project: ReturnType<typeof oneWall>) =>
    planValid(project).warnings.map(({ code }) => code);
  assert.ok(codes(oneWall({ width: 200, height: 250 })).includes("tile-larger-than-wall"));
  assert.ok(codes(oneWall({ width: 200 })).includes("wall-narrower-than-tile"));
  assert.ok(codes(oneWall({ joint: 0 })).includes("joint-zero"));
  const niche = (at: number, id: string) => ({
    id,
    kind: "niche" as const,
    width: 300,
    height: 300,
    x: { from: "left" as const, at },
    y: { from: "base" as const, at: 400 },
  });
  const leaving = oneWall({ wall: { openings: [niche(900, "n")] } });
  assert.ok(codes(leaving).includes("opening-leaves-wall"));
  near(firstWall(leaving).figures.fieldAreaM2.value, 1.212 - 0.1 * 0.3, 1e-6);
  const twice = oneWall({ wall: { openings: [niche(300, "n"), niche(450, "m")] } });
  assert.ok(codes(twice).includes("openings-overlap"));
  near(firstWall(twice).figures.fieldAreaM2.value, 1.212 - 0.45 * 0.3, 1e-6);
});

test("joints on a tape mark pass, just below it they warn", () => {
  const codes = (joint: number, rectified: boolean) => {
    const project = oneWall({
      tile: [600, 300],
      joint,
      field: { pattern: "offset", offset: 1 / 3 },
    });
    const tiles = project.tiles.map((tile) => ({ ...tile, rectified }));
    return planValid({ ...project, tiles }).warnings.map(({ code }) => code);
  };
  assert.ok(!codes(3.175, true).includes("offset-joint-too-narrow"));
  assert.ok(codes(3.1, true).includes("offset-joint-too-narrow"));
  assert.ok(codes(3.175, false).includes("offset-joint-too-narrow"));
  assert.ok(!codes(4.7625, false).includes("offset-joint-too-narrow"));
  assert.ok(codes(1.5, true).includes("joint-too-narrow"));
});
