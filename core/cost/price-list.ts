import type { OrderRow } from "../order/row.ts";
import type { Price } from "../project/schema.ts";
import { isCalled } from "../words/item-name.ts";
import { isFor } from "./cost.ts";

/** Columns of a price list, as they may be headed; the reader's words come on top. */
export type PriceColumn = "item" | "tile" | "pack" | "price" | "shop" | "onHand" | "leadDays";

/** A price list as it was read, held against the order. */
export interface ReadPrices {
  /** What fits a line of the order. */
  prices: Price[];
  /** Items that no line of the order is called. */
  unknown: string[];
  /** Numbers of lines that hold something that is no number, the heads being line 1. */
  bad: number[];
}

/**
 * Reads the rows of a price list, each by its columns' names. Numbers may have a comma or a point. A row
 * of which nothing but the item is told is left out. `tiles`: ids by the names of tiles.
 */
export function readPriceList(
  rows: Record<string, string>[],
  heads: Record<PriceColumn, string>,
  order: Pick<OrderRow, "code" | "of">[],
  tiles: Map<string, string>,
): ReadPrices {
  const read: ReadPrices = { prices: [], unknown: [], bad: [] };
  rows.forEach((row, k) => {
    const cells = cellsOf(row, heads);
    const { item } = cells;
    if (!item) return;
    const tile = cells.tile && (tiles.get(cells.tile.toLowerCase()) ?? cells.tile);
    const price: Price = { item, ...(tile ? { tile } : {}) };
    const numbers = {
      packSize: numberOf(cells.pack),
      price: numberOf(cells.price),
      onHand: numberOf(cells.onHand),
      leadDays: numberOf(cells.leadDays),
    };
    const isBad = Object.values(numbers).some((value) => Number.isNaN(value));
    if (isBad || numbers.packSize === 0) {
      read.bad.push(k + 2);
      return;
    }
    for (const [name, value] of Object.entries(numbers)) {
      if (value !== undefined) Object.assign(price, { [name]: value });
    }
    if (cells.shop) price.shop = cells.shop.slice(0, 200);
    if (Object.keys(price).length <= (tile ? 2 : 1)) return;
    const line = order.find(
      (row) => isCalled(row.code, item) && isFor({ ...price, item: row.code }, row),
    );
    // Kept by its code, so that it holds in every language.
    if (line) read.prices.push({ ...price, item: line.code });
    else read.unknown.push(item);
  });
  return read;
}

/** The cells of a row by what they are; heads count without case and spaces around. */
function cellsOf(
  row: Record<string, string>,
  heads: Record<PriceColumn, string>,
): Record<PriceColumn, string> {
  const own = new Map(
    Object.entries(row).map(([head, text]) => [head.trim().toLowerCase(), `${text ?? ""}`.trim()]),
  );
  const cells = {} as Record<PriceColumn, string>;
  for (const column of Object.keys(heads) as PriceColumn[]) {
    cells[column] = own.get(heads[column].toLowerCase()) ?? own.get(column.toLowerCase()) ?? "";
  }
  return cells;
}

/** Nothing where nothing stands, NaN where something else than a number does. */
function numberOf(text: string): number | undefined {
  if (text === "") return undefined;
  const value = Number(text.replace(/['’\s]/g, "").replace(",", "."));
  return value >= 0 && value <= 1_000_000 ? value : Number.NaN;
}
