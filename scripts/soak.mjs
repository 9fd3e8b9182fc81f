import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { bundleTests } from "./bundle-tests.mjs";
import { installPackages, ROOT } from "./prepare.mjs";
import { testFiles } from "./test-files.mjs";

/** Rounds of the random tests, each with a seed of its own: `npm run soak 20`. */
const rounds = Number(process.argv[2] ?? 5);

installPackages();
// Random tests, and those that are held against a grid.
const isSoaked = (file) => /from "fast-check"|gridStep|runs\(/.test(readFileSync(file, "utf8"));
const { tests, seeded } = await bundleTests("soak", testFiles("core", "src").filter(isSoaked));
let failed = 0;
for (let round = 1; round <= rounds; round++) {
  const seed = Math.floor(Math.random() * 2 ** 31);
  const { status, stdout } = spawnSync(
    process.execPath,
    ["--enable-source-maps", "--import", seeded, "--test", "--test-concurrency=2", ...tests],
    {
      cwd: ROOT,
      encoding: "utf8",
      env: { ...process.env, DINTEL_SEED: String(seed), DINTEL_SOAK: "1", DINTEL_DAMAGED: "20000" },
    },
  );
  console.log(`Round ${round} of ${rounds}, seed ${seed}: ${status === 0 ? "passed" : "failed"}`);
  if (status === 0) continue;
  failed++;
  console.log(
    stdout
      .split("\n")
      .filter((line) => /^not ok|Counterexample|seed:/.test(line))
      .join("\n"),
  );
  console.log(`Once more: DINTEL_SEED=${seed} npm run test:unit`);
}
process.exit(failed === 0 ? 0 : 1);
