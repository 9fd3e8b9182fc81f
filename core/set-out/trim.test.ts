import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { packLengths } from "../packing/lengths.ts";
import type { Trim } from "../project/schema.ts";
import { codesOf, near, oneWall, opening, planValid } from "../testing.ts";
import { fewestSets, subsets } from "../testing-exact.ts";
import { bullnosePieces } from "./trim.ts";

const profile: Trim = { kind: "profile", width: 8, joint: 2 };

test("profile at an open end and at the top: lengths, and the bars they come from", () => {
  const project = oneWall({
    wall: { trim: { left: profile, top: profile } },
    settings: { trimBar: 2300 },
  });
  const plan = planValid(project);
  // The field is 990 × 1202 within a wall of 1000 × 1212; the upright covers the trim at the top.
  const lengths = plan.trim.runs.map(({ place, length }) => [place, Math.round(length)]);
  assert.deepEqual(lengths, [
    ["left", 1212],
    ["top", 990],
  ]);
  // 1212 + 990 + one kerf: 2205 from a bar of 2300.
  assert.deepEqual(
    plan.trim.bars.map(({ bars, bound }) => [bars.length, bound]),
    [[1, 1]],
  );
  assert.equal(plan.order.find(({ code }) => code === "trimProfile")?.quantity, 1);
});

test("a mitred frame round a niche: long points inside the finished opening, short ones less the face", () => {
  const niche = opening({ width: 306, height: 406, trim: { ...profile, joint: 3 } });
  const { trim } = planValid(oneWall({ wall: { openings: [niche] } }));
  assert.deepEqual(
    trim.runs.map(({ length, face, mitred }) => [length, length - 2 * face, mitred]),
    [
      [300, 284, true],
      [300, 284, true],
      [400, 384, true],
      [400, 384, true],
    ],
  );
});

test("bullnose keeps its own length: pieces, the last one, and the drift at the end", () => {
  // 152 + 3 = 155 a piece: two make 310 to a course of 303: 7 a course, 4 courses of 1212.
  const own = bullnosePieces(1212, 152, 3, 303);
  assert.equal(own.count, 8);
  near(own.last, 1212 - 7 * 155);
  near(own.drift, 7 * 4);
  // 148.5 + 3: two make a course exactly; after eight only a joint is left.
  const even = bullnosePieces(1212, 148.5, 3, 303);
  near(even.drift, 0);
  assert.deepEqual([even.count, even.last], [8, 148.5]);
  // A piece over two courses of 100: 206 to 200.
  near(bullnosePieces(1000, 203, 3, 100).drift, 6 * 5);
});

test("trim whose joints cannot line up is warned of, and ordered by the piece", () => {
  const left: Trim = { kind: "bullnose", width: 50, joint: 3 };
  const drifting = planValid(
    oneWall({ wall: { trim: { left } }, settings: { bullnosePiece: 152 } }),
  );
  assert.ok(codesOf(drifting).includes("trim-drifts"));
  assert.equal(drifting.order.find(({ code }) => code === "bullnose")?.quantity, 8);
  const even = planValid(oneWall({ wall: { trim: { left } }, settings: { bullnosePiece: 148.5 } }));
  assert.equal(codesOf(even).includes("trim-drifts"), false);
});

/** The fewest bars by an integer program over every set of lengths that fits one bar. */
function exactBars(lengths: number[], bar: number): number {
  const total = (set: number[]) => set.reduce((sum, k) => sum + (lengths[k] ?? 0), 0);
  return fewestSets(
    lengths.length,
    subsets(lengths.length, (set) => total(set) <= bar),
  );
}

test("the fewest bars against an integer program", () => {
  let [equal, runs] = [0, 0];
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 200, max: 2400 }), { minLength: 1, maxLength: 9 }),
      (lengths) => {
        const { rolls, bound } = packLengths(lengths, 2500);
        const exact = exactBars(lengths, 2500);
        assert.ok(bound <= exact && exact <= rolls.length);
        runs++;
        if (rolls.length === exact) equal++;
      },
    ),
    { numRuns: 150, seed: 3 },
  );
  assert.ok(equal / runs > 0.95, `${equal} of ${runs}`);
});
