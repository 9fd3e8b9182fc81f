import { type BoardFigureCode, type Figure, settingTerm, sumTerms, type Term } from "../figure.ts";
import type { Job } from "../project/job.ts";

import type { BoardLayout } from "./board-layout.ts";

/** Board, tape, joint mortar, fasteners and seam sealant of one wall, each with its sum. */
export function boardFigures(
  job: Pick<Job, "build" | "given" | "settings">,
  board: BoardLayout,
  cornerMm: number,
  fasteners: number,
  baseMm: number,
): Record<BoardFigureCode, Figure> {
  const joints: Term[] = [
    { code: "seams", value: board.seamMm / 1000, unit: "m" },
    { code: "leftCorner", value: cornerMm / 1000, unit: "m" },
  ];
  const pieces: Term = { code: "boardPieces", value: board.pieces.length, unit: "count" };
  return {
    boardAreaM2: { code: "boardAreaM2", value: board.areaM2, unit: "m2", terms: [pieces] },
    seamM: seamFigure(board),
    tapeM: tapeFigure(job, joints),
    seamMortarKg: jointMortarFigure(job, joints),
    fasteners: {
      code: "fasteners",
      value: fasteners,
      unit: "count",
      terms: [
        pieces,
        settingTerm(job, "fastenerSpacing", "mm"),
        settingTerm(job, "fastenerEdge", "mm"),
      ],
    },
    seamSealantMl: sealantFigure(job, joints, fasteners),
    boardBeadM: {
      code: "boardBeadM",
      value: baseMm / 1000,
      unit: "m",
      terms: [{ code: "base", value: baseMm / 1000, unit: "m" }],
    },
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
function isTaped(job: Pick<Job, "build">): boolean {
  return job.build.traits.seams === "taped";
}

function tapeFigure(job: Pick<Job, "build" | "given" | "settings">, joints: Term[]): Figure {
  const value = isTaped(job) ? sumTerms(joints) * (1 + job.settings.tapeWaste) : 0;
  const terms = [...joints, settingTerm(job, "tapeWaste", "share")];
  return { code: "tapeM", value, unit: "m", terms };
}

/** Joint mortar in kg: length × width × depth × the thinset's powder rate × (1 + waste). */
function jointMortarFigure(job: Pick<Job, "build" | "given" | "settings">, joints: Term[]): Figure {
  const value =
    sumTerms(joints) *
    (job.settings.seamMortarWidth / 1000) *
    job.settings.seamMortarDepth *
    job.settings.mortarRate *
    (1 + job.settings.mortarWaste);
  return {
    code: "seamMortarKg",
    value: isTaped(job) ? value : 0,
    unit: "kg",
    terms: [
      ...joints,
      settingTerm(job, "seamMortarWidth", "mm"),
      settingTerm(job, "seamMortarDepth", "mm"),
      settingTerm(job, "mortarRate", "kg/m2mm"),
      settingTerm(job, "mortarWaste", "share"),
    ],
  };
}

/** Sealant of foam board in ml: a bead along every seam and corner, a dab on every fastener. */
function sealantFigure(
  job: Pick<Job, "build" | "given" | "settings">,
  joints: Term[],
  fasteners: number,
): Figure {
  const value =
    sumTerms(joints) * job.settings.seamBeadMm2 + fasteners * job.settings.fastenerDabMl;
  return {
    code: "seamSealantMl",
    value: isTaped(job) ? 0 : value,
    unit: "mL",
    terms: [
      ...joints,
      settingTerm(job, "seamBeadMm2", "mm2"),
      { code: "fasteners", value: fasteners, unit: "count" },
      settingTerm(job, "fastenerDabMl", "mL"),
    ],
  };
}
