import { type Figure, type FilmFigureCode, settingTerm, sumTerms, type Term } from "../figure.ts";
import { boxOf, type Polygon } from "../geometry/polygon.ts";
import { SAME_SUM } from "../limits.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import { splitLength } from "../packing/lengths.ts";
import { DEFAULTS } from "../project/defaults.ts";
import { meetingAt } from "../project/enclosure.ts";
import type { Job } from "../project/job.ts";
import type { Opening } from "../project/schema.ts";
import { type Strip, stripTerms } from "./strips.ts";

/** How the lengths of a sheet membrane hang on a wall. */
export interface SheetLayout {
  /** Lengths hang upright, or run across in courses. */
  run: "upright" | "across";
  /** Each length as it is cut from the roll, mm. */
  lengths: number[];
  /** Where one length laps the one before: x of upright lengths, y of those across. */
  laps: number[];
}

/** Pipes up to this wide take a pipe seal, wider ones a valve seal, mm. */
const PIPE_SEAL = 60;

/** Lengths of roll for a region: upright or across, whichever takes less of the roll. */
export function layLengths(job: Pick<Job, "settings">, region: Polygon): SheetLayout {
  if (region.length === 0) return { run: "upright", lengths: [], laps: [] };
  const { minX, maxX, minY, maxY } = boxOf(region);
  const upright = lengthsOver(job, minX, maxX, maxY - minY);
  const across = lengthsOver(job, minY, maxY, maxX - minX);
  const total = ({ lengths }: { lengths: number[] }) => lengths.reduce((sum, mm) => sum + mm, 0);
  return total(across) < total(upright) - SAME_SUM
    ? { run: "across", ...across }
    : { run: "upright", ...upright };
}

/** Lengths of roll for all of a wall's regions; laps are told of one that is whole. */
export function layRegions(job: Pick<Job, "settings">, regions: Polygon[]): SheetLayout {
  const [first, ...others] = regions.map((region) => layLengths(job, region));
  if (!first) return layLengths(job, []);
  if (others.length === 0) return first;
  const lengths = [first, ...others].flatMap((layout) => layout.lengths);
  return { run: first.run, lengths, laps: [] };
}

/** As many lengths side by side as cover from here to there, each lapping the one before. */
function lengthsOver(job: Pick<Job, "settings">, from: number, to: number, along: number) {
  const roll = job.settings.rollWidth;
  // Lengths that lap by more than half would hardly come any further.
  const lap = Math.min(job.settings.sheetOverlap, roll / 2);
  const longest = job.settings.rollLengthM * 1000;
  const count = Math.max(1, Math.ceil((to - from - lap) / (roll - lap) - SAME_SUM));
  return {
    lengths: Array.from({ length: count }, () => splitLength(along, longest, lap)).flat(),
    laps: Array.from({ length: count - 1 }, (_, k) => from + (k + 1) * (roll - lap)),
  };
}

/**
 * Lengths that line an opening. A niche's back and all its returns come from one length where the
 * roll is wide enough for back and two returns, else from two; a window's returns from one strip.
 */
export function liningLengths(job: Pick<Job, "settings">, opening: Opening): number[] {
  const roll = job.settings.rollWidth;
  const { width, height, depth = DEFAULTS.nicheDepth, kind } = opening;
  if (kind === "window") return [2 * (width + height)];
  const [across, along] = [width + 2 * depth, height + 2 * depth];
  if (across <= roll) return [along];
  return along <= roll ? [across] : [across, across];
}

interface SheetWall {
  wall: string;
  layout: SheetLayout;
  strips: Strip[];
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  /** The wall is covered to its corners and its base. */
  meets: boolean;
}

type SheetFigureCode = Exclude<FilmFigureCode, "stripM">;

/** Sheet membrane of one wall: roll, bands over corners and edges, preformed corners and seals. */
export function sheetFigures(
  job: Pick<Job, "enclosure" | "given" | "meetings" | "settings">,
  { wall, layout, strips, openings, fixtures, meets }: SheetWall,
): Record<SheetFigureCode, Figure> {
  const niches = openings.filter(({ opening }) => opening.kind === "niche").length;
  const pipes = fixtures.filter(({ fixture }) => fixture.pipe <= PIPE_SEAL).length;
  const inside = meets && meetingAt(job, wall, "left")?.kind === "inside" ? 1 : 0;
  const perNiche: Term = { code: "perNiche", value: 4, unit: "count", count: niches };
  return {
    rollM: rollFigure(job, layout, openings),
    bandM: bandFigure(job, strips),
    insideCorners: countFigure("insideCorners", [
      perNiche,
      { code: "wallsMeetBase", value: inside, unit: "count" },
    ]),
    outsideCorners: countFigure("outsideCorners", [
      perNiche,
      { code: "frontCorners", value: meets ? frontCorners(job, wall) : 0, unit: "count" },
    ]),
    pipeSeals: countFigure("pipeSeals", [{ code: "pipes", value: pipes, unit: "count" }]),
    valveSeals: countFigure("valveSeals", [
      { code: "valves", value: fixtures.length - pipes, unit: "count" },
    ]),
  };
}

function countFigure(code: SheetFigureCode, terms: Term[]): Figure {
  return { code, value: sumTerms(terms), unit: "count", terms };
}

function rollFigure(
  job: Pick<Job, "given" | "settings">,
  layout: SheetLayout,
  openings: PlacedOpening[],
): Figure {
  const terms: Term[] = [
    ...layout.lengths.map((value): Term => ({ code: `length-${layout.run}`, value, unit: "mm" })),
    ...openings.flatMap(({ opening }) =>
      liningLengths(job, opening).map(
        (value): Term => ({ code: "lining", value, unit: "mm", of: opening.name ?? opening.id }),
      ),
    ),
  ];
  const value = (sumTerms(terms) / 1000) * (1 + job.settings.sheetWaste);
  return {
    code: "rollM",
    value,
    unit: "m",
    terms: [
      ...terms,
      settingTerm(job, "sheetOverlap", "mm"),
      settingTerm(job, "sheetWaste", "share"),
    ],
  };
}

/** Bands over corners, base and edges; board seams lie behind whole sheet and need none. */
function bandFigure(job: Pick<Job, "given" | "settings">, strips: Strip[]): Figure {
  const terms = stripTerms(strips.filter(({ kind }) => kind !== "seam"));
  const value = sumTerms(terms) * (1 + job.settings.sheetWaste);
  return {
    code: "bandM",
    value,
    unit: "m",
    terms: [...terms, settingTerm(job, "sheetWaste", "share")],
  };
}

/** Two at the front of a tub, pan or curb: one on the first wall, one on the last. */
function frontCorners(
  { meetings, enclosure }: Pick<Job, "enclosure" | "meetings">,
  wall: string,
): number {
  const front = enclosure.base === "tub" || enclosure.base === "pan" || enclosure.base === "curb";
  const ends = (["left", "right"] as const).filter((side) => meetingAt({ meetings }, wall, side));
  return front && ends.length === 1 ? 1 : 0;
}
