import { installPackages, run } from "./prepare.mjs";

installPackages();
run(process.execPath, [
  "scripts/with-server.mjs",
  process.execPath,
  "--import",
  "tsx",
  "bench/bench.ts",
]);
