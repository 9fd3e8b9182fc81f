import type { OrderRow } from "../order/row.ts";
import { roundUp } from "../order/row.ts";
import type { Job } from "../project/job.ts";
import type { Price } from "../project/schema.ts";
import { ORDER_ITEMS } from "../words/en/order-items.ts";
import { cheapestMix } from "./packs.ts";

/** A line of the order with what is on hand, and what it costs where a price is known. */
export interface PricedRow extends OrderRow {
  unitPrice?: number;
  cost?: number;
  onHand?: number;
  leadDays?: number;
}

/** What a job costs, in the currency of its prices. */
export interface Cost {
  materials: number;
  labour: number;
  tax: number;
  quote: number;
  /** Hours of one person. */
  hours: number;
  /** Lines that no price is known of. */
  unpriced: number;
}

/**
 * The order with prices: what is on hand, or was counted of a tile, is taken off what is bought; the
 * quantity stays. Of several
 * pack sizes each that is bought has a line of its own, in the cheapest mix there is.
 */
export function pricedRows(
  rows: OrderRow[],
  prices: Price[],
  counted: { tile: string; onHand: number }[],
): PricedRow[] {
  return rows.flatMap((row): PricedRow[] => {
    const own = prices.filter((price) => isFor(price, row));
    const stock = counted.find(({ tile }) => tile === row.of)?.onHand ?? 0;
    if (own.length === 0 && stock === 0) return [row];
    // What was counted of a tile is no less there for being priced.
    const listed = own.reduce((sum, price) => sum + (price.onHand ?? 0), 0);
    const onHand = Math.max(stock, listed);
    const leadDays = Math.max(0, ...own.map((price) => price.leadDays ?? 0));
    const told = {
      ...(onHand > 0 ? { onHand } : {}),
      ...(leadDays > 0 ? { leadDays } : {}),
    };
    const need = Math.max(0, row.quantity - onHand);
    const sold = own.flatMap(({ packSize = row.packSize, price }) =>
      price === undefined ? [] : [{ size: packSize, price }],
    );
    if (sold.length === 0) {
      const packSize = own.find((price) => price.packSize !== undefined)?.packSize ?? row.packSize;
      return [{ ...row, ...told, packSize, packs: roundUp(need / packSize) }];
    }
    const mix = cheapestMix(need, sold);
    const lines = sold.flatMap(({ size, price }, k) => {
      const packs = mix.packs[k] as number;
      // What is all on hand keeps a line, with nothing to buy.
      if (packs === 0 && (need > 0 || k > 0)) return [];
      return [{ ...row, ...told, packSize: size, packs, unitPrice: price, cost: packs * price }];
    });
    return lines;
  });
}

/** Whether a price is for a line: by the item's code or its name in the open format, and by its tile where it names one. */
export function isFor({ item, tile }: Price, row: Pick<OrderRow, "code" | "of">): boolean {
  if (tile !== undefined && tile !== row.of) return false;
  const name = item.trim().toLowerCase();
  return name === row.code.toLowerCase() || name === ORDER_ITEMS[row.code].toLowerCase();
}

/**
 * Materials are what is bought; labour is the hours of one person × rate; the quote is (materials ×
 * (1 + markup) + labour) × (1 + tax). Rounded once, at the end (definition of the plan).
 */
export function costOf({ labour }: Pick<Job, "labour">, rows: PricedRow[], hours: number): Cost {
  const materials = rows.reduce((sum, { cost = 0 }) => sum + cost, 0);
  const { rate, markup, tax } = labour;
  const work = hours * rate;
  const before = materials * (1 + markup) + work;
  return {
    materials: cents(materials),
    labour: cents(work),
    tax: cents(before * tax),
    quote: cents(before * (1 + tax)),
    hours,
    unpriced: rows.filter(({ cost, packs }) => cost === undefined && packs > 0).length,
  };
}

function cents(amount: number): number {
  // A sum such as 1.005 must not lose its half cent to the last bits.
  return Math.round((amount + Number.EPSILON * amount) * 100) / 100;
}
