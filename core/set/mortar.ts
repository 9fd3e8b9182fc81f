import { type Figure, settingTerm } from "../figure.ts";
import { setting } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import { backButterThickness, bedThickness, trowelFor } from "./trowel.ts";

/**
 * Thinset powder for one wall in kg, unrounded:
 * ((field + niche interiors) × (bed + back-butter) + packing of zones) × rate × (1 + waste). The rate is kg of powder
 * per m² and mm; the bag's own figure wins.
 */
export function mortarFigure(
  project: Project,
  fieldAreaM2: number,
  nicheM2: number,
  packing = 0,
): Figure {
  const bed = bedThickness(project);
  const trowel = trowelFor(project);
  const backButter = backButterThickness(project);
  const thickness = bed + backButter;
  const value =
    ((fieldAreaM2 + nicheM2) * thickness + packing) *
    setting(project, "mortarRate") *
    (1 + setting(project, "mortarWaste"));
  return {
    code: "mortarKg",
    value,
    unit: "kg",
    terms: [
      { code: "fieldAreaM2", value: fieldAreaM2, unit: "m2" },
      { code: "nicheInterior", value: nicheM2, unit: "m2" },
      { code: "notchWidth", value: trowel.width, unit: "mm" },
      { code: "notchDepth", value: trowel.depth, unit: "mm" },
      { code: trowel.notch === "v" ? "notchV" : "notchSquare", value: bed, unit: "mm" },
      { code: "backButter", value: backButter, unit: "mm" },
      ...(packing > 0 ? [{ code: "packing", value: packing, unit: "L" as const }] : []),
      settingTerm(project, "mortarRate", "kg/m2mm"),
      settingTerm(project, "mortarWaste", "share"),
    ],
  };
}
