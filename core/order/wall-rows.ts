import type { BoardPlan } from "../board/board-plan.ts";
import {
  type BoardFigureCode,
  type Figure,
  type FilmFigureCode,
  settingTerm,
  type Term,
} from "../figure.ts";
import { setting } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import type { FilmPlan } from "../waterproof/film-plan.ts";
import { type OrderRow, orderRow, roundUp } from "./row.ts";

/** What goes on the studs and keeps the water out, to buy: board, tape, fasteners, sheet and seals. */
export function wallRows(project: Project, boards: BoardPlan, film: FilmPlan): OrderRow[] {
  const built = (code: BoardFigureCode) => sumOver(boards.walls, code);
  const filmed = (code: FilmFigureCode) => sumOver(film.walls, code);
  const isFoam = boards.system === "foam";
  const isSheet = film.system === "board-sheet";
  const rows = [
    orderRow("board", boards.sheets, 1),
    orderRow("fasteners", withSpare(project, built("fasteners")), setting(project, "fastenerPack")),
    ...(isFoam
      ? [
          orderRow(
            "washers",
            withSpare(project, built("fasteners")),
            setting(project, "fastenerPack"),
          ),
          orderRow("seamSealant", built("seamSealantMl"), setting(project, "sealantCartridgeMl")),
        ]
      : [
          orderRow("tape", built("tapeM"), setting(project, "tapeRollM")),
          orderRow("jointMortar", built("seamMortarKg"), setting(project, "mortarBagKg")),
        ]),
    ...(isSheet
      ? [
          { ...orderRow("sheetRoll", film.rollsFigure, 1), packs: film.rolls.rolls.length },
          orderRow("band", filmed("bandM"), setting(project, "bandLengthM")),
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

function withSpare(project: Project, figure: Figure): Figure {
  return {
    ...figure,
    value: roundUp(figure.value * (1 + setting(project, "fastenerSpare"))),
    terms: [...figure.terms, settingTerm(project, "fastenerSpare", "share")],
  };
}
