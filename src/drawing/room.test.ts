import assert from "node:assert/strict";
import { test } from "node:test";
import { enclosure, near, planValid } from "../../core/testing.ts";
import { firstTurn, floorOf, recessesOf, standShelves, standWalls, widthAcross } from "./room.ts";

test("an alcove folds up: left wall runs away, the back stands across, the right one comes back", () => {
  const project = enclosure("alcove", [800, 1500, 900]);
  const [left, back, right] = standWalls(project, planValid(project));
  const degrees = (heading = 0) => Math.round((heading * 180) / Math.PI);
  assert.deepEqual(
    [left, back, right].map((wall) => degrees(wall?.heading)),
    [-90, 0, 90],
  );
  // The back wall hangs where the left one ends, and the right one where the back ends.
  near(back?.x, left?.x ?? 0, 1e-6);
  near((left?.z ?? 0) - (back?.z ?? 0), 800, 1e-6);
  near((right?.x ?? 0) - (back?.x ?? 0), 1500, 1e-6);
  near((right?.z ?? 0) - (back?.z ?? 0), 0, 1e-6);
});

test("a knee wall turns the other way at its outside corner", () => {
  const project = enclosure("alcove", [800, 1500, 900], (made) => {
    made.corners = [
      { left: made.walls[1]?.id ?? "", right: made.walls[2]?.id ?? "", kind: "outside" },
    ];
  });
  const headings = standWalls(project, planValid(project)).map(({ heading }) =>
    Math.round((heading * 180) / Math.PI),
  );
  assert.deepEqual(headings, [-90, 0, -90]);
});

test("a room is first seen so that all of its walls are: an alcove straight on, a corner turned", () => {
  const alcove = enclosure("alcove", [800, 1500, 900]);
  near(firstTurn(standWalls(alcove, planValid(alcove))), 0, 1e-9);
  // Walls at 0 and 90 degrees: 0.6 of the way to 45.
  const corner = enclosure("corner", [1000, 900]);
  near(firstTurn(standWalls(corner, planValid(corner))), 27, 1e-9);
});

test("across, an alcove is as wide as its back wall, a turned corner wider than either of its walls", () => {
  const alcove = enclosure("alcove", [800, 1500, 900]);
  near(widthAcross(standWalls(alcove, planValid(alcove)), 0), 1500, 1e-6);
  const corner = enclosure("corner", [1000, 900]);
  // The one wall lies 27 degrees off, the other 63: 1000 cos 27 + 900 cos 63.
  near(widthAcross(standWalls(corner, planValid(corner)), 27), 891.007 + 408.591, 1e-2);
});

test("a corner shelf stands in its corner, with a leg along each wall", () => {
  const corner = enclosure("corner", [1000, 900]);
  const [left, right] = corner.walls.map(({ id }) => id) as [string, string];
  const base = { id: "s", left, right, leg: 200, thickness: 20, level: 100, set: "slot" as const };
  const project = { ...corner, shelves: [base] };
  const plan = planValid(project);
  const walls = standWalls(project, plan);
  const [shelf, ...others] = standShelves(plan, walls);
  assert.equal(others.length, 0);
  near(shelf?.x, walls[1]?.x ?? Number.NaN);
  near(shelf?.z, walls[1]?.z ?? Number.NaN);
  near(shelf?.y, plan.levelY + 100);
  // Back along the left wall, which stands across; and along the right one, which comes nearer.
  const [back, along] = shelf?.ends ?? [];
  near(back?.[0], -200, 1e-9);
  near(back?.[1], 0, 1e-9);
  near(along?.[0], 0, 1e-9);
  near(along?.[1], 200, 1e-9);
});

test("the floor lies between the feet of the walls: of one wall before it, of two as a corner", () => {
  const area = (kind: "alcove" | "corner" | "single", widths: number[]) => {
    const project = enclosure(kind, widths);
    const ring = floorOf(standWalls(project, planValid(project)));
    return Math.abs(
      ring.reduce((sum, [x, z], k) => {
        const [nextX, nextZ] = ring[(k + 1) % ring.length] as [number, number];
        return sum + x * nextZ - nextX * z;
      }, 0) / 2,
    );
  };
  near(area("single", [1500]), 1500 * 900, 1e-3);
  near(area("corner", [1000, 900]), 1000 * 900, 1e-3);
  // Left 800, right 800 deep: a rectangle.
  near(area("alcove", [800, 1500, 800]), 800 * 1500, 1e-3);
});

test("a niche is behind its wall's face where it was read, as deep as it is", () => {
  const project = enclosure("single", [1500], (made) => {
    made.walls[0]?.openings.push({
      ...{ id: "n", kind: "niche", width: 400, height: 300, depth: 90 },
      ...{ x: { from: "left", at: 200 }, y: { from: "base", at: 1000 } },
    });
  });
  const plan = planValid(project);
  const [wall] = plan.walls;
  const [standing] = standWalls(project, plan);
  assert.ok(wall && standing);
  const [recess] = recessesOf(wall, standing);
  assert.ok(recess);
  near(recess.left + standing.minX, 200, 1e-6);
  near(standing.maxY - recess.top - recess.height, 1000, 1e-6);
  assert.deepEqual([recess.width, recess.height, recess.depth], [400, 300, 90]);
});
