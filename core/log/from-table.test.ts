import assert from "node:assert/strict";
import { test } from "node:test";
import { LOG_KINDS } from "../project/log-schema.ts";
import { parseProject } from "../project/parse.ts";
import { enclosure } from "../testing.ts";
import { entriesFromTable } from "./from-table.ts";

const HEADS = {
  ...{ when: "When", kind: "Show", what: "What", wall: "Wall", who: "Who", more: "Note" },
};
const KINDS = Object.fromEntries(LOG_KINDS.map((kind) => [kind, `the ${kind}`])) as Record<
  (typeof LOG_KINDS)[number],
  string
>;
const project = enclosure("alcove", [900, 1500, 900]);
let next = 0;
const read = (rows: Record<string, string>[], job = project) =>
  entriesFromTable(rows, HEADS, KINDS, job, () => `e${next++}`);

const ROW = { When: "2026-05-04T09:30:00.000Z", Show: "the told", What: "Owner", Wall: "B Back" };

test("a row becomes an entry of its kind and wall, in a job that is valid", () => {
  const { entries, left, bad } = read([{ ...ROW, Note: "niche lower by a course", Who: "Ana" }]);
  assert.deepEqual([left, bad], [0, []]);
  const [entry] = entries;
  assert.equal(entry?.kind, "told");
  assert.equal(entry?.wall, "B");
  assert.equal(entry?.words, "Owner · niche lower by a course");
  assert.ok(parseProject({ ...project, log: entries }).ok);
});

test("what is told by figures comes as a note; codes are known as well as words", () => {
  const kinds = ["hours", "used", "broken", "change"].map((kind) => ({ ...ROW, Show: kind }));
  const { entries, left } = read(kinds.map((row, k) => ({ ...row, What: `${k}` })));
  assert.deepEqual(
    entries.map(({ kind }) => kind),
    ["note", "note", "note", "change"],
  );
  assert.equal(left, 0);
});

test("lines of other stages and those that are here are left, what is no time is told by its line", () => {
  const job = { ...project, log: read([ROW]).entries };
  const { entries, left, bad } = read(
    [
      ROW,
      { ...ROW, Show: "Coat" },
      { ...ROW, When: "yesterday" },
      { ...ROW, What: "" },
      { ...ROW, What: "Builder" },
      { ...ROW, What: "Builder" },
    ],
    job,
  );
  assert.equal(entries.length, 1);
  assert.equal(left, 3);
  assert.deepEqual(bad, [4, 5]);
});
