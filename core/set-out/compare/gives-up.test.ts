import assert from "node:assert/strict";
import { test } from "node:test";
import type { LayoutTerms } from "./evaluate.ts";
import { givesUp, smallestCut } from "./gives-up.ts";
import type { Layout } from "./layout.ts";

const plain: LayoutTerms = {
  slivers: 0,
  smallestAlong: 150,
  smallestAcross: 120,
  endsDiffer: 0,
  headsDiffer: 0,
  openingsOff: 0,
  weakTongues: 0,
  holesNearEdge: 0,
  cuts: 10,
  tiles: 50,
};

function layout(...walls: Partial<LayoutTerms>[]): Layout {
  return {
    foot: 0,
    score: 0,
    walls: walls.map((terms, k) => ({
      wall: `w${k}`,
      left: 0,
      niche: {},
      terms: { ...plain, ...terms },
      score: 0,
    })),
  };
}

test("the smallest cut is the least of all walls, along or across", () => {
  assert.equal(smallestCut(layout({}, { smallestAlong: 90 })), 90);
  assert.equal(smallestCut(layout({ smallestAcross: 40 }, {})), 40);
});

test("a layout that is best at everything gives nothing up", () => {
  const best = layout({});
  assert.deepEqual(givesUp(best, [best, layout({ slivers: 2 })]), {
    code: "nothing",
    own: 0,
    best: 0,
  });
});

test("what hurts most is said first: slivers before a small cut, that before balance", () => {
  const best = layout({});
  const all = (worse: Partial<LayoutTerms>) => givesUp(layout(worse), [best, layout(worse)]);
  assert.deepEqual(all({ slivers: 1, smallestAlong: 20 }), { code: "slivers", own: 1, best: 0 });
  assert.deepEqual(all({ weakTongues: 2, cuts: 30 }), { code: "tongues", own: 2, best: 0 });
  assert.deepEqual(all({ holesNearEdge: 1, cuts: 30 }), { code: "holes", own: 1, best: 0 });
  assert.deepEqual(all({ smallestAlong: 60, endsDiffer: 90 }), {
    code: "smallest",
    own: 60,
    best: 120,
  });
  assert.deepEqual(all({ endsDiffer: 20, headsDiffer: 6 }), { code: "balance", own: 26, best: 0 });
  assert.deepEqual(all({ openingsOff: 12 }), { code: "openings", own: 12, best: 0 });
  assert.deepEqual(all({ cuts: 12 }), { code: "cuts", own: 12, best: 10 });
});

test("a little worse is not worth a sentence", () => {
  const best = layout({});
  for (const worse of [
    { smallestAcross: 110 },
    { endsDiffer: 24 },
    { openingsOff: 11 },
    { cuts: 11 },
  ]) {
    assert.equal(givesUp(layout(worse), [best, layout(worse)]).code, "nothing");
  }
});

test("figures of several walls add up", () => {
  const worse = layout({ cuts: 13 }, { cuts: 14 });
  assert.deepEqual(givesUp(worse, [worse, layout({}, {})]), { code: "cuts", own: 27, best: 20 });
});
