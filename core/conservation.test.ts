import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import type { CutPiece } from "./cut/pieces.ts";
import { intersect, regionArea, subtract } from "./geometry/boolean.ts";
import { boxOf, circleRing, type Point, type Polygon, translate } from "./geometry/polygon.ts";
import { expandPieces } from "./plan-file.ts";
import type { Project } from "./project/schema.ts";
import { clipsOn } from "./set/joints.ts";
import { tileOffset } from "./set-out/lattice.ts";
import { firstWall, oneWall } from "./testing.ts";
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
    pattern: fc.constantFrom("stacked" as const, "offset" as const),
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
      tile: odd.tile,
      joint: odd.joint,
      field: { pattern: odd.pattern, offset: odd.offset, run: odd.run, lay: odd.lay },
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

/** The second way: every tile of the lattice around the wall clipped one by one. */
function clipEveryTile({ boundary, openings, fixtures, cell, origin }: WallPlan): number {
  if (boundary.length === 0) return 0;
  const holes = [
    ...openings.map(({ ring }) => ring),
    ...fixtures.map(({ centre, diameter }) => circleRing(centre, diameter)),
  ];
  const { minX, minY, maxX, maxY } = boxOf(boundary);
  let total = 0;
  for (let j = -80; j <= 80; j++) {
    for (let i = -80; i <= 80; i++) {
      for (const shape of cell.shapes) {
        const ring = translate(shape.ring, tileOffset(cell, origin, i, j));
        const box = boxOf(ring);
        if (box.maxX < minX || box.minX > maxX || box.maxY < minY || box.minY > maxY) continue;
        const inside = intersect([ring], [boundary]).map(({ outer }) => outer);
        if (inside.length > 0) total += area(subtract(inside, holes).filter(isWorthCutting));
      }
    }
  }
  return total;
}

/** What is left under half a millimetre is a joint that runs wide (definition of pieces). */
function isWorthCutting({ outer }: { outer: Polygon }): boolean {
  const { minX, minY, maxX, maxY } = boxOf(outer);
  return maxX - minX >= 0.5 && maxY - minY >= 0.5;
}

function overlapping(p: CutPiece, q: CutPiece): number {
  const [a, b] = [boxOf(p.ring), boxOf(q.ring)];
  const apart = a.maxX <= b.minX || b.maxX <= a.minX || a.maxY <= b.minY || b.maxY <= a.minY;
  return apart ? 0 : area(intersect([p.ring], [q.ring]));
}

test("pieces are what clipping every single tile gives, inside the field and never overlapping", () => {
  fc.assert(
    fc.property(oddWall, (project) => {
      const wall = firstWall(project);
      const pieces = expandPieces(wall);
      const total = pieces.reduce((sum, piece) => sum + piece.areaMm2, 0);
      const everyTile = clipEveryTile(wall);
      // Clipping rounds to a ten-thousandth of a millimetre along every cut.
      assert.ok(Math.abs(total - everyTile) < 5, `${total} mm², one by one ${everyTile} mm²`);
      assert.ok(total <= wall.figures.fieldAreaM2.value * 1e6 + 5);
      for (let p = 0; p < pieces.length; p++) {
        for (let q = p + 1; q < pieces.length; q++) {
          const shared = overlapping(pieces[p] as CutPiece, pieces[q] as CutPiece);
          assert.ok(shared < 0.5, `${pieces[p]?.id} and ${pieces[q]?.id} share ${shared} mm²`);
        }
      }
    }),
    { numRuns: 60 },
  );
});

/** Facing lengths straight from the definition: every pair of pieces, every pair of edges. */
function facingByBruteForce(pieces: CutPiece[], joint: number): number[] {
  const found: number[] = [];
  for (const p of pieces) {
    for (const q of pieces) {
      if (p === q || (p.i === q.i && p.j === q.j && p.shape === q.shape)) continue;
      for (const axis of [0, 1] as const) found.push(...facingAcross(p, q, axis, joint));
    }
  }
  return found;
}

/** Stretches where p's far side and q's near side lie one joint apart across an axis. */
function facingAcross(p: CutPiece, q: CutPiece, axis: 0 | 1, joint: number): number[] {
  const other = axis === 0 ? 1 : 0;
  const sides = (ring: Polygon, outward: 1 | -1) =>
    ring.flatMap((a, k) => {
      const b = ring[(k + 1) % ring.length] as Point;
      if (Math.abs(a[axis] - b[axis]) > 0.005) return [];
      // Counter-clockwise: the inside is on the left, so the outward side follows the direction.
      const direction = axis === 0 ? b[1] - a[1] : a[0] - b[0];
      if (Math.sign(direction) !== outward) return [];
      return [
        { at: a[axis], from: Math.min(a[other], b[other]), to: Math.max(a[other], b[other]) },
      ];
    });
  const lengths: number[] = [];
  for (const far of sides(p.ring, 1)) {
    for (const near of sides(q.ring, -1)) {
      if (Math.abs(near.at - far.at - joint) > 0.01) continue;
      const length = Math.min(far.to, near.to) - Math.max(far.from, near.from);
      if (length > 0.05) lengths.push(length);
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
        Math.abs(metres - wall.figures.jointLengthM.value) < 0.002 + metres * 1e-4,
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
    { numRuns: 60 },
  );
});
