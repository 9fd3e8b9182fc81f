import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { planProject } from "../plan.ts";
import { planFile, planFileSchema } from "../plan-file.ts";
import { SAMPLE_NAMES, sampleProject } from "../testing.ts";
import { words } from "../words/spoken.ts";
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

const oddNumber = fc.oneof(
  fc.constantFrom(-1, 0, 1e-9, 2e-6, 1e-3, 0.5, 5, 7, 29_999, 30_000, -30_000, 1e12),
  fc.double({ min: -50_000, max: 50_000, noNaN: true }),
  fc.double({ min: -2000, max: 2000, noNaN: true }),
);

const oddValue: fc.Arbitrary<Json> = fc.oneof(
  fc.constantFrom<Json>(null, true, "", "x", [], {}),
  oddNumber,
  fc.string(),
);

/** Something odd of the same kind as what stands at a place: most such files are still valid. */
function oddLike(value: Json): fc.Arbitrary<Json> {
  if (typeof value === "number") return oddNumber;
  const words = ["left", "right", "top", "bottom", "centre", "ceiling", "level", "base", "tile"];
  if (typeof value === "string") return fc.constantFrom<Json>(...words, "window", "niche", "A");
  return oddValue;
}

function valueAt(value: Json, path: (string | number)[]): Json {
  return path.reduce<Json>((at, key) => (at as Record<string | number, Json>)[key] ?? null, value);
}

const damagedSample = fc
  .constantFrom(...SAMPLE_NAMES)
  .chain((name) => {
    const sample = sampleProject(name) as unknown as Json;
    return fc.record({
      sample: fc.constant(sample),
      changes: fc.array(
        fc.constantFrom(...placesIn(sample)).chain((at) =>
          fc.record({
            at: fc.constant(at),
            by: fc.oneof({ weight: 4, arbitrary: oddLike(valueAt(sample, at)) }, oddValue),
          }),
        ),
        { minLength: 1, maxLength: 3 },
      ),
    });
  })
  .map(({ sample, changes }) =>
    changes.reduce<Json>((value, { at, by }) => {
      try {
        return replaceAt(value, at, by);
      } catch {
        // An earlier replacement took this place away.
        return value;
      }
    }, sample),
  );

/** Where in a plan a figure is infinite or not a number; undefined where none is. */
function endless(value: unknown, path: string): string | undefined {
  if (typeof value === "number") return Number.isFinite(value) ? undefined : path;
  if (typeof value !== "object" || value === null || ArrayBuffer.isView(value)) return undefined;
  for (const [key, item] of Object.entries(value)) {
    const found = endless(item, `${path}.${key}`);
    if (found) return found;
  }
  return undefined;
}

/** `npm run soak` damages many more files than `npm test`. */
const DAMAGED = Number(process.env.DINTEL_DAMAGED ?? 150);

/** No file that is planned takes longer, ms: only the soak holds it against the clock. */
const LONGEST = process.env.DINTEL_DAMAGED ? 2000 : Infinity;

test("a project file with anything in any place is refused in words or planned, never thrown at", () => {
  fc.assert(
    fc.property(damagedSample, (input) => {
      const parsed = parseProject(input);
      if (!parsed.ok) {
        assert.ok(parsed.issues.length > 0);
        for (const issue of parsed.issues) assert.ok(words.fieldIssue(issue).length > 10);
        return;
      }
      const since = performance.now();
      const plan = planProject(parsed.project);
      const file = planFile(parsed.project, plan);
      assert.ok(performance.now() - since < LONGEST, "planned in time");
      const { walls, film, board, order, trim, warnings, drops } = plan;
      const figures = walls.map((wall) => wall.figures);
      const parts = { figures, film, board, order, trim, warnings, drops, file };
      assert.equal(endless(parts, "plan"), undefined);
      const numbers = Object.values(plan.totals);
      assert.ok(
        numbers.every((value) => Number.isFinite(value) && value >= -1e-9),
        String(numbers),
      );
      planFileSchema.parse(JSON.parse(JSON.stringify(file)));
    }),
    { numRuns: DAMAGED },
  );
});

test("text of any kind is refused in words", () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      const parsed = parseProjectText(text);
      assert.ok(!parsed.ok);
      assert.ok(parsed.issues.every((issue) => words.fieldIssue(issue).length > 10));
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
