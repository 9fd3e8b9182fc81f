import { type Figure, settingTerm, type Term } from "../figure.ts";
import { DEFAULTS, fieldTile, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Opening, Shelf } from "../project/schema.ts";
import type { TiledWall } from "../set/tiled-wall.ts";
import type { ObstacleJoint } from "../set-out/obstacle-joints.ts";
import type { SideLengths } from "../set-out/side-lengths.ts";

/**
 * Grout for one wall in kg: joint area (crossings count) × depth × density × (1 + waste). Each zone's
 * joints are as deep as its own tile, the joint between field and zone as the thinner of the two;
 * interiors of niches and windows have the field's own share of joint. Plane changes are left for
 * sealant unless the school is to grout them as well.
 */
export function groutFigure(
  job: Pick<Job, "field" | "given" | "setOut" | "settings" | "tiles">,
  wall: TiledWall,
  lengths: SideLengths,
): Figure {
  const depthOf = (tile: LaidTile) => job.settings.groutDepth ?? tile.thickness;
  const field = depthOf(fieldTile(job));
  const interiors = wall.interiorM2 + wall.backs.reduce((sum, { areaM2 }) => sum + areaM2, 0);
  const share = wall.fieldM2 > 0 ? wall.fieldJointM2 / wall.fieldM2 : 0;
  const changes =
    job.settings.planeChange === "grout-and-seal" ? planeChangeAreaM2(job, lengths) : 0;
  const joints: Joints[] = [
    { code: "jointM2", areaM2: wall.fieldJointM2, depth: field },
    { code: "interiorJointM2", areaM2: interiors * share, depth: field },
    ...wall.zones.flatMap(({ zone, jointM2, edgeM2 }): Joints[] => {
      const of = zone.name ?? zone.id;
      const own = depthOf(tileOf(job, zone.tile));
      return [
        { code: "jointM2", areaM2: jointM2, depth: own, of },
        { code: "edgeJointM2", areaM2: edgeM2, depth: Math.min(own, field), of },
      ];
    }),
    { code: "planeChangesM2", areaM2: changes, depth: field },
  ];
  const litres = joints.reduce((sum, { areaM2, depth }) => sum + areaM2 * depth, 0);
  const value = litres * job.settings.groutDensity * (1 + job.settings.groutWaste);
  return {
    code: "groutKg",
    value,
    unit: "kg",
    terms: [
      ...joints.flatMap(jointTerms),
      settingTerm(job, "groutDensity", "kg/L"),
      settingTerm(job, "groutWaste", "share"),
    ],
  };
}

/** Joints of one depth, which follows a wall's tile and its zones. */
interface Joints {
  code: "jointM2" | "interiorJointM2" | "edgeJointM2" | "planeChangesM2";
  areaM2: number;
  depth: number;
  /** Name of the zone. */
  of?: string;
}

function jointTerms({ code, areaM2, depth, of }: Joints): Term[] {
  if (areaM2 === 0) return [];
  const named = of === undefined ? {} : { of };
  return [
    { code, value: areaM2, unit: "m2", ...named },
    { code: "groutDepth", value: depth, unit: "mm", ...named },
  ];
}

function planeChangeAreaM2(
  job: Pick<Job, "setOut">,
  { base, top, leftCorner }: SideLengths,
): number {
  const { baseGap, topGap, cornerJoint } = job.setOut;
  return (base * baseGap + top * topGap + leftCorner * cornerJoint) / 1e6;
}

/** What the sealant of a wall is told from. */
export interface SoftInputs {
  lengths: SideLengths;
  /** Niches and windows as far as they lie in the field. */
  openings: Opening[];
  inTheWay: ObstacleJoint[];
  shelves: Shelf[];
  /** The field's own edges at its open ends, mm. */
  openEnds: number;
  /** Panels with a liner round them, and how far it is round the liner, mm. */
  liners: { of: string; mm: number }[];
}

/**
 * Sealant of one wall in metres of visible soft joint, by plane change, without waste; where the job
 * asks for it, also where tile ends in the wall: along open ends and round framed panels.
 */
export function sealantFigure(job: Pick<Job, "settings">, soft: SoftInputs): Figure {
  const { lengths, openings, inTheWay, shelves } = soft;
  const { nicheInsideCorners, beadAtEnds } = job.settings;
  const terms: Term[] = [
    { code: "base", value: lengths.base / 1000, unit: "m" },
    { code: "top", value: lengths.top / 1000, unit: "m" },
    { code: "leftCorner", value: lengths.leftCorner / 1000, unit: "m" },
    ...openings
      .filter(({ kind }) => kind !== "shelf")
      .flatMap((opening) => openingTerms(opening, nicheInsideCorners)),
    ...inTheWay.map(
      ({ opening: { id, name }, mm }): Term => ({
        code: "openingRing",
        value: mm / 1000,
        unit: "m",
        of: name ?? id,
      }),
    ),
    ...shelves.map(shelfTerm),
    ...(beadAtEnds ? endTerms(soft) : []),
  ];
  return {
    code: "sealantM",
    value: terms.reduce((sum, { value }) => sum + value, 0),
    unit: "m",
    terms,
  };
}

/** Beads where no plane changes but tile ends. */
function endTerms({ openEnds, liners }: SoftInputs): Term[] {
  return [
    { code: "openEnds", value: openEnds / 1000, unit: "m" },
    ...liners.map(({ of, mm }): Term => ({ code: "linerEdges", value: mm / 1000, unit: "m", of })),
  ];
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
