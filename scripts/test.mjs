import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { buildIfNeeded, installPackages, run, runAll } from "./prepare.mjs";

const only = process.argv.slice(2).find((argument) => argument.startsWith("--"));
const wants = (part) => only === undefined || only === `--${part}`;

/** What the browser tests need of Debian's packages: a browser, its driver, and a reader of PDFs. */
const DEBIAN = {
  chromium: "/usr/bin/chromium",
  "chromium-driver": "/usr/bin/chromedriver",
  "poppler-utils": "/usr/bin/pdftotext",
};

/** Installs them when this user may. */
function installFromDebian() {
  const missing = Object.keys(DEBIAN).filter((name) => !existsSync(DEBIAN[name]));
  if (missing.length === 0) return;
  console.log(`Installing ${missing.join(", ")}…`);
  const sudo = process.getuid?.() === 0 ? [] : ["sudo", "-n"];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, "apt-get", ...args];
    return spawnSync(command, rest, {
      stdio: "inherit",
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    }).status;
  };
  if (apt("update", "-qq") === 0 && apt("install", "-y", "-qq", ...missing) === 0) return;
  console.error(
    `The browser tests need Debian's packages ${missing.join(", ")}. Install them, then run npm test again.`,
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
  const { tests, seeded } = await bundleTests("unit", ["core", "src"]);
  const loaded = ["--enable-source-maps", "--import", seeded];
  run(process.execPath, [...loaded, "--test", "--test-concurrency=2", ...tests]);
}
if (wants("browser")) {
  installFromDebian();
  buildIfNeeded();
  // Two files at a time: a browser waits for its user more than it works.
  const { bundleTests } = await import("./bundle-tests.mjs");
  const { tests } = await bundleTests("browser", ["tests/browser"]);
  const args = ["--enable-source-maps", "--test", "--test-concurrency=2", ...tests];
  run(process.execPath, ["scripts/with-server.mjs", process.execPath, ...args]);
}
