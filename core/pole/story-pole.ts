import { clearBays } from "../board/framing.ts";
import type { WallStuds } from "../board/studs.ts";
import { boxOf } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import type { Plan } from "../plan.ts";
import type { LaidTile } from "../project/job.ts";
import { courseTops } from "../set-out/courses.ts";
import type { WallPlan } from "../wall-plan.ts";

/** What a mark on a story pole stands for. */
export type MarkCode =
  | "low-point"
  | "level"
  | "course"
  | "zone-bottom"
  | "zone-top"
  | "field-top"
  | "left-edge"
  | "right-edge"
  | "centre"
  | "tile"
  | "opening-start"
  | "opening-end";

/** A mark on a story pole: where it is in the plan's frame, mm, and what it stands for. */
export interface PoleMark {
  code: MarkCode;
  at: number;
  /** Number of the course; name of the zone or opening. */
  number?: number;
  of?: string;
}

/** Chips on a sheet, where the field's tile comes on sheets: its pole counts those. */
type Sheet = LaidTile["sheet"];

/** Courses as they are set: of tile on sheets the top of each row of sheets, numbered by them. */
function settingRows(tops: PoleMark[], sheet: Sheet): PoleMark[] {
  if (!sheet) return tops;
  return tops.flatMap((mark) => {
    const number = mark.number ?? 0;
    return number % sheet.rows === 0 ? [{ ...mark, number: number / sheet.rows }] : [];
  });
}

/** Heights of a wall: course tops through all its bands, zones, openings, level line, low point. */
export function courseMarks(plan: Pick<Plan, "levelY">, wall: WallPlan, sheet?: Sheet): PoleMark[] {
  if (wall.boundary.length === 0) return [];
  const marks: PoleMark[] = [
    { code: "low-point", at: 0 },
    { code: "level", at: plan.levelY },
    { code: "field-top", at: boxOf(wall.boundary).maxY },
    ...settingRows(courseTops(wall), sheet),
  ];
  for (const { zone, ring } of wall.zones) {
    const { minY, maxY } = boxOf(ring);
    const of = zone.name ?? zone.kind;
    marks.push({ code: "zone-bottom", at: minY, of }, { code: "zone-top", at: maxY, of });
  }
  for (const { opening, y } of wall.openings) {
    const of = opening.name ?? opening.kind;
    marks.push({ code: "opening-start", at: y, of });
    marks.push({ code: "opening-end", at: y + opening.height, of });
  }
  return inOrder(marks);
}

/** Widths of a wall: the left edges of course 1's tiles (or of its columns), edges, centre, openings. */
export function columnMarks(wall: WallPlan, sheet?: Sheet): PoleMark[] {
  if (wall.boundary.length === 0) return [];
  const { minX, maxX } = boxOf(wall.boundary);
  const { cell, origin } = wall;
  const module = (cell.width + cell.joint) * (sheet?.columns ?? 1);
  const first = Math.ceil((minX - origin[0]) / module - SAME_MM);
  const last = Math.floor((maxX - origin[0]) / module + SAME_MM);
  const tiles = cell.straight
    ? Array.from(
        { length: Math.max(0, last - first + 1) },
        (_, k): PoleMark => ({
          code: "tile",
          at: origin[0] + (first + k) * module,
          number: first + k + 1,
        }),
      )
    : [];
  const openings = wall.openings.flatMap(({ opening, x }): PoleMark[] => {
    const of = opening.name ?? opening.kind;
    return [
      { code: "opening-start" as const, at: x, of },
      { code: "opening-end" as const, at: x + opening.width, of },
      // A shelf's slot begins in the corner, behind the tile.
    ].filter(({ at }) => at >= minX && at <= maxX);
  });
  return inOrder([
    { code: "left-edge", at: minX },
    { code: "right-edge", at: maxX },
    { code: "centre", at: wall.centre.x },
    ...tiles,
    ...openings,
  ]);
}

function inOrder(marks: PoleMark[]): PoleMark[] {
  return marks.sort((p, q) => p.at - q.at || p.code.localeCompare(q.code));
}

/** A piece of a pole on one strip of paper, mm. */
export interface PoleStrip {
  from: number;
  to: number;
  marks: PoleMark[];
}

/** Cuts a pole into strips of paper no longer than `longest` that are taped end to end. */
export function poleStrips(marks: PoleMark[], longest: number): PoleStrip[] {
  const [first, last] = [marks[0]?.at ?? 0, marks[marks.length - 1]?.at ?? 0];
  const count = Math.max(1, Math.ceil((last - first) / longest - SAME_SUM));
  return Array.from({ length: count }, (_, k) => {
    const from = first + k * longest;
    const to = Math.min(last, from + longest);
    // A mark on a seam is on both strips, so that it is found whichever way they are taped.
    return { from, to, marks: marks.filter(({ at }) => at >= from - 0.01 && at <= to + 0.01) };
  });
}

/** A line that mortar or membrane will hide, and where it can be carried to outside the field. */
export interface CoveredMark {
  code: "level" | "first-course" | "centre" | "stud";
  /** mm along the wall from its left corner, or up from the low point. */
  at: number;
  /** Up onto the ceiling, down onto the base, or past an open end of the wall. */
  carryTo: "above" | "below" | "left" | "right" | "next-wall";
}

/** The marks of a wall that get covered, and where to carry each before that. */
export function coveredMarks(
  plan: Pick<Plan, "levelY" | "first">,
  wall: WallPlan,
  studs: WallStuds,
): CoveredMark[] {
  const open = (["left", "right"] as const).find((side) => wall.ends[side].kind === "open");
  const aside = open ?? "next-wall";
  const upright = wall.measured.wall.topIs === "ceiling" ? "below" : "above";
  const studLines = clearBays(studs).length > 0 ? studs.studs : [];
  return [
    { code: "level", at: plan.levelY, carryTo: aside },
    { code: "first-course", at: plan.first.y, carryTo: aside },
    { code: "centre", at: wall.centre.x, carryTo: upright },
    ...studLines.map(({ x }): CoveredMark => ({ code: "stud", at: x, carryTo: upright })),
  ];
}
