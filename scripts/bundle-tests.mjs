import { readFileSync, rmSync } from "node:fs";
import { availableParallelism } from "node:os";
import { join, relative } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";
import { ROOT } from "./prepare.mjs";

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

/** Entries that bring in the files of a group, each as a suite: what it does before and after is its own. */
function groupEntries(groups) {
  return {
    name: "group-entries",
    setup({ onResolve, onLoad }) {
      onResolve({ filter: /^group:/ }, ({ path }) => ({ path, namespace: "group" }));
      onLoad({ filter: /.*/, namespace: "group" }, ({ path }) => {
        const files = groups[Number(path.slice("group:".length))];
        const suites = files.map((file) => {
          const [name, from] = [relative(ROOT, file), file].map((text) => JSON.stringify(text));
          return `suite(${name}, () => import(${from}));`;
        });
        return {
          contents: ['import { suite } from "node:test";', ...suites].join("\n"),
          resolveDir: ROOT,
        };
      });
    },
  };
}

/** Files by the process that runs them. */
function dealt(files, count) {
  const groups = Array.from({ length: Math.min(count, files.length) }, () => []);
  for (const [k, file] of files.entries()) groups[k % groups.length].push(file);
  return groups;
}

/**
 * Bundles test files once, what they share in files of its own: a loader that translates every
 * file for every test took half of their time. Gives a bundled file for each of so many processes,
 * and the one that seeds random tests. One process a core is the quickest where the tests compute:
 * what it has run often enough to be compiled well serves all its files.
 */
export async function bundleTests(folder, files, processes = availableParallelism()) {
  const outdir = join(ROOT, "node_modules/.cache", folder);
  rmSync(outdir, { recursive: true, force: true });
  const groups = dealt(files, processes);
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
