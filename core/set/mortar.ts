import { type Figure, settingTerm, type Term } from "../figure.ts";
import { bedOf, type Job } from "../project/job.ts";
import { zonePacking } from "./packing.ts";
import type { TiledPart, TiledWall } from "./tiled-wall.ts";

/**
 * Thinset powder for one wall in kg, unrounded: (Σ over the field, the zones and the backs of niches
 * with a tile of their own of area × (own bed + own back-butter), interiors of niches and windows in
 * the field's, and the packing of zones) × rate × (1 + waste). The rate is kg of powder per m² and
 * mm; where the bag says how far it goes with the job's trowel, that stands for bed × rate.
 */
export function mortarFigure(
  job: Pick<Job, "beds" | "field" | "given" | "settings" | "tiles">,
  wall: TiledWall,
): Figure {
  const parts = [...wall.zones, ...wall.backs].map((part) => ({
    part,
    packing: packingL(job, part),
  }));
  const inField = (wall.fieldM2 + wall.interiorM2) * thicknessMm(job, job.field.tile);
  const litres = parts.reduce(
    (sum, { part, packing }) => sum + part.areaM2 * thicknessMm(job, part.zone.tile) + packing,
    inField,
  );
  const value = powderKg(job, litres);
  return {
    code: "mortarKg",
    value,
    unit: "kg",
    terms: [
      { code: "fieldOwnM2", value: wall.fieldM2, unit: "m2" },
      { code: "interiorsM2", value: wall.interiorM2, unit: "m2" },
      ...bedTerms(job, job.field.tile),
      ...parts.flatMap(({ part, packing }): Term[] => [
        { code: "zoneM2", value: part.areaM2, unit: "m2" as const, of: nameOf(part) },
        ...bedTerms(job, part.zone.tile, nameOf(part)),
        ...(packing > 0
          ? [{ code: "packing", value: packing, unit: "L", of: nameOf(part) } as const]
          : []),
      ]),
      settingTerm(job, "mortarRate", "kg/m2mm"),
      settingTerm(job, "mortarWaste", "share"),
    ],
  };
}

/** What of a job tells how much mortar a tile takes. */
export type MortarJob = Pick<Job, "beds" | "field" | "settings">;

/** How far a bag goes under a tile, m², waste included. */
export function areaPerBagM2(job: MortarJob, tile: string): number {
  return job.settings.mortarBagKg / powderKg(job, thicknessMm(job, tile));
}

/** Powder for litres of mortar in place, kg, waste included. */
export function powderKg({ settings }: Pick<Job, "settings">, litres: number): number {
  return litres * settings.mortarRate * (1 + settings.mortarWaste);
}

/**
 * Mortar under a tile, mm: its bed and its back-butter. What the bag says of the job's own trowel,
 * which is that of the field's tile, comes to a thickness of its own.
 */
export function thicknessMm(job: MortarJob, tile: string): number {
  const { bed, backButter } = bedOf(job, tile);
  const { mortarBagKg, mortarRate } = job.settings;
  const said = ownAreaPerBag(job, tile);
  return (said === undefined ? bed : mortarBagKg / said / mortarRate) + backButter;
}

function ownAreaPerBag({ field, settings }: MortarJob, tile: string): number | undefined {
  return tile === field.tile ? settings.areaPerBag : undefined;
}

/** Mortar behind a band or panel that is packed out flush with the field: area × thickness, litres. */
export function packingL(
  job: Pick<Job, "beds" | "field" | "tiles">,
  { zone, areaM2 }: TiledPart,
): number {
  return zone.kind === "niche" ? 0 : areaM2 * Math.max(0, zonePacking(job, zone));
}

function nameOf({ zone }: TiledPart): string {
  return zone.name ?? zone.id;
}

function bedTerms(job: MortarJob & Pick<Job, "given">, tile: string, of?: string): Term[] {
  const { trowel, bed, backButter } = bedOf(job, tile);
  const said = ownAreaPerBag(job, tile);
  const terms: Term[] = [
    ...(said === undefined
      ? ([
          { code: "notchWidth", value: trowel.width, unit: "mm" },
          { code: "notchDepth", value: trowel.depth, unit: "mm" },
          { code: trowel.notch === "v" ? "notchV" : "notchSquare", value: bed, unit: "mm" },
        ] as const)
      : ([
          { code: "areaPerBag", value: said, unit: "m2" },
          settingTerm(job, "mortarBagKg", "kg"),
        ] as const)),
    { code: "backButter", value: backButter, unit: "mm" },
  ];
  return of === undefined ? terms : terms.map((term) => ({ ...term, of }));
}
