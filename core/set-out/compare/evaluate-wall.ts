import {
  isSliver,
  judgeField,
  type LayoutTerms,
  noTerms,
  type Placing,
  rowSignature,
} from "./evaluate.ts";
import type { ModelBond, ModelWall } from "./model.ts";

/** A stretch of field between bands, with where its courses stand. */
export interface Segment {
  wall: ModelWall;
  across: number;
}

/**
 * The field below, between and above a wall's bands. Above a band the courses go on from its top,
 * counted from those below, so that a bond's shifts carry on.
 */
export function segmentsOf(bond: ModelBond, wall: ModelWall, placing: Placing): Segment[] {
  const { bands, acrossFrom, acrossTo } = wall;
  if (bands.length === 0) return [{ wall, across: placing.across }];
  const step = bond.depth + bond.joint;
  const segments: Segment[] = [];
  let { across } = placing;
  let from = acrossFrom;
  for (const { y0, y1 } of [...bands, { y0: acrossTo, y1: acrossTo }]) {
    if (y0 > from) segments.push({ wall: between(wall, from, y0, placing.niche), across });
    across = y1 - Math.ceil((y0 - across) / step - 1e-6) * step;
    from = y1;
  }
  return segments;
}

/** A wall between two heights: openings end there, holes count where they reach. */
function between(wall: ModelWall, from: number, to: number, niche: number | undefined): ModelWall {
  const openings = wall.openings.flatMap(({ moves, ...opening }) => {
    const up = moves && niche !== undefined ? niche - opening.y0 : 0;
    const [y0, y1] = [Math.max(from, opening.y0 + up), Math.min(to, opening.y1 + up)];
    return y1 > y0 ? [{ ...opening, y0, y1 }] : [];
  });
  const holes = wall.holes.filter(({ y, radius }) => y + radius > from && y - radius < to);
  return { ...wall, acrossFrom: from, acrossTo: to, bands: [], openings, holes };
}

/** The stretches last asked for: while the search tries phases along the rows they stay the same. */
const last = new WeakMap<ModelWall, { across: number; niche: number | undefined; of: Segment[] }>();

function rememberedSegments(bond: ModelBond, wall: ModelWall, placing: Placing): Segment[] {
  const { across, niche } = placing;
  const known = last.get(wall);
  if (known && known.across === across && known.niche === niche) return known.of;
  const of = segmentsOf(bond, wall, placing);
  last.set(wall, { across, niche, of });
  return of;
}

/**
 * Judges one wall with its pattern at a place, bands included: cuts are counted in every stretch,
 * ends are compared over all of them, the foot of the lowest with the head of the highest.
 */
export function evaluateWall(bond: ModelBond, wall: ModelWall, placing: Placing): LayoutTerms {
  const { length, depth, joint, slivers: limits } = bond;
  const judged =
    wall.bands.length === 0
      ? [judgeField(bond, wall, placing)]
      : rememberedSegments(bond, wall, placing).map((segment) =>
          judgeField(bond, segment.wall, { along: placing.along, across: segment.across }),
        );
  const terms = noTerms(bond);
  let leastStart = length;
  let leastEnd = length;
  for (const { terms: own, start, end, foot, head } of judged) {
    terms.slivers += own.slivers;
    terms.smallestAlong = Math.min(terms.smallestAlong, own.smallestAlong, start, end);
    terms.smallestAcross = Math.min(terms.smallestAcross, own.smallestAcross, foot, head);
    terms.openingsOff += own.openingsOff;
    terms.weakTongues += own.weakTongues;
    terms.holesNearEdge += own.holesNearEdge;
    terms.cuts += own.cuts;
    terms.tiles += own.tiles;
    if (isSliver(foot, depth, limits.across)) terms.slivers++;
    if (isSliver(head, depth, limits.across)) terms.slivers++;
    leastStart = Math.min(leastStart, start);
    leastEnd = Math.min(leastEnd, end);
  }
  if (isSliver(leastStart, length, limits.along)) terms.slivers++;
  if (isSliver(leastEnd, length, limits.along)) terms.slivers++;
  const foot = judged[0]?.foot ?? depth;
  const head = judged.at(-1)?.head ?? depth;
  terms.headsDiffer = Math.min(Math.abs(foot - head), depth + joint);
  terms.endsDiffer = Math.min(Math.abs(leastStart - leastEnd), length + joint);
  // Both kinds of tile are bought with their usual spare.
  terms.tiles = (terms.tiles - terms.cuts) * 1.05 + terms.cuts * 1.1;
  return terms;
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
  const opening = wall.openings.find(({ moves }) => moves);
  const top = niche + (opening ? opening.y1 - opening.y0 : 0);
  const sides = wall.bands.flatMap(({ y0, y1 }) =>
    [niche, top].flatMap((edge) => [Math.sign(edge - y0), Math.sign(edge - y1)]),
  );
  const rows = segmentsOf(bond, wall, { along: 0, across }).map((segment) =>
    rowSignature(bond, wall, segment.across, niche),
  );
  return `${sides.join("")} ${rows.join(" ")}`;
}
