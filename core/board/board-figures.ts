import { type BoardFigureCode, type Figure, settingTerm, sumTerms, type Term } from "../figure.ts";
import { setting } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import { wallSystem } from "../project/wall-systems.ts";
import type { BoardLayout } from "./board-layout.ts";

/** Board, tape, joint mortar, fasteners and seam sealant of one wall, each with its sum. */
export function boardFigures(
  project: Project,
  board: BoardLayout,
  cornerMm: number,
  fasteners: number,
): Record<BoardFigureCode, Figure> {
  const joints: Term[] = [
    { code: "seams", value: board.seamMm / 1000, unit: "m" },
    { code: "leftCorner", value: cornerMm / 1000, unit: "m" },
  ];
  const pieces: Term = { code: "boardPieces", value: board.pieces.length, unit: "count" };
  return {
    boardAreaM2: { code: "boardAreaM2", value: board.areaM2, unit: "m2", terms: [pieces] },
    seamM: seamFigure(board),
    tapeM: tapeFigure(project, joints),
    seamMortarKg: jointMortarFigure(project, joints),
    fasteners: {
      code: "fasteners",
      value: fasteners,
      unit: "count",
      terms: [
        pieces,
        settingTerm(project, "fastenerSpacing", "mm"),
        settingTerm(project, "fastenerEdge", "mm"),
      ],
    },
    seamSealantMl: sealantFigure(project, joints, fasteners),
  };
}

function seamFigure({ seams, seamMm }: BoardLayout): Figure {
  const terms = seams.map(
    ({ from, to }): Term => ({
      code: to[0] > from[0] ? "levelSeam" : "uprightSeam",
      value: to[0] - from[0] + to[1] - from[1],
      unit: "mm",
    }),
  );
  return { code: "seamM", value: seamMm / 1000, unit: "m", terms };
}

/** Joints of foam board are sealed, those of all other board taped and filled. */
function isTaped(project: Project): boolean {
  return wallSystem(project) !== "foam";
}

function tapeFigure(project: Project, joints: Term[]): Figure {
  const value = isTaped(project) ? sumTerms(joints) * (1 + setting(project, "tapeWaste")) : 0;
  const terms = [...joints, settingTerm(project, "tapeWaste", "share")];
  return { code: "tapeM", value, unit: "m", terms };
}

/** Joint mortar in kg: length × width × depth × the thinset's powder rate × (1 + waste). */
function jointMortarFigure(project: Project, joints: Term[]): Figure {
  const value =
    sumTerms(joints) *
    (setting(project, "seamMortarWidth") / 1000) *
    setting(project, "seamMortarDepth") *
    setting(project, "mortarRate") *
    (1 + setting(project, "mortarWaste"));
  return {
    code: "seamMortarKg",
    value: isTaped(project) ? value : 0,
    unit: "kg",
    terms: [
      ...joints,
      settingTerm(project, "seamMortarWidth", "mm"),
      settingTerm(project, "seamMortarDepth", "mm"),
      settingTerm(project, "mortarRate", "kg/m2mm"),
      settingTerm(project, "mortarWaste", "share"),
    ],
  };
}

/** Sealant of foam board in ml: a bead along every seam and corner, a dab on every fastener. */
function sealantFigure(project: Project, joints: Term[], fasteners: number): Figure {
  const value =
    sumTerms(joints) * setting(project, "seamBeadMm2") +
    fasteners * setting(project, "fastenerDabMl");
  return {
    code: "seamSealantMl",
    value: isTaped(project) ? 0 : value,
    unit: "mL",
    terms: [
      ...joints,
      settingTerm(project, "seamBeadMm2", "mm2"),
      { code: "fasteners", value: fasteners, unit: "count" },
      settingTerm(project, "fastenerDabMl", "mL"),
    ],
  };
}
