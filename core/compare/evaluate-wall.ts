import { SAME_MM } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { isSliver, type Judged, judgeField, rowSignature } from "./evaluate.ts";
import type { Wedges } from "./inner-rectangle.ts";
import { type ModelWall, movedAcross, movedAlong } from "./model.ts";
import type { Placing } from "./placing.ts";
import { CUT_SPARE, type LayoutTerms, noTerms, WHOLE_SPARE } from "./terms.ts";

/** A stretch of field between bands, with where its pattern stands. */
export interface Segment {
  wall: ModelWall;
  along: number;
  across: number;
}

/** Where a pattern stands, whatever moves in it. */
export type Phases = Pick<Placing, "along" | "across">;

/**
 * The field below, between and above a wall's bands. Above a band the courses go on from its top,
 * counted from those below, so that a bond's shifts carry on; standing columns go on likewise.
 */
export function segmentsOf(bond: ModelBond, wall: ModelWall, placing: Placing): Segment[] {
  const { standing, length, depth, joint } = bond;
  const { along, across, niche, slide } = placing;
  if (wall.bands.length === 0) return [{ wall, along, across }];
  const step = (standing ? length : depth) + joint;
  const [first, top] = standing ? [wall.alongFrom, wall.alongTo] : [wall.acrossFrom, wall.acrossTo];
  const risen = movedAcross(wall.openings, niche);
  // Along level rows openings move on in their stretches; bands cut standing ones where they are.
  const openings = standing ? movedAlong(risen, slide) : risen;
  const field = { ...wall, bands: [], openings };
  const segments: Segment[] = [];
  let start = standing ? along : across;
  let from = first;
  for (const { y0, y1 } of [...wall.bands, { y0: top, y1: top }]) {
    if (y0 > from) {
      segments.push(
        standing
          ? { wall: betweenAlong(field, from, y0), along: start, across }
          : { wall: betweenAcross(field, from, y0), along, across: start },
      );
    }
    start = y1 - Math.ceil((y0 - start) / step - SAME_MM) * step;
    from = y1;
  }
  return segments;
}

/** Level rows between two heights: openings end there, holes count where they reach. */
function betweenAcross(wall: ModelWall, from: number, to: number): ModelWall {
  const openings = wall.openings
    .map((each) => ({ ...each, y0: Math.max(from, each.y0), y1: Math.min(to, each.y1) }))
    .filter(({ y0, y1 }) => y1 > y0);
  const holes = wall.holes.filter(({ y, radius }) => y + radius > from && y - radius < to);
  const ends = endsOf(wall, "foot", from === wall.acrossFrom, "head", to === wall.acrossTo);
  return { ...wall, ...ends, acrossFrom: from, acrossTo: to, openings, holes };
}

/** The same for standing rows, which run upward. */
function betweenAlong(wall: ModelWall, from: number, to: number): ModelWall {
  const openings = wall.openings
    .map((each) => ({ ...each, x0: Math.max(from, each.x0), x1: Math.min(to, each.x1) }))
    .filter(({ x0, x1 }) => x1 > x0);
  const holes = wall.holes.filter(({ x, radius }) => x + radius > from && x - radius < to);
  const ends = endsOf(wall, "start", from === wall.alongFrom, "end", to === wall.alongTo);
  return { ...wall, ...ends, alongFrom: from, alongTo: to, openings, holes };
}

/** What a stretch keeps at its two ends: the lowest its wedge and floors, the highest its wedge. */
function endsOf(
  { wedge, floors }: ModelWall,
  near: keyof Wedges,
  lowest: boolean,
  far: keyof Wedges,
  highest: boolean,
): Pick<ModelWall, "wedge" | "floors"> {
  return {
    wedge: { ...wedge, [near]: lowest ? wedge[near] : 0, [far]: highest ? wedge[far] : 0 },
    floors: lowest ? floors : [],
  };
}

interface Kept {
  start: number;
  niche: number | undefined;
  /** Of standing rows, where it tells what the bands leave of the openings. */
  slide: number | undefined;
  of: Segment[];
}

/** The stretches last asked for: while the search tries phases beside the bands they stay the same. */
const last = new WeakMap<ModelWall, Kept>();

function rememberedSegments(bond: ModelBond, wall: ModelWall, placing: Placing): Segment[] {
  const { along, across, niche } = placing;
  const [start, slide] = bond.standing ? [along, placing.slide] : [across, undefined];
  const known = last.get(wall);
  const of =
    known && known.start === start && known.niche === niche && known.slide === slide
      ? known.of
      : segmentsOf(bond, wall, placing);
  if (of !== known?.of) last.set(wall, { start, niche, slide, of });
  return of;
}

/**
 * Judges one wall with its pattern at a place, bands included: cuts are counted in every stretch.
 * What the bands part is judged stretch by stretch, the foot of the lowest compared with the head
 * of the highest; the other two sides are compared over all stretches.
 */
export function evaluateWall(bond: ModelBond, wall: ModelWall, placing: Placing): LayoutTerms {
  const judged =
    wall.bands.length === 0
      ? [judgeField(bond, wall, placing)]
      : rememberedSegments(bond, wall, placing).map((segment) =>
          judgeField(bond, segment.wall, phasesIn(bond, segment, placing)),
        );
  const terms = noTerms(bond);
  for (const own of judged) addStretch(bond, terms, own);
  judgeSides(bond, terms, judged);
  terms.tiles = (terms.tiles - terms.cuts) * WHOLE_SPARE + terms.cuts * CUT_SPARE;
  return terms;
}

/** Adds what a stretch holds, and its two sides that bands part. */
function addStretch(
  { standing, length, depth, slivers: limits }: ModelBond,
  terms: LayoutTerms,
  own: Judged,
) {
  const { start, end, foot, head, floor } = own;
  terms.slivers += own.terms.slivers;
  terms.smallestAlong = Math.min(terms.smallestAlong, own.terms.smallestAlong, start, end);
  terms.smallestAcross = Math.min(terms.smallestAcross, own.terms.smallestAcross, foot, head);
  terms.openingsOff += own.terms.openingsOff;
  terms.weakTongues += own.terms.weakTongues;
  terms.holesNearEdge += own.terms.holesNearEdge;
  terms.cuts += own.terms.cuts;
  terms.tiles += own.terms.tiles;
  if (own.startOut || own.endOut) terms.smallestAlong = 0;
  if (own.footOut || own.headOut) terms.smallestAcross = 0;
  if (standing) {
    terms.slivers += sliverAt(start, own.startOut, length, limits.along);
    terms.slivers += sliverAt(end, own.endOut, length, limits.along);
    terms.slivers += sliverAt(floor, false, length, limits.along);
    terms.smallestAlong = Math.min(terms.smallestAlong, floor);
  } else {
    terms.slivers += sliverAt(foot, own.footOut, depth, limits.across);
    terms.slivers += sliverAt(head, own.headOut, depth, limits.across);
    terms.slivers += sliverAt(floor, false, depth, limits.across);
    terms.smallestAcross = Math.min(terms.smallestAcross, floor);
  }
}

/**
 * Judges the two sides that all stretches share, and how opposite cuts differ. They are compared
 * where both are narrow: what runs out in a wedge is a sliver, and no more.
 */
function judgeSides(bond: ModelBond, terms: LayoutTerms, judged: Judged[]): void {
  const { length, depth, joint, slivers: limits, standing } = bond;
  // Bands may leave nothing of the field.
  const none = { start: length, end: length, foot: depth, head: depth };
  let { start, foot } = judged[0] ?? none;
  let { end, head } = judged.at(-1) ?? none;
  let [nearOut, farOut] = [false, false];
  for (const own of judged) {
    nearOut ||= standing ? own.footOut : own.startOut;
    farOut ||= standing ? own.headOut : own.endOut;
    if (standing) {
      foot = Math.min(foot, own.foot);
      head = Math.min(head, own.head);
    } else {
      start = Math.min(start, own.start);
      end = Math.min(end, own.end);
    }
  }
  const [near, far] = standing ? [foot, head] : [start, end];
  const [whole, limit] = standing ? [depth, limits.across] : [length, limits.along];
  terms.slivers += sliverAt(near, nearOut, whole, limit) + sliverAt(far, farOut, whole, limit);
  terms.headsDiffer = Math.min(Math.abs(foot - head), depth + joint);
  terms.endsDiffer = Math.min(Math.abs(start - end), length + joint);
}

/** Remembered stretches know where the bands put them; the other phase is the one being tried. */
function phasesIn({ standing }: ModelBond, segment: Segment, placing: Placing): Placing {
  const { along, across, slide } = placing;
  return standing ? { along: segment.along, across } : { along, across: segment.across, slide };
}

function sliverAt(cut: number, runsOut: boolean, whole: number, limit: number): number {
  return runsOut || isSliver(cut, whole, limit) ? 1 : 0;
}

/**
 * How the rows lie to the opening that moves, in each stretch of field, and how it lies to the
 * bands: places that share this are judged together.
 */
export function nicheSignature(
  bond: ModelBond,
  wall: ModelWall,
  across: number,
  niche: number,
): string {
  if (wall.bands.length === 0) return rowSignature(bond, wall, across, niche);
  const openings = wall.openings.filter(({ acrossRange }) => acrossRange);
  const by = niche - (openings[0]?.y0 ?? niche);
  const edges = openings.flatMap(({ y0, y1 }) => [y0 + by, y1 + by]);
  const sides = wall.bands.flatMap(({ y0, y1 }) =>
    edges.flatMap((edge) => [Math.sign(edge - y0), Math.sign(edge - y1)]),
  );
  const rows = segmentsOf(bond, wall, { along: 0, across }).map((segment) =>
    rowSignature(bond, wall, segment.across, niche),
  );
  return `${sides.join("")} ${rows.join(" ")}`;
}
