import type { BoardPlan, WallBoard } from "../board/board-plan.ts";
import { type Figure, type FilmFigureCode, settingTerm, sumTerms, type Term } from "../figure.ts";
import type { Polygon } from "../geometry/polygon.ts";
import { intoWall, type PlacedFixture, type PlacedOpening, within } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { type LengthPacking, packLengths } from "../packing/lengths.ts";
import { setting } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import { type WallSystem, wallSystem } from "../project/wall-systems.ts";
import { waitHours } from "./drying.ts";
import { wetRegion } from "./membrane.ts";
import { layLengths, liningLengths, type SheetLayout, sheetFigures } from "./sheet.ts";
import { type Strip, stripsOf, stripTerms } from "./strips.ts";
import { checkThickness, type ThicknessCheck } from "./thickness.ts";

/** What the film asks of a wall. */
export interface FilmedWall {
  id: string;
  measured: MeasuredWall;
  /** The wall itself, with nothing taken off. */
  region: Polygon;
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  figures: { membraneAreaM2: Figure };
}

/** What keeps the water out of one wall, and how far it has come. */
export interface WallFilm {
  id: string;
  /** What has to be covered, up to the wet zone's top. */
  region: Polygon;
  strips: Strip[];
  /** Lengths of a sheet membrane; only where the system is one. */
  sheet: SheetLayout | undefined;
  thickness: ThicknessCheck;
  /** Coats that were logged: 0 is the strips. */
  done: number[];
  /** What may come next, and how long after the last coat, hours; none once tile may come. */
  next: { coat: number | "tile"; waitH: number; since: string | undefined };
  figures: Record<FilmFigureCode, Figure>;
}

/** What keeps the water out of the job. */
export interface FilmPlan {
  system: WallSystem;
  /** Top of the wet zone above the low point, mm. */
  wetTop: number;
  coats: number;
  walls: WallFilm[];
  rolls: LengthPacking;
  rollsFigure: Figure;
  /** Holes through the film that are still open. */
  openHoles: number;
  /** Ready for tile: which of the gate's checks the plan itself can tell. */
  gate: Record<AutomaticCheck, boolean>;
}

/** Checks of the gate that follow from what was logged. */
export type AutomaticCheck = "coats" | "gauge" | "holes";

/** Film, strips, sheets and checks of every wall. */
export function planFilm(
  project: Project,
  walls: FilmedWall[],
  boards: BoardPlan,
  wetTop: number,
): FilmPlan {
  const system = wallSystem(project);
  const films = walls.map((wall, k) =>
    wallFilm(project, wall, boards.walls[k] as WallBoard, wetTop, system),
  );
  const openHoles = (project.film?.holes ?? []).filter(({ patched }) => !patched).length;
  const coats = setting(project, "coats");
  const rolls = packLengths(
    system === "board-sheet"
      ? films.flatMap((film, k) => rollLengths(project, film, walls[k]))
      : [],
    setting(project, "rollLengthM") * 1000,
  );
  return {
    system,
    wetTop,
    coats,
    walls: films,
    rolls,
    rollsFigure: rollsFigure(project, films, rolls),
    openHoles,
    gate: {
      coats: films.every(({ done }) => done.length === coats + 1),
      gauge: films.every(({ thickness }) => thickness.proven),
      holes: openHoles === 0,
    },
  };
}

function rollLengths(
  project: Project,
  { sheet, region }: WallFilm,
  wall: FilmedWall | undefined,
): number[] {
  const linings = within(region, intoWall(wall?.openings ?? [])).flatMap(({ opening }) =>
    liningLengths(project, opening),
  );
  return [...(sheet?.lengths ?? []), ...linings];
}

function wallFilm(
  project: Project,
  wall: FilmedWall,
  wallBoard: WallBoard,
  wetTop: number,
  system: WallSystem,
): WallFilm {
  const region = wetRegion(wall.measured, wetTop);
  const openings = within(region, intoWall(wall.openings));
  const strips = stripsOf(wall.measured, openings, wallBoard);
  const layout = layLengths(project, region);
  const { fixtures, id } = wall;
  const area = wall.figures.membraneAreaM2.value;
  const terms = stripTerms(strips);
  const isSheet = system === "board-sheet";
  return {
    id,
    region,
    strips,
    sheet: isSheet ? layout : undefined,
    thickness: checkThickness(project, id, area, terms),
    ...progress(project, id),
    figures: {
      stripM: { code: "stripM", value: sumTerms(terms), unit: "m", terms },
      ...sheetFigures(project, { wall: id, layout, strips, openings, fixtures }),
    },
  };
}

/** Which coats are on, and what may come next after which wait. */
function progress(project: Project, wall: string): Pick<WallFilm, "done" | "next"> {
  const coats = setting(project, "coats");
  const logged = (project.film?.coats ?? []).filter((entry) => entry.wall === wall);
  const done = Array.from({ length: coats + 1 }, (_, coat) => coat).filter((coat) =>
    logged.some((entry) => entry.coat === coat),
  );
  const missing = Array.from({ length: coats + 1 }, (_, coat) => coat).find(
    (coat) => !done.includes(coat),
  );
  const last = [...logged].sort((p, q) => (p.at < q.at ? -1 : 1))[logged.length - 1];
  const wait = missing === undefined ? "tile" : last?.coat === 0 ? "strips" : "coat";
  const air =
    last?.tempC === undefined || last.humidity === undefined
      ? undefined
      : { tempC: last.tempC, humidity: last.humidity };
  return {
    done,
    next: {
      coat: missing ?? "tile",
      waitH: last ? waitHours(project, wait, air) : 0,
      since: last?.at,
    },
  };
}

function rollsFigure(project: Project, films: WallFilm[], { rolls, bound }: LengthPacking): Figure {
  return {
    code: "sheetRolls",
    value: rolls.length,
    unit: "count",
    terms: [
      ...films.map(
        ({ id, figures }): Term => ({
          code: "rollM",
          value: figures.rollM.value,
          unit: "m",
          of: id,
        }),
      ),
      settingTerm(project, "rollLengthM", "m"),
      { code: "rollBound", value: bound, unit: "count" },
    ],
  };
}
