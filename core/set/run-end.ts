import type { LaidArea } from "../cut/laid-area.ts";
import { boxOf } from "../geometry/polygon.ts";
import { lineX } from "../measure/corners.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { fieldTile } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { AsSet } from "../project/schema.ts";
import {
  type CorrectedJoint,
  correctedJoint,
  correctionLimits,
  type UprightPlanned,
} from "./correction.ts";
import { piecesByRow } from "./row-pieces.ts";

/** What a run that was measured at its end asks of the pieces that are left of it. */
export interface RunEnd extends CorrectedJoint {
  wall: string;
  course: number;
  from: "left" | "right";
  /** Its last tile that is set, and where the far edge of that was planned. */
  piece: string;
  planned: UprightPlanned;
  /** Pieces, and so joints, that are left. */
  left: number;
  /** The piece at the end of the run, and how it is cut where the joints are kept. */
  end?: { piece: string; number: number; from: number; to: number };
}

/** A wall whose runs were measured. */
export interface RunWall {
  id: string;
  measured: MeasuredWall;
  areas: LaidArea[];
}

type RunJob = Pick<Job, "asSet" | "field" | "tiles">;

/**
 * For each course whose run was measured: how far the last tile's far edge is from its plan, the joint
 * for the rest of the run, and the cut at its end where the joints stay (trade practice, by the rule
 * for courses).
 */
export function runEnds(job: RunJob, walls: RunWall[]): RunEnd[] {
  return walls.flatMap((wall) =>
    job.asSet
      .filter((entry) => entry.wall === wall.id)
      .flatMap((entry) => runEnd(job, wall, entry)),
  );
}

function runEnd(job: RunJob, wall: RunWall, { course, run }: AsSet): RunEnd[] {
  if (!run) return [];
  const pieces = wall.areas.flatMap((area, index) => {
    if (area.zone || area.cell.courses.length === 0) return [];
    return (piecesByRow(job, wall, index).get(course) ?? []).map((piece) => ({
      piece,
      box: boxOf(piece.ring),
    }));
  });
  // In the order of the run: away from the corner that it was measured from.
  const away = run.from === "left" ? 1 : -1;
  const far = ({ box }: (typeof pieces)[number]) => (away > 0 ? box.maxX : -box.minX);
  pieces.sort((p, q) => far(p) - far(q));
  const [some] = pieces;
  if (!some) return [];
  const y = (some.box.minY + some.box.maxY) / 2;
  const { left, right } = wall.measured;
  const at = away > 0 ? lineX(left, y) + run.at : -(lineX(right, y) - run.at);
  const last = pieces.reduce((best, own, k) => {
    const nearer = Math.abs(far(own) - at) < Math.abs(far(pieces[best] as typeof own) - at);
    return nearer ? k : best;
  }, 0);
  const own = pieces[last] as (typeof pieces)[number];
  const count = pieces.length - 1 - last;
  const { joint } = job.field;
  const off = at - far(own);
  const corrected = correctedJoint(off, count, joint, correctionLimits(joint, fieldTile(job)));
  const end = pieces.at(-1);
  return [
    {
      ...corrected,
      ...{ wall: wall.id, course, from: run.from, piece: own.piece.id, left: count },
      planned: { x: away * far(own), low: own.box.minY, high: own.box.maxY },
      ...(end && count > 0
        ? {
            end: {
              piece: end.piece.id,
              number: end.piece.number,
              from: end.piece.width,
              to: Math.max(0, end.piece.width - off),
            },
          }
        : {}),
    },
  ];
}
