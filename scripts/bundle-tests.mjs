import { readFileSync, rmSync } from "node:fs";
import { join, relative } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { ROOT } from "./prepare.mjs";
import { testFiles } from "./test-files.mjs";

/** Files that read others beside them are told where they stand, not where the bundle does. */
const ownAddress = {
  name: "own-address",
  setup({ onLoad }) {
    onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const text = readFileSync(path, "utf8");
      if (!text.includes("import.meta.url")) return undefined;
      const address = JSON.stringify(pathToFileURL(path).href);
      return { contents: text.replaceAll("import.meta.url", address), loader: "ts" };
    });
  },
};

/**
 * Bundles all unit tests once, what they share in files of its own: a loader that translates every
 * file for every test took half of their time. Gives the bundled test files.
 */
export async function bundleTests(folder, only = () => true) {
  const outdir = join(ROOT, "node_modules/.cache", folder);
  rmSync(outdir, { recursive: true, force: true });
  const files = ["core", "src"].flatMap(testFiles).filter(only);
  await build({
    entryPoints: [...files, join(ROOT, "scripts/seeded.mjs")],
    outdir,
    outbase: ROOT,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    splitting: true,
    packages: "external",
    platform: "node",
    format: "esm",
    target: "node20",
    sourcemap: "inline",
    plugins: [ownAddress],
  });
  const bundled = (file) => join(outdir, relative(ROOT, file).replace(/\.(ts|mjs)$/, ".mjs"));
  return { tests: files.map(bundled), seeded: bundled(join(ROOT, "scripts/seeded.mjs")) };
}
