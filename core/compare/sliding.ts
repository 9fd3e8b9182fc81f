import { LEAST_PIECE } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import { countMetRow, tilesInRow } from "./count-tiles.ts";
import { judgeOpening } from "./evaluate.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import type { ModelWall } from "./model.ts";
import type { Placing } from "./placing.ts";
import { restBefore, restBeyond } from "./rests.ts";
import { type MetOpening, type MetRow, rowsAt, type Span } from "./rows.ts";
import type { Weights } from "./score.ts";
import { CUT_SPARE, type LayoutTerms, noTerms, WHOLE_SPARE } from "./terms.ts";

/**
 * A wall's level rows and the openings that slide along them, judged apart: as long as no tile
 * meets one of these and something that stays, the terms of both add up. What the rows alone come
 * to, and the least that the openings can add, bounds what a phase can be worth wherever they slide.
 */
export class Sliding {
  /** The wall with what stays where it is. */
  private readonly bare: ModelWall;

  constructor(
    private readonly bond: ModelBond,
    private readonly wall: ModelWall,
  ) {
    this.bare = { ...wall, openings: wall.openings.filter(({ alongRange }) => !alongRange) };
  }

  /** The terms of the rows and of what stays. */
  base(placing: Placing): LayoutTerms {
    return evaluateWall(this.bond, this.bare, placing);
  }

  /** What the openings that slide add to them; they have to be `free`. */
  added(placing: Placing): LayoutTerms {
    const { bond, wall } = this;
    const { along, slide = 0 } = placing;
    const plan = rowsAt(bond, wall, placing);
    const terms = noTerms(bond);
    for (const row of this.movingRows(placing)) {
      countMetRow(bond, wall, plan, terms, row, along, slide);
      // The rows themselves are counted without them.
      const { count, ends } = tilesInRow(bond, wall, along + row.shift);
      terms.tiles -= count;
      terms.cuts -= row.cut ? count : ends;
    }
    for (const opening of plan.openings) {
      if (opening.slides) judgeOpening(bond, wall, placing, terms, opening, slide);
    }
    terms.tiles = spared(terms.tiles, terms.cuts);
    return terms;
  }

  /** Whether no tile can meet an opening that slides and something that stays, or an end of the wall. */
  isFree(placing: Placing): boolean {
    const { length, joint } = this.bond;
    const { slide = 0 } = placing;
    const { alongFrom, alongTo } = this.wall;
    const within = this.wall.openings.every(
      ({ x0, x1, alongRange }) =>
        !alongRange || (x0 + slide > alongFrom + LEAST_PIECE && x1 + slide < alongTo - LEAST_PIECE),
    );
    return (
      within &&
      rowsAt(this.bond, this.wall, placing).met.every(({ spans }) => {
        const staying = spans.filter((span) => !span.slides);
        return spans.every(
          (span) =>
            !span.slides ||
            staying.every(
              ({ from, to }) =>
                from - (span.to + slide) >= length + joint ||
                span.from + slide - to >= length + joint,
            ),
        );
      })
    );
  }

  /** Nothing that the openings add weighs less than this, wherever they slide. */
  leastAdded(placing: Placing, weights: Weights): number {
    const { bond } = this;
    const { length, depth } = bond;
    const plan = rowsAt(bond, this.wall, placing);
    const sliding = plan.openings.filter(({ slides }) => slides);
    const across = noTerms(bond);
    for (const opening of sliding) {
      judgeOpening(bond, this.wall, placing, across, { ...opening, rows: [] }, 0);
    }
    const off = across.openingsOff + sliding.reduce((sum, each) => sum + this.leastOff(each), 0);
    // A tile that is taken whole was cut before only in a row that foot or head cut, at an end of
    // the wall, or where it meets something that stays.
    let [cuts, tiles] = [0, 0];
    const ends = this.reachEnds ? 2 : 0;
    for (const { spans, cut } of plan.met) {
      if (!spans.some(({ slides }) => slides)) continue;
      for (const { from, to, slides, whole } of spans) {
        const taken = whole && slides ? this.mostTaken(to - from) : 0;
        tiles -= taken;
        if (cut) cuts -= taken;
        if (!slides)
          [cuts, tiles] = [cuts - this.mostMet(to - from), tiles - this.mostMet(to - from)];
      }
      cuts -= ends;
    }
    return (
      weights.slivers * across.slivers +
      weights.openings * (off / ((length + depth) / 2)) +
      weights.cuts * cuts +
      weights.tiles * spared(tiles, cuts)
    );
  }

  /** Whether openings may slide to an end of the wall. */
  private get reachEnds(): boolean {
    const { openings, alongFrom, alongTo } = this.wall;
    return openings.some(({ x0, x1, alongRange }) => {
      if (!alongRange) return false;
      const { from, to } = alongRange;
      return from <= alongFrom + LEAST_PIECE || to + x1 - x0 >= alongTo - LEAST_PIECE;
    });
  }

  /** How many tiles of a row something so wide meets at most. */
  private mostMet(width: number): number {
    const { length, joint } = this.bond;
    return Math.ceil(width / (length + joint)) + 1;
  }

  /** How many tiles an opening of this width takes whole at most. */
  private mostTaken(width: number): number {
    const { length, joint } = this.bond;
    return Math.max(0, Math.floor((width + 2 * LEAST_PIECE + joint) / (length + joint)));
  }

  /**
   * The least that an opening's two edges lie off the tiles' along its rows, wherever it slides:
   * between two places where an edge meets a tile's edge the sum is no less than at one of them.
   */
  private leastOff({ x0, x1, rows }: MetOpening): number {
    const { length, joint } = this.bond;
    if (rows.length === 0) return 0;
    const offAt = (start: number) =>
      rows.reduce((sum, { shift }) => {
        const before = restBefore(x0, start + shift, length, joint);
        const beyond = restBeyond(x1, start + shift, length, joint);
        return sum + Math.min(before, length - before) + Math.min(beyond, length - beyond);
      }, 0) / rows.length;
    const starts = rows.flatMap(({ shift }) =>
      [x0, x1].flatMap((edge) => [edge - shift, edge - length - shift]),
    );
    // An edge is at a tile's when it is within half a millimetre of it.
    return Math.max(0, Math.min(...starts.map(offAt)) - 4 * LEAST_PIECE);
  }

  /** No cut beside the openings is larger than this wherever they slide, mm. */
  mostBeside(placing: Placing): number {
    const { length, joint } = this.bond;
    const module = length + joint;
    const sliding = rowsAt(this.bond, this.wall, placing).openings.filter(({ slides }) => slides);
    const crossed = sliding.flatMap(({ x0, x1, rows }) =>
      rows.filter(({ whole }) => whole).map(({ shift }) => ({ x0: x0 - shift, x1: x1 - shift })),
    );
    const leastAt = (start: number) =>
      Math.min(
        length,
        ...crossed.flatMap(({ x0, x1 }) => [
          restBefore(x0, start, length, joint),
          restBeyond(x1, start, length, joint),
        ]),
      );
    // A cut before an opening grows where the one beyond another shrinks: the most is where they meet.
    const starts = crossed.flatMap(({ x0, x1 }) => [
      ...crossed.flatMap((other) => {
        const equal = (x0 + other.x1 - length) / 2;
        return [equal, equal + module / 2];
      }),
      ...[x0, x1, x0 - length, x1 - length],
    ]);
    if (starts.length === 0 || this.reachEnds) return length;
    return Math.max(...starts.map(leastAt)) + 2 * LEAST_PIECE;
  }

  /** Rows that openings meet which slide, with these alone. */
  private movingRows(placing: Placing): MetRow[] {
    const { met } = rowsAt(this.bond, this.wall, placing);
    const known = this.moving.get(met);
    if (known) return known;
    const rows = met.flatMap((row): MetRow[] => {
      const spans: Span[] = row.spans.filter(({ slides }) => slides);
      return spans.length === 0 ? [] : [{ ...row, spans, apart: spans.length === 1 }];
    });
    this.moving.set(met, rows);
    return rows;
  }

  private readonly moving = new WeakMap<MetRow[], MetRow[]>();
}

/** Both parts of a layout together. */
export function addTerms(base: LayoutTerms, added: LayoutTerms): LayoutTerms {
  return {
    slivers: base.slivers + added.slivers,
    smallestAlong: Math.min(base.smallestAlong, added.smallestAlong),
    smallestAcross: Math.min(base.smallestAcross, added.smallestAcross),
    endsDiffer: base.endsDiffer,
    headsDiffer: base.headsDiffer,
    openingsOff: base.openingsOff + added.openingsOff,
    weakTongues: base.weakTongues + added.weakTongues,
    holesNearEdge: base.holesNearEdge,
    cuts: base.cuts + added.cuts,
    tiles: base.tiles + added.tiles,
  };
}

function spared(tiles: number, cuts: number): number {
  return (tiles - cuts) * WHOLE_SPARE + cuts * CUT_SPARE;
}
