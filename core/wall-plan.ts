import type { WallBoard } from "./board/board-plan.ts";
import { countWhole } from "./cut/laid-area.ts";
import type { LaidWall } from "./cut/lay-wall.ts";
import type { Lining } from "./cut/linings.ts";
import type { Figure, Term, WallFigureCode } from "./figure.ts";
import { polygonArea } from "./geometry/polygon.ts";
import { hiddenBeadFigure, maskFigure, openEndsMm } from "./grout/beads.ts";
import { groutFigure, sealantFigure } from "./grout/grout.ts";
import { intoWall, obstacles, within } from "./measure/openings.ts";
import type { Job } from "./project/job.ts";
import { clipsFigure } from "./set/clips.ts";
import type { JointTally } from "./set/joints.ts";
import { mortarFigure } from "./set/mortar.ts";
import { type SpacerTally, spacersFigure } from "./set/spacers.ts";
import { type TiledWall, tiledWall } from "./set/tiled-wall.ts";
import { type ZoneJoint, zoneJoints } from "./set/zone-joints.ts";
import type { PlacedZone } from "./set-out/areas.ts";
import { linerSize } from "./set-out/frames.ts";
import { obstacleJoints, obstacleRings } from "./set-out/obstacle-joints.ts";
import type { TileRegion } from "./set-out/region.ts";
import type { SetOutWall } from "./set-out/set-out-wall.ts";
import { freeOf, sideLengths } from "./set-out/side-lengths.ts";
import { filmRegions, membraneAreaFigure, membraneVolumeFigure } from "./waterproof/membrane.ts";
import { stripsOf } from "./waterproof/strips.ts";

/** Everything that follows for one wall: the results of the stages side by side. */
export interface WallPlan extends Omit<SetOutWall, "fit" | "warnings" | "beds">, LaidWall {
  name: string;
  /** What lines the niches and windows. */
  linings: Lining[];
  joints: JointTally;
  /** What its field, zones and openings cover. */
  tiled: TiledWall;
  figures: Record<WallFigureCode, Figure>;
}

/** What the figures of a wall are told from. */
export interface FigureInputs {
  job: Job;
  set: SetOutWall;
  laid: LaidWall;
  joints: JointTally;
  spacers: SpacerTally;
  tiled: TiledWall;
  wallBoard: WallBoard;
  wetTop: number;
}

/** What the tile of a wall covers. */
export function coveredWall({ job, set, laid }: Pick<FigureInputs, "job" | "set" | "laid">) {
  const { measured, openings, fixtures, fieldRegion, zones } = set;
  const interiors = within(fieldRegion.boundary, intoWall(openings));
  return tiledWall(job, {
    ...{ measured, openings, fixtures, placed: zones, interiors },
    laid: laid.areas.map((area, k) => ({ area, region: set.regions[k] as TileRegion })),
  });
}

/** The figures of the wall tally, and those beside them. */
export function wallFigures(inputs: FigureInputs): Record<WallFigureCode, Figure> {
  const { job, set, laid, joints, spacers, tiled, wallBoard, wetTop } = inputs;
  const { measured, openings, fixtures, fieldRegion, zones } = set;
  const inTheWay = obstacles(openings);
  const lengths = freeOf(
    sideLengths(fieldRegion.edges, set.ends.left),
    fieldRegion.edges,
    inTheWay.map(({ ring }) => ring),
  );
  const whole = laid.areas.reduce((sum, { runs }) => sum + countWhole(runs), 0);
  const full = whole + laid.pieces.filter(({ kind }) => kind === "none").length;
  const inField = within(fieldRegion.boundary, openings);
  const filmed = filmRegions(measured, wetTop);
  const inFilm = filmed.flatMap((region) => within(region, intoWall(openings)));
  const membrane = membraneAreaFigure(filmed, inFilm, inTheWay, fixtures);
  const beads = {
    ...{ job, measured, edges: fieldRegion.edges, ends: set.ends, lengths },
    windows: inField.filter(({ opening }) => opening.kind === "window"),
    inTheWay: obstacleRings(inTheWay, fieldRegion.boundary),
  };
  return {
    fieldAreaM2: fieldAreaFigure(fieldRegion),
    tilesFull: countFigure("tilesFull", full),
    tilesCut: countFigure("tilesCut", whole + laid.pieces.length - full),
    jointLengthM: jointFigure(joints, zoneJoints(laid.areas, zones, job.field.joint)),
    membraneAreaM2: membrane,
    membraneL: membraneVolumeFigure(
      job,
      membrane.value,
      stripsOf(measured, inFilm, wallBoard),
      wallBoard.fasteners.length,
    ),
    clips: clipsFigure(joints, job.settings.clips),
    spacers: spacersFigure(spacers),
    mortarKg: mortarFigure(job, tiled),
    groutKg: groutFigure(job, tiled, lengths),
    sealantM: sealantFigure(job, {
      lengths,
      openings: inField
        .filter(({ opening }) => opening.kind !== "obstacle")
        .map(({ opening }) => opening),
      inTheWay: obstacleJoints(inTheWay, fieldRegion.boundary),
      shelves: set.shelves.map(({ shelf }) => shelf),
      openEnds: openEndsMm(beads),
      liners: linersMm(zones, job.field.joint),
    }),
    hiddenBeadM: hiddenBeadFigure(beads),
    maskM: maskFigure(beads),
  };
}

/** How far it is round the liner of each framed panel, mm. */
function linersMm(zones: PlacedZone[], fieldJoint: number) {
  return zones.flatMap((placed) => {
    const size = linerSize(placed, fieldJoint);
    const of = placed.zone.name ?? placed.zone.id;
    return size ? [{ of, mm: 2 * (size.across + size.up) }] : [];
  });
}

function fieldAreaFigure({ boundary, voids, circles, area }: TileRegion): Figure {
  const holes = circles.reduce((sum, { diameter }) => sum + (Math.PI * diameter ** 2) / 4, 0);
  const openings = voids.reduce((sum, ring) => sum + polygonArea(ring), 0);
  return {
    code: "fieldAreaM2",
    value: area / 1e6,
    unit: "m2",
    terms: [
      {
        code: "boundary",
        value: boundary.length > 0 ? polygonArea(boundary) / 1e6 : 0,
        unit: "m2",
      },
      { code: "openings", value: -openings / 1e6, unit: "m2" },
      { code: "fixtureHoles", value: -holes / 1e6, unit: "m2" },
    ],
  };
}

function countFigure(code: "tilesFull" | "tilesCut", value: number): Figure {
  return { code, value, unit: "count", terms: [{ code, value, unit: "count" }] };
}

function jointFigure({ segments, lengthM }: JointTally, zones: ZoneJoint[]): Figure {
  const terms = [
    ...segments.map(({ length, count }): Term => {
      return { code: "facing", value: length, unit: "mm", count };
    }),
    ...zones.map(({ zone, mm }): Term => {
      return { code: "facingZone", value: mm, unit: "mm", of: zone.name ?? zone.id };
    }),
  ];
  const value = zones.reduce((sum, { mm }) => sum + mm / 1000, lengthM);
  return { code: "jointLengthM", value, unit: "m", terms };
}
