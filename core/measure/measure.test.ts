import assert from "node:assert/strict";
import { test } from "node:test";
import { boxOf } from "../geometry/polygon.ts";
import { planProject } from "../plan.ts";
import type { Wall } from "../project/schema.ts";
import { codesOf, firstWall, oneWall, planValid, wallAt } from "../testing.ts";

const near = (actual: number | undefined, expected: number, tolerance = 1e-6) =>
  assert.ok(
    Math.abs((actual ?? Number.NaN) - expected) <= tolerance,
    `${actual} is not ${expected}`,
  );

const readings: Partial<Wall> = {
  base: [
    { from: "left", at: 100, down: 1000 },
    { from: "right", at: 100, down: 1008 },
  ],
  top: [{ from: "left", at: 500, up: 900 }],
};

test("readings give the base in the plan's frame, from either corner, continued to the corners", () => {
  const plan = planValid(oneWall({ wall: readings }));
  // 8 mm over the 800 between the readings: 0.01 a mm, so 1 more at each corner.
  near(plan.fall, 10);
  near(plan.lowPoint.x, 1000);
  near(plan.levelY, 1009);
  const { region } = wallAt(plan, 0);
  near(boxOf(region).minY, 0);
  near(boxOf(region).maxY, 1909);
});

test("changing a base reading moves nothing that was read from the level line", () => {
  const opening = {
    id: "n",
    kind: "niche" as const,
    width: 200,
    height: 200,
    x: { from: "left" as const, at: 300 },
    y: { from: "level" as const, at: -100 },
  };
  const before = planValid(oneWall({ wall: { ...readings, openings: [opening] } }));
  const deeper = [
    readings.base?.[0] as Wall["base"][0],
    { from: "right" as const, at: 100, down: 1030 },
  ];
  const after = planValid(oneWall({ wall: { ...readings, base: deeper, openings: [opening] } }));
  assert.notEqual(after.levelY, before.levelY);
  const height = (plan: typeof before) => (wallAt(plan, 0).openings[0]?.y ?? 0) - plan.levelY;
  near(height(before), -100);
  near(height(after), -100);
});

test("positions from the right corner, the base and the top, to an edge or a centre", () => {
  const at = (x: object, y: object) => {
    const opening = {
      id: "n",
      kind: "niche",
      width: 200,
      height: 100,
      x,
      y,
    } as Wall["openings"][0];
    const placed = firstWall(oneWall({ height: 2000, wall: { openings: [opening] } })).openings[0];
    return [placed?.x, placed?.y];
  };
  assert.deepEqual(at({ from: "right", at: 300 }, { from: "base", at: 400 }), [500, 400]);
  assert.deepEqual(
    at({ from: "right", at: 300, to: "centre" }, { from: "base", at: 400, to: "top" }),
    [600, 300],
  );
  assert.deepEqual(at({ from: "left", at: 300 }, { from: "ceiling", at: 500 }), [300, 1400]);
  assert.deepEqual(
    at({ from: "left", at: 300 }, { from: "ceiling", at: 500, to: "centre" }),
    [300, 1450],
  );
});

test("leans move the corners, and a position is read from the corner at its own height", () => {
  const wall = firstWall(
    oneWall({
      height: 2000,
      wall: {
        lean: { left: { offset: 10, over: 1000 }, right: { offset: -5, over: 1000 } },
        fixtures: [
          {
            id: "f",
            kind: "valve",
            pipe: 20,
            x: { from: "left", at: 100 },
            y: { from: "base", at: 1000 },
          },
        ],
      },
    }),
  );
  const [, , topRight, topLeft] = wall.region;
  near(topLeft?.[0], 20);
  near(topRight?.[0], 990);
  near(wall.fixtures[0]?.centre[0], 110);
});

test("widths and the left lean count; a right lean that disagrees by more than 2 mm is said", () => {
  const plan = (offset: number) =>
    planValid(
      oneWall({
        height: 2000,
        wall: {
          width: { bottom: 1000, top: 995 },
          lean: { left: { offset: 4, over: 2000 }, right: { offset, over: 2000 } },
        },
      }),
    );
  // 4 + 995 = 999 at the top: a lean of −1. Read as −2 it is 1 off, as −6 it is 5 off.
  near(wallAt(plan(-2), 0).region[2]?.[0], 999);
  const codes = (offset: number) => plan(offset).warnings.map(({ code }) => code);
  assert.ok(!codes(-2).includes("lean-mismatch"));
  assert.ok(codes(-6).includes("lean-mismatch"));
});

test("sizes read on board or studs lose the layers of the wall that meets them", () => {
  const surfaceOf = (surface: "studs" | "board" | "film") => {
    const project = oneWall();
    const walls = ["A", "B"].map((id, k) => ({
      ...(project.walls[0] as Wall),
      id,
      surface,
      role: k === 0 ? ("back" as const) : ("side" as const),
    }));
    const plan = planValid({ ...project, enclosure: { kind: "corner", base: "pan" }, walls });
    return [wallAt(plan, 0).ends.right.offset, wallAt(plan, 1).ends.left.offset];
  };
  // Film: a joint of 3; and bed 4.0958 + tile 10 + 3. Board: 1 of film more; studs: 12.7 of board too.
  const bed = ((10 * 6) / 12) * Math.sin((55 * Math.PI) / 180);
  for (const [surface, layers] of [
    ["film", 0],
    ["board", 1],
    ["studs", 13.7],
  ] as const) {
    const [runs, butts] = surfaceOf(surface);
    near(runs, 3 + layers);
    near(butts, bed + 13 + layers, 1e-4);
  }
});

test("a reading far from its corner is said, one reading alone is level", () => {
  const codes = (base: Wall["base"]) =>
    planValid(oneWall({ wall: { base } })).warnings.map(({ code }) => code);
  const at = (from: "left" | "right", distance: number) => ({ from, at: distance, down: 900 });
  assert.ok(codes([at("left", 350), at("right", 20)]).includes("reading-far-from-corner"));
  assert.ok(!codes([at("left", 250), at("right", 20)]).includes("reading-far-from-corner"));
  assert.ok(!codes([at("left", 500)]).includes("reading-far-from-corner"));
});

test("a base above the top is a stop, and the wall is planned to nothing", () => {
  const plan = planValid(
    oneWall({
      wall: {
        base: [{ from: "left", at: 0, down: 100 }],
        top: [{ from: "left", at: 0, up: -300 }],
      },
    }),
  );
  const stops = plan.warnings.filter(({ severity }) => severity === "stop");
  assert.deepEqual(
    stops.map(({ code }) => code),
    ["base-above-top"],
  );
  for (const value of Object.values(plan.totals)) assert.equal(value, 0);
  assert.equal(plan.film.walls[0]?.strips.length, 0);
  assert.equal(plan.board.walls[0]?.board.pieces.length, 0);
  assert.ok(!plan.warnings.some(({ code }) => code === "film-above-tile"));
});

test("walls beyond what a job can be are planned to nothing, the ones before them as ever", () => {
  // 20 × 25 m are 500 m², twice that is more than 600.
  const project = oneWall({ width: 20_000, height: 25_000 });
  const walls = ["A", "B"].map((id) => ({ ...(project.walls[0] as Wall), id }));
  const plan = planValid({ ...project, walls });
  assert.deepEqual(codesOf(plan, "B"), ["job-too-large"]);
  assert.ok(!codesOf(plan, "A").includes("job-too-large"));
  const [first, second] = plan.walls;
  assert.ok((first?.figures.tilesFull.value ?? 0) > 4000);
  assert.equal(second?.figures.fieldAreaM2.value, 0);
});

test("a job takes no more tiles in all than a budget, wall by wall", () => {
  // 30 × 30 with 2 between: 12.25 m² are some 12,000 of them, and some 200,000 are the budget.
  const project = oneWall({ width: 3500, height: 3500, tile: [30, 30], joint: 2 });
  const walls = Array.from({ length: 18 }, (_, k) => {
    return { ...(project.walls[0] as Wall), id: `W${k}` };
  });
  const plan = planProject({ ...project, walls });
  const refused = plan.walls.filter(({ id }) => codesOf(plan, id).includes("too-many-tiles"));
  assert.ok(refused.length >= 1 && refused.length <= 4, `${refused.length}`);
  assert.equal(refused.at(-1)?.id, "W17");
  assert.ok(plan.totals.tilesFull > 150_000 && plan.totals.tilesFull < 200_000);
});
