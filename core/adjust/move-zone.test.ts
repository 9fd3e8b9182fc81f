import assert from "node:assert/strict";
import { test } from "node:test";
import { boxOf } from "../geometry/polygon.ts";
import type { Project, Tile, Zone } from "../project/schema.ts";
import { bandAt, firstWall, near, oneWall, openingAt } from "../testing.ts";
import { moveItemBy } from "./move-opening.ts";

const accent: Tile = { id: "accent", name: "Accent", width: 47, height: 47, thickness: 8 };
/** Without readings the level line is 1200 above the base. */
const band = (bottom: number, id?: string) => bandAt(bottom - 1200, 100, id);

const panel: Zone = {
  ...band(300, "panel"),
  kind: "panel",
  wall: "A",
  x: { from: "left", at: 100 },
  width: 300,
  height: 300,
};

function withZones(...zones: Zone[]): Project {
  const project = oneWall({
    width: 1500,
    height: 1500,
    wall: { centre: { mode: "joint" }, openings: [openingAt(1000, 420, 200, 150)] },
  });
  const [wall] = project.walls;
  assert.ok(wall);
  const own = zones.map((zone) => (zone.wall ? { ...zone, wall: wall.id } : zone));
  return { ...project, tiles: [...project.tiles, accent], zones: own };
}

/** Where a move leaves a zone's ring, planned again. */
function after(project: Project, id: string, dx: number, dy: number, reach: number) {
  const { command, snaps } = moveItemBy(firstWall(project), id, dx, dy, reach);
  command?.change(project);
  const placed = firstWall(project).zones.find(({ zone }) => zone.id === id);
  return { ...boxOf(placed?.ring ?? []), snaps };
}

test("a band moves up and down alone, and by exactly as much", () => {
  const moved = after(withZones(band(450)), "band", 80, -37, 0);
  near(moved.minY, 413);
  near(moved.maxY, 513);
  near(moved.minX, 0);
  assert.deepEqual(moved.snaps, []);
});

test("a band's lower edge snaps to a course of the field under it", () => {
  // Courses of 300 end at 300 and 603; 450 + 148 = 598 is 5 below the second.
  const moved = after(withZones(band(450)), "band", 0, 148, 10);
  near(moved.minY, 603);
  assert.deepEqual(moved.snaps, ["item-joint"]);
  assert.deepEqual(after(withZones(band(450)), "band", 0, 140, 10).snaps, []);
});

test("the upper of two bands counts the courses from the lower one's top", () => {
  // The lower band ends at 550 after two courses had begun: tops are 550 + 300 and on by 303.
  const moved = after(withZones(band(450), band(700, "upper")), "upper", 0, 146, 10);
  near(moved.minY, 850);
});

test("a panel moves both ways as it was read, from either corner", () => {
  const left = after(withZones(panel), "panel", 30, 20, 0);
  near(left.minX, 130);
  near(left.minY, 320);
  const right = after(withZones({ ...panel, x: { from: "right", at: 500 } }), "panel", 30, 20, 0);
  near(right.maxX, 1030);
  // Out of its corner it does not go.
  const { command } = moveItemBy(firstWall(withZones(panel)), "panel", -150, 0, 0);
  assert.equal(command, undefined);
});

test("a panel snaps to joints, to the centre line and to an opening's edges", () => {
  // Joint on the centre 750: tiles end at 142.5 and begin 3 on; rows end at 300.
  const joints = after(withZones(panel), "panel", 40, -6, 10);
  near(joints.minX, 142.5);
  near(joints.minY, 300);
  assert.deepEqual(joints.snaps, ["item-joint", "item-joint"]);
  const centred = after(withZones(panel), "panel", 505, 60, 10);
  near((centred.minX + centred.maxX) / 2, 750);
  // The niche stands from 420 up: 300 + 115 is 5 below.
  const level = after(withZones(panel), "panel", 200, 115, 10);
  near(level.minY, 420);
  assert.ok(level.snaps.includes("item-item"));
});

test("what is not on the wall does not move", () => {
  assert.equal(moveItemBy(firstWall(withZones()), "gone", 5, 5, 0).command, undefined);
});
