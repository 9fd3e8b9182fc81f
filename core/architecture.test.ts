import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
import { fileURLToPath } from "node:url";
import {
  arrowsUp,
  circles,
  outsideOf,
  picture,
  readImports,
  runsWith,
  withoutPlace,
} from "./testing-imports.ts";
import { CORE_ROWS } from "./testing-rooms.ts";

const CORE = fileURLToPath(new URL(".", import.meta.url));
const imports = readImports(CORE);

test("every room of the core has its place", () => {
  assert.ok(imports.size > 100, `${imports.size} files read`);
  assert.deepEqual(withoutPlace(imports, CORE_ROWS), []);
});

test("a stage imports what stands before it and never what comes after", () => {
  assert.deepEqual(arrowsUp(imports, CORE_ROWS), []);
});

test("the core imports only the core, and nothing of its tests", () => {
  assert.deepEqual(outsideOf(imports), []);
});

test("no files of the core import each other in a circle", () => {
  assert.deepEqual(circles(imports), []);
});

test("planning takes no schema and no clipper along: a device loads it before its first figures", () => {
  const planning = runsWith(CORE, "planning.ts");
  const reading = runsWith(CORE, "project/parse.ts");
  assert.ok(planning.size > 100 && reading.has("project/schema.ts"));
  const schemas = [...planning].filter((file) => /import \* as z /.test(textOf(file)));
  assert.deepEqual(schemas, []);
  assert.ok(
    !planning.has("geometry/clipper.ts") && runsWith(CORE, "plan.ts").has("geometry/clipper.ts"),
  );
});

test("the picture of the core is that of its imports", () => {
  const page = readFileSync(new URL("../docs/architecture.md", import.meta.url), "utf8");
  assert.ok(page.includes(picture(imports, CORE_ROWS)), "npm run architecture draws it anew");
});

function textOf(file: string): string {
  return readFileSync(join(CORE, file), "utf8");
}
