import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { planProject } from "../plan.ts";
import { planFile, planFileSchema } from "../plan-file.ts";
import { SAMPLE_NAMES, sampleProject } from "../testing.ts";
import { fieldIssueWords } from "../words/en.ts";
import { parseProject, parseProjectText } from "./parse.ts";

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** Every place in a JSON value, as the keys that lead there. */
function placesIn(value: Json, path: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== "object" || value === null) return [path];
  const entries: [string | number, Json][] = Array.isArray(value)
    ? value.map((item, k) => [k, item])
    : Object.entries(value);
  return [path, ...entries.flatMap(([key, item]) => placesIn(item, [...path, key]))];
}

/** The value with what stands at a place replaced. */
function replaceAt(value: Json, [key, ...rest]: (string | number)[], by: Json): Json {
  if (key === undefined) return by;
  const copy = structuredClone(value) as Record<string | number, Json>;
  copy[key] = replaceAt(copy[key] ?? null, rest, by);
  return copy as Json;
}

const oddValue: fc.Arbitrary<Json> = fc.oneof(
  fc.constantFrom<Json>(null, true, "", "x", [], {}, -1, 0, 1e-9, 1e12, 0.5, 7),
  fc.double({ min: -50_000, max: 50_000, noNaN: true }),
  fc.string(),
);

const damagedSample = fc
  .constantFrom(...SAMPLE_NAMES)
  .chain((name) => {
    const sample = sampleProject(name) as unknown as Json;
    return fc.record({
      sample: fc.constant(sample),
      at: fc.array(fc.constantFrom(...placesIn(sample)), { minLength: 1, maxLength: 3 }),
      by: fc.array(oddValue, { minLength: 3, maxLength: 3 }),
    });
  })
  .map(({ sample, at, by }) =>
    at.reduce<Json>((value, place, k) => {
      try {
        return replaceAt(value, place, by[k] ?? null);
      } catch {
        // An earlier replacement took this place away.
        return value;
      }
    }, sample),
  );

test("a project file with anything in any place is refused in words or planned, never thrown at", () => {
  fc.assert(
    fc.property(damagedSample, (input) => {
      const parsed = parseProject(input);
      if (!parsed.ok) {
        assert.ok(parsed.issues.length > 0);
        for (const issue of parsed.issues) assert.ok(fieldIssueWords(issue).length > 10);
        return;
      }
      const plan = planProject(parsed.project);
      const numbers = Object.values(plan.totals);
      assert.ok(
        numbers.every((value) => Number.isFinite(value) && value >= -1e-9),
        String(numbers),
      );
      planFileSchema.parse(JSON.parse(JSON.stringify(planFile(parsed.project, plan))));
    }),
    { numRuns: 250 },
  );
});

test("text of any kind is refused in words", () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      const parsed = parseProjectText(text);
      assert.ok(!parsed.ok);
      assert.ok(parsed.issues.every((issue) => fieldIssueWords(issue).length > 10));
    }),
  );
});

test("the same project gives the same plan, and planning leaves it as it was", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const before = structuredClone(project);
    const first = planProject(project);
    assert.deepEqual(planProject(project), first);
    assert.deepEqual(project, before);
  }
});
