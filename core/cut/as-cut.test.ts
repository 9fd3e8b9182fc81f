import assert from "node:assert/strict";
import { test } from "node:test";
import { asCut } from "./as-cut.ts";

test("a straightened taper has one length with both its ends beside it", () => {
  const rows = asCut(
    [
      { code: "width", mm: 300 },
      { code: "left-height", mm: 294.3 },
      { code: "right-height", mm: 296.1 },
      { code: "bend-x", mm: 100 },
      { code: "bend-height", mm: 295 },
    ],
    { width: 300, height: 295, lengths: [{ of: "height", exact: [294.3, 296.1, 295], set: 295 }] },
  );
  assert.deepEqual(rows, [
    { code: "width", mm: 300 },
    { code: "height", mm: 295, planned: [294.3, 296.1, 295] },
  ]);
});

test("ends that stay apart are set each, arms are told, and a piece without settings is as it is", () => {
  const ends = asCut(
    [
      { code: "left-height", mm: 290 },
      { code: "right-height", mm: 297 },
    ],
    {
      width: 300,
      height: 298,
      lengths: [
        { of: "height", exact: [290], set: 291 },
        { of: "height", exact: [297], set: 297 },
      ],
    },
  );
  assert.deepEqual(ends, [
    { code: "left-height", mm: 291, planned: [290] },
    { code: "right-height", mm: 297 },
  ]);
  const arm = { of: "leg-width" as const, exact: [80.04], set: 80 };
  const corner = asCut([{ code: "height", mm: 300 }], { width: 200, height: 300, lengths: [arm] });
  assert.deepEqual(corner.at(-1), { code: "leg-width", mm: 80 });
  assert.deepEqual(asCut([{ code: "width", mm: 5 }], undefined), [{ code: "width", mm: 5 }]);
});
