import { LayoutGrid } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const set: StageView = {
  icon: LayoutGrid,
  panel: new Part(async () => (await import("./SetPanel.tsx")).SetPanel),
  marks: { on: "laid", part: new Part(async () => (await import("./SetMarks.tsx")).SetMarks) },
  settles: ["mortar-unsuited", "mortar-shows", "rows-hang", "thin-bed", "accent-stands-proud"],
};
