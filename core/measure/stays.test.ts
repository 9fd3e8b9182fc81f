import assert from "node:assert/strict";
import { test } from "node:test";
import { polygonArea } from "../geometry/polygon.ts";
import type { Opening, Project, Wall } from "../project/schema.ts";
import { codesOf, near, oneWall, openingAt, planValid, wallAt } from "../testing.ts";

const MEMBRANE = ["membrane", "sheetRoll", "band", "insideCorner", "outsideCorner", "pipeSeal"];
const BOARD = ["board", "fasteners", "tape", "jointMortar"];

const wallWith = (wall: Partial<Wall>) => oneWall({ width: 1000, height: 1212, wall });

const itemsOf = (project: Project) => planValid(project).order.map(({ code }) => `${code}`);

test("a dry wall takes no film and, unless somebody says so, no board", () => {
  const dry = itemsOf(wallWith({ exposure: "dry" }));
  for (const code of [...MEMBRANE, ...BOARD]) assert.ok(!dry.includes(code), code);
  assert.ok(dry.includes("fieldTile") && dry.includes("grout"));
  const boarded = itemsOf(wallWith({ exposure: "dry", stays: false }));
  for (const code of MEMBRANE) assert.ok(!boarded.includes(code), code);
  assert.ok(boarded.includes("board"));
  const { walls, film } = planValid(wallWith({ exposure: "dry" }));
  assert.equal(walls[0]?.figures.membraneAreaM2.value, 0);
  // No coat is waited for.
  assert.deepEqual([film.gate.coats, film.gate.gauge], [true, true]);
});

test("where the board stays only patches take board, tape and film", () => {
  const patch = { id: "p", from: "left" as const, at: 100, level: -900, width: 400, height: 300 };
  // The level line is taken 1200 above the base: the patch goes from 300 to 600 up.
  const plan = planValid(wallWith({ stays: true, patches: [patch] }));
  const [board] = plan.board.walls;
  near(board?.board.areaM2, 0.12);
  // Taped all round: 2 × (400 + 300).
  near(board?.board.seamMm, 1400);
  near(plan.walls[0]?.figures.membraneAreaM2.value, 0.12);
  near(polygonArea(plan.film.walls[0]?.regions[0] ?? []), 120_000);
  assert.equal(plan.order.find(({ code }) => code === "board")?.quantity, 1);
  const none = planValid(wallWith({ stays: true }));
  assert.equal(none.order.filter(({ code }) => [...MEMBRANE, ...BOARD].includes(code)).length, 0);
});

/** An obstacle from the base, and its ring. */
function obstacle(patch: Partial<Opening>, at = openingAt(300, 0, 300, 400)): Opening {
  return { ...at, kind: "obstacle", ...patch };
}

test("an obstacle may stand on the base: no studs, no film, a joint where tile meets it", () => {
  const firebox = obstacle({ what: "firebox" });
  const plain = planValid(wallWith({}));
  const plan = planValid(wallWith({ openings: [firebox] }));
  assert.ok(!codesOf(plan).some((code) => code.startsWith("opening-")), codesOf(plan).join());
  const [bare, wall] = [wallAt(plain, 0), wallAt(plan, 0)];
  near(bare.figures.fieldAreaM2.value - wall.figures.fieldAreaM2.value, 0.12);
  near(bare.figures.membraneAreaM2.value - wall.figures.membraneAreaM2.value, 0.12);
  // 300 of the base is gone; two sides of 400 and the top of 300 are sealed.
  near(wall.figures.sealantM.value - bare.figures.sealantM.value, -0.3 + 1.1);
  // Nothing lines it, and no mortar or grout goes into it.
  assert.equal(wall.linings.length, 0);
  assert.deepEqual(plan.board.walls[0]?.openings[0]?.cuts, []);
});

test("a socket says its depth, its plate hides the edge, and a small one is warned of", () => {
  const at = openingAt(300, 500, 57, 95);
  const socket = (plate: { width: number; height: number }) =>
    planValid(wallWith({ openings: [obstacle({ what: "socket", plate }, at)] }));
  const plan = socket({ width: 76, height: 120 });
  assert.ok(codesOf(plan).includes("socket-needs-extension"));
  assert.ok(!codesOf(plan).includes("plate-leaves-gap"));
  near(
    wallAt(plan, 0).figures.sealantM.value,
    wallAt(planValid(wallWith({})), 0).figures.sealantM.value,
  );
  assert.ok(codesOf(socket({ width: 60, height: 120 })).includes("plate-leaves-gap"));
});

test("an obstacle outside its wall is told, one across the whole wall parts the field", () => {
  const away = obstacle({ what: "recess" }, openingAt(2000, 300, 100, 100));
  assert.ok(codesOf(planValid(wallWith({ openings: [away] }))).includes("opening-leaves-wall"));
  const strip = obstacle({ what: "counter" }, openingAt(0, 600, 1000, 40));
  const wall = wallAt(planValid(wallWith({ openings: [strip] })), 0);
  near(wall.figures.fieldAreaM2.value, 1.212 - 0.04);
});

test("old adhesive, torn board and gloss are told by area, and what mends them is ordered", () => {
  const plan = planValid(
    wallWith({ stays: true, old: { adhesiveM2: 0.5, tornM2: 0.4, shinyM2: 3 } }),
  );
  for (const code of ["old-adhesive", "board-torn", "surface-shiny"]) {
    assert.ok(codesOf(plan).includes(code), code);
  }
  const row = (code: string) => plan.order.find((candidate) => candidate.code === code);
  // 0.4 m² × 2 mm × 1.2 kg and a tenth more; 3 m² at 10 m² a litre.
  near(row("skimCoat")?.quantity, 0.4 * 2 * 1.2 * 1.1);
  near(row("primer")?.quantity, 0.3);
});
