import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { takeClipper } from "../geometry/boolean.ts";
import { clipRings } from "../geometry/clipper.ts";
import { clipHalfPlane, type Point, type Polygon, rectangle } from "../geometry/polygon.ts";
import { isUncut, lossDepth } from "./loss.ts";

takeClipper(clipRings);

const tile = rectangle(0, 0, 300, 200);

test("a strip is as deep as it is wide, a corner as far as its bisector runs, a taper as its deep end", () => {
  assert.equal(lossDepth(rectangle(0, 0, 299.7, 200), tile), 300 - 299.7);
  // 10 mm off both sides of a corner: the bisector meets the cut after 10 ÷ √2.
  const corner: Polygon = [
    [0, 0],
    [300, 0],
    [300, 190],
    [290, 200],
    [0, 200],
  ];
  assert.ok(Math.abs(lossDepth(corner, tile) - 10 / Math.SQRT2) < 1e-9);
  const taper: Polygon = [
    [0, 0.4],
    [300, 0.1],
    [300, 200],
    [0, 200],
  ];
  assert.ok(Math.abs(lossDepth(taper, tile) - 0.4) < 1e-9);
  assert.equal(lossDepth(tile, tile), 0);
  assert.ok(isUncut(taper, tile) && !isUncut(corner, tile));
});

test("a straight cut is as deep, wherever it runs, and told in two halves it is no deeper", () => {
  const angles = fc.double({ min: 0, max: 2 * Math.PI, noNaN: true });
  fc.assert(
    fc.property(angles, fc.double({ min: 0, max: 3, noNaN: true }), (angle, depth) => {
      const [nx, ny] = [Math.cos(angle), Math.sin(angle)];
      const far = Math.max(...tile.map(([x, y]) => nx * x + ny * y));
      const ring = clipHalfPlane(tile, nx, ny, far - depth);
      const on = ([x, y]: Point) => Math.abs(nx * x + ny * y - (far - depth)) < 1e-9;
      const halves = ring.flatMap((point, k): Point[] => {
        const next = ring[(k + 1) % ring.length] as Point;
        const middle: Point = [(point[0] + next[0]) / 2, (point[1] + next[1]) / 2];
        return on(point) && on(next) ? [point, middle] : [point];
      });
      assert.ok(Math.abs(lossDepth(ring, tile) - lossDepth(halves, tile)) < 0.005);
      // A corner's tip goes as deep as the cut runs from it, or less deep from an edge.
      assert.ok(lossDepth(ring, tile) <= depth * Math.SQRT2 + 0.005);
    }),
  );
});

test("two bites are as deep as the deeper one, and a piece from the middle is what is left round it", () => {
  const bites: Polygon = [
    [0, 0],
    [100, 0],
    [100, 0.3],
    [150, 0.3],
    [150, 0],
    [300, 0],
    [300, 200],
    [200, 200],
    [200, 199.1],
    [120, 199.1],
    [120, 200],
    [0, 200],
  ];
  assert.ok(Math.abs(lossDepth(bites, tile) - 0.9) < 1e-9);
  assert.ok(lossDepth(rectangle(50, 50, 100, 100), tile) > 100);
});
