import assert from "node:assert/strict";
import { test } from "node:test";
import papa from "papaparse";
import { tableMarkup, tableText } from "./copy-table.ts";

const ROWS = [
  { what: "Tile <b>", how: 3 },
  { what: "=1+1", how: 0.5 },
  { what: 'a "b"\tc', how: "2\n3" },
];

test("a table in markup has a row for each, and no name ends its tags", () => {
  const markup = tableMarkup(ROWS);
  assert.equal(markup.match(/<tr>/g)?.length, 4);
  assert.match(markup, /<th>what<\/th><th>how<\/th>/);
  assert.match(markup, /<td>Tile &lt;b&gt;<\/td><td>3<\/td>/);
});

test("the same by tabs reads back cell by cell, and nothing in it is a formula", () => {
  const { data } = papa.parse<string[]>(tableText(ROWS), { delimiter: "\t" });
  assert.deepEqual(data[0], ["what", "how"]);
  assert.deepEqual(data[2], ["'=1+1", "0.5"]);
  assert.deepEqual(data[3], ['a "b"\tc', "2\n3"]);
});
