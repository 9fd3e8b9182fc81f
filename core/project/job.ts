import { type Parts, parts, Recall } from "../recall.ts";
import {
  DEFAULTS,
  fieldTile,
  longestSide,
  SETTING_NAMES,
  type SettingName,
  type SettingValue,
} from "./defaults.ts";
import { closesRing, type Meeting, meetings } from "./enclosure.ts";
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
  Tools,
  Wall,
  Zone,
} from "./schema.ts";
import { type TileBed, tileBed } from "./trowel.ts";
import {
  RECOMMENDED_SYSTEM,
  SYSTEM_TRAITS,
  type SystemTraits,
  type WallSystem,
} from "./wall-systems.ts";
import type { GROUT_KINDS, SEALED } from "./work-schema.ts";

/** Every setting of a job: its own, or the trade's default. */
export type Settings = { [K in SettingName]: SettingValue<K> } & {
  clips: boolean;
  bullnoseFromTile: boolean;
  /** What brings the studs out to a flange that stands proud of them, mm. */
  furring: number;
  /** The tile that edge pieces are cut from; the field's where none is chosen. */
  bullnoseTile: string | undefined;
  /** Depth of all joints, mm; that of each tile where the job does not say. */
  groutDepth: number | undefined;
  /** What a bag of mortar covers with the job's trowel, m², where the bag says. */
  areaPerBag: number | undefined;
  /** The job's own pace, m²/h. */
  setRate: number | undefined;
  /** What a session may hang on the walls, kg, and how far a wall may rise in it, mm. */
  sessionKg: number | undefined;
  sessionRise: number | undefined;
  mortarClass: MortarClass | undefined;
  mortarColour: "white" | "grey" | undefined;
  groutKind: GroutKind | undefined;
  sealer: Sealed | undefined;
  /** What is known of the tools at hand; where nothing is, no cut is checked against them. */
  tools: Tools | undefined;
};

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

type Build = NonNullable<Project["build"]>;

/** What goes on the studs. */
export interface JobBuild {
  system: WallSystem;
  traits: SystemTraits;
  board: NonNullable<Build["board"]>;
  adhesive: NonNullable<Build["adhesive"]>;
  lay: NonNullable<Build["lay"]>;
  /** The two sides of a sheet, mm. */
  sheet: { long: number; short: number };
  blocking: NonNullable<Build["blocking"]>;
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
  /** Whether the job itself gives a setting. */
  given: Record<SettingName, boolean>;
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

/** What a mortar on hand was tested for. */
type MortarClass = NonNullable<NonNullable<Project["settings"]>["mortarClass"]>;

/** Kinds of grout, and what of tile and joints is sealed. */
export type GroutKind = (typeof GROUT_KINDS)[number];
export type Sealed = (typeof SEALED)[number];

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
    build: part("build", buildOf),
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

/** Sealer or none, where nothing is said of what is sealed. */
function sealerOf(said: Sealed | boolean | undefined): Sealed | undefined {
  if (said === false) return "none";
  return said === true ? undefined : said;
}

/** Monday to Friday from 8 to 16 h by one person. Trade practice. */
function daysOf({ days = {} }: Project): Job["days"] {
  const { hours = [8, 16], weekdays = [1, 2, 3, 4, 5], off = [], people = 1 } = days;
  const [from, to] = Array.isArray(hours) ? hours : [hours.from, hours.to];
  return {
    ...{ start: days.start, end: days.end, zone: days.zone ?? "UTC" },
    ...{ from, to, people },
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

/** Sheet that most board is sold in, mm (3 × 5 ft). */
const SHEET = { short: 914.4, long: 1524 };

function buildOf({ build = {} }: Project): JobBuild {
  const { system = RECOMMENDED_SYSTEM, board = "cement", adhesive = "cement" } = build;
  const { sheetWidth: a = SHEET.short, sheetHeight: b = SHEET.long } = build;
  return {
    ...{ system, traits: SYSTEM_TRAITS[system], board, adhesive, lay: build.lay ?? "best" },
    sheet: { long: Math.max(a, b), short: Math.min(a, b) },
    blocking: build.blocking ?? [],
  };
}

/** From this longest side on, leveling clips are used unless the job says otherwise, mm. */
const CLIPS_FROM = 300;

/**
 * Height above the base below which no fastener goes, mm: through a pan's liner not lower than
 * 50 mm above a curb of 100, through no tub flange. Trade practice; local code may ask for more.
 */
const FREE_ABOVE_BASE: Record<Project["enclosure"]["base"], number> = {
  pan: 150,
  curb: 50,
  tub: 25,
  floor: 0,
  "old-surround": 0,
};

function settingsOf(project: Project): Settings {
  const { film } = buildOf(project).traits;
  const own = project.settings ?? {};
  const usual: Record<string, unknown> = {};
  for (const name of SETTING_NAMES) usual[name] = own[name] ?? DEFAULTS[name];
  return {
    ...(usual as Pick<Settings, SettingName>),
    membrane: own.membrane ?? (film === "none" ? 0 : DEFAULTS.membrane),
    fastenerFree: own.fastenerFree ?? FREE_ABOVE_BASE[project.enclosure.base],
    clips: own.clips ?? longestSide(fieldTile(project)) >= CLIPS_FROM,
    bullnoseFromTile: own.bullnoseFromTile ?? false,
    furring: furringOf(project.enclosure),
    bullnoseTile: project.tiles.find(({ id }) => id === own.bullnoseTile)?.id,
    ...(buildOf(project).adhesive === "mastic" ? readyMixed(own) : {}),
    planeChange: own.planeChange ?? (own.groutCorners ? "grout-and-seal" : DEFAULTS.planeChange),
    groutDepth: own.groutDepth,
    areaPerBag: own.areaPerBag,
    setRate: own.setRate,
    sessionKg: own.sessionKg,
    sessionRise: own.sessionRise,
    mortarClass: own.mortarClass,
    mortarColour: own.mortarColour,
    groutKind: own.groutKind,
    sealer: sealerOf(own.sealer),
    tools: own.tools,
  };
}

/** Ready-mixed adhesive: what a tub holds is heavier than powder, and takes no water. Trade practice. */
const READY_MIXED = { rate: 1.6, tubKg: 15 };

function readyMixed(own: NonNullable<Project["settings"]>) {
  return {
    mortarRate: own.mortarRate ?? READY_MIXED.rate,
    mortarBagKg: own.mortarBagKg ?? READY_MIXED.tubKg,
    mortarWater: 0,
  };
}

/** A flange that stands off the studs wants them furred out, unless board is held above it. */
function furringOf({ flange }: Project["enclosure"]): number {
  return flange?.by === "fur" ? flange.proud : 0;
}

function givenOf({ settings: own = {} }: Project): Job["given"] {
  const given: Record<string, boolean> = {};
  for (const name of SETTING_NAMES) given[name] = own[name] !== undefined;
  return given as Job["given"];
}

/** What a tile of the job is set in. */
export function bedOf({ beds }: Pick<Job, "beds">, tile: string): TileBed {
  return beds[tile] as TileBed;
}

/** What the field's tile is set in. */
export function fieldBed(job: Pick<Job, "beds" | "field">): TileBed {
  return bedOf(job, job.field.tile);
}
