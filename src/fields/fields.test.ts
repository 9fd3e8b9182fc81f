import assert from "node:assert/strict";
import { test } from "node:test";
import { PATTERNS, type PatternName, patternName } from "../jobs/patterns.ts";
import { readLength } from "./LengthField.tsx";

const inches = { unit: "in", mark: 16 } as const;

function problem(text: string, rules: Parameters<typeof readLength>[2] = {}): string {
  const read = readLength(text, inches, rules);
  return read.ok ? "" : read.problem;
}

test("a size must be more than nothing; a gap may be nothing; a lean may be negative", () => {
  assert.match(problem("0"), /more than 0 in/);
  assert.match(problem("-3"), /more than 0 in/);
  assert.equal(problem("0", { zero: true }), "");
  assert.match(problem("-1/8", { zero: true }), /negative/);
  assert.equal(problem("-1/8", { signed: true }), "");
});

test("what is too large for a job is said with the limit in the reader's unit", () => {
  assert.match(problem("2000'"), /at most/);
  assert.match(problem("3", { atMost: 50 }), /1 15\/16\+ in at most/);
  assert.match(problem("63 one half"), /63 1\/2/);
});

test("every named pattern is found again by its name, others are other", () => {
  for (const [name, field] of Object.entries(PATTERNS)) {
    assert.equal(patternName(field), name as PatternName);
  }
  assert.equal(patternName({ pattern: "offset", offset: 0.25, run: "stepped" }), "other");
  assert.equal(patternName({ pattern: "offset", offset: 0.5, run: "stepped" }), "other");
  assert.equal(patternName({ pattern: "offset" }), "half");
});
