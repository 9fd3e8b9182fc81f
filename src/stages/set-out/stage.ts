import { SquareSplitHorizontal } from "lucide-react";
import type { StageView } from "../stage-view.ts";
import { SetOutStage } from "./SetOutStage.tsx";

export const setOut: StageView = {
  icon: SquareSplitHorizontal,
  Panel: SetOutStage,
  settles: [],
};
