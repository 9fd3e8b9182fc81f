import { DEFAULTS, fieldTile } from "../project/defaults.ts";
import { type Meeting, meetingAt } from "../project/enclosure.ts";
import { fieldBed, type Job, type JobWall } from "../project/job.ts";
import type { Wall } from "../project/schema.ts";

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
export function fieldBuildUp(
  job: Pick<Job, "beds" | "field" | "settings" | "tiles">,
  wall?: Pick<Wall, "layers">,
): BuildUp {
  return {
    furring: wall?.layers?.furring ?? job.settings.furring,
    board: wall?.layers?.board ?? job.settings.board,
    membrane: wall?.layers?.membrane ?? job.settings.membrane,
    bed: fieldBed(job).bed,
    tile: fieldTile(job).thickness,
  };
}

/**
 * Both ends of a wall. Where two walls meet in an inside corner, one runs into it and keeps one
 * corner joint from the other's film; the other butts against the first one's tile face: its bed,
 * tile and the corner joint are taken off. Round an outside corner the one that runs covers the
 * edge of the other's tile. Sizes read on board or studs lose, or gain, the neighbour's layers as
 * well. At an open end, and at an outside corner with trim, the trim and its joint are taken off;
 * in an inside corner those of a liner.
 */
export function wallEnds(
  job: Pick<Job, "beds" | "field" | "meetings" | "setOut" | "settings" | "tiles">,
  wall: JobWall,
): { left: WallEnd; right: WallEnd } {
  return { left: wallEnd(job, wall, "left"), right: wallEnd(job, wall, "right") };
}

function wallEnd(
  job: Pick<Job, "beds" | "field" | "meetings" | "setOut" | "settings" | "tiles">,
  wall: Wall,
  side: "left" | "right",
): WallEnd {
  const meeting = meetingAt(job, wall.id, side);
  const trim = wall.trim?.[side];
  const trimmed = trim && trim.kind !== "none" ? trim.width + trim.joint : undefined;
  if (!meeting) return { kind: "open", offset: trimmed ?? 0 };
  const neighbour = meeting[side];
  const runs = wallThatRuns(meeting) === wall.id;
  const layers = fieldBuildUp(job, neighbour);
  const surface = wall.surface ?? DEFAULTS.surface;
  const toFilm = layersToFilm(layers, surface);
  const kind = runs ? "runs" : "butts";
  if (isWoven(meeting)) {
    const past = (run: boolean) => outsideOffset(job, layers, run, undefined) - toFilm;
    const weave = { stop: past(false), runsOdd: runs };
    return { kind, offset: past(true), neighbour: neighbour.id, outside: true, weave };
  }
  if (meeting.kind === "outside") {
    const past = outsideOffset(job, layers, runs, trimmed);
    return { kind, offset: past - toFilm, neighbour: neighbour.id, outside: true };
  }
  const away = toFilm + (runs ? 0 : layers.bed + layers.tile) + job.setOut.cornerJoint;
  return {
    kind,
    // A liner is the only trim that stands in an inside corner.
    offset:
      clearOf(away, fieldBuildUp(job, wall), meeting.angle) +
      (trim?.kind === "pencil" ? (trimmed ?? 0) : 0),
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
  job: Pick<Job, "setOut">,
  { bed, tile }: BuildUp,
  runs: boolean,
  trimmed: number | undefined,
): number {
  if (trimmed !== undefined) return trimmed - bed - tile;
  return runs ? -(bed + tile) : job.setOut.cornerJoint - bed;
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
export function wallThatRuns({ left, right, corner }: Meeting): string {
  if (corner?.runs) return corner[corner.runs] as string;
  return right.role === "back" && left.role !== "back" ? right.id : left.id;
}
