import { factorySides } from "../cut/dimensions.ts";
import { areaOf, type LaidArea, wholeTile } from "../cut/laid-area.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf, type Polygon } from "../geometry/polygon.ts";
import { LEAST_JOINT } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import { fieldTile } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { AsSet } from "../project/schema.ts";
import { sizeSpread } from "../set-out/check.ts";
import { courseTops } from "../set-out/courses.ts";

/** The joint for the courses that are left, at one place along a wall, mm. */
export interface CorrectedJoint {
  /** Measured less planned top: + too high. */
  off: number;
  joint: number;
  /** What is still off at the next control line with that joint. */
  rest: number;
  /** Courses that it takes at least; none where no narrower joint is allowed. */
  fewest?: number;
}

/** An upright line of the plan that was measured once it was set, mm in the plan's frame. */
export interface UprightPlanned {
  x: number;
  low: number;
  high: number;
}

/** Where a joint may go, mm. */
export interface JointLimits {
  least: number;
  most: number;
}

/** A correction is not below this share of the joint nor above that one. Trade practice. */
const NARROWEST = 2 / 3;
const WIDEST = 3 / 2;

/** No wall has more courses: what takes more of them is not brought back. */
const MOST_COURSES = 10_000;

/** A joint hides this many times the spread of its tiles. Trade standard. */
const PER_SPREAD = 3;

/**
 * How narrow and how wide a joint may become while courses are brought back: not below two thirds of
 * it, 1/16 in, or three times the spread of the tiles; not above one and a half.
 */
export function correctionLimits(joint: number, tile: LaidTile): JointLimits {
  const spread = PER_SPREAD * sizeSpread(tile);
  return { least: Math.max(NARROWEST * joint, LEAST_JOINT, spread), most: WIDEST * joint };
}

/**
 * The joint that takes back a deviation over so many courses: joint − off ÷ courses, within its
 * limits. Left, middle and right are each worked out alone (definition of the plan).
 */
export function correctedJoint(
  off: number,
  courses: number,
  joint: number,
  limits: JointLimits,
): CorrectedJoint {
  const canNarrow = joint > limits.least && courses > 0;
  const fewest =
    off > 0
      ? joint > limits.least
        ? Math.ceil(off / (joint - limits.least) - 1e-9)
        : undefined
      : joint > 0
        ? Math.ceil(-off / (joint / 2) - 1e-9)
        : undefined;
  const told = fewest === undefined || fewest > MOST_COURSES ? {} : { fewest: fewest + 0 };
  if (courses <= 0 || (off > 0 && !canNarrow)) return { off, joint, rest: off, ...told };
  const wanted = joint - off / courses;
  const allowed = Math.min(
    Math.max(limits.most, joint),
    Math.max(Math.min(limits.least, joint), wanted),
  );
  return { off, joint: allowed, rest: off - (joint - allowed) * courses, ...told };
}

/** The three places of a course that are measured. */
export const ALONG = ["left", "middle", "right"] as const;

export type Along = (typeof ALONG)[number];

/** What a course that was measured asks of those above it. */
export interface Correction {
  wall: string;
  course: number;
  /** Height of its top as planned, mm in the plan's frame. */
  planned: number;
  /** The course whose top is the next control line; itself where there is none above. */
  control: number;
  courses: number;
  limits: JointLimits;
  joint: number;
  at: Partial<Record<Along, CorrectedJoint>>;
  /** Tops of the courses up to the control line as they are held now, mm in the plan's frame. */
  tops: { course: number; planned: number; at: Partial<Record<Along, number>> }[];
  /** Cuts above it that come out otherwise: their heights, planned and as they will be. */
  cuts: { piece: string; number: number; from: number; to: number }[];
  /** Edges of openings that the courses no longer meet as planned, + too high. */
  rims: { opening: string; edge: "bottom" | "top"; off: number }[];
  /** How far the field's last course will stand off its plan, where it does. */
  last?: LastCourse;
  /** What was measured below it, from below: how far each course stands off its plan. */
  below: { course: number; at: Partial<Record<Along, number>> }[];
}

/** The field's last course as it will stand. */
export interface LastCourse {
  course: number;
  /** + too high. */
  at: Partial<Record<Along, number>>;
  /** What its whole tiles will stand over the field's edge, at the most; 0 where they do not. */
  over: number;
}

/** A wall whose courses were measured. */
export interface MeasuredCourses {
  id: string;
  boundary: Polygon;
  areas: LaidArea[];
  pieces: CutPiece[];
  openings: PlacedOpening[];
}

type CorrectionJob = Pick<Job, "asSet" | "field" | "settings" | "tiles">;

/** For each wall the highest course that was measured, and what follows from it. */
export function corrections(
  job: CorrectionJob,
  walls: MeasuredCourses[],
  levelY: number,
): Correction[] {
  return walls.flatMap((wall) => {
    const own = job.asSet
      .filter((entry) => entry.wall === wall.id && ALONG.some((side) => entry[side] !== undefined))
      .sort((p, q) => q.course - p.course);
    const [highest, ...lower] = own;
    return highest ? correctionOf(job, wall, highest, lower, levelY) : [];
  });
}

function correctionOf(
  job: CorrectionJob,
  wall: MeasuredCourses,
  entry: AsSet,
  lower: AsSet[],
  levelY: number,
): Correction[] {
  const tops = courseTops(wall);
  const topOf = (course: number) => tops.find(({ number }) => number === course)?.at;
  const planned = topOf(entry.course);
  if (planned === undefined) return [];
  const every = job.settings.controlEvery;
  const last = Math.max(...tops.map(({ number }) => number));
  const control = Math.min(last, (Math.floor(entry.course / every) + 1) * every);
  const courses = Math.max(0, control - entry.course);
  const { joint } = job.field;
  const limits = correctionLimits(joint, fieldTile(job));
  const at = mapAlong(readOff(entry, levelY - planned), (off) =>
    correctedJoint(off, courses, joint, limits),
  );
  const correction = {
    wall: wall.id,
    course: entry.course,
    planned,
    control,
    courses,
    limits,
    joint,
    at,
  };
  const shift = shiftOf(correction, wall.boundary);
  const end = lastCourse(wall, correction, last, shift);
  return [
    {
      ...correction,
      tops: heldTops(correction, tops),
      cuts: changedCuts(wall, entry.course, shift),
      rims: changedRims(wall, tops, shift),
      ...(end ? { last: end } : {}),
      below: lower.reverse().flatMap((own) => {
        const top = topOf(own.course);
        return top === undefined ? [] : [{ course: own.course, at: readOff(own, levelY - top) }];
      }),
    },
  ];
}

/** What was read of a course less what was planned, at each place that was read. */
function readOff(entry: AsSet, less: number): Partial<Record<Along, number>> {
  const read = Object.fromEntries(
    ALONG.flatMap((side) => (entry[side] === undefined ? [] : [[side, entry[side]]])),
  ) as Partial<Record<Along, number>>;
  return mapAlong(read, (mm) => mm + less);
}

function mapAlong<T, R>(at: Partial<Record<Along, T>>, make: (value: T) => R) {
  return Object.fromEntries(
    ALONG.flatMap((side) => {
      const own = at[side];
      return own === undefined ? [] : [[side, make(own)]];
    }),
  ) as Partial<Record<Along, R>>;
}

/** Where the courses up to the control line end with the joints that bring them back. */
function heldTops(
  { course, control, joint, at }: Pick<Correction, "course" | "control" | "joint" | "at">,
  tops: { number: number; at: number }[],
): Correction["tops"] {
  return tops
    .filter(({ number }) => number > course && number <= control)
    .map(({ number, at: top }) => ({
      course: number,
      planned: top,
      at: mapAlong(at, (own) => top + own.off - (joint - own.joint) * (number - course)),
    }));
}

/** How far a course above the measured one will stand off its plan at a place along the wall, mm. */
export type CourseShift = (course: number, x: number) => number;

/** Straight between the places that were measured, level beyond them; 0 below what was measured. */
export function shiftOf(
  { course, control, joint, at }: Pick<Correction, "course" | "control" | "joint" | "at">,
  boundary: Polygon,
): CourseShift {
  const { minX, maxX } = boxOf(boundary);
  return (of, x) => {
    if (of < course) return 0;
    const done = Math.min(of, control) - course;
    return alongWall(
      mapAlong(at, (own) => own.off - (joint - own.joint) * done),
      [minX, maxX],
      x,
    );
  };
}

/** What holds at the places of a course that were read, at any place along it. */
export function alongWall(
  at: Partial<Record<Along, number>>,
  [minX, maxX]: [number, number],
  x: number,
): number {
  const xs: Record<Along, number> = { left: minX, middle: (minX + maxX) / 2, right: maxX };
  const offs = ALONG.flatMap((side) => {
    const off = at[side];
    return off === undefined ? [] : [{ x: xs[side], off }];
  });
  const [first, last] = [offs[0], offs.at(-1)];
  if (!first || !last) return 0;
  if (x <= first.x) return first.off;
  if (x >= last.x) return last.off;
  const after = offs.findIndex((own) => own.x >= x);
  const [p, q] = [offs[after - 1], offs[after]] as [typeof first, typeof first];
  return p.off + ((q.off - p.off) * (x - p.x)) / (q.x - p.x);
}

/** A cut that changes by less is cut as it was, mm. */
const SHOWN = 0.5;

/**
 * Cuts of the field above the measured course: those whose lower edge is a factory edge shrink as their
 * course rises; others grow.
 */
function changedCuts(
  wall: MeasuredCourses,
  measured: number,
  shift: CourseShift,
): Correction["cuts"] {
  return wall.pieces.flatMap((piece) => {
    const area = areaOf(wall, piece);
    if (piece.kind === "none" || area.zone || piece.course <= measured) return [];
    const box = boxOf(piece.ring);
    const sides = factorySides(piece, wholeTile(wall, piece));
    const standing = sides.includes("bottom");
    if (standing === sides.includes("top")) return [];
    const by = shift(piece.course, (box.minX + box.maxX) / 2);
    const to = piece.height + (standing ? -by : by);
    if (Math.abs(by) < SHOWN) return [];
    return [{ piece: piece.id, number: piece.number, from: piece.height, to: Math.max(0, to) }];
  });
}

/** The last course with whole tiles or cuts, where it will stand off its plan by what can be seen. */
function lastCourse(
  wall: MeasuredCourses,
  { at }: Pick<Correction, "at">,
  course: number,
  shift: CourseShift,
): LastCourse | undefined {
  const { minX, maxX, maxY } = boxOf(wall.boundary);
  const xs: Record<Along, number> = { left: minX, middle: (minX + maxX) / 2, right: maxX };
  const offs = Object.fromEntries(
    ALONG.flatMap((side) => (at[side] ? [[side, shift(course, xs[side])]] : [])),
  ) as LastCourse["at"];
  const values = Object.values(offs);
  if (values.every((off) => Math.abs(off) < SHOWN)) return undefined;
  const top = courseTops(wall).find(({ number }) => number === course)?.at ?? maxY;
  const over = top + Math.max(...values) - maxY;
  return { course, at: offs, over: over < SHOWN ? 0 : over };
}

/** Edges of openings that a course's top was to meet, or a joint above it. */
function changedRims(
  wall: MeasuredCourses,
  tops: { at: number; number: number }[],
  shift: CourseShift,
): Correction["rims"] {
  const joint = wall.areas[0]?.cell.joint ?? 0;
  return wall.openings.flatMap(({ opening, ring }) => {
    const { minX, maxX, minY, maxY } = boxOf(ring);
    const x = (minX + maxX) / 2;
    return (["bottom", "top"] as const).flatMap((edge) => {
      const y = edge === "bottom" ? minY : maxY - joint;
      const course = tops.find(({ at }) => Math.abs(at - y) < joint);
      const off = course ? shift(course.number, x) : 0;
      return Math.abs(off) < SHOWN ? [] : [{ opening: opening.id, edge, off }];
    });
  });
}
