import { SquareSplitHorizontal } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const setOut: StageView = {
  icon: SquareSplitHorizontal,
  panel: new Part(
    async () => (await import("./SetOutStage.tsx")).SetOutStage,
    async () => undefined,
  ),
  settles: [],
};
