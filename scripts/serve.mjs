import { spawn } from "node:child_process";
import { buildIfNeeded, installPackages, ROOT } from "./prepare.mjs";

installPackages();
buildIfNeeded();

const host = process.env.HOST ?? "127.0.0.1";
const port = process.env.PORT ?? "4321";
const samples = process.argv.includes("--samples");

const server = spawn(process.execPath, ["scripts/server.mjs"], {
  cwd: ROOT,
  stdio: "inherit",
  env: { ...process.env, HOST: host, PORT: port, DINTEL_SAMPLES: samples ? "1" : "0" },
});
console.log(`Dintel${samples ? " with its sample jobs" : ""}: http://${host}:${port}/`);
server.on("exit", (code) => process.exit(code ?? 0));
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
