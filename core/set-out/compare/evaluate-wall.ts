import {
  CUT_SPARE,
  isSliver,
  judgeField,
  type LayoutTerms,
  noTerms,
  type Placing,
  rowSignature,
  WHOLE_SPARE,
} from "./evaluate.ts";
import { type ModelBond, type ModelWall, movedAcross, movedAlong } from "./model.ts";

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
    start = y1 - Math.ceil((y0 - start) / step - 1e-6) * step;
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
  return { ...wall, acrossFrom: from, acrossTo: to, openings, holes };
}

/** The same for standing rows, which run upward. */
function betweenAlong(wall: ModelWall, from: number, to: number): ModelWall {
  const openings = wall.openings
    .map((each) => ({ ...each, x0: Math.max(from, each.x0), x1: Math.min(to, each.x1) }))
    .filter(({ x0, x1 }) => x1 > x0);
  const holes = wall.holes.filter(({ x, radius }) => x + radius > from && x - radius < to);
  return { ...wall, alongFrom: from, alongTo: to, openings, holes };
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
  const { length, depth, joint, slivers: limits, standing } = bond;
  const judged =
    wall.bands.length === 0
      ? [judgeField(bond, wall, placing)]
      : rememberedSegments(bond, wall, placing).map((segment) =>
          judgeField(bond, segment.wall, phasesIn(bond, segment, placing)),
        );
  const terms = noTerms(bond);
  let [leastStart, leastEnd, leastFoot, leastHead] = [length, length, depth, depth];
  for (const { terms: own, start, end, foot, head } of judged) {
    terms.slivers += own.slivers;
    terms.smallestAlong = Math.min(terms.smallestAlong, own.smallestAlong, start, end);
    terms.smallestAcross = Math.min(terms.smallestAcross, own.smallestAcross, foot, head);
    terms.openingsOff += own.openingsOff;
    terms.weakTongues += own.weakTongues;
    terms.holesNearEdge += own.holesNearEdge;
    terms.cuts += own.cuts;
    terms.tiles += own.tiles;
    if (standing) terms.slivers += sliversOf(start, end, length, limits.along);
    else terms.slivers += sliversOf(foot, head, depth, limits.across);
    leastStart = Math.min(leastStart, start);
    leastEnd = Math.min(leastEnd, end);
    leastFoot = Math.min(leastFoot, foot);
    leastHead = Math.min(leastHead, head);
  }
  const [lowest, highest] = [judged[0], judged.at(-1)];
  if (standing) {
    terms.slivers += sliversOf(leastFoot, leastHead, depth, limits.across);
    leastStart = lowest?.start ?? length;
    leastEnd = highest?.end ?? length;
  } else {
    terms.slivers += sliversOf(leastStart, leastEnd, length, limits.along);
    leastFoot = lowest?.foot ?? depth;
    leastHead = highest?.head ?? depth;
  }
  terms.headsDiffer = Math.min(Math.abs(leastFoot - leastHead), depth + joint);
  terms.endsDiffer = Math.min(Math.abs(leastStart - leastEnd), length + joint);
  terms.tiles = (terms.tiles - terms.cuts) * WHOLE_SPARE + terms.cuts * CUT_SPARE;
  return terms;
}

/** Remembered stretches know where the bands put them; the other phase is the one being tried. */
function phasesIn({ standing }: ModelBond, segment: Segment, placing: Placing): Placing {
  const { along, across, slide } = placing;
  return standing ? { along: segment.along, across } : { along, across: segment.across, slide };
}

function sliversOf(near: number, far: number, whole: number, limit: number): number {
  return (isSliver(near, whole, limit) ? 1 : 0) + (isSliver(far, whole, limit) ? 1 : 0);
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
