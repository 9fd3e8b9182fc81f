import { DEFAULTS } from "./defaults.ts";
import { PROJECT_VERSION } from "./parse.ts";
import type { Corner, Project, Wall } from "./schema.ts";
import { placeName, type WallPlace, wallLetter } from "./wall-places.ts";

/** The few answers a new job starts from; all lengths in mm. */
export interface FirstAnswers {
  id: string;
  name: string;
  unit: "in" | "mm";
  enclosure: Project["enclosure"]["kind"];
  base: Project["enclosure"]["base"];
  walls: { width: number; height: number }[];
  tile: { name: string; width: number; height: number; thickness: number };
  joint: number;
  pattern: FieldPattern;
}

type FieldPattern = Pick<Project["field"], "pattern" | "offset" | "run" | "angle" | "lay">;

interface WallRole {
  place: WallPlace;
  role: Wall["role"];
}

/** How many walls an enclosure has, and which of them is the back wall others butt against. */
const WALL_ROLES: Record<Project["enclosure"]["kind"], WallRole[]> = {
  alcove: [
    { place: "left", role: "side" },
    { place: "back", role: "back" },
    { place: "right", role: "side" },
  ],
  corner: [
    { place: "left", role: "back" },
    { place: "right", role: "side" },
  ],
  single: [{ place: "alone", role: "back" }],
  "four-walls": [
    { place: "front", role: "back" },
    { place: "left", role: "side" },
    { place: "back", role: "back" },
    { place: "right", role: "side" },
  ],
  band: [
    { place: "left", role: "side" },
    { place: "back", role: "back" },
    { place: "right", role: "side" },
  ],
  "knee-wall": [
    { place: "left", role: "side" },
    { place: "back", role: "back" },
    { place: "right", role: "side" },
    { place: "kneeEnd", role: "side" },
  ],
};

/** Corners of an enclosure that point into the room, by the places of their walls. */
const OUTSIDE_CORNERS: Partial<Record<Project["enclosure"]["kind"], [number, number][]>> = {
  "knee-wall": [[2, 3]],
};

/** The corners that an enclosure starts with: only those that are not plain inside corners. */
export function cornersFor(kind: Project["enclosure"]["kind"], walls: Wall[]): Corner[] {
  return (OUTSIDE_CORNERS[kind] ?? []).flatMap(([l, r]) => {
    const [left, right] = [walls[l]?.id, walls[r]?.id];
    return left && right ? [{ left, right, kind: "outside" as const }] : [];
  });
}

/** Names of the walls that an enclosure starts with, left to right as seen from inside. */
export function wallNames(kind: Project["enclosure"]["kind"]): string[] {
  return WALL_ROLES[kind].map(({ place }, index) => placeName(index, place));
}

/** A new job from the first answers: everything else is at the trade's defaults or unread. */
export function newProject(answers: FirstAnswers): Project {
  const { id, name, unit, enclosure, base, tile, joint, pattern } = answers;
  const walls = WALL_ROLES[enclosure].map((role, index) => newWall(role, index, answers.walls));
  const corners = cornersFor(enclosure, walls);
  return {
    format: "dintel-project",
    version: PROJECT_VERSION,
    id,
    name,
    unit,
    enclosure: { kind: enclosure, base },
    walls,
    ...(corners.length > 0 ? { corners } : {}),
    tiles: [{ id: "field", perBox: DEFAULTS.perBox, ...tile }],
    field: { tile: "field", joint, ...pattern },
    setOut: { firstCourse: { drop: 0 } },
  };
}

/**
 * The walls of a job after its enclosure changed: walls that stay keep all that was read on them,
 * missing ones are added at the right with the last wall's size, surplus ones go from the right.
 */
export function wallsFor(kind: Project["enclosure"]["kind"], walls: Wall[]): Wall[] {
  const roles = WALL_ROLES[kind];
  const last = walls[walls.length - 1];
  const size = { width: last?.width.bottom ?? 900, height: last?.height ?? 2400 };
  const added = roles
    .slice(walls.length)
    .map((role, k) => withFreeId(newWall(role, walls.length + k, [size]), walls));
  return [...walls.slice(0, roles.length), ...added];
}

/** One more wall at the right of those that are there, as large as the last one. */
export function nextWall(walls: Wall[]): Wall {
  const last = walls[walls.length - 1];
  const size = { width: last?.width.bottom ?? 900, height: last?.height ?? 2400 };
  const index = walls.length;
  return withFreeId(newWall({ place: "alone", role: "side" }, index, [size]), walls);
}

function withFreeId(wall: Wall, walls: Wall[]): Wall {
  const taken = new Set(walls.map(({ id }) => id));
  let { id } = wall;
  while (taken.has(id)) id = `${id}2`;
  return { ...wall, id };
}

function newWall({ place, role }: WallRole, index: number, sizes: FirstAnswers["walls"]): Wall {
  const { width, height } = sizes[index] ?? sizes[sizes.length - 1] ?? { width: 900, height: 2400 };
  return {
    id: wallLetter(index),
    name: placeName(index, place),
    role,
    width: { bottom: width },
    height,
    base: [],
    top: [],
    openings: [],
    fixtures: [],
    centre: { mode: "tile" },
  };
}
