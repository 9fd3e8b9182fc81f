import type { BoardPlan } from "../board/board-plan.ts";
import {
  type BoardFigureCode,
  type Figure,
  type FilmFigureCode,
  settingTerm,
  type Term,
} from "../figure.ts";
import type { Job } from "../project/job.ts";

import type { FilmPlan } from "../waterproof/film-plan.ts";
import { type OrderRow, orderRow, roundUp } from "./row.ts";

/** What goes on the studs and keeps the water out, to buy: board, tape, fasteners, sheet and seals. */
export function wallRows(
  job: Pick<Job, "build" | "given" | "settings">,
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
