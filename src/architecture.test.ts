import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
import { fileURLToPath } from "node:url";
import {
  arrowsUp,
  circles,
  picture,
  readImports,
  runsWith,
  withoutPlace,
} from "../core/testing-imports.ts";
import { INTERFACE_ROWS } from "../core/testing-rooms.ts";

const INTERFACE = fileURLToPath(new URL(".", import.meta.url));
const imports = readImports(INTERFACE);

test("every room of the interface has its place", () => {
  assert.ok(imports.size > 100, `${imports.size} files read`);
  assert.deepEqual(withoutPlace(imports, INTERFACE_ROWS), []);
});

test("what is shown imports what stands below it, no stage another, the drawing no stage", () => {
  assert.deepEqual(arrowsUp(imports, INTERFACE_ROWS), []);
});

test("no files of the interface import each other in a circle", () => {
  assert.deepEqual(circles(imports), []);
});

test("words that are shown later are not loaded at once", () => {
  const atOnce = runsWith(INTERFACE, "shell/App.tsx");
  const later = [...runsWith(INTERFACE, "words/en/later.ts")].filter((file) => !atOnce.has(file));
  assert.ok(atOnce.has("words/en.ts") && later.includes("words/en/later.ts"));
  assert.ok(later.length > 5, `${later.length} files`);
});

test("the picture of the interface is that of its imports", () => {
  const page = readFileSync(new URL("../docs/architecture.md", import.meta.url), "utf8");
  assert.ok(page.includes(picture(imports, INTERFACE_ROWS)), "npm run architecture draws it anew");
});
