import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { type PlanFile, planFile } from "./plan-file.ts";
import type { Project } from "./project/schema.ts";
import { enclosure, fixture, near, opening, planValid, runs } from "./testing.ts";

/*
 * The figures of random walls worked out again from the open plan alone: rings and circles, and the
 * definitions in docs/file-format.md. None of the core's own geometry is used for it.
 */

type Ring = [number, number][];
type Wall = PlanFile["walls"][number];

const TILE = 300;
const JOINT = 3;
const NICHE = { width: 310, height: 420, depth: 95 };
const WINDOW = { width: 280, height: 240, depth: 60 };

const rooms = fc.record({
  widths: fc.tuple(fc.integer({ min: 1500, max: 2200 }), fc.integer({ min: 1500, max: 2200 })),
  /** Down from the level line at the ends of both walls: the base falls by up to 12 mm. */
  down: fc.array(fc.integer({ min: 1000, max: 1012 }), { minLength: 4, maxLength: 4 }),
  up: fc.array(fc.integer({ min: 1190, max: 1210 }), { minLength: 4, maxLength: 4 }),
  lean: fc.array(fc.integer({ min: -8, max: 8 }), { minLength: 4, maxLength: 4 }),
  offset: fc.constantFrom(0, 0.5, 1 / 3),
  shift: fc.integer({ min: -150, max: 150 }),
  drop: fc.integer({ min: 0, max: 290 }),
  niche: fc.integer({ min: 200, max: 450 }),
  pipe: fc.integer({ min: 30, max: 90 }),
});

type Room = typeof rooms extends fc.Arbitrary<infer T> ? T : never;

function roomOf({ widths, down, up, lean, offset, shift, drop, niche, pipe }: Room): Project {
  return enclosure("corner", widths, ({ walls, field, setOut }) => {
    if (offset > 0) Object.assign(field, { pattern: "offset", offset, run: "stepped" });
    setOut.firstCourse.drop = drop;
    walls.forEach((wall, k) => {
      const ends = ["left", "right"] as const;
      wall.base = ends.map((from, e) => ({ from, at: 0, down: down[2 * k + e] ?? 0 }));
      wall.top = ends.map((from, e) => ({ from, at: 0, up: up[2 * k + e] ?? 0 }));
      wall.lean = {
        left: { offset: lean[2 * k] ?? 0, over: 2000 },
        right: { offset: lean[2 * k + 1] ?? 0, over: 2000 },
      };
      wall.centre = { mode: "free", shift };
      const level = (at: number) => ({ from: "level" as const, at });
      wall.openings = [
        opening({ id: `n${k}`, ...NICHE, x: { from: "left", at: niche }, y: level(-200) }),
        opening({
          id: `w${k}`,
          ...WINDOW,
          kind: "window",
          x: { from: "left", at: 1100 },
          y: level(500),
        }),
      ];
      wall.fixtures = [
        fixture({ id: `v${k}`, pipe, x: { from: "left", at: 1200 }, y: level(-300) }),
      ];
    });
  });
}

function shoelace(ring: Ring): number {
  return ring.reduce((sum, [x, y], k) => {
    const [nextX, nextY] = ring[(k + 1) % ring.length] as [number, number];
    return sum + (x * nextY - nextX * y) / 2;
  }, 0);
}

const circles = (holes: { diameter: number }[]) =>
  holes.reduce((sum, { diameter }) => sum + (Math.PI * diameter ** 2) / 4, 0);

/** The walls of a random room as the open plan tells them. */
function wallsOf(room: Room): Wall[] {
  const project = roomOf(room);
  return planFile(project, planValid(project)).walls;
}

/** Holes to be cut in tile: openings without a boundary. */
const holesOf = (wall: Wall) =>
  wall.openings.flatMap((each) =>
    "diameter" in each ? [{ diameter: Number(each.diameter) }] : [],
  );

const ringsOf = (wall: Wall) =>
  wall.openings.flatMap((each) => ("boundary" in each ? [each.boundary as Ring] : []));

function fieldMm2(wall: Wall): number {
  const rings = ringsOf(wall).reduce((sum, ring) => sum + Math.abs(shoelace(ring)), 0);
  return shoelace(wall.boundary as Ring) - rings - circles(holesOf(wall));
}

function piecesMm2(wall: Wall): number {
  return wall.pieces.reduce(
    (sum, { boundary, holes }) => sum + shoelace(boundary as Ring) - circles(holes),
    0,
  );
}

/** Lengths of the boundary by the way that its edges run, counter-clockwise. */
function sidesOf(ring: Ring) {
  const sides = { bottom: 0, right: 0, top: 0, left: 0 };
  ring.forEach(([x, y], k) => {
    const [nextX, nextY] = ring[(k + 1) % ring.length] as [number, number];
    const [dx, dy] = [nextX - x, nextY - y];
    const level = Math.abs(dx) > Math.abs(dy);
    const side = level ? (dx > 0 ? "bottom" : "top") : dy > 0 ? "right" : "left";
    sides[side] += Math.hypot(dx, dy);
  });
  return sides;
}

test("field, membrane, mortar, grout and sealant of random rooms, from the rings alone", () => {
  fc.assert(
    fc.property(rooms, (room) => {
      const project = roomOf(room);
      const plan = planValid(project);
      const { walls } = planFile(project, plan);
      const interior = (({ width: w, height: h, depth: d }) => w * h + 2 * (w + h) * d)(NICHE);
      const returns = 2 * (WINDOW.width + WINDOW.height) * WINDOW.depth;
      walls.forEach((wall, k) => {
        const { totals } = wall;
        const field = fieldMm2(wall);
        near(totals.fieldAreaM2, field / 1e6, 1e-5);
        // 6 × 10 square notches, land as wide, held at 55°; no back-butter below 400 mm.
        const bed = ((10 * 6) / 12) * Math.sin((55 * Math.PI) / 180);
        near(totals.mortarKg, ((field + interior + returns) / 1e6) * bed * 1.2 * 1.1, 1e-4);
        const joints = (field - piecesMm2(wall)) * (1 + (interior + returns) / field);
        near(totals.groutKg, (joints / 1e6) * 10 * 1.6 * 1.1, 1e-4);
        // Of the two walls' corner the right one owns the joint, at its left end.
        const { bottom, top, left } = sidesOf(wall.boundary as Ring);
        const niche = 4 * (NICHE.width + NICHE.height) + 4 * NICHE.depth;
        const ring = 2 * (WINDOW.width + WINDOW.height);
        const corner = k === 1 ? left : 0;
        near(totals.sealantM, (bottom + top + corner + niche + ring) / 1000, 1e-4);
        // The region itself, with no gaps taken off.
        const region = shoelace(plan.walls[k]?.region as Ring);
        const openings = NICHE.width * NICHE.height + WINDOW.width * WINDOW.height;
        const film = region - openings - circles(holesOf(wall)) + interior + returns;
        near(totals.membraneAreaM2, film / 1e6, 1e-5);
      });
    }),
    { numRuns: runs(40) },
  );
});

/** Stretches at which two pieces face each other over a joint, by every pair of their upright edges. */
function facings(pieces: Wall["pieces"], turned: boolean): number[] {
  const edges = pieces.flatMap(({ boundary }, piece) =>
    boundary.map((from, k) => {
      const to = boundary[(k + 1) % boundary.length] as [number, number];
      const [[ax, ay], [bx, by]] = turned
        ? [
            [from[1], -from[0]],
            [to[1], -to[0]],
          ]
        : [from, to];
      return { piece, ax, ay, bx, by } as { [key in "piece" | "ax" | "ay" | "bx" | "by"]: number };
    }),
  );
  // Counter-clockwise: an edge that runs up is a right side, one that runs down a left one. Clipped
  // corners lie on a grid of a ten-thousandth.
  const upright = edges.filter(({ ax, bx }) => Math.abs(ax - bx) < 1e-3);
  const rights = upright.filter(({ ay, by }) => by > ay);
  const lefts = upright.filter(({ ay, by }) => by < ay);
  return rights.flatMap((right) =>
    lefts.flatMap((left) => {
      if (right.piece === left.piece || Math.abs(left.ax - right.ax - JOINT) > 1e-3) return [];
      const length = Math.min(right.by, left.ay) - Math.max(right.ay, left.by);
      return length > 1e-6 ? [length] : [];
    }),
  );
}

/** Clips on a facing length, as the definition has it. */
function clipsOn(length: number): number {
  if (length < 100 - 1e-6) return 0;
  return length < 200 - 1e-6 ? 1 : 1 + Math.ceil((length - 100) / 300 - 1e-9);
}

test("joints and clips of random rooms, by every pair of edges that face each other", () => {
  fc.assert(
    fc.property(rooms, (room) => {
      for (const { pieces, totals } of wallsOf(room)) {
        const lengths = [...facings(pieces, false), ...facings(pieces, true)];
        const sum = lengths.reduce((all, length) => all + length, 0);
        near(totals.jointLengthM, sum / 1000, 1e-3);
        // A facing within rounding of a limit may count either way.
        const unsure = lengths.filter((length) =>
          [100, 200, 400, 700].some((limit) => Math.abs(length - limit) < 0.02),
        ).length;
        const clips = lengths.reduce((all, length) => all + clipsOn(length), 0);
        assert.ok(Math.abs(totals.clips - clips) <= unsure, `${totals.clips} is not ${clips}`);
      }
    }),
    { numRuns: runs(25) },
  );
});

test("full and cut pieces of random rooms, by their areas", () => {
  fc.assert(
    fc.property(rooms, (room) => {
      for (const { pieces, totals } of wallsOf(room)) {
        const whole = pieces.filter(({ boundary, holes }) => {
          const lost = TILE ** 2 - shoelace(boundary as Ring) + circles(holes);
          // Less than half a millimetre off one side is no cut.
          return lost < 0.5 * TILE;
        });
        assert.equal(totals.tilesFull + totals.tilesCut, pieces.length);
        const none = pieces.filter(({ cut }) => cut === "none");
        assert.equal(totals.tilesFull, none.length);
        assert.ok(none.every((piece) => whole.includes(piece)));
      }
    }),
    { numRuns: runs(25) },
  );
});
