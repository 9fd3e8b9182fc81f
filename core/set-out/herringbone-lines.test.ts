import assert from "node:assert/strict";
import { test } from "node:test";
import { expandPieces } from "../cut/expand.ts";
import { distanceToSegment } from "../geometry/polygon.ts";
import { firstWall, near, oneWall } from "../testing.ts";

const wallOf = (angle: "block" | "point") =>
  firstWall(
    oneWall({ tile: [200, 66], joint: 3, width: 1200, field: { pattern: "herringbone", angle } }),
  );

test("point up: two plumb lines, (tile width + joint) ÷ √2 apart, nearest to the centre", () => {
  const wall = wallOf("point");
  const lines = wall.lines.filter(({ kind }) => kind === "control");
  assert.equal(lines.length, 2);
  for (const { from, to } of lines) near(from[0], to[0], 1e-6);
  const [a, b] = lines.map(({ from }) => from[0]).sort((p, q) => p - q) as [number, number];
  near(b - a, 69 / Math.SQRT2, 1e-6);
  // Axes repeat every (200 + 3) × √2: one of them lies within half of that from the centre.
  assert.ok(Math.abs((a + b) / 2 - 600) <= (203 * Math.SQRT2) / 2 + 35);
});

test("tile corners touch both lines, half a joint away", () => {
  for (const angle of ["point", "block"] as const) {
    const wall = wallOf(angle);
    const whole = expandPieces(wall).filter(({ kind }) => kind === "none");
    for (const { from, to } of wall.lines.filter(({ kind }) => kind === "control")) {
      const touching = whole
        .flatMap(({ ring }) => ring)
        .filter((corner) => distanceToSegment(corner, from, to) < 3 / Math.SQRT2 + 1e-6);
      assert.ok(touching.length >= 8, `${angle}: ${touching.length}`);
    }
  }
});

test("other bonds have no such lines", () => {
  const wall = firstWall(oneWall({ field: { pattern: "basket-weave" } }));
  assert.equal(
    wall.lines.some(({ kind }) => kind === "control"),
    false,
  );
});
