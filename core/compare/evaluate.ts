import { HOLE_EDGE, LEAST_PIECE, SAME_MM, WEAK_TONGUE } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { countMetRow, tilesInRow } from "./count-tiles.ts";
import type { ModelWall } from "./model.ts";
import type { Placing } from "./placing.ts";
import { restBefore, restBeyond, runsOutFar, runsOutNear } from "./rests.ts";
import { intoTile, type MetHole, type MetOpening, metBy, rowsAt } from "./rows.ts";
import { type LayoutTerms, noTerms } from "./terms.ts";

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
    const last = Math.floor((to - across - LEAST_PIECE) / step);
    for (let row = Math.floor((from - across + joint + LEAST_PIECE) / step); row <= last; row++) {
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
  return cut < whole - LEAST_PIECE && cut < limit - SAME_MM;
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
      signature += `${row}${whole ? "w" : arm < WEAK_TONGUE - SAME_MM ? "t" : "p"}`;
    }
    signature += " ";
  }
  return signature;
}

/** Pieces beside, under and over an opening: slivers, weak tongues, edges off the tiles' edges. */
export function judgeOpening(
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
  if (y0 > wall.acrossFrom + LEAST_PIECE) judgeAcross(terms, under, depth, limits.across);
  if (y1 < wall.acrossTo - LEAST_PIECE) judgeAcross(terms, over, depth, limits.across);
  terms.openingsOff += offEdge(under, depth) + offEdge(over, depth);
  let off = 0;
  for (const { shift, whole, arm } of rows) {
    const start = placing.along + shift;
    const before = restBefore(x0, start, length, joint);
    const beyond = restBeyond(x1, start, length, joint);
    off += offEdge(before, length) + offEdge(beyond, length);
    if (whole) {
      if (x0 > wall.alongFrom + LEAST_PIECE) judgeAlong(terms, before, length, limits.along);
      if (x1 < wall.alongTo - LEAST_PIECE) judgeAlong(terms, beyond, length, limits.along);
      continue;
    }
    if (isWeak(before, x0 - wall.alongFrom, arm, length)) terms.weakTongues++;
    if (isWeak(beyond, wall.alongTo - x1, arm, length)) terms.weakTongues++;
  }
  if (rows.length > 0) terms.openingsOff += off / rows.length;
}

/** Whether what is cut beside an opening snaps: of the tile, of the room to the wall's end, or its arm. */
function isWeak(rest: number, room: number, arm: number, whole: number): boolean {
  if (rest > whole - LEAST_PIECE || room < LEAST_PIECE) return false;
  return Math.min(rest, room, arm) < WEAK_TONGUE - SAME_MM;
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
  const need = radius + HOLE_EDGE - SAME_MM;
  const inside = into >= need && length - into >= need && up >= need && depth - up >= need;
  // A joint's far edge is the next tile's near one.
  const onJoint =
    into >= length - SAME_MM || into <= SAME_MM || up >= depth - SAME_MM || up <= SAME_MM;
  if (!inside && !onJoint) terms.holesNearEdge++;
}
