import { type BuildUp, fieldBuildUp } from "../build-up/wall-ends.ts";
import type { BoardFigureCode, Figure, Term } from "../figure.ts";
import { distance, edgesOf, type Point, type Polygon } from "../geometry/polygon.ts";
import { heightAt, profilePoints } from "../geometry/profile.ts";
import { intoWall, obstacles } from "../measure/openings.ts";
import { outline } from "../measure/outline.ts";
import { type MeasuredWall, newParts, type Survey } from "../measure/survey.ts";
import { packSheets, type SheetPacking } from "../packing/sheets.ts";
import { meetingAt } from "../project/enclosure.ts";
import { type Job, type JobWall, jobParts } from "../project/job.ts";
import type { WallSystem } from "../project/wall-systems.ts";
import { parts, type Recall } from "../recall.ts";
import { boardFigures } from "./board-figures.ts";
import { type BoardLayout, type BoardRules, layBoard, type SheetLay } from "./board-layout.ts";
import type { Seam } from "./board-seams.ts";
import { type CutOut, cutOutsOf } from "./cut-outs.ts";
import { fastenerPoints } from "./fasteners.ts";
import { boardHole, type RoughOpening, roughOpening } from "./framing.ts";
import { type WallStuds, wallStuds } from "./studs.ts";

/** What goes on the studs of one wall. */
export interface WallBoard {
  id: string;
  layers: BuildUp;
  studs: WallStuds;
  openings: RoughOpening[];
  board: BoardLayout;
  fasteners: Point[];
  /** What is cut out of each piece before it goes up, by the piece's id. */
  cutOuts: Record<string, CutOut[]>;
  /** Height of the corner at the left end, which the wall owns, mm. */
  cornerMm: number;
  figures: Record<BoardFigureCode, Figure>;
}

/** One way to lay the sheets, in figures. */
export interface LayOption {
  lay: SheetLay;
  sheets: number;
  /** No plan of these pieces can do with fewer sheets. */
  bound: number;
  seamM: number;
  nearCorners: number;
}

/** What goes on the studs of the whole job. */
export interface BoardPlan {
  system: WallSystem;
  lay: SheetLay;
  options: LayOption[];
  sheet: { long: number; short: number };
  packing: SheetPacking;
  walls: WallBoard[];
  sheets: Figure;
}

/**
 * Board for all walls: laid lying and standing, offcuts of one wall used on another, and the way
 * with fewer seams at niche corners, then fewer sheets, then shorter seams taken unless the job
 * says otherwise.
 */
export function planBoard(job: Job, survey: Survey, recall: Recall): BoardPlan {
  const { sheet, system } = job.build;
  const framed = survey.walls.map((measured, k) =>
    recall.once(
      `frame/${measured.wall.id}`,
      { job: jobParts(job), wall: parts(job.walls[k] as JobWall), measured },
      frameWall,
    ),
  );
  const ways = LAYS.map((lay) => layWalls(job, framed, lay, recall));
  const chosen = chooseWay(job.build.lay, ways);
  const walls = framed.map((frame, k) =>
    recall.once(
      `board/${frame.id}`,
      { job: jobParts(job), frame, board: chosen.boards[k] as BoardLayout },
      boardOnWall,
    ),
  );
  return {
    system,
    lay: chosen.option.lay,
    options: ways.map(({ option }) => option),
    sheet,
    packing: chosen.packing,
    walls,
    sheets: sheetsFigure(walls, chosen.packing, sheet),
  };
}

/** Ways that the sheets of a job can lie. */
const LAYS = ["lying", "standing"] as const;

/** A wall's studs, what stands between them, and what board covers. */
interface FramedWall extends Pick<WallBoard, "id" | "layers" | "studs" | "openings" | "cornerMm"> {
  measured: MeasuredWall;
  /** Where board goes: all of the wall, or its patches. */
  regions: Polygon[];
}

function frameWall({
  job,
  wall,
  measured,
}: {
  job: Job;
  wall: JobWall;
  measured: MeasuredWall;
}): FramedWall {
  const studs = wallStuds(job, wall);
  const layers = fieldBuildUp(job, wall);
  // Sheets keep the same gap in corners and under the ceiling as at seams: none is forced in.
  const { sheetGap: gap, baseHold: base } = job.settings;
  return {
    id: measured.wall.id,
    measured,
    layers,
    studs,
    openings: [
      ...intoWall(measured.openings).map((opening) => roughOpening(job, layers, studs, opening)),
      ...obstacles(measured.openings).map(boardHole),
    ],
    regions: newParts(measured, outline(measured, { left: gap, right: gap, top: gap, base })),
    cornerMm: measured.patches ? 0 : cornerHeight(job, measured),
  };
}

/** All walls with their sheets lying, or standing, and how the pieces come from sheets. */
function layWalls(
  job: Pick<Job, "build" | "settings">,
  framed: FramedWall[],
  lay: SheetLay,
  recall: Recall,
) {
  const { sheet } = job.build;
  const { sheetGap: gap, seamClear } = job.settings;
  const boards = framed.map((frame) =>
    recall.once(`${lay}/${frame.id}`, { ...sheet, gap, seamClear, frame, lay }, layFrame),
  );
  const pieces = boards.flatMap((board) => board.pieces);
  const packing = recall.once(`sheets/${lay}`, { ...sheet, pieces }, (all) =>
    packSheets(all.pieces, { width: all.long, height: all.short }),
  );
  return { boards, packing, option: optionOf(lay, boards, packing) };
}

function layFrame({ frame, lay, ...rules }: BoardRules & { frame: FramedWall; lay: SheetLay }) {
  const { id, measured, regions, studs, openings } = frame;
  if (!measured.patches && regions[0]) {
    return layBoard(id, regions[0], studs, openings, rules, lay);
  }
  const patched = regions.map((region, k) =>
    layBoard(`${id}${k + 1}-`, region, studs, openings, rules, lay),
  );
  return mergeBoards(lay, patched, regions);
}

/** Patches side by side; round each one its joint with the board that stays is a seam as well. */
function mergeBoards(lay: SheetLay, boards: BoardLayout[], regions: Polygon[]): BoardLayout {
  const joints = regions.flatMap(edgesOf).map(([a, b]): Seam => {
    const isForward = a[0] + a[1] <= b[0] + b[1];
    return isForward ? { from: a, to: b } : { from: b, to: a };
  });
  const all = (of: (board: BoardLayout) => number) =>
    boards.reduce((sum, board) => sum + of(board), 0);
  const round = joints.reduce((sum, { from, to }) => sum + to[0] - from[0] + to[1] - from[1], 0);
  return {
    lay,
    pieces: boards.flatMap(({ pieces }) => pieces),
    seams: [...boards.flatMap(({ seams }) => seams), ...joints],
    seamMm: all(({ seamMm }) => seamMm) + round,
    nearCorners: all(({ nearCorners }) => nearCorners),
    areaM2: all(({ areaM2 }) => areaM2),
  };
}

function boardOnWall({
  job,
  frame: { measured, regions: _, ...frame },
  board,
}: {
  job: Job;
  frame: FramedWall;
  board: BoardLayout;
}): WallBoard {
  const { studs, openings, cornerMm } = frame;
  const fasteners = fastenerPoints(job, measured, studs, board.pieces, openings);
  return {
    ...frame,
    board,
    fasteners,
    cutOuts: Object.fromEntries(
      board.pieces.map((piece) => [piece.id, cutOutsOf(piece, openings, measured.fixtures)]),
    ),
    figures: boardFigures(job, board, cornerMm, fasteners.length, baseUnderBoard(measured)),
  };
}

/** How long the base under new board is, mm: the bead goes there before the lowest sheet is fixed. */
function baseUnderBoard({ patches, empty, base, baseSpan, leg, wall }: MeasuredWall): number {
  if (patches || empty) return 0;
  const along = profilePoints(base, ...baseSpan);
  const rim = along.slice(1).reduce((sum, point, k) => sum + distance(along[k] as Point, point), 0);
  return rim + (leg ? wall.width.bottom - (baseSpan[1] - baseSpan[0]) : 0);
}

function optionOf(lay: SheetLay, boards: BoardLayout[], packing: SheetPacking): LayOption {
  return {
    lay,
    sheets: packing.sheets.length,
    bound: packing.bound,
    seamM: boards.reduce((sum, { seamMm }) => sum + seamMm, 0) / 1000,
    nearCorners: boards.reduce((sum, { nearCorners }) => sum + nearCorners, 0),
  };
}

function chooseWay<T extends { option: LayOption }>(wanted: Job["build"]["lay"], ways: T[]): T {
  const [lying, standing] = ways as [T, T];
  if (wanted !== "best") return wanted === "lying" ? lying : standing;
  const [p, q] = [lying.option, standing.option];
  const lead = q.nearCorners - p.nearCorners || q.sheets - p.sheets || q.seamM - p.seamM;
  return lead >= 0 ? lying : standing;
}

function sheetsFigure(
  walls: WallBoard[],
  packing: SheetPacking,
  sheet: { long: number; short: number },
): Figure {
  return {
    code: "boardSheets",
    value: packing.sheets.length,
    unit: "count",
    terms: [
      ...walls.map(
        ({ id, board }): Term => ({
          code: "boardPieces",
          value: board.pieces.length,
          unit: "count",
          of: id,
        }),
      ),
      { code: "sheetLong", value: sheet.long, unit: "mm" },
      { code: "sheetShort", value: sheet.short, unit: "mm" },
      { code: "sheetBound", value: packing.bound, unit: "count" },
    ],
  };
}

/** Height of the corner at the wall's left end, mm; 0 at an open end. A wall owns its left corner. */
function cornerHeight(job: Pick<Job, "meetings">, wall: MeasuredWall): number {
  if (!meetingAt(job, wall.wall.id, "left")) return 0;
  return Math.max(0, heightAt(wall.top, 0) - heightAt(wall.base, 0));
}
