import assert from "node:assert/strict";
import { test } from "node:test";
import { boxOf, clipHalfPlane } from "../geometry/polygon.ts";
import { tileRing } from "../set-out/lattice.ts";
import { isSliver, sliverLimit } from "../set-out/slivers.ts";
import { firstWall, fixture, oneWall, opening } from "../testing.ts";
import { narrowestTongue } from "./check.ts";
import { factorySides, pieceDimensions } from "./dimensions.ts";
import { cutKind } from "./kind.ts";
import type { CutPiece } from "./pieces.ts";

const full = [
  [0, 0],
  [300, 0],
  [300, 200],
  [0, 200],
] as const;
const whole = { notched: false, holes: 0 };

test("a bite of half a millimetre in a side is a cut, a shallower one is none", () => {
  const bitten = (depth: number) =>
    cutKind(
      [
        [0, 0],
        [300, 0],
        [300, 200],
        [0, 200],
        [0, 120],
        [depth, 120],
        [depth, 90],
        [0, 90],
      ],
      full,
      whole,
    );
  assert.deepEqual([0.4, 0.6, 0.9].map(bitten), ["none", "U", "U"]);
});

test("a narrow rectangle is straight, an L with a short arm an L", () => {
  const kind = (...ring: [number, number][]) => cutKind(ring, full, whole);
  for (const wide of [0.6, 0.7, 1.2, 3]) {
    assert.equal(kind([0, 0], [wide, 0], [wide, 200], [0, 200]), "straight", `${wide}`);
    assert.equal(kind([0, 0], [wide, 0], [0, 200]), wide > 0.8 ? "taper" : "straight", `${wide}`);
    assert.equal(
      kind([0, 0], [300, 0], [300, 150], [wide, 150], [wide, 200], [0, 200]),
      "L",
      `${wide}`,
    );
  }
});

test("a tip counts along its bisector, of whatever tile", () => {
  // Of a square corner 0.6 along both sides: 0.6 ÷ √2 = 0.42 deep; 0.8 is 0.57.
  const chamfered = (leg: number) =>
    cutKind(
      [
        [leg, 0],
        [300, 0],
        [300, 200],
        [0, 200],
        [0, leg],
      ],
      full,
      whole,
    );
  assert.deepEqual([0.6, 0.8, 1.5].map(chamfered), ["none", "straight", "taper"]);
  // A hexagon of 60 a side, on its point: cut level, so far below its lowest corner.
  const hexagon = Array.from({ length: 6 }, (_, k): [number, number] => {
    const angle = (Math.PI / 3) * k - Math.PI / 2;
    return [60 * Math.cos(angle), 60 * Math.sin(angle)];
  });
  const cutAt = (depth: number) =>
    cutKind(clipHalfPlane(hexagon, 0, -1, 60 - depth), hexagon, whole);
  assert.deepEqual([0.4, 0.6].map(cutAt), ["none", "straight"]);
});

/** A tile from 350 to 650 with a hole of 100 + 12 beside it, so far into it from its left edge. */
function bittenBy(depth: number, up = 450) {
  const at = 350 + depth - 56;
  const pipe = fixture({ pipe: 100, x: { from: "left", at }, y: { from: "base", at: up } });
  const { pieces } = firstWall(oneWall({ wall: { fixtures: [pipe] } }));
  return pieces.find(({ course, column }) => course === 2 && column === 1)?.kind;
}

test("a circle that bites less than half a millimetre deep is no cut", () => {
  assert.deepEqual(
    [0.4, 0.6, 20].map((depth) => bittenBy(depth)),
    ["none", "notch", "notch"],
  );
  // At a corner: the tile's lower left one is at 350, 303; the circle's centre 45° below it.
  const cornered = (depth: number) => {
    const away = (56 - depth) / Math.SQRT2;
    const x = { from: "left" as const, at: 350 - away };
    const pipe = fixture({ pipe: 100, x, y: { from: "base", at: 303 - away } });
    const { pieces } = firstWall(oneWall({ wall: { fixtures: [pipe] } }));
    return pieces.find(({ course, column }) => course === 2 && column === 1)?.kind;
  };
  assert.deepEqual([0.4, 0.6].map(cornered), ["none", "notch"]);
});

test("a hole that the field's edge crosses is a notch", () => {
  // The wall is 1000 wide: a hole of 112 whose centre is 20 from its right edge parts the last piece.
  const pipe = fixture({ pipe: 100, x: { from: "right", at: 20 }, y: { from: "base", at: 150 } });
  const { pieces } = firstWall(oneWall({ wall: { fixtures: [pipe] } }));
  const cut = pieces.filter(({ course }) => course === 1).map(({ column, kind }) => [column, kind]);
  assert.deepEqual(cut, [
    [-1, "straight"],
    [2, "notch"],
    [3, "notch"],
    [3, "notch"],
  ]);
});

test("kinds of cut from their outlines", () => {
  const kind = (ring: [number, number][], round = whole) => cutKind(ring, full, round);
  assert.equal(
    kind([
      [0, 0],
      [300, 0],
      [300, 200],
      [0, 200],
    ]),
    "none",
  );
  assert.equal(
    kind([
      [0.4, 0],
      [300, 0],
      [300, 200],
      [0.4, 200],
    ]),
    "none",
  );
  assert.equal(
    kind([
      [0.6, 0],
      [300, 0],
      [300, 200],
      [0.6, 200],
    ]),
    "straight",
  );
  assert.equal(
    kind([
      [10, 10],
      [300, 10],
      [300, 200],
      [10, 200],
    ]),
    "straight",
  );
  assert.equal(
    kind([
      [0, 0],
      [300, 0.7],
      [300, 200],
      [0, 200],
    ]),
    "straight",
  );
  assert.equal(
    kind([
      [0, 0],
      [300, 0.9],
      [300, 200],
      [0, 200],
    ]),
    "taper",
  );
  assert.equal(
    kind([
      [0, 0],
      [200, 0],
      [200, 100],
      [300, 100],
      [300, 200],
      [0, 200],
    ]),
    "L",
  );
  const bite: [number, number][] = [
    [0, 0],
    [100, 0],
    [100, 50],
    [200, 50],
    [200, 0],
    [300, 0],
    [300, 200],
    [0, 200],
  ];
  assert.equal(kind(bite), "U");
  const bothCorners: [number, number][] = [
    [100, 0],
    [200, 0],
    [200, 50],
    [300, 50],
    [300, 200],
    [0, 200],
    [0, 50],
    [100, 50],
  ];
  assert.equal(kind(bothCorners), "complex");
  assert.equal(kind([...full] as [number, number][], { notched: true, holes: 0 }), "notch");
  assert.equal(kind([...full] as [number, number][], { notched: false, holes: 1 }), "hole");
  assert.equal(kind(bite, { notched: true, holes: 0 }), "complex");
});

test("the bond's own thirds and halves are not slivers", () => {
  // A third of 600 + 3 is 201: less its joint, 198 remains of a tile cut at the bond's third.
  assert.ok(!isSliver(198, 600, 3, "third"));
  assert.ok(isSliver(197, 600, 3, "third"));
  assert.ok(!isSliver(298.5, 600, 3, "half"));
  assert.ok(isSliver(297.5, 600, 3, "half"));
  assert.ok(!isSliver(50, 600, 3, "50mm"));
  assert.ok(isSliver(49.9, 600, 3, "50mm"));
  // A whole mosaic chip is no sliver, however small.
  assert.ok(!isSliver(25, 25, 2, "50mm"));
  assert.equal(sliverLimit(600, 3, "third"), 197.5);
});

test("dimensions of a corner cut, and the edges that are still the tile's own", () => {
  // The niche takes the upper right corner out of the tile at 350–650, course 1: from 500 and 200.
  const wall = firstWall(
    oneWall({
      wall: {
        openings: [
          opening({
            id: "n",
            kind: "niche",
            width: 151,
            height: 102,
            x: { from: "left", at: 500 },
            y: { from: "base", at: 200 },
          }),
        ],
      },
    }),
  );
  const piece = wall.pieces.find(({ kind, course }) => kind === "L" && course === 1) as CutPiece;
  const tile = tileRing(wall, piece);
  const mm = Object.fromEntries(
    pieceDimensions(piece, tile).map(({ code, mm: value }) => [
      code,
      Math.round(value * 100) / 100,
    ]),
  );
  assert.deepEqual(mm, {
    width: 300,
    height: 300,
    "bite-width": 150,
    "bite-height": 100,
    "bite-x": 150,
    "bite-y": 200,
  });
  assert.deepEqual(factorySides(piece, tile), ["left", "right", "bottom", "top"]);
  assert.equal(Math.round(narrowestTongue(piece)), 150);
});

test("a hole is placed from the edges that are still the tile's own", () => {
  // Joint on centre: the left cut is 0–195.5 with its factory edge on the right.
  const wall = firstWall(
    oneWall({
      wall: {
        centre: { mode: "joint" },
        fixtures: [
          fixture({
            id: "v",
            pipe: 28,
            x: { from: "left", at: 100 },
            y: { from: "base", at: 150 },
          }),
        ],
      },
    }),
  );
  const piece = wall.pieces.find(({ holes }) => holes.length > 0) as CutPiece;
  assert.equal(piece.kind, "hole");
  const dims = pieceDimensions(piece, tileRing(wall, piece));
  const of = (code: string) => dims.find((dimension) => dimension.code === code)?.mm ?? Number.NaN;
  assert.ok(Math.abs(of("hole-x-right") - 95.5) < 1e-6);
  assert.ok(Math.abs(of("hole-y") - 150) < 1e-6);
  assert.equal(of("hole-diameter"), 40);
});

test("a pipe on a joint notches both tiles; a tile split by an opening gives parts a and b", () => {
  const notched = firstWall(
    oneWall({
      wall: {
        centre: { mode: "joint" },
        fixtures: [
          fixture({
            id: "v",
            pipe: 28,
            x: { from: "left", at: 500 },
            y: { from: "base", at: 150 },
          }),
        ],
      },
    }),
  );
  assert.equal(notched.pieces.filter(({ kind }) => kind === "notch").length, 2);
  const split = firstWall(
    oneWall({
      wall: {
        openings: [
          opening({
            id: "n",
            kind: "niche",
            width: 40,
            height: 400,
            x: { from: "left", at: 480 },
            y: { from: "base", at: 0 },
          }),
        ],
      },
    }),
  );
  const ids = split.pieces
    .filter(({ course, column }) => course === 1 && column === 1)
    .map(({ id }) => id);
  assert.deepEqual(ids, ["A/1/1a", "A/1/1b"]);
  assert.deepEqual(
    split.pieces.filter(({ id }) => ids.includes(id)).map(({ width }) => Math.round(width)),
    [130, 130],
  );
});

/** Dimensions of a piece of this outline in a tile of 300 × 200. */
function dimensionsOf(ring: [number, number][]): [string, number][] {
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const kind = cutKind(ring, full, whole);
  const size = { width: maxX - minX, height: maxY - minY };
  const piece = { kind, ring, holes: [], ...size } as unknown as CutPiece;
  return pieceDimensions(piece, full).map(({ code, mm }) => [code, mm]);
}

test("a scribe cut whose base bends within the piece tells both ends, the bend and the height there", () => {
  // The base falls 5 from the left to 120 and rises 4 from there to the right.
  const ring: [number, number][] = [
    [0, 5],
    [120, 0],
    [300, 4],
    [300, 200],
    [0, 200],
  ];
  assert.deepEqual(dimensionsOf(ring), [
    ["width", 300],
    ["left-height", 195],
    ["right-height", 196],
    ["bend-x", 120],
    ["bend-height", 200],
  ]);
  // The same lying on its side: at a wall that bends.
  const upright = ring.map(([x, y]): [number, number] => [y, x * (200 / 300)]);
  assert.deepEqual(
    dimensionsOf(upright.reverse()).filter(([code]) => code.startsWith("b")),
    [
      ["bottom-width", 195],
      ["bend-y", 80],
      ["bend-width", 200],
    ],
  );
});

test("a straight scribe cut has no bend, and a piece over a hump tells each corner of the cut", () => {
  const straight = dimensionsOf([
    [0, 5],
    [300, 9],
    [300, 200],
    [0, 200],
  ]);
  assert.deepEqual(
    straight.map(([code]) => code),
    ["width", "left-height", "right-height"],
  );
  const hump = dimensionsOf([
    [0, 2],
    [150, 8],
    [300, 3],
    [300, 200],
    [0, 200],
  ]);
  assert.deepEqual(hump.slice(2), [
    ["corner-x", 0],
    ["corner-y", 2],
    ["corner-x", 150],
    ["corner-y", 8],
    ["corner-x", 300],
    ["corner-y", 3],
  ]);
});
