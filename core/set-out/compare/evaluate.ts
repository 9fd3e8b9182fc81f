import type { ModelBond, ModelWall } from "./model.ts";
import {
  intoTile,
  type MetHole,
  type MetOpening,
  type MetRow,
  metBy,
  type RowPlan,
  rowsAt,
  type Span,
} from "./rows.ts";

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
export const LEAST = 0.5;
/** Rounding must not turn a cut of exactly a limit into one below it, mm. */
export const EPSILON = 1e-6;
export const WEAK_TONGUE = 20;
export const HOLE_EDGE = 15;
/** Both kinds of tile are bought with their usual spare. */
export const WHOLE_SPARE = 1.05;
export const CUT_SPARE = 1.1;

/** Where a wall's pattern stands: the reference tile's two near edges, and where its niche is. */
export interface Placing {
  along: number;
  across: number;
  /** Near edge across the rows of the first opening that moves so; none moves without it. */
  niche?: number | undefined;
  /** How far on those that move along the rows are. */
  slide?: number | undefined;
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

/**
 * Whether at the end that rows begin at, narrow at `edge` and wider by a wedge, a tile shows in the
 * wedge alone: it runs out to nothing there.
 */
function runsOutNear(edge: number, wedge: number, start: number, size: number, joint: number) {
  return wedge >= LEAST && inWedge(mod(start + size - edge, size + joint), wedge, size + joint);
}

/** The same at the end that rows run up to. */
function runsOutFar(edge: number, wedge: number, start: number, size: number, joint: number) {
  return wedge >= LEAST && inWedge(mod(edge - start, size + joint), wedge, size + joint);
}

/** Whether the first tile of which less than this much shows at the narrow end shows at the wide one. */
function inWedge(shows: number, wedge: number, module: number): boolean {
  return wedge + (shows < LEAST ? shows : shows - module) >= LEAST;
}

/** What is cut of the rows, or of the standing columns, that end on the floor under a leg. */
function cutOnFloors(bond: ModelBond, { floors }: ModelWall, placing: Placing): number {
  const { length, depth, joint, standing } = bond;
  const { along, across } = placing;
  let least = standing ? length : depth;
  for (const { at, wedge, from, to } of floors) {
    if (!standing) {
      least = Math.min(least, cutOnFloor(at, wedge, across, depth, joint));
      continue;
    }
    const step = depth + joint;
    const last = Math.floor((to - across - LEAST) / step);
    for (let row = Math.floor((from - across + joint + LEAST) / step); row <= last; row++) {
      const start = along + bond.shiftOf(row);
      least = Math.min(least, cutOnFloor(at, wedge, start, length, joint));
    }
  }
  return least;
}

function cutOnFloor(at: number, wedge: number, start: number, size: number, joint: number) {
  if (runsOutNear(at, wedge, start, size, joint)) return 0;
  return restBeyond(at, start, size, joint);
}

/** What one stretch of field is judged by: its terms, and the cuts at its four sides, mm. */
export interface Judged {
  /** Of the inside: sides are told apart and not yet in them. */
  terms: LayoutTerms;
  /** Smallest cut at the two ends of the rows, where the field is narrow; a whole tile if none. */
  start: number;
  end: number;
  foot: number;
  head: number;
  /** Whether beyond that cut tiles show in the wedge alone, and run out in it. */
  startOut: boolean;
  endOut: boolean;
  footOut: boolean;
  headOut: boolean;
  /** Smallest cut on the floor under a leg; a whole tile if none, nothing where tiles run out. */
  floor: number;
}

/** The terms of a field in which nothing was found yet. */
export function noTerms({ length, depth }: ModelBond): LayoutTerms {
  return {
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
}

/** Judges a stretch of field without bands. Counts tiles by rows; allocates little. */
export function judgeField(bond: ModelBond, wall: ModelWall, placing: Placing): Judged {
  const { length, depth, joint } = bond;
  const { alongFrom, alongTo, acrossFrom, acrossTo } = wall;
  const terms = noTerms(bond);
  const { wedge } = wall;
  const foot = restBeyond(acrossFrom, placing.across, depth, joint);
  const head = restBefore(acrossTo, placing.across, depth, joint);
  const footOut = runsOutNear(acrossFrom, wedge.foot, placing.across, depth, joint);
  const headOut = runsOutFar(acrossTo, wedge.head, placing.across, depth, joint);
  const rows = rowsAt(bond, wall, placing);
  const by = placing.slide ?? 0;

  let leastStart = length;
  let leastEnd = length;
  let [anyStartOut, anyEndOut] = [false, false];
  for (const { shift, whole, cut, met } of rows.classes) {
    const start = placing.along + shift;
    const atStart = restBeyond(alongFrom, start, length, joint);
    const atEnd = restBefore(alongTo, start, length, joint);
    if (atStart < leastStart) leastStart = atStart;
    if (atEnd < leastEnd) leastEnd = atEnd;
    const { count, ends } = tilesInRow(bond, wall, start);
    const startOut = runsOutNear(alongFrom, wedge.start, start, length, joint);
    const endOut = runsOutFar(alongTo, wedge.end, start, length, joint);
    anyStartOut ||= startOut;
    anyEndOut ||= endOut;
    const out = (startOut ? 1 : 0) + (endOut ? 1 : 0);
    terms.tiles += (count + out) * (whole + cut) + out * met;
    terms.cuts += (ends + out) * whole + (count + out) * cut + out * met;
  }
  for (const row of rows.met) countMetRow(bond, wall, rows, terms, row, placing.along, by);
  for (const opening of rows.openings) judgeOpening(bond, wall, placing, terms, opening, by);
  for (const hole of rows.holes) judgeHole(bond, placing, terms, hole);
  const floor = cutOnFloors(bond, wall, placing);
  return {
    terms,
    start: leastStart,
    end: leastEnd,
    foot,
    head,
    startOut: anyStartOut,
    endOut: anyEndOut,
    footOut,
    headOut,
    floor,
  };
}

/** Whether a cut is below the limit for a whole tile of this size. */
export function isSliver(cut: number, whole: number, limit: number): boolean {
  return cut < whole - LEAST && cut < limit - EPSILON;
}

/** The tiles of a row that nothing meets, from which to which, and how many of its ends are cut. */
function tilesInRow({ length, joint }: ModelBond, wall: ModelWall, start: number) {
  const module = length + joint;
  const first = Math.floor((wall.alongFrom - start + joint - LEAST) / module);
  const last = Math.floor((wall.alongTo - start - LEAST) / module);
  // The first of these may leave less than half a millimetre, which is joint.
  const from = start + first * module + length - wall.alongFrom < LEAST ? first + 1 : first;
  const count = Math.max(0, last - from + 1);
  const ends =
    (startsBefore(wall, start + from * module) ? 1 : 0) +
    (endsBeyond(wall, start + last * module + length) ? 1 : 0);
  return { from, last, count, ends: Math.min(count, ends) };
}

function startsBefore({ alongFrom }: ModelWall, near: number): boolean {
  return near < alongFrom - LEAST + EPSILON;
}

function endsBeyond({ alongTo }: ModelWall, far: number): boolean {
  return far > alongTo + LEAST - EPSILON;
}

/** Tiles of a row that something meets: those there on their own, the others together. */
function countMetRow(
  bond: ModelBond,
  wall: ModelWall,
  rows: RowPlan,
  terms: LayoutTerms,
  row: MetRow,
  along: number,
  by: number,
): void {
  const { length, joint } = bond;
  const start = along + row.shift;
  const module = length + joint;
  const { from, last, count, ends } = tilesInRow(bond, wall, start);
  terms.tiles += count;
  terms.cuts += row.cut ? count : ends;
  let done = from - 1;
  for (const span of row.apart ? row.spans : inOrder(row.spans, by)) {
    if (row.apart && span.whole !== undefined) {
      countBesideOpening(bond, wall, terms, row, span, start, by, from, last);
      continue;
    }
    // What an earlier span reached is not counted again.
    const first = Math.max(done + 1, Math.floor((span.from - start - length) / module) + 1);
    const end = Math.min(last, Math.ceil((span.to - start) / module) - 1);
    for (let tile = first; tile <= end; tile++) {
      const near = start + tile * module;
      const cut = row.cut || startsBefore(wall, near) || endsBeyond(wall, near + length);
      terms.tiles--;
      if (cut) terms.cuts--;
      countTile(bond, wall, rows, terms, near, row.low, cut, by);
    }
    done = Math.max(done, end);
  }
}

/**
 * The tiles of a row that meet one opening and nothing else: told by the first and the last of
 * them that it touches, and that it takes whole. The row's own tiles and cuts are counted already.
 */
function countBesideOpening(
  { length, joint }: ModelBond,
  wall: ModelWall,
  terms: LayoutTerms,
  { cut }: MetRow,
  span: Span,
  start: number,
  by: number,
  from: number,
  last: number,
): void {
  const module = length + joint;
  const [x0, x1] = span.slides ? [span.from + by, span.to + by] : [span.from, span.to];
  const { alongFrom, alongTo } = wall;
  // Where the opening reaches an end of the row, only what shows of the last tile has to.
  if (alongFrom >= x1 - LEAST || alongTo <= x0 + LEAST) return;
  const first = Math.max(from, Math.floor((x0 + LEAST - length - start) / module) + 1);
  const end = Math.min(last, Math.ceil((x1 - LEAST - start) / module) - 1);
  if (end < first) return;
  let taken = 0;
  if (span.whole) {
    const near = alongFrom >= x0 - LEAST ? from : Math.ceil((x0 - LEAST - start) / module);
    const far = alongTo <= x1 + LEAST ? last : Math.floor((x1 + LEAST - length - start) / module);
    taken = Math.max(0, Math.min(end, far) - Math.max(first, near) + 1);
  }
  const met = end - first + 1;
  const startCut = first === from && startsBefore(wall, start + from * module);
  const endCut = end === last && endsBeyond(wall, start + last * module + length);
  const known = cut ? met : Math.min(met, (startCut ? 1 : 0) + (endCut ? 1 : 0));
  terms.tiles -= taken;
  terms.cuts += met - taken - known;
}

/** The spans of a row from the left, those that move so far on. */
function inOrder(spans: Span[], by: number): Span[] {
  if (by === 0) return spans;
  return spans
    .map((span) => (span.slides ? { ...span, from: span.from + by, to: span.to + by } : span))
    .sort((p, q) => p.from - q.from);
}

function countTile(
  { length, depth }: ModelBond,
  wall: ModelWall,
  { openings, holes }: RowPlan,
  terms: LayoutTerms,
  near: number,
  low: number,
  isCut: boolean,
  by: number,
): void {
  const far = near + length;
  // Of a tile that an end of the field cuts, only what shows has to go round an opening.
  const [start, end] = [Math.max(near, wall.alongFrom), Math.min(far, wall.alongTo)];
  const [foot, head] = [Math.max(low, wall.acrossFrom), Math.min(low + depth, wall.acrossTo)];
  let cut = isCut;
  for (const { x0: left, x1: right, y0, y1, slides } of openings) {
    const [x0, x1] = slides ? [left + by, right + by] : [left, right];
    if (start >= x1 - LEAST || end <= x0 + LEAST) continue;
    if (foot >= y1 - LEAST || head <= y0 + LEAST) continue;
    const covered =
      start >= x0 - LEAST && end <= x1 + LEAST && foot >= y0 - LEAST && head <= y1 + LEAST;
    if (covered) return;
    cut = true;
  }
  for (const hole of holes) {
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
  const openings = wall.openings.filter(({ acrossRange }) => acrossRange);
  const by = niche - (openings[0]?.y0 ?? niche);
  const step = depth + joint;
  let signature = "";
  for (const opening of openings) {
    const [y0, y1] = [opening.y0 + by, opening.y1 + by];
    const first = Math.floor((y0 - across) / step) - 1;
    const last = Math.ceil((y1 - across) / step) + 1;
    for (let row = first; row <= last; row++) {
      const met = metBy(wall, across + row * step, depth, y0, y1);
      if (!met) continue;
      const { whole, arm } = met;
      signature += `${row}${whole ? "w" : arm < WEAK_TONGUE - EPSILON ? "t" : "p"}`;
    }
    signature += " ";
  }
  return signature;
}

/** Pieces beside, under and over an opening: slivers, weak tongues, edges off the tiles' edges. */
function judgeOpening(
  bond: ModelBond,
  wall: ModelWall,
  placing: Placing,
  terms: LayoutTerms,
  { x0: left, x1: right, y0, y1, slides, rows }: MetOpening,
  by: number,
): void {
  const { length, depth, joint, slivers: limits } = bond;
  const [x0, x1] = slides ? [left + by, right + by] : [left, right];
  const under = restBefore(y0, placing.across, depth, joint);
  const over = restBeyond(y1, placing.across, depth, joint);
  if (y0 > wall.acrossFrom + LEAST) judgeAcross(terms, under, depth, limits.across);
  if (y1 < wall.acrossTo - LEAST) judgeAcross(terms, over, depth, limits.across);
  terms.openingsOff += offEdge(under, depth) + offEdge(over, depth);
  let off = 0;
  for (const { shift, whole, arm } of rows) {
    const start = placing.along + shift;
    const before = restBefore(x0, start, length, joint);
    const beyond = restBeyond(x1, start, length, joint);
    off += offEdge(before, length) + offEdge(beyond, length);
    if (whole) {
      if (x0 > wall.alongFrom + LEAST) judgeAlong(terms, before, length, limits.along);
      if (x1 < wall.alongTo - LEAST) judgeAlong(terms, beyond, length, limits.along);
      continue;
    }
    if (isWeak(before, x0 - wall.alongFrom, arm, length)) terms.weakTongues++;
    if (isWeak(beyond, wall.alongTo - x1, arm, length)) terms.weakTongues++;
  }
  if (rows.length > 0) terms.openingsOff += off / rows.length;
}

/** Whether what is cut beside an opening snaps: of the tile, of the room to the wall's end, or its arm. */
function isWeak(rest: number, room: number, arm: number, whole: number): boolean {
  if (rest > whole - LEAST || room < LEAST) return false;
  return Math.min(rest, room, arm) < WEAK_TONGUE - EPSILON;
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
function judgeHole(bond: ModelBond, placing: Placing, terms: LayoutTerms, hole: MetHole): void {
  const { length, depth, joint } = bond;
  const { up, radius } = hole;
  const into = intoTile(hole, placing.along, length + joint);
  const need = radius + HOLE_EDGE - EPSILON;
  const inside = into >= need && length - into >= need && up >= need && depth - up >= need;
  // A joint's far edge is the next tile's near one.
  const onJoint =
    into >= length - EPSILON || into <= EPSILON || up >= depth - EPSILON || up <= EPSILON;
  if (!inside && !onJoint) terms.holesNearEdge++;
}
