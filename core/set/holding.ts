import { areaTile, type LaidArea } from "../cut/laid-area.ts";
import { laidGrid } from "../cut/laid-grid.ts";
import type { CutPiece } from "../cut/pieces.ts";
import { boxOf, translate } from "../geometry/polygon.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import { type TileRef, tileOffset } from "../set-out/lattice.ts";
import type { CellShape } from "../set-out/pattern.ts";
import { clipsOn } from "./clips.ts";
import { cellJoints, eachFacing, type JointGrid } from "./joints.ts";
import { rowNumber } from "./rows.ts";
import type { SetWall } from "./set-wall.ts";
import { isSpaced, sheetFacings, spacersOn, standingLengths } from "./spacers.ts";

/** What holds the tile of one area while it sets. */
export interface AreaHolding {
  /** x, y and angle of the joint for each clip, mm and radians. */
  clips: Float64Array;
  /** The two rows between which each clip sits. */
  clipRows: Int32Array;
  /** Clips and spacers between two rows, or within one. */
  pairs: { rows: [number, number]; clips: number; spacers: number }[];
}

/** A clip is no nearer than this to the end of its joint, mm. */
const FROM_END = 50;

/**
 * Places of the clips on a joint between two distances: in the middle where it takes one, else evenly
 * spread from 50 mm off each end.
 */
export function clipPlaces(from: number, to: number): number[] {
  const count = clipsOn(to - from);
  if (count < 2) return count === 1 ? [(from + to) / 2] : [];
  const step = (to - from - 2 * FROM_END) / (count - 1);
  return Array.from({ length: count }, (_, k) => from + FROM_END + k * step);
}

type HoldingJob = Pick<Job, "field" | "settings" | "tiles">;

/** Clips and spacers of every area of a wall, each where it sits. */
export function wallHolding(job: HoldingJob, wall: SetWall): AreaHolding[] {
  return wall.areas.map((area) => areaHolding(job, wall, area));
}

/** Facing lengths below this take neither clip nor spacer, mm. */
const NOTHING_BELOW = 30;

function areaHolding(job: HoldingJob, wall: SetWall, area: LaidArea): AreaHolding {
  const { cell, pieces } = area;
  const tile = tileOf(job, areaTile(job.field.tile, area, 0));
  const grid = laidGrid(area);
  const held = new Held();
  const clipped = job.settings.clips && cell.joint > 0;
  const spaced = isSpaced(tile, cell.joint);
  const numberOf = rowsOf(job, area);
  const joints = cellJoints(cell).filter(({ start, end }) => end - start >= NOTHING_BELOW);
  if (joints.length > 0 && (clipped || (spaced && !tile.sheet))) {
    eachFacing(grid, pieces, joints, ({ along, normal }, line, from, to, near, far) => {
      const places = clipped ? clipPlaces(from, to) : [];
      const spacers = spaced && !tile.sheet ? spacersOn(to - from) : 0;
      if (places.length === 0 && spacers === 0) return;
      const rows: [number, number] = [numberOf(near), numberOf(far)];
      held.add(rows, places.length, spacers);
      const across = line + cell.joint / 2;
      const angle = Math.atan2(along[1], along[0]);
      for (const at of places) {
        const [x, y] = [along[0] * at + normal[0] * across, along[1] * at + normal[1] * across];
        held.place([x, y, angle], rows);
      }
    });
  }
  if (spaced) {
    if (tile.sheet) {
      for (const { rows, length } of sheetFacings(area, grid as JointGrid, tile.sheet)) {
        held.add(rows, 0, spacersOn(length));
      }
    }
    const base = wall.fieldRegion.edges.filter(
      ({ of }) => of.kind === "boundary" && of.side === "bottom",
    );
    for (const { piece, length } of standingLengths(area, tile, base)) {
      const row = numberOf(piece);
      held.add([row, row], 0, spacersOn(length));
    }
  }
  return held.all();
}

/** The number of a piece's row; a whole tile's lowest point follows from its place. */
function rowsOf(
  job: HoldingJob,
  area: LaidArea,
): (piece: TileRef | (TileRef & Pick<CutPiece, "ring">)) => number {
  const number = rowNumber(job, area);
  // Where rows go by courses the lowest point is not asked for.
  if (area.cell.courses.length > 0) return (piece) => number(piece, 0);
  return (piece) => number(piece, boxOf(ringOf(area, piece)).minY);
}

function ringOf({ cell, origin }: LaidArea, piece: TileRef & { ring?: CutPiece["ring"] }) {
  if (piece.ring) return piece.ring;
  const { ring } = cell.shapes[piece.shape] as CellShape;
  return translate(ring, tileOffset(cell, origin, piece.i, piece.j));
}

/** Gathers what holds an area. */
class Held {
  private readonly pairs = new Map<string, AreaHolding["pairs"][number]>();
  private readonly clips: number[] = [];
  private readonly clipRows: number[] = [];

  add(rows: [number, number], clips: number, spacers: number): void {
    if (clips === 0 && spacers === 0) return;
    const key = `${Math.min(...rows)}/${Math.max(...rows)}`;
    const pair = this.pairs.get(key) ?? { rows, clips: 0, spacers: 0 };
    this.pairs.set(key, pair);
    pair.clips += clips;
    pair.spacers += spacers;
  }

  place(place: [number, number, number], rows: [number, number]): void {
    this.clips.push(...place);
    this.clipRows.push(...rows);
  }

  all(): AreaHolding {
    return {
      clips: Float64Array.from(this.clips),
      clipRows: Int32Array.from(this.clipRows),
      pairs: [...this.pairs.values()],
    };
  }
}
