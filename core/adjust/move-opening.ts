import type { Point } from "../geometry/polygon.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import { editFixture, editOpening } from "../project/commands.ts";
import type { Fixture, Opening } from "../project/schema.ts";
import type { WallPlan } from "../wall-plan.ts";
import {
  edgeSnap,
  type MovedItem,
  middleOf,
  middleSnap,
  nearestSnap,
  snapToJoints,
} from "./item-snaps.ts";
import { moveShelfBy } from "./move-shelf.ts";
import { moveZoneBy } from "./move-zone.ts";

/** What an opening can snap to beside the bond: the free stud bays of its wall, from and to, mm. */
export type Bays = [number, number][];

/**
 * Moves a niche, window or fixture by dx to the right and dy up, mm, as it was read: away from its
 * corner, up from the level line or base, down from the ceiling. Within `reach` an opening's edges
 * snap to joints of the bond and to other openings, its middle to the wall's centre line and to the
 * middle of a stud bay; a fixture snaps to the centre line alone. Bands and panels move as
 * `moveZoneBy` has it, shelves as `moveShelfBy`.
 */
export function moveItemBy(
  wall: WallPlan,
  id: string,
  dx: number,
  dy: number,
  reach: number,
  bays: Bays = [],
): MovedItem {
  const shelf = wall.shelves.find((candidate) => candidate.shelf.id === id);
  if (shelf) return moveShelfBy(wall, shelf, dy, reach);
  const opening = wall.openings.find((candidate) => candidate.opening.id === id);
  if (opening) return moveOpeningBy(wall, opening, [dx, dy], reach, bays);
  const fixture = wall.fixtures.find((candidate) => candidate.fixture.id === id);
  if (!fixture) return moveZoneBy(wall, id, dx, dy, reach);
  const off = wall.centre.x - (fixture.centre[0] + dx);
  const snapped = Math.abs(off) <= reach;
  const patch = movedReading(fixture.fixture, dx + (snapped ? off : 0), dy);
  return {
    command: patch && editFixture(wall.id, id, patch as Partial<Fixture>),
    snaps: snapped ? ["item-centre"] : [],
  };
}

function moveOpeningBy(
  wall: WallPlan,
  opening: PlacedOpening,
  [dx, dy]: Point,
  reach: number,
  bays: Bays,
): MovedItem {
  const { id, width, height } = opening.opening;
  const others = wall.openings.filter((candidate) => candidate !== opening);
  const [x, y] = [opening.x + dx, opening.y + dy];
  const wide = bays.filter(([from, to]) => to - from >= width);
  const beside = others.map((other): [number, number] => [other.x, other.opening.width]);
  const above = others.map((other): [number, number] => [other.y, other.opening.height]);
  const across = nearestSnap(reach, [
    middleSnap(x, width, [wall.centre.x], "item-centre"),
    middleSnap(x, width, wide.map(middleOf), "item-bay"),
    edgeSnap(x, width, beside),
    snapToJoints(wall, x, width, y + height / 2, reach, "across"),
  ]);
  const up = nearestSnap(reach, [
    edgeSnap(y, height, above),
    snapToJoints(wall, y, height, x + width / 2, reach, "up"),
  ]);
  const patch = movedReading(opening.opening, dx + across.by, dy + up.by);
  return {
    command: patch && editOpening(wall.id, id, patch as Partial<Opening>),
    snaps: [...across.snaps, ...up.snaps],
  };
}

interface Reading {
  x: { from: "left" | "right"; at: number };
  y: { from: "level" | "base" | "ceiling"; at: number };
}

/** The reading after the move; none when it would leave its corner. */
function movedReading({ x, y }: Reading, dx: number, dy: number): Reading | undefined {
  const at = x.from === "left" ? x.at + dx : x.at - dx;
  if (at < 0) return undefined;
  return { x: { ...x, at }, y: { ...y, at: y.from === "ceiling" ? y.at - dy : y.at + dy } };
}
