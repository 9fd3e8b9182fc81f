import { type BuildUp, fieldBuildUp } from "../build-up/wall-ends.ts";
import type { BoardFigureCode, Figure, Term } from "../figure.ts";
import type { Point } from "../geometry/polygon.ts";
import { heightAt } from "../geometry/profile.ts";
import { intoWall, type PlacedOpening, placeFixtures, placeOpenings } from "../measure/openings.ts";
import { outline } from "../measure/outline.ts";
import type { MeasuredWall, Survey } from "../measure/survey.ts";
import { packSheets, type SheetPacking } from "../packing/sheets.ts";
import { setting } from "../project/defaults.ts";
import { meetingAt } from "../project/enclosure.ts";
import type { Project } from "../project/schema.ts";
import { type WallSystem, wallSystem } from "../project/wall-systems.ts";
import { boardFigures } from "./board-figures.ts";
import { type BoardLayout, type BoardRules, layBoard, type SheetLay } from "./board-layout.ts";
import { type CutOut, cutOutsOf } from "./cut-outs.ts";
import { fastenerPoints } from "./fasteners.ts";
import { type RoughOpening, roughOpening } from "./framing.ts";
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

/** Sheet that most board is sold in, mm (3 × 5 ft). */
const SHEET = { short: 914.4, long: 1524 };

/** The sheet of the job: its two sides, the long one first. */
export function boardSheet({ build }: Project): { long: number; short: number } {
  const [a, b] = [build?.sheetWidth ?? SHEET.short, build?.sheetHeight ?? SHEET.long];
  return { long: Math.max(a, b), short: Math.min(a, b) };
}

/**
 * Board for all walls: laid lying and standing, offcuts of one wall used on another, and the way
 * with fewer seams at niche corners, then fewer sheets, then shorter seams taken unless the job
 * says otherwise.
 */
export function planBoard(project: Project, survey: Survey): BoardPlan {
  const sheet = boardSheet(project);
  const rules: BoardRules = {
    ...sheet,
    gap: setting(project, "sheetGap"),
    seamClear: setting(project, "seamClear"),
  };
  const framed = survey.walls.map((wall) => frameWall(project, survey, wall));
  const ways = (["lying", "standing"] as const).map((lay) => {
    const boards = framed.map(({ wall, studs, openings, region }) =>
      layBoard(wall.wall.id, region, studs, openings, rules, lay),
    );
    const pieces = boards.flatMap((board) => board.pieces);
    const packing = packSheets(pieces, { width: sheet.long, height: sheet.short });
    return { boards, packing, option: optionOf(lay, boards, packing) };
  });
  const chosen = chooseWay(project, ways);
  const walls = framed.map(({ wall, studs, openings, fixtures }, k): WallBoard => {
    const board = chosen.boards[k] as BoardLayout;
    const cornerMm = cornerHeight(project, wall);
    const fasteners = fastenerPoints(project, wall, studs, board.pieces, openings);
    return {
      id: wall.wall.id,
      layers: fieldBuildUp(project, wall.wall),
      studs,
      openings,
      board,
      fasteners,
      cutOuts: Object.fromEntries(
        board.pieces.map((piece) => [piece.id, cutOutsOf(piece, openings, fixtures)]),
      ),
      cornerMm,
      figures: boardFigures(project, board, cornerMm, fasteners.length),
    };
  });
  return {
    system: wallSystem(project),
    lay: chosen.option.lay,
    options: ways.map(({ option }) => option),
    sheet,
    packing: chosen.packing,
    walls,
    sheets: sheetsFigure(walls, chosen.packing, sheet),
  };
}

function frameWall(project: Project, survey: Survey, wall: MeasuredWall) {
  const studs = wallStuds(project, wall.wall);
  const openings = intoWall(placeOpenings(survey, wall)).map((opening: PlacedOpening) =>
    roughOpening(project, wall.wall, studs, opening),
  );
  // Sheets keep the same gap in corners and under the ceiling as at seams: none is forced in.
  const gap = setting(project, "sheetGap");
  const region = outline(wall, {
    left: gap,
    right: gap,
    top: gap,
    base: setting(project, "baseHold"),
  });
  return { wall, studs, openings, fixtures: placeFixtures(project, survey, wall), region };
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

function chooseWay<T extends { option: LayOption }>(project: Project, ways: T[]): T {
  const wanted = project.build?.lay ?? "best";
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
function cornerHeight(project: Project, wall: MeasuredWall): number {
  if (!meetingAt(project, wall.wall.id, "left")) return 0;
  return Math.max(0, heightAt(wall.top, 0) - heightAt(wall.base, 0));
}
