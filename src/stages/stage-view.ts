import type { LucideIcon } from "lucide-react";
import type { WarningCode } from "../../core/warning.ts";
import type { StageMarks } from "../drawing/marks.ts";
import type { PanelProps } from "../panel/PanelParts.tsx";
import type { Part } from "../parts/part.ts";

/** A stage of the work: what the shell, the navigation and the drawing need to know of it. */
export interface StageView {
  /** Its sign in the navigation. */
  icon: LucideIcon;
  panel: Part<PanelProps>;
  /** Another wall has a panel of its own, with nothing left in its fields. */
  perWall?: true;
  /** What it draws on the walls. */
  marks?: StageMarks;
  /** Warnings that are settled in it. */
  settles: readonly WarningCode[];
}
