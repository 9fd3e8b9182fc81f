import assert from "node:assert/strict";
import { test } from "node:test";
import { parseProject } from "../project/parse.ts";
import { enclosure, near, planValid, SAMPLE_NAMES, sampleProject } from "../testing.ts";
import { applyReadings, READING_KINDS, readingRows, readReadings } from "./readings-table.ts";

const job = () => enclosure("alcove", [900, 1500, 900]);

test("rows in tape language, by the wall's id or name, from either corner", () => {
  const { usable, problems } = readReadings(
    [
      { wall: "B", kind: "width-top", value: "1.503 m" },
      { wall: "b back", kind: "base", from: "right", at: "50", value: "1210,5" },
      { wall: "B", kind: "Lean-Left", value: "-4", over: "2000" },
    ],
    job(),
  );
  assert.deepEqual(
    problems.map(({ code }) => code),
    [],
  );
  assert.deepEqual(
    usable.map(({ wall, kind, from, lengths }) => [wall, kind, from, lengths.value]),
    [
      ["B", "width-top", "left", 1503],
      ["B", "base", "right", 1210.5],
      ["B", "lean-left", "left", -4],
    ],
  );
});

test("a row that cannot be used says where and why, and the others go on", () => {
  const { usable, problems } = readReadings(
    [
      { wall: "Q", kind: "base", at: "1", value: "2" },
      { wall: "A", kind: "depth", value: "2" },
      { wall: "A", kind: "base", from: "middle", at: "1", value: "2" },
      { wall: "A", kind: "base", at: "1" },
      { wall: "A", kind: "base", at: "1", value: "about 20" },
      { wall: "A", kind: "width-top", value: "-5" },
      { wall: "A", kind: "stud", at: "406" },
      {},
    ],
    job(),
  );
  assert.deepEqual(
    problems.map(({ row, column, code }) => `${row} ${column} ${code}`),
    [
      "1 wall no-such-wall",
      "2 kind no-such-kind",
      "3 from no-such-corner",
      "4 value missing",
      "5 value not-a-length",
      "6 value not-positive",
      "8 wall no-such-wall",
    ],
  );
  assert.deepEqual(
    usable.map(({ row }) => row),
    [7],
  );
});

test("every kind lands in the job, which stays valid, and is planned", () => {
  const project = job();
  const rows = READING_KINDS.map((kind) => ({
    wall: "B",
    kind,
    from: "left",
    at: "400",
    value: kind.startsWith("width") ? "1500" : kind === "top" ? "800" : "1200",
    level: "100",
    over: "1800",
  }));
  const { usable } = readReadings(rows, project);
  let count = 0;
  applyReadings(project, usable, () => `r${count++}`);
  assert.ok(parseProject(JSON.parse(JSON.stringify(project))).ok);
  planValid(project);
  const [, wall] = project.walls;
  assert.ok(wall);
  assert.equal(wall.base.length + wall.top.length, 2);
  assert.equal(wall.studs?.length, 1);
  assert.deepEqual(
    wall.straightedge?.map(({ shape }) => shape),
    ["hollow", "hump"],
  );
  near(wall.widths?.[0]?.width, 1500);
  near(wall.lean?.right?.offset, 1200);
});

test("a reading at a place that was read before takes its place", () => {
  const project = job();
  const read = (value: string) =>
    applyReadings(
      project,
      readReadings([{ wall: "A", kind: "base", at: "50", value }], project).usable,
      () => "x",
    );
  read("1200");
  read("1204");
  assert.deepEqual(project.walls[0]?.base, [{ from: "left", at: 50, down: 1204 }]);
});

test("what is written out is read again as the same readings, whatever the job's unit", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const rows = readingRows(project);
    const read = readReadings(rows, project);
    assert.deepEqual(read.problems, [], name);
    assert.equal(read.usable.length, rows.length);
    const bare = structuredClone(project);
    for (const wall of bare.walls) {
      Object.assign(wall, { base: [], top: [], widths: [], studs: [], straightedge: [], lean: {} });
    }
    let next = 0;
    applyReadings(bare, read.usable, () => `id-${next++}`);
    assert.deepEqual(readingRows(bare), rows, name);
  }
});

test("a straightedge that was held upright stays upright", () => {
  const project = job();
  const row = { wall: "A", kind: "hollow", at: "200", value: "3", level: "100", over: "1200" };
  const { usable } = readReadings([row, { ...row, held: "up" }], project);
  applyReadings(project, usable, () => crypto.randomUUID());
  assert.deepEqual(
    project.walls[0]?.straightedge?.map(({ direction }) => direction),
    ["across", "up"],
  );
});
