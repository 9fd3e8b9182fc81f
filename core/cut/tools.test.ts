import assert from "node:assert/strict";
import { test } from "node:test";
import { rectangle } from "../geometry/polygon.ts";
import type { Project, Tile, Tools } from "../project/schema.ts";
import { codesOf, fixture, near, oneWall, planValid, wallAt } from "../testing.ts";
import { tileOfPiece } from "./laid-area.ts";
import { cutTicket } from "./ticket.ts";
import { longestCut, toolLimits } from "./tools.ts";

/** A wall of 300 × 300 tile with its tools, and the ticket of one of its cuts. */
function jobWith(tools: Tools, parts: Parameters<typeof oneWall>[0], material: Tile["material"]) {
  const project = oneWall({ ...parts, settings: { tools } });
  return {
    ...project,
    tiles: project.tiles.map((tile) => ({ ...tile, ...(material ? { material } : {}) })),
  };
}

function firstCut(project: Project) {
  const plan = planValid(project);
  const wall = wallAt(plan, 0);
  const piece = wall.pieces.find(({ kind }) => kind !== "none");
  assert.ok(piece);
  const tile = tileOfPiece(project, wall, piece);
  const tools = project.settings?.tools ?? {};
  return { plan, wall, piece, tile, ticket: cutTicket(wall, piece, tile, tools) };
}

/* A joint on the centre of 1000 leaves 195.5 at both ends: each is a straight cut of 300. */
const ends = { wall: { centre: { mode: "joint" as const } } };

test("the longest cut is the longest edge that is not the factory's", () => {
  const full = rectangle(0, 0, 300, 200);
  assert.equal(longestCut(full, full), 0);
  near(longestCut(rectangle(0, 0, 120, 200), full), 200);
  near(longestCut(rectangle(0, 0, 300, 50), full), 300);
  // An L: 100 × 80 bitten out of the upper right corner.
  const bitten = [
    [0, 0],
    [300, 0],
    [300, 120],
    [200, 120],
    [200, 200],
    [0, 200],
  ] as const;
  near(longestCut(bitten, full), 100);
});

test("a cutter that reaches is used, one that does not leaves the cut to the saw", () => {
  const stepsWith = (tools: Tools) => firstCut(jobWith(tools, ends, "ceramic")).ticket.steps;
  assert.deepEqual(stepsWith({}), ["snap"]);
  assert.deepEqual(stepsWith({ cutterLength: 300 }), ["snap"]);
  assert.deepEqual(stepsWith({ cutterLength: 299 }), ["saw"]);
});

test("a cut that neither cutter nor saw reaches is flagged with how far it is beyond", () => {
  const tools = { cutterLength: 250, sawLength: 280 };
  const { plan, ticket } = firstCut(jobWith(tools, ends, "ceramic"));
  assert.deepEqual(ticket.risks, ["cut-beyond-tools"]);
  const warning = plan.warnings.find(({ code }) => code === "cut-beyond-tools");
  // Four courses of two ends: eight cuts of 300 on a table of 280.
  assert.deepEqual(warning?.values, { size: 300, limit: 280, by: 20, count: 8, number: 1 });
  // The cutter alone is long enough for ceramic, but porcelain is sawn.
  const long = { cutterLength: 400, sawLength: 280 };
  const flagged = (material: Tile["material"]) =>
    codesOf(planValid(jobWith(long, ends, material))).includes("cut-beyond-tools");
  assert.deepEqual([flagged("ceramic"), flagged("porcelain")], [false, true]);
});

test("a strip that the saw does not hold tells how far to move the pattern", () => {
  const strips = { wall: { centre: { mode: "free" as const, shift: -32 } }, width: 676 };
  const free = firstCut(jobWith({}, strips, "porcelain"));
  // Tiles from 156 to 456 and 459 to 759 on 676: 153 at the left, 217 at the right.
  near(free.piece.width, 153);
  const { plan, ticket } = firstCut(jobWith({ thinnestStrip: 160 }, strips, "porcelain"));
  assert.deepEqual(ticket.risks, ["strip-below-saw"]);
  const warning = plan.warnings.find((each) => each.code === "strip-below-saw");
  near(warning?.values.by, 7);
  assert.equal(warning?.values.count, 4);
  // Moved by that much it is held.
  const moved = { ...strips, wall: { centre: { mode: "free" as const, shift: -25 } } };
  const after = planValid(jobWith({ thinnestStrip: 160 }, moved, "porcelain"));
  assert.ok(!codesOf(after).includes("strip-below-saw"));
});

test("without a hole saw a hole is split, and the nearest joint is told", () => {
  const pipe = fixture({ pipe: 28, x: { from: "left", at: 420 }, y: { from: "base", at: 750 } });
  const parts = { wall: { fixtures: [pipe] } };
  const project = jobWith({ holeSaw: false }, parts, "porcelain");
  const plan = planValid(project);
  const wall = wallAt(plan, 0);
  const piece = wall.pieces.find(({ holes }) => holes.length > 0);
  assert.ok(piece);
  const tile = tileOfPiece(project, wall, piece);
  assert.deepEqual(toolLimits(wall, piece, tile, { holeSaw: false }), ["no-hole-saw"]);
  assert.deepEqual(toolLimits(wall, piece, tile, {}), []);
  assert.deepEqual(cutTicket(wall, piece, tile, { holeSaw: false }).steps, [
    "practise",
    "split-hole",
  ]);
  const warning = plan.warnings.find((each) => each.code === "no-hole-saw");
  // The tile runs from 350 to 650 and 606 to 906: 70 to its left side, and half of the joint of 3.
  near(warning?.values.by, 71.5);
  near(warning?.values.size, 40);
});

test("a hole in glass is practised first; sheets of mosaic ask nothing of the saw", () => {
  const parts = { wall: { fixtures: [fixture({ pipe: 28 })] } };
  const plan = planValid(jobWith({}, parts, "glass"));
  const wall = wallAt(plan, 0);
  const piece = wall.pieces.find(({ holes }) => holes.length > 0);
  assert.ok(piece);
  const tile: Tile = { id: "t", name: "T", width: 300, height: 300, thickness: 10 };
  assert.deepEqual(cutTicket(wall, piece, { ...tile, material: "glass" }).risks, [
    "brittle",
    "practise-hole",
  ]);
  const sheet = { ...tile, sheet: { columns: 4, rows: 4 } };
  const cut = wall.pieces.find(({ kind }) => kind === "straight");
  assert.ok(cut);
  assert.deepEqual(toolLimits(wall, cut, sheet, { sawLength: 10, thinnestStrip: 290 }), []);
  assert.notDeepEqual(toolLimits(wall, cut, tile, { sawLength: 10 }), []);
});
