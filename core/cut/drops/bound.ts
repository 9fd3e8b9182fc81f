import { SAME_SUM } from "../../limits.ts";
import { areaTaken, CORNERS, countOf, type Kind, type KindTable } from "./kinds.ts";

/** No fewer tiles than this, by area and by pairs alone: most counts are proven by it. */
export function quickBound(table: KindTable): number {
  const bounds = table.parts.map((part) => quickBoundOf(table, part, headsOf(table, part)));
  return bounds.reduce((sum, bound) => sum + bound, 0);
}

function quickBoundOf(table: KindTable, part: number[], heads: number[]): number {
  return Math.max(areaBound(table, part), countAll(table, heads));
}

/**
 * No fewer tiles than this: blanks of which no two come from one tile (`heads`) need one each. Of
 * the others at most so many ride along as a best matching seats; what is left shares tiles, at
 * most `together` to one. Kinds that never share a tile are bounded apart.
 */
export function fewestBound(table: KindTable): number {
  const bounds = table.parts.map((part) => {
    const heads = headsOf(table, part);
    return Math.max(quickBoundOf(table, part, heads), sharingBound(table, part, heads));
  });
  return bounds.reduce((sum, bound) => sum + bound, 0);
}

/**
 * No fewer tiles than this to give pieces of these areas, whatever their shapes: those over a size
 * need one each, and what they leave takes no more of the others than fits by area.
 */
export function fewestByArea(areas: number[], tile: number): number {
  const sorted = [...areas].sort((p, q) => q - p);
  const bounds = sorted.map((least) => {
    if (least > tile / 2) return 0;
    const large = sorted.filter((area) => area > tile - least);
    const middle = sorted.filter((area) => area > tile / 2 && area <= tile - least);
    const small = sorted.filter((area) => area >= least && area <= tile / 2);
    const sum = (some: number[]) => some.reduce((all, area) => all + area, 0);
    const beside = middle.length * tile - sum(middle);
    const more = Math.max(0, Math.ceil((sum(small) - beside) / tile - SAME_SUM));
    return large.length + middle.length + more;
  });
  return Math.max(0, sorted.filter((area) => area > tile / 2).length, ...bounds);
}

function areaOf({ kinds }: KindTable, k: number): number {
  return areaTaken(kinds[k] as Kind);
}

function areaBound(table: KindTable, part: number[]): number {
  const area = part.reduce((sum, k) => sum + areaOf(table, k) * countOf(table, k), 0);
  return Math.ceil(area / (table.stock.width * table.stock.height) - SAME_SUM);
}

/** Kinds of which no two blanks come from one tile, the largest first. */
function headsOf(table: KindTable, part: number[]): number[] {
  const heads: number[] = [];
  for (const k of [...part].sort((p, q) => p - q)) {
    const alone = countOf(table, k) === 1 || !table.meet(k, k);
    if (alone && heads.every((head) => !table.meet(head, k))) heads.push(k);
  }
  return heads;
}

function countAll(table: KindTable, kinds: number[]): number {
  return kinds.reduce((sum, k) => sum + countOf(table, k), 0);
}

function sharingBound(table: KindTable, part: number[], heads: number[]): number {
  const isHead = new Set(heads);
  const others = part.filter((k) => !isHead.has(k));
  const among = new Set(others);
  const riding = new Seating(table, heads, among).seated;
  const together = 1 + Math.max(0, ...others.map((k) => mostBeside(table, k, among)));
  const left = countAll(table, others) - riding;
  return countAll(table, heads) + Math.ceil(left / together - SAME_SUM);
}

/** At most how many blanks of the others come from the same tile as one of kind k. */
function mostBeside(table: KindTable, k: number, others: Set<number>): number {
  const { width, height } = table.stock;
  // The smallest first: where three fit at all, they are among those.
  const possible = (table.near[k] as number[])
    .filter((other) => others.has(other) && (other !== k || countOf(table, k) > 1))
    .reverse();
  if (possible.length === 0) return 0;
  const room = width * height - areaOf(table, k);
  const areas = possible.map((other) => areaOf(table, other));
  const corners = possible.map((other) => table.cornersOf(other));
  const free = CORNERS - table.cornersOf(k) - Math.min(...corners);
  // Of most kinds two take all corners of a tile.
  const third = [...possible.keys()].filter((n) => (corners[n] as number) <= free);
  const three = third.some((n) => {
    const left = room - (areas[n] as number);
    return third.some(
      (m) =>
        m >= n &&
        (areas[m] as number) <= left &&
        table.three(possible[m] as number, possible[n] as number, k),
    );
  });
  return three ? Math.floor(room / Math.min(...areas) + SAME_SUM) : 1;
}

/** Seats as many of the others as possible beside heads: a maximum flow by augmenting paths. */
class Seating {
  seated = 0;
  private readonly free: number[];
  /** For each of the others, places of the heads that it comes from one tile with. */
  private readonly near: number[][];
  /** For each head how many of each of the others sit there. */
  private readonly guests: Map<number, number>[];

  constructor(table: KindTable, heads: number[], others: Set<number>) {
    this.free = heads.map((head) => mostBeside(table, head, others) * countOf(table, head));
    this.guests = heads.map(() => new Map());
    const riders = [...others];
    const placeOf = new Map(heads.map((head, at) => [head, at]));
    this.near = riders.map((k) =>
      (table.near[k] as number[]).flatMap((other) => placeOf.get(other) ?? []),
    );
    riders.forEach((k, other) => {
      for (let waiting = countOf(table, k); waiting > 0; ) {
        const moved = this.seat(other, waiting, new Uint8Array(heads.length));
        if (moved === 0) break;
        this.seated += moved;
        waiting -= moved;
      }
    });
  }

  /** Finds room for up to so many of a kind, moving others on where that helps. */
  private seat(other: number, many: number, seen: Uint8Array): number {
    const near = this.near[other] as number[];
    for (const head of near) {
      const free = seen[head] ? 0 : (this.free[head] as number);
      if (free > 0) return this.sit(head, other, Math.min(many, free));
    }
    for (const head of near) {
      if (seen[head]) continue;
      seen[head] = 1;
      const moved = this.moveOn(head, other, many, seen);
      if (moved > 0) return this.sit(head, other, moved);
    }
    return 0;
  }

  /** Makes room at a head by seating some of its guests elsewhere; gives how much. */
  private moveOn(head: number, other: number, many: number, seen: Uint8Array): number {
    const guests = this.guests[head] as Map<number, number>;
    for (const [guest, here] of guests) {
      if (guest === other || here === 0) continue;
      const moved = this.seat(guest, Math.min(many, here), seen);
      if (moved === 0) continue;
      guests.set(guest, here - moved);
      this.free[head] = (this.free[head] as number) + moved;
      return moved;
    }
    return 0;
  }

  private sit(head: number, other: number, many: number): number {
    const guests = this.guests[head] as Map<number, number>;
    guests.set(other, (guests.get(other) ?? 0) + many);
    this.free[head] = (this.free[head] as number) - many;
    return many;
  }
}
