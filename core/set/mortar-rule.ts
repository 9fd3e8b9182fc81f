import { LARGE_SIDE } from "../limits.ts";
import { longestSide, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Warning } from "../warning.ts";

/** Classes of cement mortar by the bond that they are tested for. Trade standards A118.1, .4, .15. */
export const MORTAR_CLASSES = ["A118.1", "A118.4", "A118.15"] as const;

export type MortarClass = (typeof MORTAR_CLASSES)[number];

/** Why a mortar is the one for a tile. */
export type MortarReason =
  | "glass"
  | "porcelain-on-film"
  | "sheet-membrane"
  | "large-tile"
  | "light-stone"
  | "light-grout"
  | "plain";

/** The mortar that a tile wants on its surface. */
export interface MortarRule {
  for: string;
  tile: string;
  /** Classes that will do, the usual one first; none where the membrane's listing names it. */
  classes: MortarClass[];
  /** Of the kind that carries large tile without slumping. */
  largeFormat: boolean;
  white: boolean;
  reasons: MortarReason[];
}

type RuleJob = Pick<Job, "build" | "field" | "looks" | "settings" | "tiles" | "zones">;

/** A colour that is lighter than this shows grey mortar through, as luminance. */
const LIGHT = 0.45;

/**
 * Class, kind and colour of mortar by tile and surface: high polymer under glass, modified under
 * porcelain over a film, as listed over a sheet membrane, large-format from a side of 15 in; white under
 * glass, light stone and light grout. Trade practice; data sheets win.
 */
export function mortarRules(job: RuleJob): MortarRule[] {
  const uses = [
    { for: "field", tile: job.field.tile },
    ...job.zones.map(({ id, tile }) => ({ for: id, tile })),
  ];
  return uses.map(({ for: use, tile }) => ({ for: use, tile, ...ruleFor(job, tileOf(job, tile)) }));
}

function ruleFor(job: RuleJob, tile: LaidTile): Omit<MortarRule, "for" | "tile"> {
  const { film } = job.build.traits;
  const glass = tile.material === "glass";
  const onFilm = tile.material === "porcelain" && film === "liquid";
  const reasons: MortarReason[] = [];
  if (glass) reasons.push("glass");
  if (onFilm) reasons.push("porcelain-on-film");
  if (film === "sheet") reasons.push("sheet-membrane");
  const largeFormat = longestSide(tile) >= LARGE_SIDE;
  if (largeFormat) reasons.push("large-tile");
  const lightStone = tile.material === "stone" && isLight(job.looks.tiles[tile.id]);
  const lightGrout = isLight(job.looks.grout);
  if (lightStone) reasons.push("light-stone");
  if (lightGrout) reasons.push("light-grout");
  return {
    classes: classesFor({ glass, onFilm, sheet: film === "sheet" }),
    largeFormat,
    white: glass || lightStone || lightGrout,
    reasons: reasons.length > 0 ? reasons : ["plain"],
  };
}

function classesFor({
  glass,
  onFilm,
  sheet,
}: Record<"glass" | "onFilm" | "sheet", boolean>): MortarClass[] {
  if (glass) return ["A118.15"];
  if (sheet) return [];
  return onFilm ? ["A118.4", "A118.15"] : ["A118.4", "A118.15", "A118.1"];
}

/** Whether a colour, as the web writes it, is light; one that nobody chose is not. */
function isLight(colour: string | undefined): boolean {
  if (colour === undefined) return false;
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(colour.slice(at, at + 2), 16) / 255;
    return share ** 2.2;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b > LIGHT;
}

/** Mortar that the job has on hand and that a tile of it does not suit. */
export function checkMortar(job: RuleJob): Warning[] {
  const { mortarClass, mortarColour } = job.settings;
  return mortarRules(job).flatMap((rule): Warning[] => {
    const item = rule.tile;
    const known = MORTAR_CLASSES.find((own) => own === mortarClass);
    const wrong = known !== undefined && rule.classes.length > 0 && !rule.classes.includes(known);
    const glass = rule.reasons.includes("glass") ? 1 : 0;
    return [
      ...(wrong
        ? [
            {
              code: "mortar-unsuited" as const,
              severity: "warning" as const,
              item,
              values: { glass },
            },
          ]
        : []),
      ...(mortarColour === "grey" && rule.white
        ? [{ code: "mortar-shows" as const, severity: "warning" as const, item, values: { glass } }]
        : []),
    ];
  });
}
