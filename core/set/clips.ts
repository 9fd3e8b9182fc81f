import type { Figure } from "../figure.ts";
import { fieldTile, longestSide } from "../project/defaults.ts";
import type { Project } from "../project/schema.ts";
import type { JointTally } from "./joints.ts";

/** From this longest side on, leveling clips are used unless the job says otherwise, mm. */
const CLIPS_FROM = 300;

/** Leveling clips are on by default from 300 mm, else offered. */
export function clipsWanted(project: Project): boolean {
  return project.settings?.clips ?? longestSide(fieldTile(project)) >= CLIPS_FROM;
}

/** Leveling clips of one wall, without spare: every facing length with the clips it takes. */
export function clipsFigure(tally: JointTally, wanted: boolean): Figure {
  const holding = tally.segments.filter(({ clipsEach }) => clipsEach > 0);
  return {
    code: "clips",
    value: wanted ? tally.clips : 0,
    unit: "count",
    terms: holding.map(({ length, count, clipsEach }) => ({
      code: "clipsEach",
      value: length,
      unit: "mm",
      count,
      each: clipsEach,
    })),
  };
}
