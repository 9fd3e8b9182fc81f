import assert from "node:assert/strict";
import { test } from "node:test";
import { oneWall, SAMPLE_NAMES, sampleProject } from "../testing.ts";
import { words } from "../words/spoken.ts";
import { parseProject, parseProjectText } from "./parse.ts";

const issuesOf = (input: unknown) => {
  const parsed = parseProject(input);
  return parsed.ok ? [] : parsed.issues.map(({ path, code }) => `${path} ${code}`);
};

test("unknown fields survive, at the top and deep inside", () => {
  const project = { ...oneWall(), futureField: { kept: [1, 2] } } as Record<string, unknown>;
  const walls = project.walls as Record<string, unknown>[];
  project.walls = walls.map((wall) => ({ ...wall, laterReadings: [{ at: 400 }] }));
  const parsed = parseProject(project);
  assert.ok(parsed.ok);
  assert.deepEqual(JSON.parse(JSON.stringify(parsed.project)), JSON.parse(JSON.stringify(project)));
});

test("every sample passes and comes back as it was", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const again = parseProjectText(JSON.stringify(project));
    assert.ok(again.ok);
    assert.deepEqual(again.project, project);
  }
});

test("damaged, foreign and newer files are refused with the field", () => {
  assert.deepEqual(issuesOf(null), [" not-an-object"]);
  assert.deepEqual(issuesOf([]), [" not-an-object"]);
  assert.deepEqual(issuesOf({ format: "x" }), ["format not-a-dintel-project"]);
  assert.deepEqual(issuesOf({ ...oneWall(), version: 2 }), ["version newer-version"]);
  const cut = parseProjectText(JSON.stringify(oneWall()).slice(0, -20));
  assert.ok(!cut.ok && cut.issues[0]?.code === "not-json");
});

test("malformed, zero, negative and non-finite sizes name their field", () => {
  const wall = oneWall().walls[0];
  const withWidth = (bottom: unknown) => ({
    ...oneWall(),
    walls: [{ ...wall, width: { bottom } }],
  });
  for (const bottom of [0, -5]) {
    assert.deepEqual(issuesOf(withWidth(bottom)), ["walls[0].width.bottom not-above"]);
  }
  for (const bottom of ["1000", null, Number.NaN, Number.POSITIVE_INFINITY]) {
    assert.deepEqual(issuesOf(withWidth(bottom)), ["walls[0].width.bottom wrong-type"]);
  }
  assert.deepEqual(issuesOf(withWidth(1e9)), ["walls[0].width.bottom too-big"]);
  assert.deepEqual(issuesOf(oneWall({ joint: -1 })), ["field.joint too-small"]);
  assert.deepEqual(issuesOf({ ...oneWall(), walls: [] }), ["walls too-short"]);
  const noHeight = { ...wall, height: undefined };
  assert.deepEqual(issuesOf({ ...oneWall(), walls: [noHeight] }), [
    "walls[0].height height-or-top-readings",
  ]);
});

test("ids that point nowhere or stand twice are refused", () => {
  assert.deepEqual(issuesOf(oneWall({ field: { tile: "gone" } })), ["field.tile no-such-tile"]);
  const project = oneWall();
  const twice = { ...project, walls: [...project.walls, ...project.walls] };
  assert.deepEqual(issuesOf(twice), ["walls[1].id repeated-id"]);
});

test("every issue has words that name the field and a remedy", () => {
  const parsed = parseProject({ ...oneWall(), unit: "furlong", name: "" });
  assert.ok(!parsed.ok);
  const said = parsed.issues.map(words.fieldIssue);
  assert.ok(said.some((sentence) => /^unit must be one of: in, mm/.test(sentence)));
  assert.ok(said.some((sentence) => sentence.startsWith("name ")));
});

test("a file that nests too deeply or holds an endless text is refused before it is read", () => {
  const codeOf = (text: string) => {
    const parsed = parseProjectText(text);
    return parsed.ok ? "ok" : parsed.issues[0]?.code;
  };
  assert.equal(codeOf("[".repeat(20_000) + "]".repeat(20_000)), "too-deep");
  const text = JSON.stringify(oneWall());
  const withNote = (note: string) => text.replace(/}$/, `,"note":${note}}`);
  assert.equal(codeOf(withNote(`${"[".repeat(39)}${"]".repeat(39)}`)), "ok");
  assert.equal(codeOf(withNote(`${"[".repeat(40)}${"]".repeat(40)}`)), "too-deep");
  assert.equal(codeOf(withNote('"[[[[\\\\\\"{{{{"')), "ok", "brackets in a text are none");
  assert.equal(codeOf(withNote(`"${"x".repeat(20_001)}"`)), "text-too-long");
});
