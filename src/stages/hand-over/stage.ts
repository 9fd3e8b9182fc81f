import { KeyRound } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const handOver: StageView = {
  icon: KeyRound,
  panel: new Part(async () => (await import("./HandOverPanel.tsx")).HandOverPanel),
  marks: { on: "laid", part: new Part(async () => (await import("./SnagMarks.tsx")).SnagMarks) },
  settles: [],
};
