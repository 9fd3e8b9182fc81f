import { Ruler } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const measure: StageView = {
  icon: Ruler,
  panel: new Part(async () => (await import("./MeasurePanel.tsx")).MeasurePanel),
  perWall: true,
  marks: {
    on: "bare",
    part: new Part(async () => (await import("./MeasureMarks.tsx")).MeasureMarks),
  },
  settles: [
    "level-line-assumed",
    "wall-assumed-square",
    "base-out-of-level",
    "out-of-plumb",
    "ceiling-not-level",
    "niche-off-centre",
    "lean-mismatch",
    "width-disagrees",
    "base-disagrees",
    "top-disagrees",
    "level-loop-open",
    "plan-loop-open",
    "diagonal-impossible",
    "corner-out-of-square",
    "not-flat",
    "niche-in-rated-wall",
    "niche-in-bearing-wall",
    "niche-in-outside-wall",
    "reading-far-from-corner",
    "base-above-top",
    "job-too-large",
    "no-field",
    "opening-leaves-wall",
    "openings-overlap",
    "fixture-not-clear",
    "fixture-outside",
    "plate-too-small",
  ],
};
