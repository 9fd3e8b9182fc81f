import assert from "node:assert/strict";
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { test } from "node:test";
import { fileURLToPath } from "node:url";
import ts from "typescript";

const ROOTS = ["../", "../../core/"].map((path) => fileURLToPath(new URL(path, import.meta.url)));

/** Objects whose words are those of the language that is spoken just then. */
const SPOKEN = ["ui", "words", "told"];

/** What a file asks of them while it is loaded, by line: outside of every function. */
function askedWhileLoading(path: string): string[] {
  const kind = path.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const text = readFileSync(path, "utf8");
  const source = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true, kind);
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isFunctionLike(node) || ts.isTypeNode(node)) return;
    // The names of words are the same in every language.
    if (ts.isCallExpression(node) && node.expression.getText() === "Object.keys") return;
    if (
      ts.isPropertyAccessExpression(node) &&
      ts.isIdentifier(node.expression) &&
      SPOKEN.includes(node.expression.text)
    ) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart());
      found.push(`${path}:${line + 1} ${node.getText()}`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

test("words are asked for when something is drawn, never while a file is loaded", () => {
  const files = ROOTS.flatMap((root) =>
    readdirSync(root, { recursive: true, encoding: "utf8" })
      .filter((name) => /\.tsx?$/.test(name) && !/(\.test\.ts|\/testing)/.test(`/${name}`))
      .map((name) => join(root, name)),
  );
  assert.ok(files.length > 500, `${files.length} files`);
  assert.deepEqual(files.flatMap(askedWhileLoading), []);
});
