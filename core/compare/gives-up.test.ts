import assert from "node:assert/strict";
import { test } from "node:test";
import { isSliver } from "../set-out/slivers.ts";
import { sampleProject } from "../testing.ts";
import { compareLayouts } from "./compare.ts";
import { givesUp, type PlannedLayout, smallestCut } from "./gives-up.ts";
import type { Layout } from "./layout.ts";
import type { LayoutTerms } from "./terms.ts";
import { STILL } from "./testing.ts";

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

/** A layout whose plan counts ten cuts and no slivers unless told otherwise. */
function planned(
  terms: Partial<LayoutTerms> = {},
  counts: { slivers?: number; cuts?: number } = {},
): PlannedLayout {
  return { layout: layout(terms, {}), slivers: 0, cuts: 10, ...counts };
}

test("the smallest cut is the least of all walls, along or across", () => {
  assert.equal(smallestCut(layout({}, { smallestAlong: 90 })), 90);
  assert.equal(smallestCut(layout({ smallestAcross: 40 }, {})), 40);
});

test("a layout that is best at everything gives nothing up", () => {
  const best = planned();
  assert.deepEqual(givesUp(best, [best, planned({}, { slivers: 2 })]), {
    code: "nothing",
    own: 0,
    best: 0,
  });
});

test("what hurts most is said first: slivers before a small cut, that before balance", () => {
  const best = planned();
  const all = (terms: Partial<LayoutTerms>, counts = {}) => {
    const worse = planned(terms, counts);
    return givesUp(worse, [best, worse]);
  };
  assert.deepEqual(all({ smallestAlong: 20 }, { slivers: 3 }), {
    code: "slivers",
    own: 3,
    best: 0,
  });
  assert.deepEqual(all({ weakTongues: 2 }, { cuts: 30 }), { code: "tongues", own: 2, best: 0 });
  assert.deepEqual(all({ holesNearEdge: 1 }, { cuts: 30 }), { code: "holes", own: 1, best: 0 });
  assert.deepEqual(all({ smallestAlong: 60, endsDiffer: 90 }), {
    code: "smallest",
    own: 60,
    best: 120,
  });
  assert.deepEqual(all({ endsDiffer: 20, headsDiffer: 6 }), { code: "balance", own: 26, best: 0 });
  assert.deepEqual(all({ openingsOff: 12 }), { code: "openings", own: 12, best: 0 });
  assert.deepEqual(all({}, { cuts: 12 }), { code: "cuts", own: 12, best: 10 });
});

test("a little worse is not worth a sentence", () => {
  const best = planned();
  for (const worse of [
    planned({ smallestAcross: 110 }),
    planned({ endsDiffer: 24 }),
    planned({ openingsOff: 11 }),
    planned({}, { cuts: 11 }),
  ]) {
    assert.equal(givesUp(worse, [best, worse]).code, "nothing");
  }
});

test("figures of several walls add up", () => {
  const worse = { ...planned(), layout: layout({ endsDiffer: 13 }, { headsDiffer: 14 }) };
  assert.deepEqual(givesUp(worse, [worse, planned()]), { code: "balance", own: 27, best: 0 });
});

test("slivers and cuts of a found layout are the pieces of its plan", () => {
  const project = sampleProject("corner-shower");
  const { joint } = project.field;
  const question = { project, ...STILL, joint: { least: joint, most: joint } };
  const { found } = compareLayouts(question) ?? { found: [] };
  assert.ok(found.some(({ slivers }) => slivers > 0));
  for (const { plan, slivers, cuts } of found) {
    const pieces = plan.walls.flatMap(({ areas }) =>
      areas.flatMap((area) => area.pieces.map((piece) => ({ piece, cell: area.cell }))),
    );
    assert.equal(cuts, pieces.filter(({ piece }) => piece.kind !== "none").length);
    const narrow = pieces.filter(
      ({ piece: { width, height }, cell }) =>
        isSliver(width, cell.width, cell.joint, plan.sliver) ||
        isSliver(height, cell.height, cell.joint, plan.sliver),
    );
    assert.equal(slivers, narrow.length);
  }
});
