import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Project } from "../project/schema.ts";
import { fixture, oneWall, openingAt, runs } from "../testing.ts";
import { acrossPhases, alongPhases, placesAcross } from "./candidates.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import type { ModelWall, SearchModel } from "./model.ts";
import type { LayoutTerms } from "./terms.ts";
import { fine, modelOf } from "./testing.ts";

/*
 * The claim that the search rests on: between two candidates every term is a straight line. If that
 * holds, no layout between them can be better than the better of the two.
 */

/** Terms that are lengths; the others count. */
const LENGTHS = [
  "smallestAlong",
  "smallestAcross",
  "endsDiffer",
  "headsDiffer",
  "openingsOff",
] as const;
const COUNTS = ["slivers", "weakTongues", "holesNearEdge", "cuts"] as const;

/**
 * Where a hole's rim grazes a tile's corner decides a cut by both directions at once: that alone is
 * judged at the candidates and not made one.
 */
const WITH_HOLES = COUNTS.filter((term) => term !== "cuts");

/** Candidates nearer than this to each other leave no room to look between them, mm. */
const ROOM = 0.01;

/** Fails where a term bends or jumps between two candidates that follow each other. */
function straightBetween(
  candidates: number[],
  termsAt: (at: number) => LayoutTerms,
  counts: readonly (typeof COUNTS)[number][],
): void {
  for (let k = 1; k < candidates.length; k++) {
    const [from, to] = [candidates[k - 1] as number, candidates[k] as number];
    if (to - from < ROOM) continue;
    const at = (share: number) => termsAt(from + share * (to - from));
    const [first, middle, last] = [at(0.1), at(0.5), at(0.9)];
    for (const term of LENGTHS) {
      const off = Math.abs((first[term] + last[term]) / 2 - middle[term]);
      assert.ok(off < 1e-6, `${term} bends by ${off} between ${from} and ${to}`);
    }
    for (const term of counts) {
      assert.deepEqual([first[term], last[term]], [middle[term], middle[term]], `${term} ${from}`);
    }
  }
}

/** Candidates round a whole module, from the first to itself a module on. */
function round(candidates: number[], module: number): number[] {
  const [first] = candidates;
  return first === undefined ? [] : [...candidates, first + module];
}

const bonds: Partial<Project["field"]>[] = [
  { pattern: "stacked", lay: "lying" },
  { pattern: "offset", offset: 0.5, run: "alternating", lay: "lying" },
  { pattern: "offset", offset: 1 / 3, run: "stepped", lay: "standing" },
];

const walls = fc.record({
  width: fine(500, 1400),
  height: fine(500, 1300),
  tile: fc.constantFrom<[number, number]>([300, 300], [97.3, 197.6], [610, 305]),
  joint: fine(1, 6),
  bond: fc.constantFrom(...bonds),
  at: fine(60, 200),
  up: fine(60, 200),
  wide: fine(80, 250),
  high: fine(80, 250),
  /** A valve's pipe; none for 0. */
  pipe: fc.oneof(fc.constant(0), fine(20, 110)),
  along: fine(0, 600),
  across: fine(0, 600),
});

/** A wall of 1000 × 1212 with 300 × 300 tile and a niche of 250 × 200. */
const PLAIN = {
  width: 1000,
  height: 1212,
  tile: [300, 300] as [number, number],
  joint: 3,
  bond: bonds[0] as (typeof bonds)[number],
  at: 170,
  up: 150,
  wide: 250,
  high: 200,
  pipe: 0,
};

type Sample = typeof walls extends fc.Arbitrary<infer T> ? T : never;

interface Modelled {
  model: SearchModel;
  wall: ModelWall;
  counts: readonly (typeof COUNTS)[number][];
}

function modelled(sample: Sample, nicheRange = 0): Modelled {
  const { width, height, tile, joint, bond, at, up, wide, high, pipe } = sample;
  const valve = fixture({
    pipe,
    x: { from: "left", at: width - 80 },
    y: { from: "base", at: height - 90 },
  });
  const project = oneWall({
    width,
    height,
    tile,
    joint,
    field: bond,
    wall: { openings: [openingAt(at, up, wide, high)], fixtures: pipe > 0 ? [valve] : [] },
  });
  // Across the rows is up and down for level ones, and sideways for standing ones.
  const ranges: [number, number] = bond.lay === "standing" ? [0, nicheRange] : [nicheRange, 0];
  const model = modelOf(project, ...ranges);
  const [wall] = model.walls;
  assert.ok(wall);
  return { model, wall, counts: pipe > 0 ? WITH_HOLES : COUNTS };
}

test("along the rows every term is a straight line between two candidates", () => {
  fc.assert(
    fc.property(walls, (sample) => {
      const { model, wall, counts } = modelled(sample);
      const { bond } = model;
      const { across } = sample;
      const candidates = round(alongPhases(bond, wall), bond.length + bond.joint);
      straightBetween(candidates, (along) => evaluateWall(bond, wall, { along, across }), counts);
    }),
    { numRuns: runs(60) },
  );
});

test("across the rows every term is a straight line between two candidates", () => {
  fc.assert(
    fc.property(walls, (sample) => {
      const { model, wall, counts } = modelled(sample);
      const { bond } = model;
      const { along } = sample;
      const candidates = round(acrossPhases([wall]), bond.depth + bond.joint);
      straightBetween(candidates, (across) => evaluateWall(bond, wall, { along, across }), counts);
    }),
    { numRuns: runs(60) },
  );
});

test("so it is for the places of a niche that moves across the rows", () => {
  fc.assert(
    fc.property(walls, (sample) => {
      const { model, wall, counts } = modelled(sample, 150);
      const { bond } = model;
      const { along, across } = sample;
      const places = placesAcross(bond, wall, { along, across });
      assert.ok(places.length > 1);
      straightBetween(
        places,
        (niche) => evaluateWall(bond, wall, { along, across, niche }),
        counts,
      );
    }),
    { numRuns: runs(60) },
  );
});

test("with a candidate left out something bends: the three above can fail", () => {
  const sample = { ...PLAIN, along: 0, across: 0 };
  const { model, wall } = modelled(sample);
  const { bond } = model;
  const all = round(alongPhases(bond, wall), bond.length + bond.joint);
  const fails = (candidates: number[]) => {
    try {
      const termsAt = (along: number) => evaluateWall(bond, wall, { along, across: 0 });
      straightBetween(candidates, termsAt, COUNTS);
      return false;
    } catch {
      return true;
    }
  };
  assert.ok(!fails(all));
  // Half a millimetre is met from both sides: such twins are left out together.
  const needed = all.filter((left) => fails(all.filter((each) => Math.abs(each - left) > 0.01)));
  assert.ok(needed.length >= 8, `${needed.length} of ${all.length} are needed`);
});
