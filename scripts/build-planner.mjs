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
  // The page's own build of the PDF writer: both pack their files alike.
  alias: { pdfkit: join(ROOT, "node_modules/pdfkit/js/pdfkit.browser.mjs") },
  // What is still CommonJS asks for modules in its own way.
  banner: {
    js: 'import { createRequire as requireOf } from "node:module"; const require = requireOf(import.meta.url);',
  },
});
