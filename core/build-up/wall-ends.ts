import { DEFAULTS, fieldTile, setOutOf, setting } from "../project/defaults.ts";
import { type Meeting, meetingAt } from "../project/enclosure.ts";
import type { Project, Wall } from "../project/schema.ts";
import { fieldBed } from "../project/trowel.ts";
import { type WallSystem, wallSystem } from "../project/wall-systems.ts";

/** Layers from stud face to tile face, mm. The bed leaves the back-butter out. */
export interface BuildUp {
  /** Strips that bring crooked studs into a plane. */
  furring: number;
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
  /** The corner points into the room: no soft joint there. */
  outside?: boolean;
  /** Courses run past (to the offset) and stop by turns: where they stop, and which of them run. */
  weave?: { stop: number; runsOdd: boolean };
}

/** The build-up of the field: the job's layers, or a wall's own where it has some. */
export function fieldBuildUp(project: Project, wall?: Wall): BuildUp {
  const system = wallSystem(project);
  return {
    furring: wall?.layers?.furring ?? 0,
    board: wall?.layers?.board ?? setting(project, "board"),
    membrane: wall?.layers?.membrane ?? membraneThickness(project, system),
    bed: fieldBed(project).bed,
    tile: fieldTile(project).thickness,
  };
}

function membraneThickness(project: Project, system: WallSystem): number {
  const hasFilm = system === "board-liquid" || system === "board-sheet";
  return project.settings?.membrane ?? (hasFilm ? DEFAULTS.membrane : 0);
}

/**
 * Both ends of a wall. Where two walls meet in an inside corner, one runs into it and keeps one
 * corner joint from the other's film; the other butts against the first one's tile face: its bed,
 * tile and the corner joint are taken off. Round an outside corner the one that runs covers the
 * edge of the other's tile. Sizes read on board or studs lose, or gain, the neighbour's layers as
 * well. At an open end, and at an outside corner with trim, the trim and its joint are taken off.
 */
export function wallEnds(project: Project, index: number): { left: WallEnd; right: WallEnd } {
  const wall = project.walls[index] as Wall;
  return { left: wallEnd(project, wall, "left"), right: wallEnd(project, wall, "right") };
}

function wallEnd(project: Project, wall: Wall, side: "left" | "right"): WallEnd {
  const meeting = meetingAt(project, wall.id, side);
  const trim = wall.trim?.[side];
  const trimmed = trim && trim.kind !== "none" ? trim.width + trim.joint : undefined;
  if (!meeting) return { kind: "open", offset: trimmed ?? 0 };
  const neighbour = meeting[side];
  const runs = wallThatRuns(meeting) === wall.id;
  const layers = fieldBuildUp(project, neighbour);
  const surface = wall.surface ?? DEFAULTS.surface;
  const toFilm = layersToFilm(layers, surface);
  const kind = runs ? "runs" : "butts";
  if (isWoven(meeting)) {
    const past = (run: boolean) => outsideOffset(project, layers, run, undefined) - toFilm;
    const weave = { stop: past(false), runsOdd: runs };
    return { kind, offset: past(true), neighbour: neighbour.id, outside: true, weave };
  }
  if (meeting.kind === "outside") {
    const past = outsideOffset(project, layers, runs, trimmed);
    return { kind, offset: past - toFilm, neighbour: neighbour.id, outside: true };
  }
  const away = toFilm + (runs ? 0 : layers.bed + layers.tile) + setOutOf(project).cornerJoint;
  return {
    kind,
    offset: clearOf(away, fieldBuildUp(project, wall), meeting.angle),
    neighbour: neighbour.id,
  };
}

/** Trim of either wall in an outside corner hides what weaving would show. */
export function canBeWoven({ kind, left, right }: Meeting): boolean {
  const trims = [left.trim?.right, right.trim?.left];
  return kind === "outside" && trims.every((trim) => !trim || trim.kind === "none");
}

function isWoven(meeting: Meeting): boolean {
  return meeting.corner?.woven === true && canBeWoven(meeting);
}

/** Past an outside corner's film: flush with the neighbour's face, or a joint short of its back. */
function outsideOffset(
  project: Project,
  { bed, tile }: BuildUp,
  runs: boolean,
  trimmed: number | undefined,
): number {
  if (trimmed !== undefined) return trimmed - bed - tile;
  return runs ? -(bed + tile) : setOutOf(project).cornerJoint - bed;
}

/**
 * How far along a wall its tile may start, to keep `away` square off the wall that it meets. In a
 * right angle that is `away`; in another the tile's back edge (open corner) or its front edge
 * (closed corner) comes too near first, whichever lies between bed and tile face.
 */
export function clearOf(away: number, { bed, tile }: BuildUp, angle: number): number {
  const [sine, cosine] = [Math.sin(angle), Math.cos(angle)];
  // cos 90° is not quite 0 in floating point, and a right angle must change nothing.
  if (Math.abs(cosine) < 1e-12) return away;
  return Math.max(away + bed * cosine, away + (bed + tile) * cosine) / sine;
}

function layersToFilm(layers: BuildUp, surface: "studs" | "board" | "film"): number {
  switch (surface) {
    case "studs":
      return layers.furring + layers.board + layers.membrane;
    case "board":
      return layers.membrane;
    case "film":
      return 0;
    default:
      return surface satisfies never;
  }
}

/** The id of the wall whose tile runs into the corner: as decided, else the back wall's. */
function wallThatRuns({ left, right, corner }: Meeting): string {
  if (corner?.runs) return corner[corner.runs] as string;
  return right.role === "back" && left.role !== "back" ? right.id : left.id;
}
