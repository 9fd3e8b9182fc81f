import assert from "node:assert/strict";
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";
import { test } from "node:test";
import { fileURLToPath } from "node:url";

const CORE = fileURLToPath(new URL(".", import.meta.url));

/**
 * The rooms of the core from the ground up, a file at the top of the core under its own name. What a
 * room imports stands in a row before its own; the rooms of one row know nothing of each other.
 */
const ROWS = [
  ["limits", "length", "geometry", "packing", "warning", "instruments"],
  ["project"],
  ["figure", "build-up"],
  ["measure"],
  ["board"],
  ["waterproof", "set-out"],
  ["cut"],
  ["set", "order"],
  ["grout", "words"],
  ["wall-plan"],
  ["plan", "adjust"],
  ["compare", "pole", "plan-file"],
];

const isTest = (file: string) => /(^|\/)testing[^/]*\.ts$|\.test\.ts$/.test(file);

const files = readdirSync(CORE, { recursive: true, encoding: "utf8" })
  .filter((file) => file.endsWith(".ts") && !isTest(file))
  .sort();

/** The files that a file imports, types too, as paths from the core; those outside begin with "..". */
function importsOf(file: string): string[] {
  const text = readFileSync(join(CORE, file), "utf8");
  const addresses = text.matchAll(/(?:\bfrom|\bimport)\s*\(?\s*"(\.[^"]+)"/g);
  return [...addresses].map(([, address]) =>
    relative(CORE, join(CORE, dirname(file), address ?? "")),
  );
}

const imports = new Map(files.map((file) => [file, importsOf(file)]));

function rowOf(file: string): number {
  const room = file.split("/")[0]?.replace(/\.ts$/, "") ?? file;
  return ROWS.findIndex((row) => row.includes(room));
}

const roomOf = (file: string) => file.split("/")[0];

test("every room of the core has its place", () => {
  assert.ok(files.length > 100, `${files.length} files read`);
  assert.deepEqual(
    files.filter((file) => rowOf(file) < 0),
    [],
  );
});

test("a stage imports what stands before it and never what comes after", () => {
  const wrong = [...imports].flatMap(([file, targets]) =>
    targets
      .filter((target) => roomOf(target) !== roomOf(file) && rowOf(target) >= rowOf(file))
      .map((target) => `${file} imports ${target}`),
  );
  assert.deepEqual(wrong, []);
});

test("the core imports only the core, and nothing of its tests", () => {
  const outside = [...imports].flatMap(([file, targets]) =>
    targets.filter((target) => !imports.has(target)).map((target) => `${file} imports ${target}`),
  );
  assert.deepEqual(outside, []);
});

test("no files of the core import each other in a circle", () => {
  const left = new Map(imports);
  for (let before = -1; before !== left.size; ) {
    before = left.size;
    for (const [file, targets] of left)
      if (!targets.some((target) => left.has(target))) left.delete(file);
  }
  assert.deepEqual([...left.keys()], []);
});
