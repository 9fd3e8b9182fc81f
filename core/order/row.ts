import type { Figure } from "../figure.ts";
import type { FigureUnit } from "../length/quantity.ts";
import { SAME_SUM } from "../limits.ts";

/** What can be on the order list. */
export type OrderItem =
  | "fieldTile"
  | "zoneTile"
  | "trimProfile"
  | "trimPencil"
  | "bullnose"
  | "edgeTile"
  | "membrane"
  | "clips"
  | "spacers"
  | "wedges"
  | "sealer"
  | "groutAdditive"
  | "mortar"
  | "adhesive"
  | "grout"
  | "sealant"
  | "hiddenBead"
  | "boardBead"
  | "maskTape"
  | "skimCoat"
  | "primer"
  | "roller"
  | "brush"
  | "board"
  | "fasteners"
  | "washers"
  | "tape"
  | "jointMortar"
  | "seamSealant"
  | "sheetRoll"
  | "band"
  | "insideCorner"
  | "outsideCorner"
  | "pipeSeal"
  | "valveSeal";

/** One line of the order: how much, in which packs, and the sum behind it. */
export interface OrderRow {
  code: OrderItem;
  quantity: number;
  unit: FigureUnit;
  /** In the same unit as the quantity. */
  packSize: number;
  packs: number;
  figure: Figure;
  /** Id of the tile, where there are rows for several. */
  of?: string;
}

/** Rounds up, forgiving the last bits of a sum such as 100 × 1.05. */
export function roundUp(value: number): number {
  return Math.ceil(value - SAME_SUM);
}

/** One line of the order with its packs rounded up. */
export function orderRow(code: OrderItem, figure: Figure, packSize: number): OrderRow {
  const { value: quantity, unit } = figure;
  return { code, quantity, unit, packSize, packs: roundUp(quantity / packSize), figure };
}
