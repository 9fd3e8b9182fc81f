import type { Figure } from "../figure.ts";
import { type Job, jobParts } from "../project/job.ts";
import type { Recall } from "../recall.ts";
import type { SetRow } from "../set/rows.ts";
import { type GroutChoice, groutChoices } from "./kind.ts";
import { type GroutMix, type GroutWall, groutMixes } from "./mixes.ts";
import { sealerFigure } from "./sealer.ts";
import { type SoftJoint, softJoints } from "./soft-joints.ts";

/** How the joints of a job are filled: with what, in which mixes, and where sealant goes. */
export interface GroutPlan {
  choices: GroutChoice[];
  mixes: GroutMix[];
  softJoints: SoftJoint[];
  sealer: Figure;
}

/** A wall that is grouted and sealed. */
export interface SealedWall extends GroutWall {
  figures: { groutKg: Figure; sealantM: Figure };
}

/** Plans grout, soft joints and sealer from the walls and the rows that they were set in. */
export function planGrout(
  job: Job,
  walls: SealedWall[],
  rows: SetRow[],
  recall: Recall,
): GroutPlan {
  const inputs = { job: jobParts(job), walls };
  return recall.kept("grout", { ...inputs, rows }, ({ job: own, ...laid }) => ({
    choices: groutChoices(own),
    mixes: laid.walls.flatMap((wall) =>
      groutMixes(
        own,
        wall,
        laid.rows.filter((row) => row.wall === wall.id),
      ),
    ),
    softJoints: laid.walls.flatMap((wall) => softJoints(own, wall)),
    sealer: sealerFigure(own, laid.walls),
  }));
}
