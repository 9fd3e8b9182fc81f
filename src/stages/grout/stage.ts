import { Waves } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const grout: StageView = {
  icon: Waves,
  panel: new Part(async () => (await import("./GroutPanel.tsx")).GroutPanel),
  marks: { on: "laid", part: new Part(async () => (await import("./GroutMarks.tsx")).GroutMarks) },
  settles: ["grout-unsuited", "grout-sets-fast"],
};
