import { join } from "node:path";
import { build } from "esbuild";
import { ROOT } from "./prepare.mjs";

// The framework bundles pages and endpoints, not the processes that they start.
await build({
  entryPoints: [join(ROOT, "src/server/planner-child.ts")],
  outfile: join(ROOT, "dist/planner/child.mjs"),
  bundle: true,
  platform: "node",
  format: "esm",
  target: "node20",
});
