import { rmSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { installPackages, ROOT, run } from "./prepare.mjs";

installPackages();
// Bundled as the application is: a loader that keeps the names of functions slows down small ones.
const bundle = join(ROOT, "node_modules/.cache/bench.mjs");
const { build } = await import("esbuild");
await build({
  entryPoints: [join(ROOT, "bench/bench.ts")],
  outfile: bundle,
  bundle: true,
  packages: "external",
  platform: "node",
  format: "esm",
  define: { "import.meta.url": JSON.stringify(pathToFileURL(join(ROOT, "bench/bench.ts")).href) },
});
run(process.execPath, ["scripts/with-server.mjs", process.execPath, bundle]);
rmSync(bundle);
