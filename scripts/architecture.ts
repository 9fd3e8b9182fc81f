import { readFileSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { picture, readImports } from "../core/testing-imports.ts";
import { CORE_ROWS, INTERFACE_ROWS } from "../core/testing-rooms.ts";

/*
 * Draws the pictures in docs/architecture.md anew from the imports.
 */

const folder = (path: string) => fileURLToPath(new URL(`../${path}`, import.meta.url));
const pictures = [
  picture(readImports(folder("core")), CORE_ROWS),
  picture(readImports(folder("src")), INTERFACE_ROWS),
];
const page = folder("docs/architecture.md");
const text = readFileSync(page, "utf8");
writeFileSync(
  page,
  text.replace(/```mermaid\n[^`]*```/g, (old) => pictures.shift() ?? old),
);
