import type { CutPiece } from "../cut/pieces.ts";
import type { Figure } from "../figure.ts";
import { type Box, boxOf } from "../geometry/polygon.ts";
import { fewestRuns } from "../packing/runs.ts";
import { fieldTile, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import { piecesByRow } from "../set/row-pieces.ts";
import { rowM2, type SetRow } from "../set/rows.ts";
import type { SetWall } from "../set/set-wall.ts";

/** Grout that is mixed, placed and first washed at once. */
export interface GroutMix {
  wall: string;
  /** Counted from the top of its wall. */
  n: number;
  areaM2: number;
  powderKg: number;
  waterL: number;
  /** To place it, and from then to wash it, minutes. */
  spreadMin: number;
  washMin: number;
  /** Where it goes: course by course, mm. */
  boxes: Box[];
  /** Niches and windows whose interiors it does. */
  openings: string[];
}

/** A wall that is grouted. */
export interface GroutWall extends SetWall {
  figures: { groutKg: Figure };
}

type GroutJob = Pick<Job, "field" | "settings" | "tiles" | "zones">;

/** What can be placed and first washed in the working time, m²: time ÷ (1/spread + 1/wash). */
export function mixLimitM2({ settings }: Pick<Job, "settings">): number {
  const { groutWorkMin, spreadRate, washRate } = settings;
  return groutWorkMin / 60 / (1 / spreadRate + 1 / washRate);
}

/** What is grouted without a break: a course with the interiors at their sills, or a part of one. */
interface Stretch {
  box: Box;
  areaM2: number;
  litres: number;
  openings: string[];
}

/**
 * The mixes of a wall from the top down: the fewest runs of whole courses that can be placed and
 * washed in time, as equal as they come; a course that is too large for one is parted at its plumb
 * joints. None where nothing is grouted.
 */
export function groutMixes(job: GroutJob, wall: GroutWall, rows: SetRow[]): GroutMix[] {
  const kg = wall.figures.groutKg.value;
  if (kg <= 0) return [];
  const limit = mixLimitM2(job);
  const courses = coursesOf(job, wall, rows);
  // Where only plane changes are grouted no course has a joint: then it goes by area.
  const jointed = courses.some(({ litres }) => litres > 0);
  const shareOf = (part: Stretch) => (jointed ? part.litres : part.areaM2);
  const all = sum(courses, shareOf);
  const pieces = piecesOfRows(job, wall);
  const runs = runsOf(courses, limit).flatMap(({ large, own }) => {
    const parts = large ? partsOf(own[0] as Course, pieces) : own;
    let at = 0;
    return fewestRuns(
      parts.map(({ areaM2 }) => areaM2),
      limit,
    ).map((count) => {
      at += count;
      return parts.slice(at - count, at);
    });
  });
  return runs.map((run, k): GroutMix => {
    const areaM2 = sum(run, (part) => part.areaM2);
    const powderKg = all > 0 ? (kg * sum(run, shareOf)) / all : 0;
    return {
      ...{ wall: wall.id, n: k + 1, areaM2, powderKg },
      waterL: powderKg * job.settings.groutWater,
      spreadMin: (areaM2 / job.settings.spreadRate) * 60,
      washMin: (areaM2 / job.settings.washRate) * 60,
      boxes: run.map(({ box }) => box),
      openings: run.flatMap(({ openings }) => openings),
    };
  });
}

function sum<T>(items: T[], amount: (item: T) => number): number {
  return items.reduce((total, item) => total + amount(item), 0);
}

interface Course extends Stretch {
  rows: SetRow[];
  interiors: (Stretch & { x: number })[];
}

/** Courses that are together within the limit, and each that is larger by itself. */
function runsOf(courses: Course[], limit: number): { large: boolean; own: Course[] }[] {
  const runs: { large: boolean; own: Course[] }[] = [];
  for (const course of courses) {
    const large = course.areaM2 > limit * (1 + 1e-9);
    const last = runs.at(-1);
    if (last && !last.large && !large) last.own.push(course);
    else runs.push({ large, own: [course] });
  }
  return runs;
}

/** The courses of a wall from the top down: rows of panels go with the field's course at their middle. */
function coursesOf(job: GroutJob, wall: GroutWall, rows: SetRow[]): Course[] {
  const litresOf = litresByArea(job, wall);
  const laid = rows.filter(({ opening }) => opening === undefined);
  const isPanel = ({ area }: SetRow) =>
    area !== undefined && wall.areas[area]?.zone?.kind === "panel";
  const courses = laid
    .filter((row) => !isPanel(row))
    .sort((p, q) => q.bottom - p.bottom || p.left - q.left)
    .map((row) => courseOf(row, litresOf(row)));
  for (const row of laid.filter(isPanel)) {
    const course = courseAt(courses, (row.bottom + row.top) / 2, job.field.joint);
    if (course) join(course, row, litresOf(row));
    else courses.push(courseOf(row, litresOf(row)));
  }
  for (const row of rows.filter(({ opening }) => opening !== undefined)) {
    const course = courseAt(courses, row.bottom, job.field.joint);
    if (!course) continue;
    const [areaM2, litres] = [rowM2(row), litresOf(row)];
    const openings = row.opening === undefined ? [] : [row.opening];
    course.interiors.push({
      ...{ box: boxOfRow(row), areaM2, litres, openings, x: row.left },
    });
    course.areaM2 += areaM2;
    course.litres += litres;
    course.openings.push(...openings);
  }
  return courses;
}

function courseOf(row: SetRow, litres: number): Course {
  const areaM2 = rowM2(row);
  return { box: boxOfRow(row), areaM2, litres, openings: [], rows: [row], interiors: [] };
}

function join(course: Course, row: SetRow, litres: number): void {
  course.rows.push(row);
  course.areaM2 += rowM2(row);
  course.litres += litres;
}

function boxOfRow({ left, right, bottom, top }: SetRow): Box {
  return { minX: left, maxX: right, minY: bottom, maxY: top };
}

/** The course at a height, with the joint above it; else the nearest. */
function courseAt(courses: Course[], y: number, joint: number): Course | undefined {
  const off = ({ box }: Course) =>
    y < box.minY ? box.minY - y : Math.max(0, y - (box.maxY + joint - 1e-6));
  return courses.reduce<Course | undefined>(
    (best, course) => (best === undefined || off(course) < off(best) ? course : best),
    undefined,
  );
}

/** Litres of joint of each row: what a field, a zone or the interiors take, by area. */
function litresByArea(job: GroutJob, { tiled, areas }: GroutWall): (row: SetRow) => number {
  const depthOf = (tile: LaidTile) => job.settings.groutDepth ?? tile.thickness;
  const field = depthOf(fieldTile(job));
  const share = tiled.fieldM2 > 0 ? tiled.fieldJointM2 / tiled.fieldM2 : 0;
  return (row) => {
    const zone = row.area === undefined ? undefined : areas[row.area]?.zone;
    if (!zone) return rowM2(row) * share * field;
    const part = tiled.zones.find((own) => own.zone.id === zone.id);
    if (!part || part.areaM2 <= 0) return 0;
    const own = depthOf(tileOf(job, part.zone.tile));
    const litres = part.jointM2 * own + part.edgeM2 * Math.min(own, field);
    return (rowM2(row) / part.areaM2) * litres;
  };
}

/** The pieces of rows; an area is laid out once, when the first of its rows is asked for. */
function piecesOfRows(job: GroutJob, wall: GroutWall): (row: SetRow) => CutPiece[] {
  const areas = new Map<number, Map<number, CutPiece[]>>();
  return ({ area = -1, course }) => {
    if (!wall.areas[area]) return [];
    const known = areas.get(area) ?? piecesByRow(job, wall, area);
    areas.set(area, known);
    return known.get(course) ?? [];
  };
}

/** A course piece by piece from the left, each with the interiors whose sills begin at it. */
function partsOf(course: Course, piecesOf: (row: SetRow) => CutPiece[]): Stretch[] {
  const pieces = course.rows.flatMap((row) => {
    const own = piecesOf(row).map((piece) => ({ piece, box: boxOf(piece.ring) }));
    const mm2 = own.reduce((total, { piece }) => total + piece.areaMm2, 0);
    const interiors = sum(course.interiors, (interior) => interior.litres);
    const litres =
      ((course.litres - interiors) * rowM2(row)) / sum(course.rows, (other) => rowM2(other));
    return own.map(
      ({ piece, box }): Stretch => ({
        box,
        areaM2: (rowM2(row) * piece.areaMm2) / mm2,
        litres: (litres * piece.areaMm2) / mm2,
        openings: [],
      }),
    );
  });
  pieces.sort((p, q) => p.box.minX - q.box.minX);
  for (const { x, ...interior } of course.interiors) {
    const at = pieces.findIndex(({ box }) => box.maxX >= x);
    pieces.splice(at < 0 ? pieces.length : at, 0, interior);
  }
  return pieces;
}
