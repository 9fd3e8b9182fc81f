import type { ModelBond, ModelWall } from "./model.ts";

/** What one wall's layout is judged by. Lower is better for all but the two smallest cuts. */
export interface LayoutTerms {
  /** Sides and pieces beside openings that are slivers. */
  slivers: number;
  /** Smallest cut along the rows and across them, at the narrow end, mm; a whole tile if none. */
  smallestAlong: number;
  smallestAcross: number;
  /** How much the cuts at the two ends, and at foot and head, differ, mm. */
  endsDiffer: number;
  headsDiffer: number;
  /** How far the edges of openings lie off the tiles' edges, mm. */
  openingsOff: number;
  weakTongues: number;
  holesNearEdge: number;
  cuts: number;
  tiles: number;
}

/** Remnants smaller than this are joint, mm. */
const LEAST = 0.5;
/** Rounding must not turn a cut of exactly a limit into one below it, mm. */
const EPSILON = 1e-6;
export const WEAK_TONGUE = 20;
export const HOLE_EDGE = 15;

/** Where a wall's pattern stands: the reference tile's two lower edges, and how far a niche moved. */
export interface Placing {
  along: number;
  across: number;
  /** Height of the lower edge of the opening that moves; none moves without it. */
  niche?: number | undefined;
}

/** Remainder that is never negative. */
export function mod(value: number, module: number): number {
  const rest = value % module;
  return rest < 0 ? rest + module : rest;
}

/**
 * What is left of the tile that runs over `edge`, on its far side: between nothing and a whole tile
 * when the edge falls into a tile, a whole tile when it falls into a joint. `start` is any tile's
 * near edge.
 */
export function restBeyond(edge: number, start: number, size: number, joint: number): number {
  const into = mod(edge - start + EPSILON, size + joint) - EPSILON;
  if (into < LEAST || into > size - LEAST) return size;
  return size - into;
}

/** The same on the near side of an edge. */
export function restBefore(edge: number, start: number, size: number, joint: number): number {
  const into = mod(edge - start + EPSILON, size + joint) - EPSILON;
  if (into < LEAST || into > size - LEAST) return size;
  return into;
}

/** What one stretch of field is judged by: its terms, and the cuts at its four sides, mm. */
export interface Judged {
  /** Of the inside: sides are told apart and not yet in them. */
  terms: LayoutTerms;
  /** Smallest cut at the two ends of the rows; a whole tile if none. */
  start: number;
  end: number;
  foot: number;
  head: number;
}

/** Judges a stretch of field without bands. Counts tiles by rows; allocates little. */
export function judgeField(bond: ModelBond, wall: ModelWall, placing: Placing): Judged {
  const { length, depth, joint } = bond;
  const step = depth + joint;
  const { alongFrom, alongTo, acrossFrom, acrossTo } = wall;
  const terms: LayoutTerms = {
    slivers: 0,
    smallestAlong: length,
    smallestAcross: depth,
    endsDiffer: 0,
    headsDiffer: 0,
    openingsOff: 0,
    weakTongues: 0,
    holesNearEdge: 0,
    cuts: 0,
    tiles: 0,
  };
  const first = Math.floor((acrossFrom - placing.across + joint - LEAST) / step);
  const last = Math.floor((acrossTo - placing.across - LEAST) / step);
  const foot = restBeyond(acrossFrom, placing.across, depth, joint);
  const head = restBefore(acrossTo, placing.across, depth, joint);

  let leastStart = length;
  let leastEnd = length;
  for (let row = first; row <= last; row++) {
    const low = placing.across + row * step;
    const from = Math.max(low, acrossFrom);
    const to = Math.min(low + depth, acrossTo);
    if (to - from < LEAST) continue;
    const start = placing.along + bond.shiftOf(row);
    const atStart = restBeyond(alongFrom, start, length, joint);
    const atEnd = restBefore(alongTo, start, length, joint);
    if (atStart < leastStart) leastStart = atStart;
    if (atEnd < leastEnd) leastEnd = atEnd;
    countRow(bond, wall, placing, terms, start, low, to - from <= depth - LEAST + EPSILON);
  }
  judgeOpenings(bond, wall, placing, terms, first, last);
  judgeHoles(bond, wall, placing, terms);
  return { terms, start: leastStart, end: leastEnd, foot, head };
}

/** Whether a cut is below the limit for a whole tile of this size. */
export function isSliver(cut: number, whole: number, limit: number): boolean {
  return cut < whole - LEAST && cut < limit - EPSILON;
}

/** Lower and upper edge of an opening, the moved one where it was moved to. */
function spanOf(wall: ModelWall, index: number, placing: Placing): [number, number] {
  const opening = wall.openings[index] as ModelWall["openings"][number];
  if (!opening.moves || placing.niche === undefined) return [opening.y0, opening.y1];
  return [placing.niche, placing.niche + opening.y1 - opening.y0];
}

/** Tiles of one row and how many of them are cut: at its ends, by openings, by holes. */
function countRow(
  bond: ModelBond,
  wall: ModelWall,
  placing: Placing,
  terms: LayoutTerms,
  start: number,
  low: number,
  rowIsCut: boolean,
): void {
  const { length, joint } = bond;
  const module = length + joint;
  const first = Math.floor((wall.alongFrom - start + joint - LEAST) / module);
  const last = Math.floor((wall.alongTo - start - LEAST) / module);
  // The first of these may leave less than half a millimetre, which is joint.
  const from = start + first * module + length - wall.alongFrom < LEAST ? first + 1 : first;
  if (!rowMeets(bond, wall, placing, low)) {
    const count = Math.max(0, last - from + 1);
    const ends =
      (start + from * module < wall.alongFrom - LEAST + EPSILON ? 1 : 0) +
      (start + last * module + length > wall.alongTo + LEAST - EPSILON ? 1 : 0);
    terms.tiles += count;
    terms.cuts += rowIsCut ? count : Math.min(count, ends);
    return;
  }
  for (let tile = from; tile <= last; tile++) {
    countTile(bond, wall, placing, terms, start + tile * module, low, rowIsCut);
  }
}

/** Whether a row has an opening or a hole in it. */
function rowMeets({ depth }: ModelBond, wall: ModelWall, placing: Placing, low: number): boolean {
  for (let k = 0; k < wall.openings.length; k++) {
    const [y0, y1] = spanOf(wall, k, placing);
    if (low < y1 - LEAST && low + depth > y0 + LEAST) return true;
  }
  return wall.holes.some(({ y, radius }) => low < y + radius && low + depth > y - radius);
}

function countTile(
  { length, depth }: ModelBond,
  wall: ModelWall,
  placing: Placing,
  terms: LayoutTerms,
  near: number,
  low: number,
  rowIsCut: boolean,
): void {
  const far = near + length;
  let cut =
    rowIsCut || near < wall.alongFrom - LEAST + EPSILON || far > wall.alongTo + LEAST - EPSILON;
  for (let k = 0; k < wall.openings.length; k++) {
    const { x0, x1 } = wall.openings[k] as ModelWall["openings"][number];
    const [y0, y1] = spanOf(wall, k, placing);
    if (near >= x1 - LEAST || far <= x0 + LEAST) continue;
    if (low >= y1 - LEAST || low + depth <= y0 + LEAST) continue;
    const covered =
      near >= x0 - LEAST && far <= x1 + LEAST && low >= y0 - LEAST && low + depth <= y1 + LEAST;
    if (covered) return;
    cut = true;
  }
  for (const hole of wall.holes) {
    if (cut) break;
    const dx = Math.max(near - hole.x, 0, hole.x - far);
    const dy = Math.max(low - hole.y, 0, hole.y - low - depth);
    if (dx * dx + dy * dy < hole.radius * hole.radius - EPSILON) cut = true;
  }
  terms.tiles++;
  if (cut) terms.cuts++;
}

/**
 * How the rows lie to the opening that moves: which it covers, which it crosses, and whether the
 * arm that it leaves there is weak. Placings that share this differ in what they measure along the
 * rows by the phase alone, and across them by the opening's height alone.
 */
export function rowSignature(
  { depth, joint }: ModelBond,
  wall: ModelWall,
  across: number,
  niche: number,
): string {
  const opening = wall.openings.find(({ moves }) => moves);
  if (!opening) return "";
  const step = depth + joint;
  const [y0, y1] = [niche, niche + opening.y1 - opening.y0];
  const first = Math.floor((y0 - across) / step) - 1;
  const last = Math.ceil((y1 - across) / step) + 1;
  let signature = "";
  for (let row = first; row <= last; row++) {
    const low = across + row * step;
    if (low >= y1 - LEAST || low + depth <= y0 + LEAST) continue;
    const whole = low >= y0 - LEAST && low + depth <= y1 + LEAST;
    const arm = low < y0 ? y0 - low : low + depth - y1;
    signature += `${row}${whole ? "w" : arm < WEAK_TONGUE - EPSILON ? "t" : "p"}`;
  }
  return signature;
}

/** Pieces beside, under and over each opening: slivers, weak tongues, edges off the tiles' edges. */
function judgeOpenings(
  bond: ModelBond,
  wall: ModelWall,
  placing: Placing,
  terms: LayoutTerms,
  first: number,
  last: number,
): void {
  const { length, depth, joint, slivers: limits } = bond;
  const step = depth + joint;
  for (let k = 0; k < wall.openings.length; k++) {
    const { x0, x1 } = wall.openings[k] as ModelWall["openings"][number];
    const [y0, y1] = spanOf(wall, k, placing);
    const under = restBefore(y0, placing.across, depth, joint);
    const over = restBeyond(y1, placing.across, depth, joint);
    if (y0 > wall.acrossFrom + LEAST) judgeAcross(terms, under, depth, limits.across);
    if (y1 < wall.acrossTo - LEAST) judgeAcross(terms, over, depth, limits.across);
    terms.openingsOff += offEdge(under, depth) + offEdge(over, depth);
    let rows = 0;
    let off = 0;
    for (let row = first; row <= last; row++) {
      const low = placing.across + row * step;
      if (low >= y1 - LEAST || low + depth <= y0 + LEAST) continue;
      const start = placing.along + bond.shiftOf(row);
      const before = restBefore(x0, start, length, joint);
      const beyond = restBeyond(x1, start, length, joint);
      rows++;
      off += offEdge(before, length) + offEdge(beyond, length);
      const whole = low >= y0 - LEAST && low + depth <= y1 + LEAST;
      if (whole) {
        if (x0 > wall.alongFrom + LEAST) judgeAlong(terms, before, length, limits.along);
        if (x1 < wall.alongTo - LEAST) judgeAlong(terms, beyond, length, limits.along);
      } else {
        const arm = low < y0 ? y0 - low : low + depth - y1;
        for (const rest of [before, beyond]) {
          if (rest < length - LEAST && Math.min(rest, arm) < WEAK_TONGUE - EPSILON) {
            terms.weakTongues++;
          }
        }
      }
    }
    if (rows > 0) terms.openingsOff += off / rows;
  }
}

function judgeAcross(terms: LayoutTerms, cut: number, whole: number, limit: number): void {
  if (cut < terms.smallestAcross) terms.smallestAcross = cut;
  if (isSliver(cut, whole, limit)) terms.slivers++;
}

function judgeAlong(terms: LayoutTerms, cut: number, whole: number, limit: number): void {
  if (cut < terms.smallestAlong) terms.smallestAlong = cut;
  if (isSliver(cut, whole, limit)) terms.slivers++;
}

/** How far an edge lies off the nearer edge of the tile it falls into; 0 in a joint. */
function offEdge(rest: number, whole: number): number {
  return Math.min(rest, whole - rest);
}

/** A hole wants 15 mm of tile all round inside one tile, or its centre on a joint. */
function judgeHoles(bond: ModelBond, wall: ModelWall, placing: Placing, terms: LayoutTerms): void {
  const { length, depth, joint } = bond;
  const module = length + joint;
  const step = depth + joint;
  for (const { x, y, radius } of wall.holes) {
    const row = Math.floor((y - placing.across + EPSILON) / step);
    const dy = y - placing.across - row * step;
    const dx = mod(x - placing.along - bond.shiftOf(row) + EPSILON, module) - EPSILON;
    const need = radius + HOLE_EDGE - EPSILON;
    const inside = dx >= need && length - dx >= need && dy >= need && depth - dy >= need;
    const onJoint =
      Math.abs(dx - length - joint / 2) <= joint / 2 + EPSILON ||
      Math.abs(dy - depth - joint / 2) <= joint / 2 + EPSILON;
    if (!inside && !onJoint) terms.holesNearEdge++;
  }
}
