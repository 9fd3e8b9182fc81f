import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { runs as draws } from "../testing.ts";
import { fewestRuns } from "./runs.ts";

/** Every way to part sizes into runs in their order. */
function* partings(count: number): Generator<number[]> {
  for (let mask = 0; mask < 2 ** Math.max(0, count - 1); mask++) {
    const parts = [1];
    for (let k = 1; k < count; k++) {
      if (mask & (1 << (k - 1))) parts.push(1);
      else parts[parts.length - 1] = (parts.at(-1) ?? 0) + 1;
    }
    yield parts;
  }
}

function largest(sizes: number[], parts: number[]): number {
  let at = 0;
  return Math.max(
    ...parts.map((count) => {
      at += count;
      return sizes.slice(at - count, at).reduce((sum, size) => sum + size, 0);
    }),
  );
}

test("no other parting has fewer runs within the limit, nor as few with a smaller largest", () => {
  const sizes = fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 9 });
  fc.assert(
    fc.property(sizes, fc.integer({ min: 10, max: 90 }), (own, limit) => {
      const most = Math.max(limit, ...own);
      const all = [...partings(own.length)].filter((parts) => largest(own, parts) <= most);
      const fewest = Math.min(...all.map(({ length }) => length));
      const best = Math.min(
        ...all.filter(({ length }) => length === fewest).map((parts) => largest(own, parts)),
      );
      const found = fewestRuns(own, limit);
      assert.equal(found.length, fewest);
      assert.equal(largest(own, found), best);
    }),
    { numRuns: draws(300) },
  );
});

test("nothing is parted into nothing", () => {
  assert.deepEqual(fewestRuns([], 1), []);
});
