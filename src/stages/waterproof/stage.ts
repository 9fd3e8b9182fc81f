import { Droplets } from "lucide-react";
import { Part } from "../../parts/part.ts";
import type { StageView } from "../stage-view.ts";

export const waterproof: StageView = {
  icon: Droplets,
  panel: new Part(async () => (await import("./WaterproofPanel.tsx")).WaterproofPanel),
  perWall: true,
  marks: { on: "bare", part: new Part(async () => (await import("./FilmMarks.tsx")).FilmMarks) },
  settles: ["film-thin", "film-thin-place", "film-above-tile", "holes-open"],
};
