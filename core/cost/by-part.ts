import type { OrderItem } from "../order/row.ts";
import type { Cost, PricedRow } from "./cost.ts";

/** Parts of a job that its cost is told by. */
export const COST_PARTS = [
  "tile",
  "trim",
  "setting",
  "grouting",
  "film",
  "board",
  "labour",
] as const;

export type CostPart = (typeof COST_PARTS)[number];

const PART_OF: Record<OrderItem, CostPart> = {
  fieldTile: "tile",
  zoneTile: "tile",
  trimProfile: "trim",
  trimPencil: "trim",
  bullnose: "trim",
  edgeTile: "trim",
  membrane: "film",
  clips: "setting",
  spacers: "setting",
  wedges: "setting",
  sealer: "grouting",
  groutAdditive: "grouting",
  mortar: "setting",
  adhesive: "setting",
  grout: "grouting",
  sealant: "grouting",
  hiddenBead: "grouting",
  boardBead: "board",
  maskTape: "grouting",
  skimCoat: "board",
  primer: "board",
  roller: "film",
  brush: "film",
  board: "board",
  fasteners: "board",
  washers: "board",
  tape: "board",
  jointMortar: "board",
  seamSealant: "board",
  sheetRoll: "film",
  band: "film",
  insideCorner: "film",
  outsideCorner: "film",
  pipeSeal: "film",
  valveSeal: "film",
};

/** What each part of a job costs, own cost without markup and tax; parts that cost nothing are left out. */
export function costByPart(rows: PricedRow[], { labour }: Pick<Cost, "labour">) {
  const sums = new Map<CostPart, number>([["labour", labour]]);
  for (const { code, cost = 0 } of rows) {
    const part = PART_OF[code];
    sums.set(part, (sums.get(part) ?? 0) + cost);
  }
  return COST_PARTS.flatMap((part) => {
    const cost = sums.get(part) ?? 0;
    return cost > 0 ? [{ part, cost }] : [];
  });
}
