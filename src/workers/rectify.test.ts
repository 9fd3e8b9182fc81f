import assert from "node:assert/strict";
import { test } from "node:test";
import { homography } from "../../core/measure/homography.ts";
import { rectified } from "./rectify.ts";

test("a photo straight on keeps its pixels, and what it does not show stays clear", () => {
  // Four pixels by four, each as red as it lies to the right and as green as it lies down.
  const data = new Uint8ClampedArray(64);
  for (let k = 0; k < 16; k++) data.set([(k % 4) * 10, Math.floor(k / 4) * 10, 0, 255], k * 4);
  const toPhoto = homography(
    [
      [0, 0],
      [400, 0],
      [400, 400],
      [0, 400],
    ],
    [
      [0, 1],
      [1, 1],
      [1, 0],
      [0, 0],
    ],
  );
  assert.ok(toPhoto);
  const target = { minX: 100, maxY: 300, width: 2, height: 2, mmPerPixel: 100 };
  const out = rectified({ data, width: 4, height: 4 }, toPhoto, target);
  assert.deepEqual([...out.slice(0, 4)], [10, 10, 0, 255]);
  assert.deepEqual([...out.slice(12, 16)], [20, 20, 0, 255]);
  const beyond = rectified({ data, width: 4, height: 4 }, toPhoto, { ...target, minX: 900 });
  assert.deepEqual([...beyond.slice(0, 4)], [0, 0, 0, 0]);
});
