import type { WallEnd } from "../build-up/wall-ends.ts";
import type { Figure, Term } from "../figure.ts";
import { distance } from "../geometry/polygon.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Job } from "../project/job.ts";
import type { ObstacleJoint } from "../set-out/obstacle-joints.ts";
import type { FieldSide, RegionEdge } from "../set-out/region.ts";
import type { SideLengths } from "../set-out/side-lengths.ts";

/** What the beads and the masking of a wall are told from. */
export interface BeadInputs {
  job: Pick<Job, "enclosure">;
  measured: MeasuredWall;
  edges: RegionEdge[];
  ends: { left: WallEnd; right: WallEnd };
  /** Without the stretches where something stands in the way. */
  lengths: SideLengths;
  /** Windows, as far as they lie in the field. */
  windows: PlacedOpening[];
  inTheWay: ObstacleJoint[];
}

/**
 * The bead behind the tile, hidden once it is set: along the rim of a tub or pan, and down the apron
 * at a leg (trade practice; it is there beside the soft joint that shows later).
 */
export function hiddenBeadFigure({ job, edges, lengths }: BeadInputs): Figure {
  const { base } = job.enclosure;
  const wet = base === "tub" || base === "pan";
  const along = (side: FieldSide) => lengthOf(edges, side) / 1000;
  // What stands in the way along the base is no longer in the lengths.
  const rim = lengths.base / 1000 - along("front") - along("floor");
  const terms: Term[] = wet
    ? [
        { code: "tubRim", value: Math.max(0, rim), unit: "m" },
        { code: "apronEdges", value: along("front"), unit: "m" },
      ]
    : [];
  return figure("hiddenBeadM", terms);
}

/** Tape that keeps grout and sealant off what is beside the tile, each edge once. */
export function maskFigure(inputs: BeadInputs): Figure {
  const { measured, edges, ends, lengths, windows, inTheWay } = inputs;
  const ceiling = measured.wall.topIs === "height" ? 0 : lengths.top / 1000;
  const open = openEndsMm({ edges, ends }) / 1000;
  return figure("maskM", [
    { code: "base", value: lengths.base / 1000, unit: "m" },
    { code: "ceilingEdge", value: ceiling, unit: "m" },
    { code: "openEnds", value: open, unit: "m" },
    ...windows.map(({ opening: { id, name, width, height } }): Term => {
      return {
        code: "openingRing",
        value: (2 * (width + height)) / 1000,
        unit: "m",
        of: name ?? id,
      };
    }),
    ...inTheWay.map(({ opening: { id, name }, mm }): Term => {
      return { code: "openingRing", value: mm / 1000, unit: "m", of: name ?? id };
    }),
  ]);
}

/** The field's edges at its open ends, mm. */
export function openEndsMm({ edges, ends }: Pick<BeadInputs, "edges" | "ends">): number {
  return (["left", "right"] as const)
    .filter((side) => ends[side].kind === "open")
    .reduce((sum, side) => sum + lengthOf(edges, side), 0);
}

function figure(code: "hiddenBeadM" | "maskM", terms: Term[]): Figure {
  return { code, value: terms.reduce((sum, { value }) => sum + value, 0), unit: "m", terms };
}

function lengthOf(edges: RegionEdge[], side: FieldSide): number {
  return edges
    .filter(({ of }) => of.kind === "boundary" && of.side === side)
    .reduce((sum, { a, b }) => sum + distance(a, b), 0);
}
