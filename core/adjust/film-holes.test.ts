import assert from "node:assert/strict";
import { test } from "node:test";
import { bandAt, near, oneWall, planValid, wallAt } from "../testing.ts";
import { ledgerHoles, logHoles, nailHoles } from "./film-holes.ts";

test("a ledger's screws are logged as holes at the studs, each to be patched", () => {
  const project = oneWall({ setOut: { firstCourse: { drop: 0, ledger: true } } });
  const plan = planValid(project);
  const studs = plan.board.walls[0]?.studs;
  assert.ok(studs);
  const holes = ledgerHoles(wallAt(plan, 0), studs, plan.levelY);
  // Studs at 0, 406.4, 812.8 and 1000; the ledger's top is 303 up, the level line 1200.
  assert.equal(holes.length, 4);
  for (const { level } of holes) assert.equal(level, 303 - 19 - 1200);
  const draft = structuredClone(project);
  let id = 0;
  logHoles("A", holes, "Ledger", () => `hole-${id++}`).change(draft);
  assert.equal(planValid(draft).film.openHoles, 4);
  assert.deepEqual(ledgerHoles(wallAt(planValid(oneWall()), 0), studs, 1200), []);
});

test("a band stands on nails along its foot, no farther apart than 300 and 50 from its ends", () => {
  const project = oneWall();
  const [tile] = project.tiles;
  assert.ok(tile);
  const plan = planValid({
    ...project,
    tiles: [tile, { ...tile, id: "accent", width: 100, height: 100 }],
    zones: [bandAt(-700, 100)],
  });
  const holes = nailHoles(wallAt(plan, 0), "band", plan.levelY);
  // From 50 to 950: three steps of 300.
  assert.deepEqual(
    holes.map(({ x }) => Math.round(x)),
    [50, 350, 650, 950],
  );
  for (const { level } of holes) near(level, -700);
  assert.deepEqual(nailHoles(wallAt(plan, 0), "none", 0), []);
});
