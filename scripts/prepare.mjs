import { spawn, spawnSync } from "node:child_process";
import { once } from "node:events";
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** The project's folder. */
export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a command with its output shown; ends this process when the command fails. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, ASTRO_TELEMETRY_DISABLED: "1", ...env },
  });
  if (done.error) {
    console.error(`${command} could not be started: ${done.error.message}`);
    process.exit(1);
  }
  if (done.status !== 0) process.exit(done.status ?? 1);
}

/** Runs scripts of node side by side, their output shown; ends this process when one of them fails. */
export async function runAll(scripts) {
  const codes = await Promise.all(
    scripts.map(async (args) => {
      const [code] = await once(
        spawn(process.execPath, args, {
          cwd: ROOT,
          stdio: "inherit",
          env: { ...process.env, ASTRO_TELEMETRY_DISABLED: "1" },
        }),
        "exit",
      );
      return code ?? 1;
    }),
  );
  const failed = codes.find((code) => code !== 0);
  if (failed !== undefined) process.exit(failed);
}

/** Installs the packages of the lock file when they are missing or of another lock file. */
export function installPackages() {
  const lock = readFileSync(join(ROOT, "package-lock.json"), "utf8");
  const mark = join(ROOT, "node_modules/.installed-lock.json");
  if (existsSync(mark) && readFileSync(mark, "utf8") === lock) return;
  console.log("Installing packages…");
  run("npm", ["ci", "--no-audit", "--no-fund"]);
  writeFileSync(mark, lock);
}

/** Builds the application when a source is newer than the last build. */
export function buildIfNeeded() {
  const built = join(ROOT, "dist/planner/child.mjs");
  const since = existsSync(built) ? statSync(built).mtimeMs : 0;
  const sources = ["src", "core", "samples", "public", "astro.config.mjs", "package-lock.json"];
  if (sources.every((source) => newest(join(ROOT, source)) < since)) return;
  console.log("Building…");
  run(process.execPath, ["node_modules/astro/astro.js", "build"]);
  run(process.execPath, ["scripts/pack-client.mjs"]);
  // The last file of a build: what stands is whole when it is there.
  run(process.execPath, ["scripts/build-planner.mjs"]);
}

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return readdirSync(path).reduce((time, name) => Math.max(time, newest(join(path, name))), 0);
}
