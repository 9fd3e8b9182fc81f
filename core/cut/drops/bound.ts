import type { Blank, Stock } from "./fit.ts";
import { areaTaken, type Kind, type KindTable, kindTable } from "./kinds.ts";

/**
 * No fewer tiles than this: blanks of which no two come from one tile (`heads`) need one each. Of
 * the others at most so many ride along as a best matching seats; what is left shares tiles, at
 * most `together` to one. Kinds that never share a tile are bounded apart.
 */
export function fewestBound(blanks: Blank[], stock: Stock): number {
  const table = kindTable(blanks, stock);
  return partsOf(table).reduce(
    (sum, part) => sum + Math.max(areaBound(table, part), sharingBound(table, part)),
    0,
  );
}

function meet({ fits }: KindTable, p: number, q: number): boolean {
  return fits(p < q ? [p, q] : [q, p]);
}

function countOf({ kinds }: KindTable, k: number): number {
  return kinds[k]?.members.length ?? 0;
}

function areaOf({ kinds }: KindTable, k: number): number {
  return areaTaken(kinds[k] as Kind);
}

/** Kinds in parts that never share a tile with another part. */
function partsOf(table: KindTable): number[][] {
  const parts: number[][] = [];
  const open = new Set(table.kinds.keys());
  for (const start of table.kinds.keys()) {
    if (!open.delete(start)) continue;
    const part = [start];
    for (const k of part) {
      for (const other of [...open]) {
        if (!meet(table, k, other)) continue;
        open.delete(other);
        part.push(other);
      }
    }
    parts.push(part);
  }
  return parts;
}

function areaBound(table: KindTable, part: number[]): number {
  const area = part.reduce((sum, k) => sum + areaOf(table, k) * countOf(table, k), 0);
  return Math.ceil(area / (table.stock.width * table.stock.height) - 1e-9);
}

function sharingBound(table: KindTable, part: number[]): number {
  const heads: number[] = [];
  for (const k of [...part].sort((p, q) => p - q)) {
    const alone = countOf(table, k) === 1 || !meet(table, k, k);
    if (alone && heads.every((head) => !meet(table, head, k))) heads.push(k);
  }
  const others = part.filter((k) => !heads.includes(k));
  const total = (kinds: number[]) => kinds.reduce((sum, k) => sum + countOf(table, k), 0);
  const riding = new Seating(table, heads, others).seated;
  const together = 1 + Math.max(0, ...others.map((k) => mostBeside(table, k, others)));
  return total(heads) + Math.ceil((total(others) - riding) / together - 1e-9);
}

/** At most how many blanks of the others come from the same tile as one of kind k. */
function mostBeside(table: KindTable, k: number, others: number[]): number {
  const { width, height } = table.stock;
  // The smallest first: where three fit at all, they are among those.
  const possible = others
    .filter((other) => meet(table, k, other) && (other !== k || countOf(table, k) > 1))
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
      if (seen.has(head) || !meet(this.table, head, k)) continue;
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
