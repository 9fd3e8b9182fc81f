import { type Figure, settingTerm, type Term } from "../figure.ts";
import { bedOf, fieldBed, type Job } from "../project/job.ts";
import type { TileBed } from "../project/trowel.ts";
import { zonePacking } from "./packing.ts";
import type { TiledPart, TiledWall } from "./tiled-wall.ts";

/**
 * Thinset powder for one wall in kg, unrounded: (Σ over the field, the zones and the backs of niches
 * with a tile of their own of area × (own bed + own back-butter), interiors of niches and windows in
 * the field's, and the packing of zones) × rate × (1 + waste). The rate is kg of powder per m² and
 * mm; the bag's own figure wins.
 */
export function mortarFigure(
  job: Pick<Job, "beds" | "field" | "given" | "settings" | "tiles">,
  wall: TiledWall,
): Figure {
  const field = fieldBed(job);
  const parts = [...wall.zones, ...wall.backs].map((part) => ({
    part,
    own: bedOf(job, part.zone.tile),
    packing: packingL(job, part),
  }));
  const inField = (wall.fieldM2 + wall.interiorM2) * thickness(field);
  const litres = parts.reduce(
    (sum, { part, own, packing }) => sum + part.areaM2 * thickness(own) + packing,
    inField,
  );
  const value = litres * job.settings.mortarRate * (1 + job.settings.mortarWaste);
  return {
    code: "mortarKg",
    value,
    unit: "kg",
    terms: [
      { code: "fieldOwnM2", value: wall.fieldM2, unit: "m2" },
      { code: "interiorsM2", value: wall.interiorM2, unit: "m2" },
      ...bedTerms(field),
      ...parts.flatMap(({ part, own, packing }): Term[] => [
        { code: "zoneM2", value: part.areaM2, unit: "m2" as const, of: nameOf(part) },
        ...bedTerms(own, nameOf(part)),
        ...(packing > 0
          ? [{ code: "packing", value: packing, unit: "L", of: nameOf(part) } as const]
          : []),
      ]),
      settingTerm(job, "mortarRate", "kg/m2mm"),
      settingTerm(job, "mortarWaste", "share"),
    ],
  };
}

/** How far a bag goes in this bed, m², waste included: what is told on the bag itself wins. */
export function areaPerBagM2(job: Pick<Job, "settings">, bed: TileBed): number {
  const perM2 = thickness(bed) * job.settings.mortarRate;
  return job.settings.mortarBagKg / (perM2 * (1 + job.settings.mortarWaste));
}

function thickness({ bed, backButter }: TileBed): number {
  return bed + backButter;
}

/** Mortar behind a band or panel that is packed out flush with the field: area × thickness, litres. */
function packingL(job: Pick<Job, "beds" | "field" | "tiles">, { zone, areaM2 }: TiledPart): number {
  return zone.kind === "niche" ? 0 : areaM2 * Math.max(0, zonePacking(job, zone));
}

function nameOf({ zone }: TiledPart): string {
  return zone.name ?? zone.id;
}

function bedTerms({ trowel, bed, backButter }: TileBed, of?: string): Term[] {
  const terms: Term[] = [
    { code: "notchWidth", value: trowel.width, unit: "mm" },
    { code: "notchDepth", value: trowel.depth, unit: "mm" },
    { code: trowel.notch === "v" ? "notchV" : "notchSquare", value: bed, unit: "mm" },
    { code: "backButter", value: backButter, unit: "mm" },
  ];
  return of === undefined ? terms : terms.map((term) => ({ ...term, of }));
}
