import type { OrderItem } from "../order/row.ts";

/**
 * A made-up price list, so that a quote can be tried before real prices are typed: a price for a pack
 * as the order has it. Nobody sells anything at these.
 */
export const SAMPLE_PRICES: Partial<Record<OrderItem, number>> = {
  fieldTile: 38,
  zoneTile: 24,
  trimProfile: 17,
  trimPencil: 21,
  bullnose: 4.5,
  membrane: 96,
  clips: 19,
  wedges: 23,
  spacers: 6,
  mortar: 27,
  adhesive: 34,
  grout: 22,
  sealant: 9.5,
  hiddenBead: 9.5,
  boardBead: 9.5,
  sealer: 31,
  groutAdditive: 19,
  maskTape: 5.2,
  roller: 4.1,
  brush: 3.6,
  board: 18,
  fasteners: 14,
  washers: 11,
  tape: 8.4,
  jointMortar: 27,
  seamSealant: 12,
  sheetRoll: 140,
  band: 29,
  insideCorner: 6.5,
  outsideCorner: 6.5,
  pipeSeal: 7.8,
  valveSeal: 12.5,
};
