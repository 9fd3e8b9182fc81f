import { type Figure, settingTerm, type Term } from "../figure.ts";
import type { FigureUnit } from "../length/quantity.ts";
import { DEFAULTS, setting, tileOf } from "../project/defaults.ts";
import type { Project, Tile } from "../project/schema.ts";
import { type OrderRow, orderRow, roundUp } from "./row.ts";
import type { TileNeed } from "./tile-needs.ts";

/** The job's amounts that the order rests on. */
export interface OrderInputs {
  /** The field tile first. */
  tiles: TileNeed[];
  membraneL: number;
  clips: number;
  mortarKg: number;
  groutKg: number;
  sealantM: number;
}

/** Everything to buy that the plan knows so far, each with packs rounded up over the whole job. */
export function orderRows(project: Project, job: OrderInputs): OrderRow[] {
  const rows = [
    ...job.tiles.map((need) => tileRow(project, need)),
    orderRow(
      "membrane",
      jobSum("membraneL", job.membraneL, "L"),
      setting(project, "membranePackL"),
    ),
    orderRow("clips", clipsToBuy(project, job.clips), setting(project, "clipBag")),
    orderRow("mortar", jobSum("mortarKg", job.mortarKg, "kg"), setting(project, "mortarBagKg")),
    orderRow("grout", jobSum("groutKg", job.groutKg, "kg"), setting(project, "groutBagKg")),
    orderRow(
      "sealant",
      sealantVolume(project, job.sealantM),
      setting(project, "sealantCartridgeMl"),
    ),
  ];
  return rows.filter(({ quantity }) => quantity > 0);
}

function jobSum(code: Figure["code"], value: number, unit: FigureUnit): Figure {
  return { code, value, unit, terms: [{ code: "job", value, unit }] };
}

function tileRow(project: Project, need: TileNeed): OrderRow {
  const tile = tileOf(project, need.tile);
  const perBox = tile.perBox ?? DEFAULTS.perBox;
  const code = need.tile === project.field.tile ? "fieldTile" : "zoneTile";
  return { ...orderRow(code, tilesToBuy(project, need), perBox), of: need.tile };
}

/** Spare of materials that break or vary more than ceramic and porcelain do. Trade practice. */
const SPARE_OF: Partial<Record<NonNullable<Tile["material"]>, { full: number; cut: number }>> = {
  glass: { full: 0.1, cut: 0.15 },
  stone: { full: 0.1, cut: 0.2 },
};

/** Spare on full tiles or on those for cuts: the job's, else by material, else the trade's. */
function spareTerm(project: Project, { material }: Tile, of: "full" | "cut"): Term {
  const name = `${of}Spare` as const;
  const usual = (material && SPARE_OF[material]?.[of]) ?? DEFAULTS[name];
  return { ...settingTerm(project, name, "share"), value: project.settings?.[name] ?? usual };
}

/**
 * Tiles to buy: ⌈full × 1.05 + tiles for cuts × 1.10⌉ + attic stock (defaults of the trade; more
 * for glass and stone; no attic stock of accents). The tiles for cuts are the fewest that were
 * found, their drops used; returns of niches and windows are cuts as well.
 */
export function tilesToBuy(
  project: Project,
  { tile, full, forCuts, forLinings }: TileNeed,
): Figure {
  const isField = tile === project.field.tile;
  const bought = tileOf(project, tile);
  const { sheet } = bought;
  const perSheet = sheet ? sheet.columns * sheet.rows : 1;
  const [fullSpare, cutSpare] = [
    spareTerm(project, bought, "full"),
    spareTerm(project, bought, "cut"),
  ];
  const tiles = full * (1 + fullSpare.value) + (forCuts + forLinings) * (1 + cutSpare.value);
  const value = roundUp(tiles / perSheet) + (isField ? setting(project, "atticStock") : 0);
  return {
    code: sheet ? "sheetsToBuy" : "tilesToBuy",
    value,
    unit: "count",
    terms: [
      { code: "tilesFull", value: full, unit: "count" },
      fullSpare,
      { code: "tilesForCuts", value: forCuts, unit: "count" },
      ...(forLinings > 0
        ? [{ code: "tilesForLinings", value: forLinings, unit: "count" as const }]
        : []),
      cutSpare,
      ...(sheet ? [{ code: "chipsPerSheet", value: perSheet, unit: "count" as const }] : []),
      ...(isField ? [settingTerm(project, "atticStock", "count")] : []),
    ],
  };
}

function clipsToBuy(project: Project, clips: number): Figure {
  const terms: Term[] = [
    { code: "job", value: clips, unit: "count" },
    settingTerm(project, "clipSpare", "share"),
  ];
  const value = roundUp(clips * (1 + setting(project, "clipSpare")));
  return { code: "clips", value, unit: "count", terms };
}

/** Sealant in ml: metres × bead section × (1 + waste); a mm² along a metre is a millilitre. */
function sealantVolume(project: Project, lengthM: number): Figure {
  const bead = setting(project, "sealantBeadMm2");
  const value = lengthM * bead * (1 + setting(project, "sealantWaste"));
  return {
    code: "sealantM",
    value,
    unit: "mL",
    terms: [
      { code: "job", value: lengthM, unit: "m" },
      settingTerm(project, "sealantBeadMm2", "mm2"),
      settingTerm(project, "sealantWaste", "share"),
    ],
  };
}
