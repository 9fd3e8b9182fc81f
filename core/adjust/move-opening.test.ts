import assert from "node:assert/strict";
import { test } from "node:test";
import type { Project, Wall } from "../project/schema.ts";
import { firstWall, fixture, near, oneWall, opening } from "../testing.ts";
import { moveItemBy } from "./move-opening.ts";

const withNiche = (patch = {}, field: Partial<Project["field"]> = {}) =>
  oneWall({
    width: 1500,
    height: 1500,
    field,
    wall: {
      centre: { mode: "joint" },
      openings: [opening({ width: 200, height: 150, ...patch })],
      fixtures: [fixture()],
    },
  });

/** Where a move leaves the niche, planned again. */
function after(project: Project, dx: number, dy: number, reach: number, id = "n") {
  const moved = moveItemBy(firstWall(project), id, dx, dy, reach);
  moved.command?.change(project);
  const wall = firstWall(project);
  return { wall, niche: wall.openings[0], pipe: wall.fixtures[0], snaps: moved.snaps };
}

test("an opening moves as it was read, from either corner and from level line, base or ceiling", () => {
  const readings: [Wall["openings"][0]["x"], Wall["openings"][0]["y"]][] = [
    [
      { from: "left", at: 300 },
      { from: "base", at: 400 },
    ],
    [
      { from: "right", at: 300 },
      { from: "level", at: -300 },
    ],
    [
      { from: "left", at: 500, to: "centre" },
      { from: "ceiling", at: 500 },
    ],
  ];
  for (const [x, y] of readings) {
    const project = withNiche({ x, y });
    const before = firstWall(project).openings[0];
    const { niche, snaps } = after(project, 37, -21, 0);
    near((niche?.x ?? 0) - (before?.x ?? 0), 37, 1e-6);
    near((niche?.y ?? 0) - (before?.y ?? 0), -21, 1e-6);
    assert.deepEqual(snaps, []);
  }
});

test("edges snap to joints: the nearer one, in the row that the opening is in", () => {
  // Joint on the centre 750: tiles of 300 end at 748.5, 445.5 …; courses of 300 end at 300, 603.
  const { niche, snaps } = after(withNiche(), 148, 196, 10);
  near(niche?.x, 445.5);
  near(niche?.y, 603);
  assert.deepEqual(snaps, ["item-joint", "item-joint"]);
  // The upper edges: 500 − 2 = 498 … the right edge of 200 at 751.5 is where a tile begins.
  const right = after(withNiche(), 251.5 + 4, 0, 10);
  near((right.niche?.x ?? 0) + 200, 751.5);
});

test("in an offset bond the row's own joints count", () => {
  const field = { pattern: "offset" as const, offset: 0.5, run: "alternating" as const };
  // Course 2 (303 to 603) is moved by half a module, 151.5: tiles end at 748.5 − 151.5 = 597.
  const { niche } = after(withNiche({ y: { from: "base", at: 380 } }, field), 293, 0, 10);
  near(niche?.x, 597);
});

test("the middle snaps to the centre line, a fixture as well; without reach nothing snaps", () => {
  const { niche, snaps } = after(withNiche(), 345, 0, 10);
  near((niche?.x ?? 0) + 100, 750);
  assert.ok(snaps.includes("item-centre"));
  const { pipe } = after(withNiche(), 246, 5, 10, "f");
  near(pipe?.centre[0], 750);
  near(pipe?.centre[1], 1005);
  near(after(withNiche(), 345, 0, 0).niche?.x, 645);
});

test("nothing is moved past the corner that it was read from, and nothing unknown moves", () => {
  assert.equal(moveItemBy(firstWall(withNiche()), "n", -301, 0, 0).command, undefined);
  assert.equal(moveItemBy(firstWall(withNiche()), "gone", 5, 5, 0).command, undefined);
});

test("an opening snaps to the middle of a stud bay and in line with another opening", () => {
  const project = withNiche();
  project.walls[0]?.openings.push(
    opening({ id: "second", x: { from: "left", at: 1000 }, y: { from: "base", at: 900 } }),
  );
  const wall = firstWall(project);
  // A bay of 380 from 425: its middle at 615, so a niche of 200 begins at 515.
  const inBay = moveItemBy(wall, "n", 210, 40, 8, [[425, 805]]);
  inBay.command?.change(project);
  near(firstWall(project).openings[0]?.x, 515);
  assert.ok(inBay.snaps.includes("item-bay"));
  // 400 + 495 is 5 below the other's lower edge at 900.
  const fresh = withNiche();
  fresh.walls[0]?.openings.push(
    opening({ id: "second", x: { from: "left", at: 1000 }, y: { from: "base", at: 900 } }),
  );
  const level = moveItemBy(firstWall(fresh), "n", 60, 495, 8);
  level.command?.change(fresh);
  near(firstWall(fresh).openings[0]?.y, 900);
  assert.ok(level.snaps.includes("item-item"));
});
