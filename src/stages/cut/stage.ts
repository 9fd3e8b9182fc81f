import { Scissors } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const cut: StageView = {
  icon: Scissors,
  panel: new Part(async () => (await import("./CutPanel.tsx")).CutPanel),
  marks: { on: "tile", part: new Part(async () => (await import("./CutPieces.tsx")).CutPieces) },
  settles: [
    "strip-below-saw",
    "cut-beyond-tools",
    "no-hole-saw",
    "marks-disagree",
    "thin-strip",
    "weak-tongue",
    "hole-near-edge",
  ],
};
