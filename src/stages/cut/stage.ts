import { Scissors } from "lucide-react";
import type { StageView } from "../stage-view.ts";
import { CutPanel } from "./CutPanel.tsx";
import { CutPieces } from "./CutPieces.tsx";

export const cut: StageView = {
  icon: Scissors,
  Panel: CutPanel,
  marks: { on: "tile", Marks: CutPieces },
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
