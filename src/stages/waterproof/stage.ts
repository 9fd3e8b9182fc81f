import { Droplets } from "lucide-react";
import type { StageView } from "../stage-view.ts";
import { FilmMarks } from "./FilmMarks.tsx";
import { WaterproofPanel } from "./WaterproofPanel.tsx";

export const waterproof: StageView = {
  icon: Droplets,
  Panel: WaterproofPanel,
  perWall: true,
  marks: { on: "bare", Marks: FilmMarks },
  settles: ["film-thin", "film-thin-place", "film-above-tile", "holes-open"],
};
