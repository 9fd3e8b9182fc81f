import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { Point } from "../geometry/polygon.ts";
import { near, oneWall, planValid } from "../testing.ts";
import { homography, lengthCheck, mapped, type Quad, wallCorners } from "./homography.ts";

/**
 * A camera by another route: a wall in space, seen from a point through a screen. The camera looks
 * along z; the wall's plane is turned about the upright and tipped, then moved away.
 */
function seen(turn: number, tip: number, away: number) {
  return ([x, y]: Point): Point => {
    const [cx, cy] = [x - 750, y - 1000];
    const [x1, z1] = [cx * Math.cos(turn), cx * Math.sin(turn)];
    const [y2, z2] = [
      cy * Math.cos(tip) - z1 * Math.sin(tip),
      cy * Math.sin(tip) + z1 * Math.cos(tip),
    ];
    const depth = away + z2;
    return [0.5 + (0.8 * x1) / depth, 0.5 - (0.8 * y2) / depth];
  };
}

const WALL: Quad = [
  [0, 0],
  [1500, 0],
  [1510, 2000],
  [-4, 2003],
];

test("a photo taken askew is rectified: every known point of the wall within a hundredth of a mm", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -0.6, max: 0.6, noNaN: true }),
      fc.double({ min: -0.4, max: 0.4, noNaN: true }),
      fc.double({ min: 2500, max: 6000, noNaN: true }),
      (turn, tip, away) => {
        const camera = seen(turn, tip, away);
        const toWall = homography(WALL.map(camera) as unknown as Quad, WALL);
        assert.ok(toWall);
        for (const point of [
          [750, 1000],
          [200, 1700],
          [1400, 300],
          [0, 0],
        ] as Point[]) {
          const [x, y] = mapped(toWall, camera(point));
          assert.ok(Math.hypot(x - point[0], y - point[1]) < 0.01, `${x}, ${y}`);
        }
      },
    ),
  );
});

test("a corner marked wrong shows in a known length", () => {
  const camera = seen(0.3, 0.1, 3000);
  const corners = WALL.map(camera) as unknown as Quad;
  const known = { from: camera([300, 500]), to: camera([900, 500]), mm: 600 };
  const right = homography(corners, WALL);
  assert.ok(right);
  near(lengthCheck(right, known).off, 0, 0.01);
  const [a, [x, y], c, d] = corners;
  const wrong = homography([a, [x + 0.01, y], c, d], WALL);
  assert.ok(wrong && Math.abs(lengthCheck(wrong, known).off) > 2);
});

test("corners in a line, or crossed, are no photo of a wall", () => {
  const flat: Quad = [
    [0, 0],
    [1, 0],
    [2, 0],
    [0, 1],
  ];
  const crossed: Quad = [
    [0, 0],
    [1, 1],
    [1, 0],
    [0, 1],
  ];
  assert.equal(homography(flat, WALL), undefined);
  assert.equal(homography(crossed, WALL), undefined);
  assert.equal(homography(WALL, flat), undefined);
});

test("a wall's corners follow its leans and its slopes", () => {
  const [wall] = planValid(
    oneWall({ wall: { lean: { left: { offset: 12.12, over: 1212 } } } }),
  ).walls;
  assert.ok(wall);
  const [low, , , high] = wallCorners(wall.measured);
  near(low[0], 0);
  near(high[0], 12.12);
  near(high[1], 1212);
});
