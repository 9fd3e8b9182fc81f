import { isFor, type PricedRow } from "../cost/cost.ts";
import type { FigureUnit } from "../length/quantity.ts";
import type { OrderItem } from "../order/row.ts";
import type { LogEntry, Project } from "../project/schema.ts";

/** A material as it was ordered and as it was used, in one unit. */
export interface UsedMaterial {
  code: OrderItem;
  of?: string;
  unit: FigureUnit;
  planned: number;
  used: number;
  /** Where what was used is known from. */
  from: { mixes: number; coats: number; broken: number; typed: number };
}

/** What the stages note of a material by themselves. */
const MIXED: Partial<Record<OrderItem, "mortar" | "grout">> = {
  mortar: "mortar",
  adhesive: "mortar",
  grout: "grout",
};

/**
 * Every line of the order of which something was used: mixes less what was thrown away, litres of the
 * coats, broken tiles, and what was typed in the log beside these.
 */
export function usedMaterials(project: Project, order: PricedRow[]): UsedMaterial[] {
  const seen = new Set<string>();
  return order.flatMap((row) => {
    const { code, of, unit, quantity } = row;
    const key = `${code}/${of ?? ""}`;
    // Of several packs each has a line, of one quantity.
    if (seen.has(key)) return [];
    seen.add(key);
    const from = {
      mixes: mixed(project, MIXED[code]),
      coats: code === "membrane" ? coated(project) : 0,
      broken: isTile(code) ? broken(project, row) : 0,
      typed: typed(project.log, row),
    };
    const used = from.mixes + from.coats + from.broken + from.typed;
    if (used === 0) return [];
    return [{ code, ...(of === undefined ? {} : { of }), unit, planned: quantity, used, from }];
  });
}

function isTile(code: OrderItem): boolean {
  return code === "fieldTile" || code === "zoneTile";
}

function mixed({ work }: Project, kind: "mortar" | "grout" | undefined): number {
  return (work?.mixes ?? [])
    .filter((mix) => mix.kind === kind)
    .reduce((sum, { powderKg, leftKg = 0 }) => sum + Math.max(0, powderKg - leftKg), 0);
}

function coated({ film }: Project): number {
  return (film?.coats ?? []).reduce((sum, { litres = 0 }) => sum + litres, 0);
}

function broken({ log = [] }: Project, { of }: PricedRow): number {
  return log
    .filter(({ kind, tile }) => kind === "broken" && tile === of)
    .reduce((sum, { count = 1 }) => sum + count, 0);
}

function typed(log: LogEntry[] = [], row: PricedRow): number {
  return log
    .filter(({ kind, item, tile }) => {
      if (kind !== "used" || item === undefined) return false;
      return isFor({ item, ...(tile === undefined ? {} : { tile }) }, row);
    })
    .reduce((sum, { amount = 0 }) => sum + amount, 0);
}
