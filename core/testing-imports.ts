import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative } from "node:path";

const CODE = /\.(ts|tsx|astro)$/;
const TEST = /(^|\/)testing[^/]*\.ts$|\.test\.ts$/;

/** The files of a folder and what each imports, as paths from it; those outside begin with "..". */
export type Imports = Map<string, string[]>;

/** Reads who imports whom in a folder, types and workers too; tests are left out. */
export function readImports(folder: string): Imports {
  const files = readdirSync(folder, { recursive: true, encoding: "utf8" }).filter(
    (file) => CODE.test(file) && !TEST.test(file),
  );
  return new Map(files.sort().map((file) => [file, importsOf(folder, file)]));
}

function importsOf(folder: string, file: string): string[] {
  const text = readFileSync(join(folder, file), "utf8");
  const addresses = text.matchAll(/(?:\bfrom|\bimport|\bURL)\s*\(?\s*"(\.[^"]+)"/g);
  return [...addresses]
    .map(([, address]) => relative(folder, join(folder, dirname(file), address ?? "")))
    .filter((target) => CODE.test(target));
}

/** The files that run with a file, its own imports and theirs; what is imported for its types is not. */
export function runsWith(folder: string, file: string, seen = new Set<string>()): Set<string> {
  if (seen.has(file)) return seen;
  seen.add(file);
  const text = readFileSync(join(folder, file), "utf8");
  for (const [, names = "", address = ""] of text.matchAll(/^import ([^"]*?) from "(\.[^"]+)"/gm)) {
    const isOnlyTypes = names.startsWith("type ") || /^\{(\s*type \w+,?)+\s*\}$/.test(names);
    if (!isOnlyTypes)
      runsWith(folder, relative(folder, join(folder, dirname(file), address)), seen);
  }
  return seen;
}

/** Imports that leave the folder, or reach one of its tests. */
export function outsideOf(imports: Imports): string[] {
  return told(imports, (_, target) => !imports.has(target));
}

/** Files whose room stands in no row. */
export function withoutPlace(imports: Imports, rows: string[][]): string[] {
  return [...imports.keys()].filter((file) => !placeOf(file, rows));
}

/** Imports of another room that stands in the same row or above. */
export function arrowsUp(imports: Imports, rows: string[][]): string[] {
  return told(imports, (file, target) => {
    const [from, to] = [placeOf(file, rows), placeOf(target, rows)];
    return from !== undefined && to !== undefined && to.room !== from.room && to.row >= from.row;
  });
}

/** Files that import each other in a circle, and those that import them. */
export function circles(imports: Imports): string[] {
  const left = new Map(imports);
  for (let before = -1; before !== left.size; ) {
    before = left.size;
    for (const [file, targets] of left)
      if (!targets.some((target) => left.has(target))) left.delete(file);
  }
  return [...left.keys()];
}

/**
 * The rooms as a Mermaid flowchart, an arrow from each to those that it imports; where another room
 * leads there already the arrow is left out.
 */
export function picture(imports: Imports, rows: string[][]): string {
  const reached = new Map<string, Set<string>>();
  const lines: string[] = [];
  for (const room of rows.flat()) {
    const direct = roomsBelow(imports, rows, room);
    const further = new Set([...direct].flatMap((below) => [...(reached.get(below) ?? [])]));
    reached.set(room, new Set([...direct, ...further]));
    const drawn = [...direct].filter((below) => !further.has(below));
    lines.push(
      ...(drawn.length > 0 ? drawn.map((below) => `  ${room} --> ${below}`) : [`  ${room}`]),
    );
  }
  return ["```mermaid", "flowchart BT", ...lines, "```"].join("\n");
}

function roomsBelow(imports: Imports, rows: string[][], room: string): Set<string> {
  const targets = [...imports].flatMap(([file, targets]) =>
    placeOf(file, rows)?.room === room ? targets : [],
  );
  const below = targets.flatMap((target) => placeOf(target, rows)?.room ?? []);
  return new Set(below.filter((other) => other !== room).sort());
}

/** The innermost room that has a row: a folder, a folder within it, or a file by its own name. */
function placeOf(file: string, rows: string[][]): { room: string; row: number } | undefined {
  const parts = file.replace(CODE, "").split("/");
  for (let depth = parts.length; depth > 0; depth -= 1) {
    const room = parts.slice(0, depth).join("/");
    const row = rows.findIndex((names) => names.includes(room));
    if (row >= 0) return { room, row };
  }
  return undefined;
}

function told(imports: Imports, wrong: (file: string, target: string) => boolean): string[] {
  return [...imports].flatMap(([file, targets]) =>
    targets.filter((target) => wrong(file, target)).map((target) => `${file} imports ${target}`),
  );
}
