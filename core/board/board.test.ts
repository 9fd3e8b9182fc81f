import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { boxOf, polygonArea } from "../geometry/polygon.ts";
import { planProject } from "../plan.ts";
import type { Project, Wall } from "../project/schema.ts";
import {
  codesOf,
  enclosure,
  fixture,
  near,
  oneWall,
  opening,
  planValid,
  runs,
  SAMPLE_NAMES,
  sampleProject,
} from "../testing.ts";
import { seamPlaces, seamsOnStuds } from "./board-layout.ts";
import type { WallBoard } from "./board-plan.ts";

const boardOf = (project: Project): WallBoard => planValid(project).board.walls[0] as WallBoard;
const withBuild = (project: Project, build: Project["build"]): Project => ({ ...project, build });
const studs = (...places: number[]): Partial<Wall> => ({
  studs: places.map((at, k) => ({ id: `s${k}`, from: "left", at })),
});

test("lying sheets on a wall by hand: rows, seams and pieces", () => {
  // 2400 × 2000, held 6 off the base and 3 off corners and ceiling: 2394 × 1991. Rows of 914.4 with
  // a gap of 3 between.
  // A sheet of 1524 does not reach over 2400: the only stud for one seam is at 1200. The middle
  // row must not repeat it and takes two other studs: 2 + 3 + 2 pieces.
  const project = withBuild(
    oneWall({ width: 2400, height: 2000, wall: studs(0, 400, 800, 1200, 1600, 2000, 2400) }),
    { lay: "lying" },
  );
  const { board } = boardOf(project);
  assert.equal(board.pieces.length, 7);
  const level = board.seams.filter(({ from, to }) => to[0] > from[0]);
  const upright = board.seams.filter(({ from, to }) => to[1] > from[1]);
  assert.equal(upright.length, 4);
  // Level seams are cut where pieces end, and add up to the wall's width twice.
  near(
    level.reduce((sum, { from, to }) => sum + to[0] - from[0], 0),
    2 * 2394,
  );
  near(
    upright.reduce((sum, { from, to }) => sum + to[1] - from[1], 0),
    1991 + 917.4,
  );
  const rows = upright.sort((p, q) => p.from[1] - q.from[1]).map(({ from }) => from[0]);
  assert.deepEqual([rows[0], rows[3]], [1200, 1200]);
  for (const x of [rows[1], rows[2]]) assert.ok([400, 800, 1600, 2000].includes(x ?? 0), `${x}`);
  // Pieces leave the gap at seams: area of the region less 3 mm along every seam (crossings aside).
  near(board.areaM2, (2394 * 1991 - 3 * (2 * 2394 + 1991 + 917.4)) / 1e6, 1e-4);
});

test("the chain of seams is the cheapest: every choice of studs tried", () => {
  const places = fc.uniqueArray(
    fc.integer({ min: 1, max: 29 }).map((n) => n * 100),
    {
      minLength: 2,
      maxLength: 8,
    },
  );
  fc.assert(
    fc.property(places, fc.integer({ min: 1000, max: 1524 }), (xs, sheet) => {
      const wall = { minX: 0, maxX: 3000 };
      const inner = [...xs].sort((a, b) => a - b);
      const list = { studs: inner.map((x) => ({ x, width: 38 })), assumed: false, widest: 0 };
      const near2 = (x: number) => (x % 700 === 0 ? 1 : 0);
      const cost = (seams: number[]) =>
        seams.length + 1 + seams.reduce((s, x) => s + 4 * near2(x), 0);
      let best = Infinity;
      for (let mask = 0; mask < 2 ** inner.length; mask++) {
        const seams = inner.filter((_, k) => mask & (1 << k));
        const ends = [0, ...seams, 3000];
        const reaches = ends
          .slice(1)
          .every(
            (x, k) =>
              x - (ends[k] ?? 0) - (k > 0 ? 1.5 : 0) - (k < seams.length ? 1.5 : 0) <= sheet,
          );
        if (reaches) best = Math.min(best, cost(seams));
      }
      if (best === Infinity) return;
      near(cost(seamsOnStuds(seamPlaces(wall, list, sheet + 3), sheet, 3, [], near2)), best);
    }),
    { numRuns: runs(150) },
  );
});

test("no piece is larger than a sheet, all lie on the wall, none overlap", () => {
  const size = fc.integer({ min: 300, max: 4000 });
  fc.assert(
    fc.property(
      size,
      fc.integer({ min: 800, max: 2800 }),
      fc.constantFrom("lying", "standing"),
      (width, height, lay) => {
        const { board } = boardOf(withBuild(oneWall({ width, height }), { lay: lay as "lying" }));
        const area = board.pieces.reduce((sum, { ring }) => sum + polygonArea(ring), 0);
        const whole = (width - 6) * (height - 9);
        assert.ok(area <= whole + 1);
        // What is not board is the gaps along the seams.
        near(area, whole - 3 * board.seamMm, 9 * board.seams.length + 1);
        for (const piece of board.pieces) {
          assert.ok(Math.min(piece.width, piece.height) <= 914.5, "wider than a sheet");
          assert.ok(Math.max(piece.width, piece.height) <= 1524.1, "longer than a sheet");
        }
      },
    ),
    { numRuns: runs(80) },
  );
});

test("seams keep clear of a niche's corners where that can be", () => {
  // Rows from the base would put a seam at 921.9, right at the niche's top of 920.
  const project = oneWall({
    width: 1400,
    height: 2000,
    wall: { openings: [opening({ y: { from: "base", at: 520 }, height: 400 })] },
  });
  const { board } = boardOf(withBuild(project, { lay: "lying" }));
  assert.equal(board.nearCorners, 0);
});

test("fasteners by hand: studs, edges, spacing, free height", () => {
  // One piece 794 × 797 from 6 up; studs at 0, 400, 800: lines at 15, 400 and 785.
  const project = oneWall({ width: 800, height: 806, wall: studs(0, 400, 800) });
  project.enclosure.base = "tub";
  const { fasteners, board } = boardOf(project);
  assert.equal(board.pieces.length, 1);
  // From 25 (the flange) to 791: 766 ÷ 200 → 4 steps, 5 on each line.
  assert.equal(fasteners.length, 15);
  near(Math.min(...fasteners.map(([, y]) => y)), 25);
  near(Math.max(...fasteners.map(([, y]) => y)), 791);
});

test("rough opening, depth and bay of a niche, by hand", () => {
  const project = oneWall({ width: 1200, height: 2000, wall: studs(0, 400, 800, 1200) });
  const wall = project.walls[0] as Wall;
  // Trowel for 300: bed 5 × sin 55° = 4.0958; stack = 12.7 + 1 + 4.0958 + 10 = 27.7958.
  wall.openings = [opening({ width: 290, x: { from: "left", at: 600, to: "centre" } })];
  const [rough] = boardOf(project).openings;
  near(rough?.stack, 27.7958, 1e-3);
  near(rough?.width, 290 + 2 * 27.7958, 1e-3);
  // Sill fall 2 % of 90.
  near(rough?.height, 400 + 2 * 27.7958 + 1.8, 1e-3);
  // 89 of stud, field and lining layers cancel, less 3.
  near(rough?.depthThere, 86, 1e-9);
  // Between studs of 38: 419 to 781, 362 clear; 344.5 fits, and at most 307.5 finished.
  near(rough?.bay, 362);
  assert.deepEqual(rough?.cuts, []);
  near(rough?.move, 0);
  near(rough?.widestFinished, 362 - 2 * 27.7958, 1e-3);
  assert.ok(codesOf(planValid(project)).includes("niche-too-deep"));
});

test("a niche that meets a stud says how far to move, or that no bay takes it", () => {
  const at = (x: number, width: number) => {
    const project = oneWall({ width: 1200, height: 2000, wall: studs(0, 400, 800, 1200) });
    const wall = project.walls[0] as Wall;
    wall.openings = [opening({ width, depth: 80, x: { from: "left", at: x, to: "centre" } })];
    return planValid(project);
  };
  const moved = at(500, 290);
  // Its rough left edge is 500 − 172.8 = 327.2; the bay begins at 419.
  near(moved.board.walls[0]?.openings[0]?.move, 419 - (500 - 172.7958), 1e-3);
  assert.deepEqual(moved.board.walls[0]?.openings[0]?.cuts, [400]);
  const wide = at(600, 350);
  assert.equal(wide.board.walls[0]?.openings[0]?.move, undefined);
  const warning = wide.warnings.find(({ code }) => code === "opening-cuts-stud");
  assert.equal(warning?.severity, "warning");
});

test("one layer changed, and everything after it follows", () => {
  const job = (layers: Wall["layers"], least: number) =>
    enclosure("corner", [900, 900], (draft) => {
      const [left, right] = draft.walls;
      if (left) left.layers = layers;
      if (right) right.surface = "studs";
      if (left) left.fixtures = [fixture({ depth: { least, most: least + 30 } })];
    });
  const before = planValid(job(undefined, 25));
  const after = planValid(job({ board: 25.4, furring: 10 }, 25));
  // B was read on studs: it starts later by what A's stack grew, 10 + 12.7.
  const start = (plan: typeof before) => plan.walls[1]?.ends.left.offset ?? 0;
  near(start(after) - start(before), 22.7);
  // A's valve leaves its range: 27.8 of 25 to 55 becomes 50.5, within; of 60 it is not.
  assert.ok(!codesOf(after).includes("valve-depth"));
  assert.ok(codesOf(planValid(job(undefined, 60))).includes("valve-depth"));
});

test("what is cut out of a piece is measured from its own edges, by hand", () => {
  // One piece from 3 across and 6 up: a pipe of 88 at 500, 600 takes a hole of 100 at 497, 594.
  const project = oneWall({ width: 800, height: 806, wall: studs(0, 400, 800) });
  const wall = project.walls[0] as Wall;
  wall.fixtures = [fixture({ y: { from: "base", at: 600 } })];
  wall.openings = [opening({ width: 100, height: 200, x: { from: "left", at: 100 } })];
  const { cutOuts, board, openings } = boardOf(project);
  const [hole, niche] = cutOuts[board.pieces[0]?.id ?? ""] ?? [];
  assert.deepEqual(hole, { kind: "hole", id: "f", x: 497, y: 594, diameter: 100 });
  assert.ok(niche?.kind === "opening");
  const stack = openings[0]?.stack ?? 0;
  near(niche.x, 100 - stack - 3, 1e-9);
  near(niche.width, 100 + 2 * stack, 1e-9);
  // Up from the piece's foot: 400 less the stack and the sill's fall of 1.8, less 6.
  near(niche.y, 400 - stack - 1.8 - 6, 1e-9);
});

test("combinations that harm are stopped, the recommended one is not", () => {
  const codes = (build: Project["build"], change: (p: Project) => void = () => undefined) => {
    const project = withBuild(oneWall(), build);
    change(project);
    return codesOf(planValid(project));
  };
  const harmful = ["drywall-in-wet", "mastic-in-wet", "moisture-sandwich", "board-thin"];
  assert.deepEqual(
    codes({}).filter((code) => harmful.includes(code)),
    [],
  );
  assert.ok(codes({ board: "drywall" }).includes("drywall-in-wet"));
  assert.ok(codes({ adhesive: "mastic" }).includes("mastic-in-wet"));
  assert.ok(codes({ system: "seams-only" }).includes("system-least-conservative"));
  const behind = (p: Project) => {
    if (p.walls[0]) p.walls[0].behind = "vapour-retarder";
  };
  assert.ok(codes({}, behind).includes("moisture-sandwich"));
  assert.ok(!codes({ system: "board-retarder" }, behind).includes("moisture-sandwich"));
  const dry = (p: Project) => {
    if (p.walls[0]) p.walls[0].exposure = "dry";
  };
  assert.ok(!codes({ board: "drywall" }, dry).includes("drywall-in-wet"));
  assert.ok(codes({}, (p) => (p.settings = { board: 9.5 })).includes("board-thin"));
  assert.ok(codes({}, (p) => (p.settings = { studSpacing: 610 })).includes("studs-too-far"));
});

test("samples: lying and standing are both offered, and board covers every wall that takes it", () => {
  for (const name of SAMPLE_NAMES) {
    const { board: boards, walls } = planProject(sampleProject(name));
    assert.deepEqual(
      boards.options.map(({ lay }) => lay),
      ["lying", "standing"],
    );
    assert.ok(boards.packing.sheets.length >= boards.packing.bound);
    boards.walls.forEach(({ board }, k) => {
      if (walls[k]?.measured.patches) return;
      const region = walls[k]?.region ?? [];
      const { minX, maxX, minY, maxY } = boxOf(region);
      const edges = 9 * (maxX - minX) + 6 * (maxY - minY);
      const covered = board.areaM2 * 1e6 + 3 * board.seamMm + edges;
      near(covered, polygonArea(region), 0.004 * polygonArea(region));
    });
  }
});
