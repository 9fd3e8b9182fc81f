import { type Figure, settingTerm, type Term } from "../figure.ts";
import { DEFAULTS, fieldTile, setOutOf, setting } from "../project/defaults.ts";
import type { Opening, Project, Shelf } from "../project/schema.ts";
import type { SideLengths } from "../set-out/side-lengths.ts";

/** Depth that grout fills: the tile's thickness unless the job says otherwise, mm. */
export function groutDepth(project: Project): number {
  return project.settings?.groutDepth ?? fieldTile(project).thickness;
}

/**
 * Grout for one wall in kg: joint area (field − pieces, so crossings count) × depth × density ×
 * (1 + waste). Plane changes are left for sealant unless the school is to grout them as well.
 */
export function groutFigure(
  project: Project,
  fieldAreaM2: number,
  piecesM2: number,
  lengths: SideLengths,
): Figure {
  const perimeterM2 =
    setting(project, "planeChange") === "grout-and-seal" ? planeChangeAreaM2(project, lengths) : 0;
  const terms: Term[] = [
    { code: "fieldAreaM2", value: fieldAreaM2, unit: "m2" },
    { code: "piecesM2", value: piecesM2, unit: "m2" },
    { code: "planeChangesM2", value: perimeterM2, unit: "m2" },
    { code: "groutDepth", value: groutDepth(project), unit: "mm" },
    settingTerm(project, "groutDensity", "kg/L"),
    settingTerm(project, "groutWaste", "share"),
  ];
  const jointM2 = Math.max(0, fieldAreaM2 - piecesM2) + perimeterM2;
  const value =
    jointM2 *
    groutDepth(project) *
    setting(project, "groutDensity") *
    (1 + setting(project, "groutWaste"));
  return { code: "groutKg", value, unit: "kg", terms };
}

function planeChangeAreaM2(project: Project, { base, top, leftCorner }: SideLengths): number {
  const { baseGap, topGap, cornerJoint } = setOutOf(project);
  return (base * baseGap + top * topGap + leftCorner * cornerJoint) / 1e6;
}

/** Sealant of one wall in metres of visible soft joint, by plane change, without waste. */
export function sealantFigure(
  project: Project,
  lengths: SideLengths,
  openings: Opening[],
  shelves: Shelf[],
): Figure {
  const inNiches = setting(project, "nicheInsideCorners");
  const terms: Term[] = [
    { code: "base", value: lengths.base / 1000, unit: "m" },
    { code: "top", value: lengths.top / 1000, unit: "m" },
    { code: "leftCorner", value: lengths.leftCorner / 1000, unit: "m" },
    ...openings
      .filter(({ kind }) => kind !== "shelf")
      .flatMap((opening) => openingTerms(opening, inNiches)),
    ...shelves.map(shelfTerm),
  ];
  return {
    code: "sealantM",
    value: terms.reduce((sum, { value }) => sum + value, 0),
    unit: "m",
    terms,
  };
}

/** Along a wall over and under a shelf, and round its end. */
function shelfTerm({ id, name, leg, thickness }: Shelf): Term {
  return { code: "shelfEdges", value: (2 * leg + thickness) / 1000, unit: "m", of: name ?? id };
}

function openingTerms({ id, name, kind, width, height, depth }: Opening, inNiches: boolean) {
  const ring = 2 * (width + height);
  const of = name ?? id;
  const terms: Term[] = [{ code: "openingRing", value: ring / 1000, unit: "m", of }];
  if (kind === "niche" && inNiches) {
    const inside = ring + 4 * (depth ?? DEFAULTS.nicheDepth);
    terms.push({ code: "nicheInsideCorners", value: inside / 1000, unit: "m", of });
  }
  return terms;
}
