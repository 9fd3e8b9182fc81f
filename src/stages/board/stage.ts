import { Hammer } from "lucide-react";
import type { StageView } from "../stage-view.ts";
import { BoardMarks } from "./BoardMarks.tsx";
import { BoardPanel } from "./BoardPanel.tsx";

export const board: StageView = {
  icon: Hammer,
  Panel: BoardPanel,
  perWall: true,
  marks: { on: "bare", Marks: BoardMarks },
  settles: [
    "moisture-sandwich",
    "board-piece-too-large",
    "drywall-in-wet",
    "system-least-conservative",
    "seams-only-needs-durable-board",
    "foam-system-other-board",
    "sheet-mortar-class",
    "mastic-in-wet",
    "board-thin",
    "studs-too-far",
    "seam-near-opening",
    "opening-cuts-stud",
    "niche-too-deep",
    "valve-depth",
    "blocking-outside",
  ],
};
