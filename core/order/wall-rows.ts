import type { BoardPlan } from "../board/board-plan.ts";
import {
  type BoardFigureCode,
  type Figure,
  type FilmFigureCode,
  settingTerm,
  type Term,
} from "../figure.ts";
import { polygonArea } from "../geometry/polygon.ts";
import type { Job } from "../project/job.ts";
import type { FilmPlan } from "../waterproof/film-plan.ts";
import { sealantVolume } from "./order.ts";
import { type OrderRow, orderRow, roundUp } from "./row.ts";

/** What goes on the studs and keeps the water out, to buy: board, tape, fasteners, sheet and seals. */
export function wallRows(
  job: Pick<Job, "build" | "given" | "settings" | "walls">,
  boards: BoardPlan,
  film: FilmPlan,
): OrderRow[] {
  const built = (code: BoardFigureCode) => sumOver(boards.walls, code);
  const filmed = (code: FilmFigureCode) => sumOver(film.walls, code);
  const isFoam = job.build.traits.seams === "sealed";
  const isSheet = job.build.traits.film === "sheet";
  const rows = [
    orderRow("board", boards.sheets, 1),
    orderRow("fasteners", withSpare(job, built("fasteners")), job.settings.fastenerPack),
    orderRow(
      "boardBead",
      sealantVolume(job, "boardBeadM", built("boardBeadM").value),
      job.settings.sealantCartridgeMl,
    ),
    ...oldRows(job),
    ...paintRows(job, film),
    ...(isFoam
      ? [
          orderRow("washers", withSpare(job, built("fasteners")), job.settings.fastenerPack),
          orderRow("seamSealant", built("seamSealantMl"), job.settings.sealantCartridgeMl),
        ]
      : [
          orderRow("tape", built("tapeM"), job.settings.tapeRollM),
          orderRow("jointMortar", built("seamMortarKg"), job.settings.mortarBagKg),
        ]),
    ...(isSheet
      ? [
          { ...orderRow("sheetRoll", film.rollsFigure, 1), packs: film.rolls.rolls.length },
          orderRow("band", filmed("bandM"), job.settings.bandLengthM),
          orderRow("insideCorner", filmed("insideCorners"), 1),
          orderRow("outsideCorner", filmed("outsideCorners"), 1),
          orderRow("pipeSeal", filmed("pipeSeals"), 1),
          orderRow("valveSeal", filmed("valveSeals"), 1),
        ]
      : []),
  ];
  return rows.filter(({ quantity }) => quantity > 0);
}

/** Torn board is skimmed this deep, mm; a litre of primer keys this much glossy surface, m². */
const SKIM = 2;
const PRIMER_M2 = 10;

/** What surfaces that stay are mended with before anything is set on them. */
function oldRows(job: Pick<Job, "given" | "settings" | "walls">): OrderRow[] {
  const all = (kind: "tornM2" | "shinyM2") =>
    job.walls.reduce((sum, { old }) => sum + (old?.[kind] ?? 0), 0);
  const [torn, shiny] = [all("tornM2"), all("shinyM2")];
  const { mortarRate, mortarWaste, mortarBagKg } = job.settings;
  const skim: Figure = {
    ...{ code: "skimKg", value: torn * SKIM * mortarRate * (1 + mortarWaste), unit: "kg" },
    terms: [
      { code: "tornM2", value: torn, unit: "m2" },
      { code: "skimDepth", value: SKIM, unit: "mm" },
      settingTerm(job, "mortarRate", "kg/m2mm"),
      settingTerm(job, "mortarWaste", "share"),
    ],
  };
  const primer: Figure = {
    ...{ code: "primerL", value: shiny / PRIMER_M2, unit: "L" },
    terms: [
      { code: "shinyM2", value: shiny, unit: "m2" },
      { code: "primerRate", value: PRIMER_M2, unit: "m2" },
    ],
  };
  return [orderRow("skimCoat", skim, mortarBagKg), orderRow("primer", primer, 1)];
}

/** A cover holds this much film before it clogs: a coat on so much wall wants a fresh one, m². */
const ROLLER_M2 = 15;

/** Liquid film goes on with a roller, corners and strips with a brush; both are done after a coat. */
function paintRows(job: Pick<Job, "build" | "settings">, film: FilmPlan): OrderRow[] {
  const { traits } = job.build;
  const coated = film.walls.filter(({ regions }) => regions.length > 0);
  if (coated.length === 0 || (traits.film !== "liquid" && !traits.seamsOnly)) return [];
  const area = coated
    .flatMap(({ regions }) => regions)
    .reduce((sum, region) => sum + polygonArea(region) / 1e6, 0);
  const { coats } = job.settings;
  const covers = traits.seamsOnly ? 0 : coats * Math.max(1, Math.ceil(area / ROLLER_M2));
  const brushes: Term = { code: "coats", value: coats + 1, unit: "count" };
  const rolled: Term[] = [
    { code: "wetRegion", value: area, unit: "m2" },
    { code: "coats", value: coats, unit: "count" },
  ];
  return [
    orderRow("roller", { code: "rollers", value: covers, unit: "count", terms: rolled }, 1),
    orderRow("brush", { code: "brushes", value: coats + 1, unit: "count", terms: [brushes] }, 1),
  ];
}

/** A figure over all walls, with each wall as a term. */
export function sumOver<C extends BoardFigureCode | FilmFigureCode>(
  walls: { id: string; figures: Record<C, Figure> }[],
  code: C,
): Figure {
  const terms = walls.map(({ id, figures }): Term => {
    const { value, unit } = figures[code];
    return { code: "wallOf", value, unit, of: id };
  });
  const unit = terms[0]?.unit ?? "count";
  return { code, value: terms.reduce((sum, { value }) => sum + value, 0), unit, terms };
}

function withSpare(job: Pick<Job, "given" | "settings">, figure: Figure): Figure {
  return {
    ...figure,
    value: roundUp(figure.value * (1 + job.settings.fastenerSpare)),
    terms: [...figure.terms, settingTerm(job, "fastenerSpare", "share")],
  };
}
