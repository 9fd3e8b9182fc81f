import { areaTile, type LaidArea } from "../cut/laid-area.ts";
import { laidGrid } from "../cut/laid-grid.ts";
import type { CutPiece } from "../cut/pieces.ts";
import type { Point } from "../geometry/polygon.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import { sizeSpread } from "../set-out/check.ts";
import type { TileRef } from "../set-out/lattice.ts";
import { cellJoints, eachFacing } from "./joints.ts";
import { lippageLimit } from "./pulled.ts";

/**
 * What a low light from the left makes of a joint: a shadow on its lower side or a bright edge on the
 * tile that faces it, and how much wider or narrower the joint itself is. All mm.
 */
export interface LitJoint {
  /** The joint's middle line. */
  from: Point;
  to: Point;
  /** Into the tile on the far side. */
  normal: Point;
  /** Of the near tile's face over the far one's. */
  step: number;
  /** Of the joint beside its own width. */
  wider: number;
}

type LightJob = Pick<Job, "field" | "tiles">;

/**
 * Joints of an area as they may come out: each tile somewhere within the lippage that is allowed, each
 * joint within the spread of the tiles. Which tile comes out how follows from its place alone, so that
 * the picture stays the same.
 */
export function litJoints(job: LightJob, area: LaidArea): LitJoint[] {
  const tile = tileOf(job, areaTile(job.field.tile, area, 0));
  const { joint } = area.cell;
  const lippage = lippageLimit(joint, tile);
  const spread = sizeSpread(tile);
  const lit: LitJoint[] = [];
  eachFacing(
    laidGrid(area),
    area.pieces,
    cellJoints(area.cell),
    ({ along, normal }, line, start, end, near, far) => {
      const across = line + joint / 2;
      const place = (at: number): Point => [
        along[0] * at + normal[0] * across,
        along[1] * at + normal[1] * across,
      ];
      lit.push({
        from: place(start),
        to: place(end),
        normal,
        step: (chance(near, 1) - chance(far, 1)) * lippage,
        wider: (chance(near, 2) + chance(far, 2) - 1) * spread,
      });
    },
  );
  return lit;
}

/** How long a step's shadow is under a light so many degrees above the wall, mm. */
export function shadowLength(step: number, degrees: number): number {
  return Math.abs(step) / Math.tan((degrees * Math.PI) / 180);
}

/** A number from 0 to 1 that belongs to a tile's place. */
function chance({ shape, i, j }: TileRef | CutPiece, which: number): number {
  let hash = (shape * 73_856_093) ^ (i * 19_349_663) ^ (j * 83_492_791) ^ (which * 2_654_435_761);
  hash = Math.imul(hash ^ (hash >>> 15), 2_246_822_519);
  hash = Math.imul(hash ^ (hash >>> 13), 3_266_489_917);
  return ((hash ^ (hash >>> 16)) >>> 0) / 2 ** 32;
}
