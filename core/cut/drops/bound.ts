import { areaTaken, countOf, type Kind, type KindTable } from "./kinds.ts";

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
    const more = Math.max(0, Math.ceil((sum(small) - beside) / tile - 1e-9));
    return large.length + middle.length + more;
  });
  return Math.max(0, sorted.filter((area) => area > tile / 2).length, ...bounds);
}

function areaOf({ kinds }: KindTable, k: number): number {
  return areaTaken(kinds[k] as Kind);
}

function areaBound(table: KindTable, part: number[]): number {
  const area = part.reduce((sum, k) => sum + areaOf(table, k) * countOf(table, k), 0);
  return Math.ceil(area / (table.stock.width * table.stock.height) - 1e-9);
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
  const others = part.filter((k) => !heads.includes(k));
  const riding = new Seating(table, heads, others).seated;
  const together = 1 + Math.max(0, ...others.map((k) => mostBeside(table, k, others)));
  const left = countAll(table, others) - riding;
  return countAll(table, heads) + Math.ceil(left / together - 1e-9);
}

/** At most how many blanks of the others come from the same tile as one of kind k. */
function mostBeside(table: KindTable, k: number, others: number[]): number {
  const { width, height } = table.stock;
  // The smallest first: where three fit at all, they are among those.
  const possible = others
    .filter((other) => table.meet(k, other) && (other !== k || countOf(table, k) > 1))
    .reverse();
  if (possible.length === 0) return 0;
  const room = width * height - areaOf(table, k);
  const areas = possible.map((other) => areaOf(table, other));
  const three = possible.some((p, n) => {
    const left = room - (areas[n] ?? 0);
    return possible.some((q, m) => m >= n && (areas[m] ?? 0) <= left && table.fits([q, p, k]));
  });
  return three ? Math.floor(room / Math.min(...areas) + 1e-9) : 1;
}

/** Seats as many of the others as possible beside heads: a maximum flow by augmenting paths. */
class Seating {
  seated = 0;
  private readonly free = new Map<number, number>();
  private readonly guests = new Map<number, Map<number, number>>();

  constructor(
    private readonly table: KindTable,
    private readonly heads: number[],
    others: number[],
  ) {
    for (const head of heads) {
      this.free.set(head, mostBeside(table, head, others) * countOf(table, head));
      this.guests.set(head, new Map());
    }
    for (const k of others) {
      for (let waiting = countOf(table, k); waiting > 0; ) {
        const moved = this.seat(k, waiting, new Set());
        if (moved === 0) break;
        this.seated += moved;
        waiting -= moved;
      }
    }
  }

  /** Finds room for up to so many of a kind, moving others on where that helps. */
  private seat(k: number, many: number, seen: Set<number>): number {
    for (const head of this.heads) {
      if (seen.has(head) || !this.table.meet(head, k)) continue;
      seen.add(head);
      const moved = Math.min(many, this.free.get(head) ?? 0) || this.moveOn(head, k, many, seen);
      if (moved > 0) return this.sit(head, k, moved);
    }
    return 0;
  }

  /** Makes room at a head by seating some of its guests elsewhere; gives how much. */
  private moveOn(head: number, k: number, many: number, seen: Set<number>): number {
    for (const [guest, here] of this.guests.get(head) ?? []) {
      if (guest === k || here === 0) continue;
      const moved = this.seat(guest, Math.min(many, here), seen);
      if (moved === 0) continue;
      this.guests.get(head)?.set(guest, here - moved);
      this.free.set(head, (this.free.get(head) ?? 0) + moved);
      return moved;
    }
    return 0;
  }

  private sit(head: number, k: number, many: number): number {
    const guests = this.guests.get(head);
    guests?.set(k, (guests.get(k) ?? 0) + many);
    this.free.set(head, (this.free.get(head) ?? 0) - many);
    return many;
  }
}
