import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { expandPieces } from "./cut/expand.ts";
import type { CutPiece } from "./cut/pieces.ts";
import { regionArea } from "./geometry/boolean.ts";
import { clipRings } from "./geometry/clipper.ts";
import {
  type Box,
  boxOf,
  circleRing,
  edgesOf,
  type Polygon,
  translate,
} from "./geometry/polygon.ts";
import type { Project } from "./project/schema.ts";
import { PATTERNS } from "./project/zone-schema.ts";
import { clipsOn } from "./set/clips.ts";
import { tileOffset } from "./set-out/lattice.ts";
import { firstWall, oneWall, runs } from "./testing.ts";
import type { WallPlan } from "./wall-plan.ts";

/** Odd but real walls: leans, sloping base and ceiling, openings and fixtures anywhere, any bond. */
const oddWall: fc.Arbitrary<Project> = fc
  .record({
    width: fc.integer({ min: 150, max: 1800 }),
    rise: fc.integer({ min: 300, max: 1700 }),
    slope: fc.integer({ min: -14, max: 14 }),
    ceiling: fc.integer({ min: -30, max: 30 }),
    leanLeft: fc.integer({ min: -20, max: 20 }),
    leanRight: fc.integer({ min: -20, max: 20 }),
    tile: fc.tuple(fc.integer({ min: 60, max: 650 }), fc.integer({ min: 50, max: 320 })),
    joint: fc.constantFrom(0, 1.5875, 2, 3.175, 5),
    pattern: fc.constantFrom(...PATTERNS),
    angle: fc.constantFrom("block" as const, "point" as const),
    offset: fc.constantFrom(1 / 2, 1 / 3, 1 / 4, 0.4),
    run: fc.constantFrom("stepped" as const, "alternating" as const),
    lay: fc.constantFrom("lying" as const, "standing" as const),
    shift: fc.integer({ min: -300, max: 300 }),
    drop: fc.integer({ min: 0, max: 300 }),
    openings: fc.array(
      fc.tuple(
        fc.integer({ min: 20, max: 1200 }),
        fc.integer({ min: 20, max: 1000 }),
        fc.integer({ min: 30, max: 500 }),
        fc.integer({ min: 30, max: 500 }),
      ),
      { maxLength: 3 },
    ),
    fixtures: fc.array(
      fc.tuple(
        fc.integer({ min: 30, max: 1200 }),
        fc.integer({ min: 30, max: 1000 }),
        fc.integer({ min: 10, max: 120 }),
      ),
      { maxLength: 3 },
    ),
  })
  .map((odd) =>
    oneWall({
      width: odd.width,
      // Scales have some fifty sides: fewer of them make the second ways quick enough.
      tile: odd.pattern === "scale" ? [160 + odd.tile[0], 160 + odd.tile[1]] : odd.tile,
      joint: odd.joint,
      field: {
        pattern: odd.pattern,
        offset: odd.offset,
        run: odd.run,
        lay: odd.lay,
        angle: odd.angle,
      },
      setOut: { firstCourse: { drop: odd.drop }, baseGap: 3, topGap: 3 },
      wall: {
        base: [
          { from: "left", at: 0, down: 1000 },
          { from: "right", at: 0, down: 1000 + odd.slope },
        ],
        top: [
          { from: "left", at: 0, up: odd.rise - 1000 + 100 },
          { from: "right", at: 0, up: odd.rise - 1000 + 100 + odd.ceiling },
        ],
        lean: {
          left: { offset: odd.leanLeft, over: 2000 },
          right: { offset: odd.leanRight, over: 2000 },
        },
        centre: { mode: "free", shift: odd.shift },
        openings: odd.openings.map(([at, up, width, height], k) => ({
          id: `o${k}`,
          kind: "niche",
          width,
          height,
          x: { from: "left", at },
          y: { from: "base", at: up },
        })),
        fixtures: odd.fixtures.map(([at, up, pipe], k) => ({
          id: `f${k}`,
          kind: "valve",
          pipe,
          x: { from: "left", at },
          y: { from: "base", at: up },
        })),
      },
    }),
  );

const area = (regions: { outer: Polygon; holes: Polygon[] }[]) =>
  regions.reduce((sum, region) => sum + regionArea(region), 0);

/**
 * The second way: every tile of the lattice around the wall clipped one by one. Rounding decides
 * whether what is left of just half a millimetre counts: the least and the most that there can be.
 */
function clipEveryTile({ boundary, openings, fixtures, cell, origin }: WallPlan) {
  if (boundary.length === 0) return { least: 0, most: 0 };
  const holes = [
    ...openings.map(({ ring }) => ring),
    ...fixtures.map(({ centre, diameter }) => circleRing(centre, diameter)),
  ];
  const { minX, minY, maxX, maxY } = boxOf(boundary);
  let [least, most] = [0, 0];
  // Far enough for the smallest tiles of these walls, whichever way the lattice leans.
  for (let j = -90; j <= 90; j++) {
    for (let i = -90; i <= 90; i++) {
      const [x, y] = tileOffset(cell, origin, i, j);
      if (x < minX - 2000 || x > maxX + 2000 || y < minY - 2000 || y > maxY + 2000) continue;
      for (const shape of cell.shapes) {
        const ring = translate(shape.ring, tileOffset(cell, origin, i, j));
        const box = boxOf(ring);
        if (box.maxX < minX || box.minX > maxX || box.maxY < minY || box.minY > maxY) continue;
        const inside = clipRings("intersect", [ring], [boundary]).map(({ outer }) => outer);
        if (inside.length === 0) continue;
        const left = clipRings("subtract", inside, holes);
        least += area(left.filter((region) => isWorthCutting(region, 0.5 + ROUNDING)));
        most += area(left.filter((region) => isWorthCutting(region, 0.5 - ROUNDING)));
      }
    }
  }
  return { least, most };
}

/** The clipper's own, twice, mm. */
const ROUNDING = 3e-4;

/** What is left under half a millimetre is a joint that runs wide (definition of pieces). */
function isWorthCutting({ outer }: { outer: Polygon }, size: number): boolean {
  const { minX, minY, maxX, maxY } = boxOf(outer);
  return maxX - minX >= size && maxY - minY >= size;
}

function overlapping(p: CutPiece, q: CutPiece): number {
  const [a, b] = [boxOf(p.ring), boxOf(q.ring)];
  const apart = a.maxX <= b.minX || b.maxX <= a.minX || a.maxY <= b.minY || b.maxY <= a.minY;
  return apart ? 0 : area(clipRings("intersect", [p.ring], [q.ring]));
}

test("pieces are what clipping every single tile gives, inside the field and never overlapping", () => {
  fc.assert(
    fc.property(oddWall, (project) => {
      const wall = firstWall(project);
      const pieces = expandPieces(wall);
      const total = pieces.reduce((sum, piece) => sum + piece.areaMm2, 0);
      const { least, most } = clipEveryTile(wall);
      // Clipping rounds to a ten-thousandth of a millimetre along every cut.
      assert.ok(total > least - 5 && total < most + 5, `${total} mm², one by one ${least}–${most}`);
      assert.ok(total <= wall.figures.fieldAreaM2.value * 1e6 + 5);
      for (let p = 0; p < pieces.length; p++) {
        for (let q = p + 1; q < pieces.length; q++) {
          const shared = overlapping(pieces[p] as CutPiece, pieces[q] as CutPiece);
          assert.ok(shared < 0.5, `${pieces[p]?.id} and ${pieces[q]?.id} share ${shared} mm²`);
        }
      }
    }),
    { numRuns: runs(60) },
  );
});

/** Facing lengths straight from the definition: every pair of pieces, every pair of edges. */
function facingByBruteForce(pieces: CutPiece[], joint: number): number[] {
  const found: number[] = [];
  for (const p of pieces) {
    for (const q of pieces) {
      if (p === q || (p.i === q.i && p.j === q.j && p.shape === q.shape)) continue;
      if (farApart(boxOf(p.ring), boxOf(q.ring), joint + 1)) continue;
      found.push(...facingBetween(p.ring, q.ring, joint));
    }
  }
  return found;
}

function farApart(p: Box, q: Box, gap: number): boolean {
  const across = Math.max(q.minX - p.maxX, p.minX - q.maxX);
  return Math.max(across, q.minY - p.maxY, p.minY - q.maxY) > gap;
}

/** Stretches where an edge of p that looks right or up and one of q lie a joint apart, face to face. */
function facingBetween(p: Polygon, q: Polygon, joint: number): number[] {
  const lengths: number[] = [];
  for (const [a, b] of edgesOf(p)) {
    const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
    // Counter-clockwise: the inside is on the left, so the outward normal points to the right.
    const [nx, ny] = [uy, -ux];
    if (nx < -1e-9 || (nx < 1e-9 && ny < 0)) continue;
    for (const [c, d] of edgesOf(q)) {
      const away = [c, d].map(([x, y]) => nx * (x - a[0]) + ny * (y - a[1]) - joint);
      if (away.some((off) => Math.abs(off) > 0.01)) continue;
      const [from, to] = [c, d].map(([x, y]) => ux * (x - a[0]) + uy * (y - a[1])) as [
        number,
        number,
      ];
      // Facing edges run against each other.
      if (from < to) continue;
      const shared = Math.min(length, from) - Math.max(0, to);
      if (shared > 0.05) lengths.push(shared);
    }
  }
  return lengths;
}

test("joint length and clips agree with every pair of edges compared", () => {
  fc.assert(
    fc.property(oddWall, (project) => {
      // Openings may end exactly a joint apart from a tile; whole walls keep the oracle simple.
      const wall = firstWall({
        ...project,
        field: { ...project.field, joint: 3 },
        walls: project.walls.map((w) => ({ ...w, fixtures: [] })),
      });
      const lengths = facingByBruteForce(expandPieces(wall), 3);
      const metres = lengths.reduce((sum, length) => sum + length, 0) / 1000;
      assert.ok(
        Math.abs(metres - wall.figures.jointLengthM.value) < 0.002,
        `${wall.figures.jointLengthM.value} m, by brute force ${metres} m`,
      );
      // Lengths are told to a hundredth of a millimetre: right on a step either count may be right.
      const onTheEdge = lengths.some((length) =>
        [100, 200, 400, 700, 1000].some((step) => Math.abs(length - step) < 0.02),
      );
      if (onTheEdge) return;
      const clips = lengths.reduce((sum, length) => sum + clipsOn(length), 0);
      assert.equal(wall.joints.clips, clips);
    }),
    { numRuns: runs(60) },
  );
});
