import { plumbChords } from "../geometry/chords.ts";
import { boxOf, edgesOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { isRectangle } from "../geometry/rectangle.ts";
import { FACTORY_EDGE, SAME_MM, TAPER_SHOWN, UNCUT_LOSS } from "../limits.ts";
import type { Job, PlaySide } from "../project/job.ts";
import { type CutEdge, cutEdges, goesTo, type HidingWall } from "./cut-edges.ts";
import { pieceDimensions } from "./dimensions.ts";
import { fewestStops, type Stretch } from "./fence.ts";
import { ringShape } from "./kind.ts";
import { type LaidArea, wholeTile } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";
import { endHeights, endWidths } from "./sides.ts";

/** Which way a length of a piece runs, and whether it is the whole piece's or that of a leg. */
export type LengthOf = "width" | "height" | "leg-width" | "leg-height";

/** A length of a cut piece that the saw's fence is set for, mm. */
export interface FenceLength {
  of: LengthOf;
  /** As it is planned; the ends, and the bends between, of a taper that a straight cut stands for. */
  exact: number[];
  /** What the fence is set to. */
  set: number;
}

/** A cut piece as it is cut with the fewest settings of the fence. */
export interface WorkablePiece {
  lengths: FenceLength[];
  /** Of the piece as it is cut, mm. */
  width: number;
  height: number;
}

/** One setting of the fence, and the pieces that are cut with it. */
export interface FenceSetting {
  set: number;
  cuts: { wall: string; piece: string }[];
}

/** How the saw's fence is set for the whole job. */
export interface FencePlan {
  /** The shortest first. */
  settings: FenceSetting[];
  /** Distinct lengths to 0.1 mm when each is cut as it is planned. */
  exact: number;
  /** No choice of settings within the play is smaller. */
  proven: boolean;
  /** By the id of the piece. */
  pieces: Record<string, WorkablePiece>;
}

/** What the fence asks of a wall. */
interface FenceWall {
  id: string;
  fieldRegion: { edges: HidingWall["edges"] };
  ends: HidingWall["ends"];
  openings: HidingWall["openings"];
  trims: { top?: { kind: string } | undefined };
  measured: { wall: { topIs?: string | undefined } };
  areas: LaidArea[];
  pieces: CutPiece[];
}

/** A length with what it may be, and the piece that it belongs to. */
interface Wanted extends Stretch {
  wall: string;
  piece: CutPiece;
  of: LengthOf;
  exact: number[];
}

type FenceJob = Pick<Job, "play"> & { settings: Pick<Job["settings"], "workable">; setOut: Gaps };

type Gaps = Pick<Job["setOut"], "baseGap" | "cornerJoint" | "topGap">;

/** Millimetres to the tenth that settings are told apart by. */
const tenth = (mm: number) => Math.round(mm * 10) / 10;

/**
 * The fewest settings of the fence for the numbered cuts of the job. A length s whose cut edge hides
 * in a joint of nominal gap g may be from s − (most − g) to s + (g − least); others are exact. A
 * taper or a bend becomes straight where one length serves all of it. `mark`: mm from one mark of
 * the tape to the next. Trade practice.
 */
export function planFence(job: FenceJob, walls: FenceWall[], mark: number): FencePlan {
  const wanted = walls.flatMap((wall) => wantedOf(job, wall));
  const exact = new Set(wanted.flatMap((length) => length.exact.map(tenth))).size;
  const stops = fewestStops(wanted, mark);
  const pieces: FencePlan["pieces"] = {};
  const settings = stops.map(({ set, serves }): FenceSetting => {
    const cuts = new Map<string, FenceSetting["cuts"][number]>();
    // As they are numbered, wall by wall.
    for (const k of serves.sort((p, q) => p - q)) {
      const { wall, piece, of, exact } = wanted[k] as Wanted;
      cuts.set(piece.id, { wall, piece: piece.id });
      pieces[piece.id] ??= { lengths: [], width: piece.width, height: piece.height };
      pieces[piece.id]?.lengths.push({ of, exact, set });
    }
    return { set, cuts: [...cuts.values()] };
  });
  for (const piece of Object.values(pieces)) {
    for (const of of ["width", "height"] as const) {
      const own = piece.lengths.filter((length) => length.of === of).map(({ set }) => set);
      if (own.length > 0) piece[of] = Math.max(...own);
    }
  }
  return { settings, exact, proven: true, pieces };
}

function wantedOf(job: FenceJob, wall: FenceWall): Wanted[] {
  const hiding = { ...wall, edges: wall.fieldRegion.edges };
  const playOf = playAt(job, wall);
  return wall.pieces.flatMap((piece) => {
    if (piece.kind === "none") return [];
    const full = wholeTile(wall, piece);
    return runsIn(hiding, piece, full, playOf).flatMap((run) =>
      split(run).map((own) => ({ wall: wall.id, piece, ...own })),
    );
  });
}

/** Ends, bends or arms of a piece in one direction, and how much less and more they may be. */
interface Run {
  of: LengthOf;
  exact: number[];
  less: number;
  more: number;
}

/** One length where a straight cut serves the whole run, else each of its lengths by itself. */
function split({ of, exact, less, more }: Run): Pick<Wanted, "of" | "exact" | "least" | "most">[] {
  const lengths = exact.map(tenth);
  const least = Math.max(...lengths) - less;
  const most = Math.min(...lengths) + more;
  if (least <= most + SAME_MM) return [{ of, exact, least, most: Math.max(least, most) }];
  // A wedge runs out to nothing: that end is no length.
  return exact
    .filter((mm) => mm > UNCUT_LOSS)
    .map((mm) => ({ of, exact: [mm], least: tenth(mm) - less, most: tenth(mm) + more }));
}

type PlayOf = (cut: Pick<CutEdge, "by" | "side"> | undefined) => Pick<Run, "less" | "more">;

const NO_PLAY = { less: 0, more: 0 };

/** How much a cut edge may be off, by the joint that hides it. */
function playAt({ play, settings, setOut }: FenceJob, wall: FenceWall): PlayOf {
  const gaps: Record<PlaySide, number> = {
    base: setOut.baseGap,
    corner: setOut.cornerJoint,
    top: setOut.topGap,
  };
  const hides = {
    base: true,
    corner: true,
    // Tile that stops at a height of its own, or at a trim, shows its edge.
    top: wall.measured.wall.topIs !== "height" && (wall.trims.top?.kind ?? "none") === "none",
  };
  return (cut) => {
    const by = cut?.by;
    if (!settings.workable || (by !== "base" && by !== "corner" && by !== "top")) return NO_PLAY;
    const end = cut?.side === "left" || cut?.side === "right" ? wall.ends[cut.side] : undefined;
    if (!hides[by] || end?.outside || end?.weave) return NO_PLAY;
    const { least, most } = play[by];
    return { less: Math.max(0, most - gaps[by]), more: Math.max(0, gaps[by] - least) };
  };
}

function runsIn(hiding: HidingWall, piece: CutPiece, full: Polygon, playOf: PlayOf): Run[] {
  if (!isRectangle(full)) return angledRuns(piece, full);
  if (isRectangle(piece.ring)) return plainRuns(hiding, piece, full, playOf);
  return runsOf(piece, full, cutEdges(hiding, piece.ring, full), playOf);
}

/** The usual case by its boxes alone: nearly all cuts of a job are upright rectangles. */
function plainRuns(hiding: HidingWall, piece: CutPiece, full: Polygon, playOf: PlayOf): Run[] {
  const [own, tile] = [boxOf(piece.ring), boxOf(full)];
  const [x, y] = [(own.minX + own.maxX) / 2, (own.minY + own.maxY) / 2];
  const run = (of: "width" | "height", sides: [lost: number, at: Point][]): Run[] => {
    const cut = sides.filter(([lost]) => lost >= FACTORY_EDGE).map(([, at]) => at);
    const lost = sides.reduce((all, [mm]) => all + Math.max(0, mm), 0);
    if (cut.length === 0 || lost < UNCUT_LOSS) return [];
    return [{ of, exact: [piece[of]], ...sum(cut.map((at) => playOf(goesTo(hiding, at)))) }];
  };
  return [
    ...run("width", [
      [own.minX - tile.minX, [own.minX, y]],
      [tile.maxX - own.maxX, [own.maxX, y]],
    ]),
    ...run("height", [
      [own.minY - tile.minY, [x, own.minY]],
      [tile.maxY - own.maxY, [x, own.maxY]],
    ]),
  ];
}

function runsOf(piece: CutPiece, full: Polygon, cuts: CutEdge[], playOf: PlayOf): Run[] {
  // What a hole's rim takes is no cut of the fence.
  const straight = cuts.filter(({ by, a, b }) => by !== "fixture" || isLong(a, b));
  if (piece.kind === "L" || piece.kind === "U") return armRuns(piece, straight, playOf);
  return (["width", "height"] as const).flatMap((of): Run[] => {
    const across = straight.filter(({ a, b }) => isUpright(a, b) === (of === "width"));
    const exact = lengthsOf(piece, of);
    // What loses less than half a millimetre is not cut.
    if (across.length === 0 || Math.min(...exact) > sizeOf(full, of) - UNCUT_LOSS) return [];
    const box = boxOf(piece.ring);
    const [low, high] = of === "width" ? [box.minX, box.maxX] : [box.minY, box.maxY];
    const place = of === "width" ? 0 : 1;
    const atLow = across.filter(({ a, b }) => (a[place] + b[place]) / 2 < (low + high) / 2);
    const atHigh = across.filter((cut) => !atLow.includes(cut));
    const plays = [playOf(atLow[0]), playOf(atHigh[0])];
    return [{ of, exact, ...sum(plays) }];
  });
}

function sizeOf(full: Polygon, of: "width" | "height"): number {
  const { minX, maxX, minY, maxY } = boxOf(full);
  return of === "width" ? maxX - minX : maxY - minY;
}

/** Shorter edges at nothing that hides are facets of a round bite, mm. */
const FACET = 12;

function isLong(a: Point, b: Point): boolean {
  return Math.hypot(b[0] - a[0], b[1] - a[1]) > FACET;
}

function isUpright(a: Point, b: Point): boolean {
  return Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]);
}

function sum(plays: Pick<Run, "less" | "more">[]): Pick<Run, "less" | "more"> {
  return {
    less: plays.reduce((all, { less }) => all + less, 0),
    more: plays.reduce((all, { more }) => all + more, 0),
  };
}

/** A bend nearer to an end than this is the end, mm. */
const AT_END = 5;

/** Lengths of a piece at both its ends and at the bends between; one where it is straight. */
function lengthsOf(piece: CutPiece, of: "width" | "height"): number[] {
  const whole = piece[of];
  const { corners, reflex } = ringShape(piece.ring);
  if (reflex.length > 0) return [whole];
  // Widths are heights of the ring on its side.
  const ring = of === "height" ? corners : corners.map(([x, y]): Point => [y, x]);
  const { minX, maxX } = boxOf(ring);
  const ends = of === "height" ? endHeights(piece.ring) : endWidths(piece.ring);
  const bends = ring
    .map(([x]) => x)
    .filter((x) => x > minX + AT_END && x < maxX - AT_END)
    .map((x) => plumbChords(ring, x).reduce((all, [from, to]) => all + to - from, 0));
  const lengths = [...ends, ...bends];
  return Math.max(...lengths) - Math.min(...lengths) > TAPER_SHOWN ? lengths : [whole];
}

/** Of an L or a U each cut edge and what lies across the tile from it: the whole, or an arm. */
function armRuns(piece: CutPiece, cuts: CutEdge[], playOf: PlayOf): Run[] {
  const { corners } = ringShape(piece.ring);
  const runs = new Map<string, Run>();
  const sides = edgesOf(corners);
  for (const side of sides) {
    const upright = isUpright(...side);
    const opposite = acrossFrom(side, sides);
    if (!opposite) continue;
    const both = [side, opposite].map((one) => cutAlong(one, cuts));
    if (!both[0]) continue;
    const place = upright ? 0 : 1;
    const length = Math.abs(middle(opposite)[place] - middle(side)[place]);
    const whole = upright ? piece.width : piece.height;
    const size = upright ? "width" : "height";
    const of = Math.abs(length - whole) < UNCUT_LOSS ? size : (`leg-${size}` as const);
    // Seen from both its sides an arm is one length.
    const key = [size, ...[side, opposite].map((one) => middle(one)[place]).sort()].join();
    runs.set(key, { of, exact: [length], ...sum(both.map(playOf)) });
  }
  return [...runs.values()];
}

type Side = [Point, Point];

function middle([a, b]: Side): Point {
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
}

/** The nearest side that a line from the middle of one, into the tile, meets. */
function acrossFrom(side: Side, sides: Side[]): Side | undefined {
  const along = isUpright(...side) ? 0 : 1;
  const other = 1 - along;
  const at = middle(side);
  // The ring runs counter-clockwise: the tile lies to the left of each side.
  const turn = along === 0 ? side[0][1] - side[1][1] : side[1][0] - side[0][0];
  const into = Math.sign(turn);
  const met = sides.filter((one) => {
    if (isUpright(...one) !== (along === 0) || one === side) return false;
    const [from, to] = [one[0][other] as number, one[1][other] as number].sort((p, q) => p - q);
    const spans =
      (from as number) < (at[other] as number) && (to as number) > (at[other] as number);
    return spans && ((middle(one)[along] as number) - (at[along] as number)) * into > 0;
  });
  const far = (one: Side) => Math.abs((middle(one)[along] as number) - (at[along] as number));
  return met.sort((p, q) => far(p) - far(q))[0];
}

/** A cut edge lies along a side of the simplified ring when it is this near, mm. */
const ALONG = 1;

function cutAlong(side: Side, cuts: CutEdge[]): CutEdge | undefined {
  const along = isUpright(...side) ? 0 : 1;
  const at = middle(side)[along] as number;
  return cuts.find(({ a, b }) => {
    if (isUpright(a, b) !== (along === 0)) return false;
    return Math.abs((middle([a, b])[along] as number) - at) < ALONG;
  });
}

const ENDS = {
  width: "width",
  "bottom-width": "width",
  "top-width": "width",
  height: "height",
  "left-height": "height",
  "right-height": "height",
} as const;

/** Tiles that lie at an angle, or are no rectangles, are cut as they are planned. */
function angledRuns(piece: CutPiece, full: Polygon): Run[] {
  const whole = pieceDimensions({ ...piece, ring: full, holes: [], kind: "none" }, full);
  const sizes = Object.fromEntries(whole.map(({ code, mm }) => [code, mm]));
  return pieceDimensions(piece, full).flatMap(({ code, mm }): Run[] => {
    const of = ENDS[code as keyof typeof ENDS];
    const size = of && sizes[of];
    if (!size || mm < UNCUT_LOSS || mm > size - UNCUT_LOSS) return [];
    return [{ of, exact: [mm], ...NO_PLAY }];
  });
}
