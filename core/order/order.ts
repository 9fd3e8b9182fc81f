import { type Figure, settingTerm, type Term } from "../figure.ts";
import type { FigureUnit } from "../length/quantity.ts";
import { DEFAULTS, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import { type OrderRow, orderRow, roundUp } from "./row.ts";
import type { TileNeed } from "./tile-needs.ts";

/** The job's amounts that the order rests on. */
export interface OrderInputs {
  /** The field tile first. */
  tiles: TileNeed[];
  membraneL: number;
  clips: number;
  /** Of the session with most. */
  sessionSpacers: number;
  wedges: number;
  sealer: Figure;
  mortarKg: number;
  groutKg: number;
  sealantM: number;
  hiddenBeadM: number;
  maskM: number;
}

/** Everything to buy that the plan knows so far, each with packs rounded up over the whole job. */
export function orderRows(
  job: Pick<Job, "build" | "field" | "given" | "packs" | "settings" | "stock" | "tiles">,
  amounts: OrderInputs,
): OrderRow[] {
  const { tiles, membraneL, clips, mortarKg, groutKg, sealantM } = amounts;
  const { hiddenBeadM, maskM } = amounts;
  const { settings } = job;
  const ready = job.build.adhesive === "mastic";
  const rows = [
    ...tiles.map((need) => tileRow(job, need)),
    orderRow("membrane", jobSum("membraneL", membraneL, "L"), settings.membranePackL),
    orderRow("clips", clipsToBuy(job, clips), settings.clipBag),
    orderRow("wedges", sessionSum(amounts.wedges), settings.wedgeBag),
    orderRow("spacers", spacersToBuy(job, amounts.sessionSpacers), settings.spacerBag),
    orderRow(
      ready ? "adhesive" : "mortar",
      jobSum("mortarKg", mortarKg, "kg"),
      settings.mortarBagKg,
    ),
    orderRow("grout", jobSum("groutKg", groutKg, "kg"), settings.groutBagKg),
    orderRow("sealant", sealantVolume(job, "sealantM", sealantM), settings.sealantCartridgeMl),
    orderRow(
      "hiddenBead",
      sealantVolume(job, "hiddenBeadM", hiddenBeadM),
      settings.sealantCartridgeMl,
    ),
    orderRow("groutAdditive", additiveToBuy(job, groutKg), settings.groutAdditiveL),
    orderRow("sealer", amounts.sealer, settings.sealerBottleL),
    orderRow("maskTape", jobSum("maskM", maskM, "m"), settings.maskRollM),
  ];
  return rows.filter(({ quantity }) => quantity > 0);
}

function jobSum(code: Figure["code"], value: number, unit: FigureUnit): Figure {
  return { code, value, unit, terms: [{ code: "job", value, unit }] };
}

function tileRow(
  job: Pick<Job, "field" | "given" | "packs" | "settings" | "stock" | "tiles">,
  need: TileNeed,
): OrderRow {
  const perBox = job.packs[need.tile] as number;
  const code = need.tile === job.field.tile ? "fieldTile" : "zoneTile";
  return { ...orderRow(code, tilesToBuy(job, need), perBox), of: need.tile };
}

/** Spare of materials that break or vary more than ceramic and porcelain do. Trade practice. */
const SPARE_OF: Partial<Record<NonNullable<LaidTile["material"]>, { full: number; cut: number }>> =
  {
    glass: { full: 0.1, cut: 0.15 },
    stone: { full: 0.1, cut: 0.2 },
  };

/** Spare on full tiles or on those for cuts: the job's, else by material, else the trade's. */
function spareTerm(
  job: Pick<Job, "given" | "settings">,
  { material }: LaidTile,
  of: "full" | "cut",
): Term {
  const name = `${of}Spare` as const;
  const usual = (material && SPARE_OF[material]?.[of]) ?? DEFAULTS[name];
  return {
    ...settingTerm(job, name, "share"),
    value: job.given[name] ? job.settings[name] : usual,
  };
}

/**
 * Tiles to buy: ⌈full × 1.05 + tiles for cuts × 1.10⌉ + attic stock (defaults of the trade; more
 * for glass and stone; no attic stock of accents). The tiles for cuts are the fewest that were
 * found, their drops used; returns of niches and windows are cuts as well. What is kept of a tile
 * that cannot be had again is added.
 */
export function tilesToBuy(
  job: Pick<Job, "field" | "given" | "settings" | "stock" | "tiles">,
  { tile, full, forCuts, forLinings }: TileNeed,
): Figure {
  const isField = tile === job.field.tile;
  const bought = tileOf(job, tile);
  const { sheet } = bought;
  const perSheet = sheet ? sheet.columns * sheet.rows : 1;
  const [fullSpare, cutSpare] = [spareTerm(job, bought, "full"), spareTerm(job, bought, "cut")];
  const tiles = full * (1 + fullSpare.value) + (forCuts + forLinings) * (1 + cutSpare.value);
  const kept = job.stock.find((own) => own.tile === tile)?.spare ?? 0;
  const value = roundUp(tiles / perSheet) + (isField ? job.settings.atticStock : 0) + kept;
  return {
    code: sheet ? "sheetsToBuy" : "tilesToBuy",
    value,
    unit: "count",
    terms: [
      { code: "tilesFull", value: full, unit: "count" },
      fullSpare,
      { code: "tilesForCuts", value: forCuts, unit: "count" },
      ...(forLinings > 0
        ? [{ code: "tilesForLinings", value: forLinings, unit: "count" } as const]
        : []),
      cutSpare,
      ...(sheet ? [{ code: "chipsPerSheet", value: perSheet, unit: "count" } as const] : []),
      ...(isField ? [settingTerm(job, "atticStock", "count")] : []),
      ...(kept > 0 ? [{ code: "keptSpare", value: kept, unit: "count" } as const] : []),
    ],
  };
}

function clipsToBuy(job: Pick<Job, "given" | "settings">, clips: number): Figure {
  const terms: Term[] = [
    { code: "job", value: clips, unit: "count" },
    settingTerm(job, "clipSpare", "share"),
  ];
  const value = roundUp(clips * (1 + job.settings.clipSpare));
  return { code: "clips", value, unit: "count", terms };
}

/** Wedges are pulled and used again: the session with most needs them all. */
function sessionSum(wedges: number): Figure {
  const terms: Term[] = [{ code: "biggestSession", value: wedges, unit: "count" }];
  return { code: "wedges", value: wedges, unit: "count", terms };
}

function spacersToBuy(job: Pick<Job, "given" | "settings">, spacers: number): Figure {
  const terms: Term[] = [
    { code: "biggestSession", value: spacers, unit: "count" },
    settingTerm(job, "spacerSpare", "share"),
  ];
  const value = roundUp(spacers * (1 + job.settings.spacerSpare));
  return { code: "spacersToBuy", value, unit: "count", terms };
}

/** Litres of additive that stand in for the water of all grout; none unless it is wanted. */
function additiveToBuy(job: Pick<Job, "given" | "settings">, groutKg: number): Figure {
  const { groutAdditive, groutWater } = job.settings;
  const terms: Term[] = [
    { code: "job", value: groutKg, unit: "kg" },
    settingTerm(job, "groutWater", "share"),
  ];
  const value = groutAdditive ? groutKg * groutWater : 0;
  return { code: "groutAdditiveL", value, unit: "L", terms };
}

/** Sealant in ml: metres × bead section × (1 + waste); a mm² along a metre is a millilitre. */
export function sealantVolume(
  job: Pick<Job, "given" | "settings">,
  code: "sealantM" | "hiddenBeadM" | "boardBeadM",
  lengthM: number,
): Figure {
  const bead = job.settings.sealantBeadMm2;
  const value = lengthM * bead * (1 + job.settings.sealantWaste);
  return {
    code,
    value,
    unit: "mL",
    terms: [
      { code: "job", value: lengthM, unit: "m" },
      settingTerm(job, "sealantBeadMm2", "mm2"),
      settingTerm(job, "sealantWaste", "share"),
    ],
  };
}
