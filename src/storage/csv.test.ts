import assert from "node:assert/strict";
import { test } from "node:test";
import papa from "papaparse";
import { csvText } from "./csv.ts";

test("a name that begins as a formula does is text in a spreadsheet", () => {
  for (const name of ["=1+1", "+1", "-1", "@sum", "\tx", "\rx"]) {
    const [row] = papa.parse<{ wall: string }>(csvText([{ wall: name }]), { header: true }).data;
    assert.equal(row?.wall, `'${name}`);
  }
});

test("numbers and plain names stay as they are", () => {
  const rows = [{ wall: 'B "Back", left', number: -3, width: "5/8+" }];
  const [row] = papa.parse(csvText(rows), { header: true }).data;
  assert.deepEqual(row, { wall: 'B "Back", left', number: "-3", width: "5/8+" });
});
