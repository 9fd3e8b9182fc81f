import {
  DEFAULTS,
  fieldTile,
  longestSide,
  SETTING_NAMES,
  type SettingName,
  type SettingValue,
} from "./defaults.ts";
import { resolveBuild } from "./resolve-build.ts";
import type { Project, Tools } from "./schema.ts";
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

/** What a mortar on hand was tested for. */
type MortarClass = NonNullable<NonNullable<Project["settings"]>["mortarClass"]>;

/** Kinds of grout, and what of tile and joints is sealed. */
export type GroutKind = (typeof GROUT_KINDS)[number];
export type Sealed = (typeof SEALED)[number];

/** Sealer or none, where nothing is said of what is sealed. */
function sealerOf(said: Sealed | boolean | undefined): Sealed | undefined {
  if (said === false) return "none";
  return said === true ? undefined : said;
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

/** Every setting of a project, with the defaults of the trade. */
export function settingsOf(project: Project): Settings {
  const { film } = resolveBuild(project).traits;
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
    ...(resolveBuild(project).adhesive === "mastic" ? readyMixed(own) : {}),
    ...(own.groutFast
      ? { groutWorkMin: own.groutWorkMin ?? FAST_WORK * DEFAULTS.groutWorkMin }
      : {}),
    groutAdditive: own.groutAdditive === true && own.groutKind !== "epoxy",
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

/** Share of the usual working time that fast grout gives. Trade practice. */
const FAST_WORK = 1 / 3;

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

/** Which settings a project gives itself. */
export function givenOf({ settings: own = {} }: Project): Given {
  const given: Record<string, boolean> = {};
  for (const name of SETTING_NAMES) given[name] = own[name] !== undefined;
  return given as Given;
}

/** Whether the job itself gives a setting. */
export type Given = Record<SettingName, boolean>;
