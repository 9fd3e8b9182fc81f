import { readdirSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./prepare.mjs";

/** Test files below folders; Node 20 does not expand globs itself. */
export function testFiles(...folders) {
  return folders.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { withFileTypes: true, recursive: true })
      .filter((entry) => entry.isFile() && entry.name.endsWith(".test.ts"))
      .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
      .sort(),
  );
}
