import assert from "node:assert/strict";
import { spawnSync } from "node:child_process";
import { test } from "node:test";
import { fileURLToPath } from "node:url";
import { runs } from "./testing.ts";

const script = `
  import { stressProject } from "./bench/stress.ts";
  import { planProject } from "./core/plan.ts";
  let plan;
  for (let k = 0; k < ${runs(20)}; k++) plan = planProject(stressProject());
  console.log(plan.totals.tilesFull);
`;

test("four walls of mosaic plan again and again in 500 MB", () => {
  const done = spawnSync(
    process.execPath,
    ["--max-old-space-size=500", "--import", "tsx", "--input-type=module", "--eval", script],
    { cwd: fileURLToPath(new URL("..", import.meta.url)), encoding: "utf8" },
  );
  assert.equal(done.status, 0, done.stderr);
  // 3 × 2.6 m less five openings holds some nine thousand chips of 27 mm a wall.
  const chips = Number(done.stdout.trim());
  assert.ok(chips > 35_000 && chips < 42_000, done.stdout);
});
