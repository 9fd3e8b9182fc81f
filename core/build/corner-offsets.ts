import { DEFAULTS, fieldTile, setOutOf, setting } from "../project/defaults.ts";
import type { Project, Wall } from "../project/schema.ts";
import { bedThickness } from "../set/trowel.ts";

/** Layers from stud face to tile face, mm. The bed leaves the back-butter out. */
export interface BuildUp {
  board: number;
  membrane: number;
  bed: number;
  tile: number;
}

/** What meets a wall at one end. */
export interface WallEnd {
  kind: "runs" | "butts" | "open";
  /** Taken off the wall's measured width at this end, mm. */
  offset: number;
  neighbour?: string;
}

/** The build-up of the field. */
export function fieldBuildUp(project: Project): BuildUp {
  return {
    board: setting(project, "board"),
    membrane: setting(project, "membrane"),
    bed: bedThickness(project),
    tile: fieldTile(project).thickness,
  };
}

/**
 * Both ends of a wall. Where two walls meet, one runs into the corner and keeps one corner joint
 * from the other's film; the other butts against the first one's tile face: its bed, tile and the
 * corner joint are taken off. Sizes read on board or studs lose the neighbour's layers as well.
 * At an open end the trim and its joint are taken off.
 */
export function wallEnds(project: Project, index: number): { left: WallEnd; right: WallEnd } {
  return { left: wallEnd(project, index, "left"), right: wallEnd(project, index, "right") };
}

function wallEnd(project: Project, index: number, side: "left" | "right"): WallEnd {
  const wall = project.walls[index] as Wall;
  const neighbour = neighbourOf(project, index, side);
  if (!neighbour) {
    const trim = wall.trim?.[side];
    const offset = trim && trim.kind !== "none" ? trim.width + trim.joint : 0;
    return { kind: "open", offset };
  }
  const runs = wallThatRuns(project, side === "left" ? [neighbour, wall] : [wall, neighbour]);
  const layers = fieldBuildUp(project);
  const toFilm = layersToFilm(layers, wall.surface ?? DEFAULTS.surface);
  const toTileFace = runs === wall.id ? 0 : layers.bed + layers.tile;
  return {
    kind: runs === wall.id ? "runs" : "butts",
    offset: toFilm + toTileFace + setOutOf(project).cornerJoint,
    neighbour: neighbour.id,
  };
}

function layersToFilm(layers: BuildUp, surface: "studs" | "board" | "film"): number {
  switch (surface) {
    case "studs":
      return layers.board + layers.membrane;
    case "board":
      return layers.membrane;
    case "film":
      return 0;
    default:
      return surface satisfies never;
  }
}

/** The wall that meets this one at a side; none at an open end. Four walls close into a ring. */
function neighbourOf(project: Project, index: number, side: "left" | "right"): Wall | undefined {
  const { walls, enclosure } = project;
  const next = index + (side === "left" ? -1 : 1);
  if (enclosure.kind !== "four-walls" || walls.length < 3) return walls[next];
  return walls[(next + walls.length) % walls.length];
}

/** The id of the wall whose tile runs into the corner: as decided, else the back wall's. */
function wallThatRuns(project: Project, [left, right]: [Wall, Wall]): string {
  const decided = project.corners?.find((c) => c.left === left.id && c.right === right.id);
  if (decided) return decided[decided.runs];
  return right.role === "back" && left.role !== "back" ? right.id : left.id;
}
