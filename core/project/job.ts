import { type Parts, parts, Recall } from "../recall.ts";
import { DEFAULTS } from "./defaults.ts";
import { closesRing, type Meeting, meetings } from "./enclosure.ts";
import { type JobBuild, resolveBuild } from "./resolve-build.ts";
import type {
  AsSet,
  Bond,
  CutAtWall,
  Delivery,
  Price,
  Project,
  Shelf,
  Stock,
  Tile,
  Wall,
  Zone,
} from "./schema.ts";
import { type Given, givenOf, type Settings, settingsOf } from "./settings.ts";
import { type TileBed, tileBed } from "./trowel.ts";

export type { JobBuild } from "./resolve-build.ts";
export type { GroutKind, Sealed, Settings } from "./settings.ts";

/** Joints that hide a cut edge. */
export type PlaySide = "base" | "corner" | "top";

/** The least and the most that a joint may be, mm. */
export interface Play {
  least: number;
  most: number;
}

/** Play of the joints that hide a cut edge. Trade practice. */
const PLAY: Record<PlaySide, Play> = {
  base: { least: 2, most: 5 },
  corner: { least: 2, most: 4 },
  top: { least: 2, most: 5 },
};

/** A wall with what was not read filled in. */
export type JobWall = Wall &
  Required<Pick<Wall, "surface" | "topIs" | "exposure">> & {
    /** Its board stays; only patches take new board. */
    stays: boolean;
    patches: NonNullable<Wall["patches"]>;
  };

/** A tile as it is laid; what it is called and how it is packed says nothing of that. */
export type LaidTile = Pick<
  Tile,
  | "id"
  | "width"
  | "height"
  | "thickness"
  | "material"
  | "rectified"
  | "measured"
  | "sheet"
  | "directional"
  | "density"
  | "lugged"
>;

/** Where the first course begins, and what is left free round a field; mm. */
export interface SetOut {
  drop: number;
  ledger: boolean;
  /** The course that stands on the ledger. */
  ledgerCourse: number;
  baseGap: number;
  /** A floor that is still to come under the first course, or under a leg's. */
  floorFinish: number;
  topGap: number;
  cornerJoint: number;
  baseTolerance: number;
  sliver: NonNullable<Project["setOut"]["sliver"]>;
  seenFirst: string | undefined;
}

type FilmLog = NonNullable<Project["film"]>;

/** What was logged of the film. */
export type JobFilm = { [K in "coats" | "gauge" | "holes"]: NonNullable<FilmLog[K]> };

/**
 * A project with every default of the trade filled in, once: planning goes by this, and a stage
 * takes the few parts of it that it needs.
 */
export interface Job {
  unit: Project["unit"];
  /** The finest mark of the tape at hand: a part of an inch. */
  mark: NonNullable<Project["mark"]>;
  enclosure: Project["enclosure"] & { baseAboveFloor: number };
  /** The last wall meets the first. */
  closed: boolean;
  walls: JobWall[];
  meetings: Meeting[];
  tiles: LaidTile[];
  /** What each tile is set in, by its id. */
  beds: Record<string, TileBed>;
  /** How many of each tile are in a box, by its id. */
  packs: Record<string, number>;
  field: Bond;
  zones: Zone[];
  shelves: Shelf[];
  setOut: SetOut;
  build: JobBuild;
  film: JobFilm;
  settings: Settings;
  given: Given;
  /** Checks that somebody decided on. */
  decided: string[];
  atWall: CutAtWall[];
  delivery: Delivery[];
  stock: Stock[];
  prices: Price[];
  labour: { rate: number; markup: number; tax: number };
  /** When the work is done. */
  days: {
    start: string | undefined;
    end: string | undefined;
    zone: string;
    from: number;
    to: number;
    weekdays: number[];
    /** Tasks that do not begin before a day, or a moment. */
    moved: { task: string; from: string }[];
    off: string[];
    people: number;
  };
  /** How wide a joint that hides a cut edge may be, mm. */
  play: Record<PlaySide, Play>;
  /** Courses as they were set, where they were measured. */
  asSet: AsSet[];
  /** Colours that mortar may show through: of tiles by their id, and of the grout. */
  looks: { tiles: Record<string, string | undefined>; grout: string | undefined };
}

const EACH = {};

/** Groups of a job of which a stage takes single parts. */
const GROUPS = {
  ...{
    settings: EACH,
    given: EACH,
    setOut: EACH,
    build: EACH,
    film: EACH,
    beds: EACH,
    packs: EACH,
  },
  walls: { "*": EACH },
};

/** A job as an input that is taken part by part. */
export function jobParts(job: Job): Parts<Job> {
  return parts(job, GROUPS);
}

const known = new WeakMap<Project, Job>();

/** The job of a project; of the very same project the very same job. */
export function jobOf(project: Project): Job {
  const job = known.get(project) ?? resolveJob(project, new Recall(false));
  known.set(project, job);
  return job;
}

/** The job of a project, with the parts that are as they were last time. */
export function resolveJob(project: Project, recall: Recall): Job {
  const all = { project: parts(project) };
  const part = <R>(name: string, make: (own: Project) => R): R =>
    recall.kept(`job/${name}`, all, (own) => make(own.project));
  // Of these a stage takes single values, which are compared one by one.
  const settings = recall.once("job/settings", all, (own) => settingsOf(own.project));
  const given = recall.once("job/given", all, (own) => givenOf(own.project));
  return {
    unit: project.unit,
    mark: project.mark ?? 16,
    field: part("field", ({ field }) => field),
    zones: part("zones", ({ zones = [] }) => zones),
    shelves: part("shelves", ({ shelves = [] }) => shelves),
    atWall: part("at-wall", ({ atWall = [] }) => atWall),
    delivery: part("delivery", ({ delivery = [] }) => delivery),
    prices: part("prices", ({ prices = [] }) => prices),
    labour: part("labour", ({ labour = {} }) => {
      return { rate: labour.rate ?? 0, markup: labour.markup ?? 0, tax: labour.tax ?? 0 };
    }),
    days: part("days", daysOf),
    stock: part("stock", ({ stock = [] }) => stock),
    play: part("play", playOf),
    asSet: part("as-set", ({ asSet = [] }) => asSet),
    looks: part("looks", ({ tiles, field }) => ({
      tiles: Object.fromEntries(tiles.map(({ id, colour }) => [id, colour])),
      grout: field.groutColour,
    })),
    build: part("build", resolveBuild),
    ...{ settings, given },
    enclosure: part("enclosure", ({ enclosure }) => {
      return { ...enclosure, baseAboveFloor: enclosure.baseAboveFloor ?? 0 };
    }),
    closed: closesRing(project),
    walls: part("walls", ({ walls }) => walls.map(withDefaults)),
    meetings: part("meetings", meetings),
    tiles: part("tiles", ({ tiles }) => tiles.map(laidTile)),
    beds: recall.kept("job/beds", { ...all, settings }, bedsOf),
    packs: part("packs", packsOf),
    setOut: part("set-out", setOutOf),
    film: part("film", ({ film = {} }) => {
      return { coats: film.coats ?? [], gauge: film.gauge ?? [], holes: film.holes ?? [] };
    }),
    decided: part("decided", ({ decisions = [] }) => decisions.map(({ check }) => check)),
  };
}

function playOf({ settings: { play = {} } = {} }: Project): Job["play"] {
  return {
    base: play.base ?? PLAY.base,
    corner: play.corner ?? PLAY.corner,
    top: play.top ?? PLAY.top,
  };
}

/** Monday to Friday from 8 to 16 h by one person. Trade practice. */
function daysOf({ days = {} }: Project): Job["days"] {
  const { hours = [8, 16], weekdays = [1, 2, 3, 4, 5], off = [], people = 1 } = days;
  const [from, to] = Array.isArray(hours) ? hours : [hours.from, hours.to];
  return {
    ...{ start: days.start, end: days.end, zone: days.zone ?? "UTC" },
    ...{ from, to, people },
    moved: days.moved ?? [],
    weekdays: weekdays.filter((day) => !off.includes(day)),
    off: off.flatMap((day) => (typeof day === "string" ? [day.slice(0, 10)] : [])),
  };
}

function packsOf({ tiles }: Project): Job["packs"] {
  return Object.fromEntries(tiles.map(({ id, perBox = DEFAULTS.perBox }) => [id, perBox]));
}

const NO_PATCHES: NonNullable<Wall["patches"]> = [];

function withDefaults(wall: Wall): JobWall {
  const { surface = DEFAULTS.surface, topIs = "ceiling", exposure = "wet" } = wall;
  // A dry wall is tiled as it stands, unless somebody says otherwise.
  const { stays = exposure === "dry", patches = NO_PATCHES } = wall;
  return { ...wall, surface, topIs, exposure, stays, patches };
}

function laidTile(tile: Tile): LaidTile {
  const { id, width, height, thickness, material, rectified, measured, sheet } = tile;
  const { directional, density, lugged } = tile;
  return {
    ...{ id, width, height, thickness, material, rectified, measured, sheet },
    ...{ directional, density, lugged },
  };
}

/** The job's own trowel and back-butter are those of the field's tile, wherever it is laid. */
function bedsOf({ project, settings }: { project: Project; settings: Settings }): Job["beds"] {
  const { tiles, field, unit, settings: own } = project;
  return Object.fromEntries(
    tiles.map((tile) => [
      tile.id,
      tileBed(tile, unit, settings.trowelAngleDeg, tile.id === field.tile ? own : undefined),
    ]),
  );
}

function setOutOf({ setOut }: Project): SetOut {
  return {
    drop: setOut.firstCourse.drop,
    ledger: setOut.firstCourse.ledger ?? false,
    ledgerCourse: setOut.firstCourse.ledgerCourse ?? 2,
    baseGap: setOut.baseGap ?? DEFAULTS.baseGap,
    floorFinish: setOut.floorFinish ?? 0,
    topGap: setOut.topGap ?? DEFAULTS.topGap,
    cornerJoint: setOut.cornerJoint ?? DEFAULTS.cornerJoint,
    baseTolerance: setOut.baseTolerance ?? DEFAULTS.baseTolerance,
    sliver: setOut.sliver ?? DEFAULTS.sliver,
    seenFirst: setOut.seenFirst,
  };
}

/** What a tile of the job is set in. */
export function bedOf({ beds }: Pick<Job, "beds">, tile: string): TileBed {
  return beds[tile] as TileBed;
}

/** What the field's tile is set in. */
export function fieldBed(job: Pick<Job, "beds" | "field">): TileBed {
  return bedOf(job, job.field.tile);
}
