import assert from "node:assert/strict";
import { test } from "node:test";
import { fieldTile } from "../project/defaults.ts";
import type { Project, Tile } from "../project/schema.ts";
import {
  fixture,
  oneWall,
  opening,
  planValid,
  SAMPLE_NAMES,
  sampleProject,
  wallAt,
} from "../testing.ts";
import { tileOfPiece } from "./laid-area.ts";
import { cutTicket, type Ticket } from "./ticket.ts";

function ticketsOf(project: Project, material?: Tile["material"]): Ticket[] {
  const wall = wallAt(planValid(project), 0);
  const tile = { ...fieldTile(project), ...(material ? { material } : {}) };
  return wall.pieces
    .filter(({ kind }) => kind !== "none")
    .map((piece) => cutTicket(wall, piece, tile));
}

/* 1000 wide, joint on the centre: cuts of 195.5 at both ends of four courses. */
const onJoint = () => oneWall({ wall: { centre: { mode: "joint" } } });

test("straight cuts: ceramic is snapped, everything else sawn, edges go under the trim or corner", () => {
  for (const { steps, hidden, risks } of ticketsOf(onJoint(), "ceramic")) {
    assert.deepEqual([steps, hidden, risks], [["snap"], ["trim"], []]);
  }
  for (const { steps } of ticketsOf(onJoint(), "porcelain")) assert.deepEqual(steps, ["saw"]);
  for (const { risks } of ticketsOf(onJoint(), "glass")) assert.deepEqual(risks, ["brittle"]);
  // 300 + 3 + 5 of a second tile: a strip of 5 is neither snapped nor safe.
  const thin = oneWall({ width: 308, wall: { centre: { mode: "free", shift: -4 } } });
  const strip = ticketsOf(thin, "ceramic").find(({ piece }) => piece.width < 12);
  assert.deepEqual(strip?.steps, ["saw"]);
  assert.deepEqual(strip?.risks, ["thin-strip"]);
});

test("holes: drilled whole with room round them, in place when too near an edge", () => {
  const at = (x: number) =>
    ticketsOf(
      oneWall({
        wall: {
          fixtures: [
            fixture({ pipe: 48, x: { from: "left", at: x }, y: { from: "base", at: 150 } }),
          ],
        },
      }),
    ).find(({ piece }) => piece.holes.length > 0);
  // The middle tile spans 350 to 650; the hole is 60 wide.
  assert.deepEqual(at(500)?.steps, ["practise", "hole-saw"]);
  assert.deepEqual(at(500)?.hidden, ["fixture"]);
  assert.deepEqual(at(390)?.steps, ["practise", "drill-in-place"]);
  assert.deepEqual(at(390)?.risks, ["hole-near-edge"]);
});

test("an L at a niche is sawn, tongue last where it is weak, and its edge eased", () => {
  const corner = (x: number, width: number) =>
    ticketsOf(
      oneWall({
        wall: {
          openings: [opening({ x: { from: "left", at: x }, y: { from: "base", at: 200 }, width })],
        },
      }),
    ).filter(({ piece }) => piece.kind === "L");
  const strong = corner(520, 200)[0];
  assert.deepEqual(strong?.steps, ["drill-corner", "saw", "ease-edge"]);
  assert.deepEqual(strong?.hidden, ["opening"]);
  // 365 leaves a tongue of 15 beside the niche in the tile that begins at 350.
  const weak = corner(365, 400).find(({ risks }) => risks.includes("weak-tongue"));
  assert.equal(weak?.steps[1], "saw-tongue-last");
});

test("a niche within one tile is a window in it: where and how large, plunge-cut, and its rim", () => {
  const window = (x: number, y: number) =>
    ticketsOf(
      oneWall({
        wall: {
          openings: [
            opening({
              x: { from: "left", at: x },
              y: { from: "base", at: y },
              width: 150,
              height: 100,
            }),
          ],
        },
      }),
    ).find(({ piece }) => piece.kind === "complex");
  // The middle tile spans 350 to 650 and, in course 2, 303 to 603: 60 to the left, 90 below.
  const sound = window(410, 393);
  assert.deepEqual(sound?.steps, ["window", "ease-edge"]);
  assert.deepEqual(sound?.risks, []);
  assert.deepEqual(
    sound?.dimensions.map(({ code, mm }) => [code, Math.round(mm * 100) / 100]),
    [
      ["width", 300],
      ["height", 300],
      ["bite-width", 150],
      ["bite-height", 100],
      ["bite-x", 60],
      ["bite-y", 90],
    ],
  );
  // 12 of rim to the left.
  assert.deepEqual(window(362, 393)?.risks, ["weak-tongue"]);
});

test("pieces that are cut alike have one key", () => {
  const keys = ticketsOf(onJoint()).map(({ key }) => key);
  assert.equal(keys.length, 8);
  assert.equal(new Set(keys).size, 1);
});

test("every cut of the samples has a ticket: a step, a place for its cut edges, and dimensions", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    for (const wall of planValid(project).walls) {
      for (const piece of wall.pieces.filter(({ kind }) => kind !== "none")) {
        const { steps, hidden, dimensions } = cutTicket(
          wall,
          piece,
          tileOfPiece(project, wall, piece),
        );
        assert.ok(steps.length > 0 && hidden.length > 0 && dimensions.length >= 2, piece.id);
      }
    }
  }
});
