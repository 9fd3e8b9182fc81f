import { Hammer } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const board: StageView = {
  icon: Hammer,
  panel: new Part(async () => (await import("./BoardPanel.tsx")).BoardPanel),
  perWall: true,
  marks: { on: "bare", part: new Part(async () => (await import("./BoardMarks.tsx")).BoardMarks) },
  settles: [
    "moisture-sandwich",
    "board-piece-too-large",
    "drywall-in-wet",
    "system-least-conservative",
    "seams-only-needs-durable-board",
    "foam-system-other-board",
    "sheet-mortar-class",
    "mastic-in-wet",
    "flange-proud",
    "socket-needs-extension",
    "plate-leaves-gap",
    "work-round",
    "adhesive-unsuited",
    "tile-too-heavy",
    "board-thin",
    "studs-too-far",
    "seam-near-opening",
    "opening-cuts-stud",
    "niche-too-deep",
    "valve-depth",
    "blocking-outside",
  ],
};
