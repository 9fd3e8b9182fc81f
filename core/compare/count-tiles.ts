import { LEAST_PIECE, SAME_MM } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import type { ModelWall } from "./model.ts";
import type { MetRow, RowPlan, Span } from "./rows.ts";
import type { LayoutTerms } from "./terms.ts";

/** The tiles of a row that nothing meets, from which to which, and how many of its ends are cut. */
export function tilesInRow({ length, joint }: ModelBond, wall: ModelWall, start: number) {
  const module = length + joint;
  const first = Math.floor((wall.alongFrom - start + joint - LEAST_PIECE) / module);
  const last = Math.floor((wall.alongTo - start - LEAST_PIECE) / module);
  // The first of these may leave less than half a millimetre, which is joint.
  const from = start + first * module + length - wall.alongFrom < LEAST_PIECE ? first + 1 : first;
  const count = Math.max(0, last - from + 1);
  const ends =
    (startsBefore(wall, start + from * module) ? 1 : 0) +
    (endsBeyond(wall, start + last * module + length) ? 1 : 0);
  return { from, last, count, ends: Math.min(count, ends) };
}

function startsBefore({ alongFrom }: ModelWall, near: number): boolean {
  return near < alongFrom - LEAST_PIECE + SAME_MM;
}

function endsBeyond({ alongTo }: ModelWall, far: number): boolean {
  return far > alongTo + LEAST_PIECE - SAME_MM;
}

/** Tiles of a row that something meets: those there on their own, the others together. */
export function countMetRow(
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
  if (alongFrom >= x1 - LEAST_PIECE || alongTo <= x0 + LEAST_PIECE) return;
  const first = Math.max(from, Math.floor((x0 + LEAST_PIECE - length - start) / module) + 1);
  const end = Math.min(last, Math.ceil((x1 - LEAST_PIECE - start) / module) - 1);
  if (end < first) return;
  let taken = 0;
  if (span.whole) {
    const near =
      alongFrom >= x0 - LEAST_PIECE ? from : Math.ceil((x0 - LEAST_PIECE - start) / module);
    const far =
      alongTo <= x1 + LEAST_PIECE ? last : Math.floor((x1 + LEAST_PIECE - length - start) / module);
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
    if (start >= x1 - LEAST_PIECE || end <= x0 + LEAST_PIECE) continue;
    if (foot >= y1 - LEAST_PIECE || head <= y0 + LEAST_PIECE) continue;
    const covered =
      start >= x0 - LEAST_PIECE &&
      end <= x1 + LEAST_PIECE &&
      foot >= y0 - LEAST_PIECE &&
      head <= y1 + LEAST_PIECE;
    if (covered) return;
    cut = true;
  }
  for (const hole of holes) {
    if (cut) break;
    const dx = Math.max(near - hole.x, 0, hole.x - far);
    const dy = Math.max(low - hole.y, 0, hole.y - low - depth);
    if (dx * dx + dy * dy < hole.radius * hole.radius - SAME_MM) cut = true;
  }
  terms.tiles++;
  if (cut) terms.cuts++;
}
