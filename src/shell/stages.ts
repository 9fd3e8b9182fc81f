import {
  Camera,
  ClipboardList,
  Droplets,
  Hammer,
  type LucideIcon,
  Ruler,
  RulerDimensionLine,
  Scissors,
  SquareSplitHorizontal,
} from "lucide-react";
import type { ComponentType } from "react";
import type { StageMarks } from "../drawing/marks.ts";
import { BoardMarks } from "../stages/board/BoardMarks.tsx";
import { BoardPanel } from "../stages/board/BoardPanel.tsx";
import { CutPanel } from "../stages/cut/CutPanel.tsx";
import { CutPieces } from "../stages/cut/CutPieces.tsx";
import { MeasureMarks } from "../stages/measure/MeasureMarks.tsx";
import { MeasurePanel } from "../stages/measure/MeasurePanel.tsx";
import type { PanelProps } from "../stages/PanelParts.tsx";
import { SetOutStage } from "../stages/set-out/SetOutStage.tsx";
import { FilmMarks } from "../stages/waterproof/FilmMarks.tsx";
import { WaterproofPanel } from "../stages/waterproof/WaterproofPanel.tsx";
import type { Page, Stage } from "../state/view-store.ts";

/** The signs of the pages in the navigation. */
export const ICONS: Record<Page, LucideIcon> = {
  measure: Ruler,
  board: Hammer,
  waterproof: Droplets,
  "set-out": SquareSplitHorizontal,
  cut: Scissors,
  order: ClipboardList,
  pole: RulerDimensionLine,
  record: Camera,
};

/** What a stage shows: its panel beside the drawing, and what it draws on the walls. */
interface StageView {
  Panel: ComponentType<PanelProps>;
  /** Another wall has a panel of its own, with nothing left in its fields. */
  perWall?: true;
  marks?: StageMarks;
}

export const STAGE_VIEWS: Record<Stage, StageView> = {
  measure: { Panel: MeasurePanel, perWall: true, marks: { on: "bare", Marks: MeasureMarks } },
  board: { Panel: BoardPanel, perWall: true, marks: { on: "bare", Marks: BoardMarks } },
  waterproof: { Panel: WaterproofPanel, perWall: true, marks: { on: "bare", Marks: FilmMarks } },
  "set-out": { Panel: SetOutStage },
  cut: { Panel: CutPanel, marks: { on: "tile", Marks: CutPieces } },
};
