import { readFileSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { ROOT } from "./prepare.mjs";
import { testFiles } from "./test-files.mjs";

/**
 * Processes that test files are dealt to, one for each core: what a process has run often enough
 * to be compiled well serves all its files. Sixteen of them took a third longer.
 */
const GROUPS = availableParallelism();

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

/** Entries that only bring in the files of a group. */
function groupEntries(groups) {
  return {
    name: "group-entries",
    setup({ onResolve, onLoad }) {
      onResolve({ filter: /^group:/ }, ({ path }) => ({ path, namespace: "group" }));
      onLoad({ filter: /.*/, namespace: "group" }, ({ path }) => ({
        contents: groups[Number(path.slice("group:".length))]
          .map((file) => `import ${JSON.stringify(file)};`)
          .join("\n"),
        resolveDir: ROOT,
      }));
    },
  };
}

/** What a file does before and after its tests would be done round those of its whole group. */
const HAS_HOOKS = /^(before|after)(Each)?\(/m;

/** Files by the process that runs them: dealt out, those with hooks each to one of its own. */
function dealt(files, count) {
  const alone = files.filter((file) => HAS_HOOKS.test(readFileSync(file, "utf8")));
  const rest = files.filter((file) => !alone.includes(file));
  const groups = Array.from({ length: Math.min(count, rest.length) }, () => []);
  for (const [k, file] of rest.entries()) groups[k % groups.length].push(file);
  return [...groups, ...alone.map((file) => [file])];
}

/**
 * Bundles test files once, what they share in files of its own: a loader that translates every
 * file for every test took half of their time. Gives the bundled files, and the one that seeds
 * random tests.
 */
export async function bundleTests(folder, roots, only = () => true) {
  const outdir = join(ROOT, "node_modules/.cache", folder);
  rmSync(outdir, { recursive: true, force: true });
  const groups = dealt(roots.flatMap(testFiles).filter(only), GROUPS);
  await build({
    entryPoints: [
      ...groups.map((_, k) => ({ in: `group:${k}`, out: `group-${k}` })),
      { in: join(ROOT, "scripts/seeded.mjs"), out: "seeded" },
    ],
    outdir,
    outExtension: { ".js": ".mjs" },
    bundle: true,
    splitting: true,
    packages: "external",
    platform: "node",
    format: "esm",
    target: "node20",
    jsx: "automatic",
    sourcemap: "inline",
    plugins: [groupEntries(groups), ownAddress],
  });
  const bundled = (name) => join(outdir, `${name}.mjs`);
  return { tests: groups.map((_, k) => bundled(`group-${k}`)), seeded: bundled("seeded") };
}
