import type { WallBoard } from "../board/board-plan.ts";
import { type Figure, type FilmFigureCode, settingTerm, sumTerms, type Term } from "../figure.ts";
import { contains, type Polygon } from "../geometry/polygon.ts";
import { intoWall, within } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { type LengthPacking, packLengths } from "../packing/lengths.ts";
import { type Job, jobParts } from "../project/job.ts";
import type { WallSystem } from "../project/wall-systems.ts";
import type { Recall } from "../recall.ts";
import { waitHours } from "./drying.ts";
import { filmRegions } from "./membrane.ts";
import { layRegions, liningLengths, type SheetLayout, sheetFigures } from "./sheet.ts";
import { type Strip, stripsOf, stripTerms } from "./strips.ts";
import { checkThickness, type ThicknessCheck } from "./thickness.ts";

/** What the film is planned from. */
export interface FilmInputs {
  job: Job;
  walls: MeasuredWall[];
  /** What of each wall is to be covered, m². */
  areasM2: number[];
  boards: WallBoard[];
  wetTop: number;
}

/** What keeps the water out of one wall, and how far it has come. */
export interface WallFilm {
  id: string;
  /** What has to be covered, up to the wet zone's top: nothing of a dry wall, of one whose board stays its patches. */
  regions: Polygon[];
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
export function planFilm(inputs: FilmInputs, recall: Recall): FilmPlan {
  const { job, walls, areasM2, boards, wetTop } = inputs;
  const { system, traits } = job.build;
  const films = walls.map((measured, k) => {
    const areaM2 = areasM2[k] as number;
    const wallBoard = boards[k] as WallBoard;
    return recall.once(
      `film/${measured.wall.id}`,
      { job: jobParts(job), measured, areaM2, wallBoard, wetTop },
      wallFilm,
    );
  });
  const covered = films.filter(({ regions }) => regions.length > 0);
  const openHoles = job.film.holes.filter(({ patched }) => !patched).length;
  const { coats, rollLengthM } = job.settings;
  const rolls = packLengths(
    traits.film === "sheet" ? films.flatMap((film, k) => rollLengths(job, film, walls[k])) : [],
    rollLengthM * 1000,
  );
  return {
    system,
    wetTop,
    coats,
    walls: films,
    rolls,
    rollsFigure: rollsFigure(job, films, rolls),
    openHoles,
    gate: {
      coats: covered.every(({ done }) => done.length === coats + 1),
      gauge: covered.every(({ thickness }) => thickness.proven),
      holes: openHoles === 0,
    },
  };
}

function rollLengths(
  job: Pick<Job, "settings">,
  { sheet, regions }: WallFilm,
  measured: MeasuredWall | undefined,
): number[] {
  const linings = regions
    .flatMap((region) => within(region, intoWall(measured?.openings ?? [])))
    .flatMap(({ opening }) => liningLengths(job, opening));
  return [...(sheet?.lengths ?? []), ...linings];
}

interface WallFilmInputs {
  job: Job;
  measured: MeasuredWall;
  areaM2: number;
  wallBoard: WallBoard;
  wetTop: number;
}

function wallFilm({ job, measured, areaM2, wallBoard, wetTop }: WallFilmInputs): WallFilm {
  const { id } = measured.wall;
  const regions = filmRegions(measured, wetTop);
  const openings = regions.flatMap((region) => within(region, intoWall(measured.openings)));
  const strips = stripsOf(measured, openings, wallBoard);
  const layout = layRegions(job, regions);
  const fixtures = measured.fixtures.filter(({ centre }) =>
    regions.some((region) => contains(region, centre)),
  );
  const terms = stripTerms(strips);
  return {
    id,
    regions,
    strips,
    sheet: job.build.traits.film === "sheet" ? layout : undefined,
    thickness: checkThickness(job, id, areaM2, terms),
    ...progress(job, id),
    figures: {
      stripM: { code: "stripM", value: sumTerms(terms), unit: "m", terms },
      ...sheetFigures(job, {
        wall: id,
        layout,
        strips,
        openings,
        fixtures,
        meets: regions.length > 0 && !measured.patches,
      }),
    },
  };
}

function progress(
  job: Pick<Job, "film" | "given" | "settings">,
  wall: string,
): Pick<WallFilm, "done" | "next"> {
  const coats = job.settings.coats;
  const logged = job.film.coats.filter((entry) => entry.wall === wall);
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
      waitH: last ? waitHours(job, wait, air) : 0,
      since: last?.at,
    },
  };
}

function rollsFigure(
  job: Pick<Job, "given" | "settings">,
  films: WallFilm[],
  { rolls, bound }: LengthPacking,
): Figure {
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
      settingTerm(job, "rollLengthM", "m"),
      { code: "rollBound", value: bound, unit: "count" },
    ],
  };
}
