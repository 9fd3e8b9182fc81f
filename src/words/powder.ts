/** Ounces of a kilogram. */
const OUNCES = 35.27396;

/** Powder of a small mix: grams, or ounces where lengths are in inches. */
export function powderShown(kg: number, unit: "in" | "mm"): string {
  return unit === "mm" ? `${Math.round(kg * 1000)} g` : `${(kg * OUNCES).toFixed(1)} oz`;
}
