import { type Figure, settingTerm, sumTerms, type Term } from "../figure.ts";
import { regionArea, subtract } from "../geometry/boolean.ts";
import {
  boxesApart,
  boxOf,
  circleRing,
  type Polygon,
  polygonArea,
  ringInside,
} from "../geometry/polygon.ts";
import { levelProfile } from "../geometry/profile.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import { interiorAreaM2 } from "../measure/openings.ts";
import { wallRegion } from "../measure/outline.ts";
import { type MeasuredWall, newParts } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";

import { type Strip, stripTerms } from "./strips.ts";

/**
 * Top of the wet zone above the low point, mm: 75 mm above the highest shower head and 1830 mm
 * above the room floor, whichever is higher; the tiled field is always inside it. Local code and
 * the listed system decide.
 */
export function wetZoneTop(
  job: Pick<Job, "enclosure" | "settings">,
  walls: MeasuredWall[],
): number {
  const heads = walls
    .flatMap(({ fixtures }) => fixtures)
    .filter(({ fixture }) => fixture.kind === "shower-arm");
  const aboveHead = job.settings.showerHeadClearance;
  const floor = -job.enclosure.baseAboveFloor;
  return Math.max(
    floor + job.settings.wetHeight,
    ...heads.map(({ centre }) => centre[1] + aboveHead),
  );
}

/** The wall's region up to the wet zone's top, with no gaps taken off. */
export function wetRegion(wall: MeasuredWall, wetTop: number): Polygon {
  if (wall.empty) return [];
  const tops = wall.top.map(([, y]) => y);
  const reachesCeiling = wall.wall.topIs === "ceiling";
  if (reachesCeiling || Math.min(...tops) >= wetTop) return wallRegion(wall);
  return wallRegion({ ...wall, top: levelProfile(Math.max(wetTop, ...tops)) });
}

/** Where film goes: up to the wet zone's top, on new board alone; a dry wall takes none. */
export function filmRegions(wall: MeasuredWall, wetTop: number): Polygon[] {
  return wall.dry ? [] : newParts(wall, wetRegion(wall, wetTop));
}

/** One coat on the film's regions less openings and holes, plus niche interiors and window returns. */
export function membraneAreaFigure(
  regions: Polygon[],
  openings: PlacedOpening[],
  inTheWay: PlacedOpening[],
  fixtures: PlacedFixture[],
): Figure {
  const whole = regions.reduce((sum, region) => sum + polygonArea(region), 0);
  const cutOuts = [
    ...[...openings, ...inTheWay].map(({ ring }) => ring),
    ...fixtures.map(({ centre, diameter }) => circleRing(centre, diameter)),
  ];
  const left = regions.reduce((sum, region) => sum + areaWithout(region, cutOuts), 0);
  const terms: Term[] = [
    { code: "wetRegion", value: whole / 1e6, unit: "m2" },
    { code: "openingsAndHoles", value: (left - whole) / 1e6, unit: "m2" },
    ...openings.map(
      ({ opening }): Term => ({
        code: opening.kind === "niche" ? "nicheInterior" : "windowReturns",
        value: interiorAreaM2(opening),
        unit: "m2",
        of: opening.name ?? opening.id,
      }),
    ),
  ];
  return { code: "membraneAreaM2", value: sumTerms(terms), unit: "m2", terms };
}

/** Area of a region less rings that may leave it or overlap, mm². */
function areaWithout(region: Polygon, rings: Polygon[]): number {
  const boxes = rings.map((ring) => boxOf(ring));
  const clear = rings.every(
    (ring, k) =>
      ringInside(ring, region) && boxes.every((box, i) => i >= k || boxesApart(box, boxOf(ring))),
  );
  if (clear) return rings.reduce((sum, ring) => sum - polygonArea(ring), polygonArea(region));
  return subtract([region], rings).reduce((sum, part) => sum + regionArea(part), 0);
}

/** A fastener head takes a dab this wide where only seams and heads are sealed, mm. */
const HEAD_DAB = 50;

/**
 * Liquid membrane for one wall in litres:
 * (area × film per coat × coats + strip length × strip width × film per coat) × (1 + waste).
 * Where only seams and fasteners are sealed, all coats go on the strips and the heads alone; the
 * other systems take none.
 */
export function membraneVolumeFigure(
  job: Pick<Job, "build" | "given" | "settings">,
  areaM2: number,
  strips: Strip[],
  fasteners: number,
): Figure {
  const { film, seamsOnly } = job.build.traits;
  const { coats, coatWft, membraneWaste, stripWidth } = job.settings;
  const lengths = stripTerms(strips);
  const stripM2 = sumTerms(lengths) * (stripWidth / 1000);
  const headM2 = fasteners * Math.PI * (HEAD_DAB / 2000) ** 2;
  const onStrips = seamsOnly ? (stripM2 + headM2) * coats : 0;
  const filmM2 = film === "liquid" ? areaM2 * coats + stripM2 : onStrips;
  const whole: Term = { code: "membraneAreaM2", value: areaM2, unit: "m2" };
  const heads: Term = { code: "fastenerHeads", value: headM2, unit: "m2" };
  return {
    code: "membraneL",
    value: filmM2 * coatWft * (1 + membraneWaste),
    unit: "L",
    terms: [
      seamsOnly ? heads : whole,
      settingTerm(job, "coatWft", "film"),
      settingTerm(job, "coats", "count"),
      ...lengths,
      settingTerm(job, "stripWidth", "mm"),
      settingTerm(job, "membraneWaste", "share"),
    ],
  };
}
