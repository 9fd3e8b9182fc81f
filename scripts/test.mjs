import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { buildIfNeeded, installPackages, run, runAll } from "./prepare.mjs";
import { testFiles } from "./test-files.mjs";

const only = process.argv.slice(2).find((argument) => argument.startsWith("--"));
const wants = (part) => only === undefined || only === `--${part}`;

/** Chromium and its driver from Debian's packages, when this user may install them. */
function installChromium() {
  if (existsSync("/usr/bin/chromium") && existsSync("/usr/bin/chromedriver")) return;
  console.log("Installing chromium and chromium-driver…");
  const sudo = process.getuid?.() === 0 ? [] : ["sudo", "-n"];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, "apt-get", ...args];
    return spawnSync(command, rest, {
      stdio: "inherit",
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    }).status;
  };
  if (
    apt("update", "-qq") === 0 &&
    apt("install", "-y", "-qq", "chromium", "chromium-driver") === 0
  )
    return;
  console.error(
    "The browser tests need Debian's packages chromium and chromium-driver. Install them, then run npm test again.",
  );
  process.exit(1);
}

installPackages();
if (wants("check")) {
  await runAll([
    ["node_modules/@biomejs/biome/bin/biome", "check", "."],
    ["node_modules/typescript/bin/tsc", "-p", "core"],
    ["node_modules/astro/astro.js", "check"],
  ]);
}
if (wants("unit")) {
  const { bundleTests } = await import("./bundle-tests.mjs");
  const { tests, seeded } = await bundleTests("unit");
  const loaded = ["--enable-source-maps", "--import", seeded];
  run(process.execPath, [...loaded, "--test", "--test-concurrency=2", ...tests]);
}
if (wants("browser")) {
  installChromium();
  buildIfNeeded();
  // Two files at a time: a browser waits for its user more than it works.
  const args = ["--import", "tsx", "--test", "--test-concurrency=2", ...testFiles("tests/browser")];
  run(process.execPath, ["scripts/with-server.mjs", process.execPath, ...args]);
}
