import { spawn } from "node:child_process";
import { createServer } from "node:net";
import { buildIfNeeded, installPackages, ROOT } from "./prepare.mjs";

installPackages();
buildIfNeeded();

/** A free port of this machine. */
async function freePort() {
  const probe = createServer();
  await new Promise((resolve) => probe.listen(0, "127.0.0.1", resolve));
  const { port } = probe.address();
  await new Promise((resolve) => probe.close(resolve));
  return port;
}

/** Starts the built application and gives its address once it answers. */
export async function startServer(samples) {
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const server = spawn(process.execPath, ["scripts/server.mjs"], {
    cwd: ROOT,
    stdio: ["ignore", "ignore", "inherit"],
    env: {
      ...process.env,
      HOST: "127.0.0.1",
      PORT: String(port),
      DINTEL_SAMPLES: samples ? "1" : "0",
      // What is too large is ended sooner than it would be for a user.
      DINTEL_PLAN_MS: "4000",
    },
  });
  for (let tries = 0; tries < 100; tries++) {
    const healthy = await fetch(`${address}/api/health`).then(
      (response) => response.ok,
      () => false,
    );
    if (healthy) return { address, stop: () => server.kill() };
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  server.kill();
  throw new Error("The server did not answer within 10 s.");
}

/** Runs a command with DINTEL_URL (with samples) and DINTEL_EMPTY_URL (without) in its environment. */
async function main([command, ...args]) {
  const [full, empty] = [await startServer(true), await startServer(false)];
  const child = spawn(command, args, {
    cwd: ROOT,
    stdio: "inherit",
    env: { ...process.env, DINTEL_URL: full.address, DINTEL_EMPTY_URL: empty.address },
  });
  const code = await new Promise((resolve) => child.on("exit", resolve));
  full.stop();
  empty.stop();
  process.exit(code ?? 1);
}

await main(process.argv.slice(2));
