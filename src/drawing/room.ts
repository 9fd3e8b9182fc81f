import { boxOf, type Point } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import { DEFAULTS } from "../../core/project/defaults.ts";
import { meetingAt } from "../../core/project/enclosure.ts";
import { jobOf } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** A wall as it stands in the room: x to the right, z towards who looks in, mm; turned about y. */
export interface StandingWall {
  id: string;
  /** Of its left corner. */
  x: number;
  z: number;
  /** Direction in which it runs to the right, radians: 0 is across, −90° runs away from who looks in. */
  heading: number;
  minX: number;
  maxX: number;
  minY: number;
  maxY: number;
}

/**
 * Stands the unfolded walls up into a room by the angles of their corners, the middle of them all
 * at 0, 0. The widest back wall faces who looks in.
 */
export function standWalls(project: Project, { walls }: Plan): StandingWall[] {
  let [x, z, heading] = [0, 0, 0];
  const standing = walls.map(({ id, region, boundary }, k): StandingWall => {
    const box = boxOf(region.length > 0 ? region : boundary);
    if (k > 0) {
      const meeting = meetingAt(jobOf(project), id, "left");
      const turn = Math.PI - (meeting?.angle ?? Math.PI / 2);
      heading += meeting?.kind === "outside" ? -turn : turn;
    }
    const wall = { id, x, z, heading, ...box };
    const width = box.maxX - box.minX;
    x += width * Math.cos(heading);
    z += width * Math.sin(heading);
    return wall;
  });
  return facing(project, standing);
}

/** What goes into a wall, from the upper left corner of its face, mm. */
export interface Recess {
  id: string;
  isWindow: boolean;
  left: number;
  top: number;
  width: number;
  height: number;
  depth: number;
}

/** Niches and windows of a wall as what is behind its face. */
export function recessesOf({ openings }: WallPlan, { minX, maxY }: StandingWall): Recess[] {
  return openings.flatMap(({ opening: { id, kind, depth = DEFAULTS.nicheDepth }, ring }) => {
    if ((kind !== "niche" && kind !== "window") || ring.length === 0 || depth <= 0) return [];
    const box = boxOf(ring);
    return [
      {
        id,
        isWindow: kind === "window",
        left: box.minX - minX,
        top: maxY - box.maxY,
        width: box.maxX - box.minX,
        height: box.maxY - box.minY,
        depth,
      },
    ];
  });
}

/** How far the floor comes forward from a wall that stands alone, mm. */
const FLOOR_DEPTH = 900;

/** The floor between the feet of the walls, as x and z in the room. */
export function floorOf(walls: StandingWall[]): Point[] {
  const ends = walls.map(({ x, z, heading, minX, maxX }): [Point, Point] => [
    [x, z],
    [x + (maxX - minX) * Math.cos(heading), z + (maxX - minX) * Math.sin(heading)],
  ]);
  const feet = [...ends.map(([from]) => from), ...ends.slice(-1).map(([, to]) => to)];
  const [p, q, r] = feet as [Point, Point, Point | undefined];
  // One wall has no room between it; of two the floor is as deep as both are long.
  if (feet.length === 2) return [p, q, [q[0], q[1] + FLOOR_DEPTH], [p[0], p[1] + FLOOR_DEPTH]];
  if (feet.length === 3 && r) return [p, q, r, [p[0] + r[0] - q[0], p[1] + r[1] - q[1]]];
  return feet;
}

/** A corner shelf in the room: its corner, the ends of its legs from there, its underside, mm. */
export interface StandingShelf {
  id: string;
  thickness: number;
  x: number;
  z: number;
  y: number;
  ends: [left: Point, right: Point];
}

/** Stands the corner shelves into the room, by the walls right of their corners. */
export function standShelves({ walls }: Plan, standing: StandingWall[]): StandingShelf[] {
  return walls.flatMap(({ id, shelves }) =>
    shelves.flatMap(({ shelf, side, ring }) => {
      const wall = standing.find((candidate) => candidate.id === id);
      const before = standing.find((candidate) => candidate.id === shelf.left);
      if (side !== "left" || !wall || !before) return [];
      const { leg, thickness } = shelf;
      const along = ({ heading }: StandingWall, by: number): Point => [
        by * Math.cos(heading),
        by * Math.sin(heading),
      ];
      return [
        {
          id: shelf.id,
          thickness,
          x: wall.x,
          z: wall.z,
          y: boxOf(ring).minY,
          ends: [along(before, -leg), along(wall, leg)] as [Point, Point],
        },
      ];
    }),
  );
}

/** Of the way to the middle of the walls' directions, the share that a room is turned at first. */
const FIRST_TURN = 0.6;

/** Degrees to turn the room by at first, so that every wall of it is seen: 0 for an alcove. */
export function firstTurn(walls: StandingWall[]): number {
  const headings = walls.map(({ heading }) => (heading * 180) / Math.PI);
  return (FIRST_TURN * (Math.min(...headings) + Math.max(...headings))) / 2;
}

/** How wide the room is across when it is turned by some degrees, mm. */
export function widthAcross(walls: StandingWall[], degrees: number): number {
  const turn = (degrees * Math.PI) / 180;
  const across = walls.flatMap(({ x, z, heading, minX, maxX }) =>
    [0, maxX - minX].map((along) => {
      const [atX, atZ] = [x + along * Math.cos(heading), z + along * Math.sin(heading)];
      return atX * Math.cos(turn) + atZ * Math.sin(turn);
    }),
  );
  return Math.max(...across) - Math.min(...across);
}

/** Turns the room so that the wall to look at stands across, and moves its middle to 0, 0. */
function facing(project: Project, walls: StandingWall[]): StandingWall[] {
  const isBack = ({ id }: StandingWall) =>
    project.walls.some((wall) => wall.id === id && wall.role === "back");
  const width = ({ minX, maxX }: StandingWall) => maxX - minX;
  const [front] = [...walls].sort(
    (p, q) => Number(isBack(q)) - Number(isBack(p)) || width(q) - width(p),
  );
  const turn = -(front?.heading ?? 0);
  const turned = walls.map((wall) => ({
    ...wall,
    x: wall.x * Math.cos(turn) - wall.z * Math.sin(turn),
    z: wall.x * Math.sin(turn) + wall.z * Math.cos(turn),
    heading: wall.heading + turn,
  }));
  const ends = turned.flatMap((wall) => [
    [wall.x, wall.z],
    [wall.x + width(wall) * Math.cos(wall.heading), wall.z + width(wall) * Math.sin(wall.heading)],
  ]);
  const middle = (values: number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  const [cx, cz] = [middle(ends.map(([x]) => x ?? 0)), middle(ends.map(([, z]) => z ?? 0))];
  return turned.map((wall) => ({ ...wall, x: wall.x - cx, z: wall.z - cz }));
}
