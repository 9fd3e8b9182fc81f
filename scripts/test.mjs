import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { availableParallelism } from "node:os";
import { buildIfNeeded, installPackages, run, runAll } from "./prepare.mjs";
import { testFiles } from "./test-files.mjs";

const only = process.argv.slice(2).find((argument) => argument.startsWith("--"));
const wants = (part) => only === undefined || only === `--${part}`;

/**
 * The compiler that checks types in a sixth of the time. Astro's own check, which wants the usual
 * one, is left what no other reads: its pages.
 */
const TYPES = "node_modules/typescript-native/bin/tsc";

/** What the browser tests need of Debian's packages: a browser with its driver, a reader of PDFs. */
const NEEDED = {
  chromium: "/usr/bin/chromium",
  "chromium-driver": "/usr/bin/chromedriver",
  "poppler-utils": "/usr/bin/pdftotext",
};

/** The same browser without windows: with it they take two thirds of the time. */
const QUICKER = { "chromium-headless-shell": "/usr/lib/chromium/chromium-headless-shell" };

/** Asks apt for something as far as this user may; whether it did it. */
function apt(...args) {
  const sudo = process.getuid?.() === 0 ? [] : ["sudo", "-n"];
  const [command, ...rest] = [...sudo, "apt-get", ...args];
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  return spawnSync(command, rest, { stdio: "inherit", env }).status === 0;
}

const missingOf = (packages) => Object.keys(packages).filter((name) => !existsSync(packages[name]));

/** Installs what is missing; ends this process without what the tests cannot do without. */
function installFromDebian() {
  const missing = missingOf({ ...NEEDED, ...QUICKER });
  if (missing.length === 0) return;
  console.log(`Installing ${missing.join(", ")}…`);
  apt("update", "-qq");
  for (const packages of [missingOf(NEEDED), missingOf(QUICKER)]) {
    if (packages.length > 0) apt("install", "-y", "-qq", ...packages);
  }
  const lacking = missingOf(NEEDED);
  if (lacking.length === 0) return;
  console.error(
    `The browser tests need Debian's packages ${lacking.join(", ")}. Install them, then run npm test again.`,
  );
  process.exit(1);
}

/** How the test runner is told to work on so many files at a time. */
const atATime = (files) => ["--enable-source-maps", "--test", `--test-concurrency=${files}`];

installPackages();
if (wants("check")) {
  await runAll([
    ["node_modules/@biomejs/biome/bin/biome", "check", "."],
    [TYPES, "-p", "core"],
    [TYPES, "-p", ".", "--noEmit"],
    ["node_modules/astro/astro.js", "check", "--tsconfig", "tsconfig.pages.json"],
  ]);
}
if (wants("unit")) {
  const { bundleTests } = await import("./bundle-tests.mjs");
  const { tests, seeded } = await bundleTests("unit", testFiles("core", "src"));
  run(process.execPath, ["--import", seeded, ...atATime(availableParallelism()), ...tests]);
}
if (wants("browser")) {
  installFromDebian();
  buildIfNeeded();
  // One file more than there are cores: a browser waits for its user now and then.
  const { bundleTests } = await import("./bundle-tests.mjs");
  const files = testFiles("tests/browser");
  const { tests } = await bundleTests("browser", files, files.length);
  const args = [...atATime(availableParallelism() + 1), ...tests];
  run(process.execPath, ["scripts/with-server.mjs", process.execPath, ...args]);
}
