import {
  CalendarDays,
  Camera,
  ClipboardList,
  Columns3,
  FileText,
  type LucideIcon,
  NotebookPen,
  RulerDimensionLine,
  Timer,
} from "lucide-react";
import type { WarningCode } from "../../core/warning.ts";
import { board } from "../stages/board/stage.ts";
import { cut } from "../stages/cut/stage.ts";
import { grout } from "../stages/grout/stage.ts";
import { handOver } from "../stages/hand-over/stage.ts";
import { measure } from "../stages/measure/stage.ts";
import { set } from "../stages/set/stage.ts";
import { setOut } from "../stages/set-out/stage.ts";
import type { StageView } from "../stages/stage-view.ts";
import { waterproof } from "../stages/waterproof/stage.ts";
import { isStage, type Page, STAGES, type Stage } from "../state/view-store.ts";

/** The stages as they describe themselves. */
export const STAGE_VIEWS: Record<Stage, StageView> = {
  measure,
  board,
  waterproof,
  "set-out": setOut,
  cut,
  set,
  grout,
  "hand-over": handOver,
};

/** The signs of the pages beside the drawing. */
const PAGE_ICONS: Record<Exclude<Page, Stage>, LucideIcon> = {
  now: Timer,
  order: ClipboardList,
  days: CalendarDays,
  log: NotebookPen,
  options: Columns3,
  pole: RulerDimensionLine,
  record: Camera,
  documents: FileText,
};

/** The sign of a page in the navigation. */
export function iconOf(page: Page): LucideIcon {
  return isStage(page) ? STAGE_VIEWS[page].icon : PAGE_ICONS[page];
}

const SETTLED_IN = new Map<WarningCode, Stage>(
  STAGES.flatMap((stage) =>
    STAGE_VIEWS[stage].settles.map((code): [WarningCode, Stage] => [code, stage]),
  ),
);

/** The stage that a warning is settled in; what no other one claims belongs to the set-out. */
export function stageOf(code: WarningCode): Stage {
  return SETTLED_IN.get(code) ?? "set-out";
}
