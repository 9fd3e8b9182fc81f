import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall, planValid, wallAt } from "../testing.ts";
import { ledgerHoles, logLedgerHoles } from "./ledger-holes.ts";

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
  logLedgerHoles("A", holes, "Ledger", () => `hole-${id++}`).change(draft);
  assert.equal(planValid(draft).film.openHoles, 4);
  assert.deepEqual(ledgerHoles(wallAt(planValid(oneWall()), 0), studs, 1200), []);
});
