import type { BuildUp } from "../build-up/wall-ends.ts";
import { type Polygon, rectangle } from "../geometry/polygon.ts";
import { SAME_MM } from "../limits.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import { DEFAULTS } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { Opening } from "../project/schema.ts";
import type { WallStuds } from "./studs.ts";

/** Layers on the inside of a niche or window, mm. */
export function liningStack(field: BuildUp, { lining }: Opening): number {
  const layer = (name: "board" | "membrane" | "bed" | "tile") => lining?.[name] ?? field[name];
  return layer("board") + layer("membrane") + layer("bed") + layer("tile");
}

/** From stud face to tile face, mm. */
export function stackDepth({ furring, board, membrane, bed, tile }: BuildUp): number {
  return furring + board + membrane + bed + tile;
}

/** The hole in the framing that a niche or window needs, and what the studs say to it. */
export interface RoughOpening {
  id: string;
  name: string;
  kind: Opening["kind"];
  ring: Polygon;
  width: number;
  height: number;
  /** The lining's own layers, each side, mm. */
  stack: number;
  /** How much lower the sill is framed at the back, mm. */
  sillFall: number;
  /** Depth from the field's tile face that the stud bay leaves, mm; niches only. */
  depthThere: number | undefined;
  /** Studs that stand in it, mm from the left corner: each asks for a header. */
  cuts: number[];
  /** Clear width of the bay that its middle is in, mm. */
  bay: number;
  /** The widest finished opening that the bay takes, mm. */
  widestFinished: number;
  /** How far to move it sideways to stand in a bay, mm; 0 when it does, none when no bay takes it. */
  move: number | undefined;
}

/** What board is cut out for though nobody frames it: a socket, an existing window, a firebox. */
export function boardHole({ opening, ring }: PlacedOpening): RoughOpening {
  const { id, name = opening.kind, kind, width, height } = opening;
  return {
    ...{ id, name, kind, ring, width, height, stack: 0, sillFall: 0, depthThere: undefined },
    ...{ cuts: [], bay: 0, widestFinished: 0, move: 0 },
  };
}

/**
 * Rough opening: finished width + 2 × the lining's stack; height the same + sill fall × depth.
 * Niche depth: stud depth + field's layers − lining's layers − clearance.
 */
export function roughOpening(
  job: Pick<Job, "settings">,
  layers: BuildUp,
  studs: WallStuds,
  { opening, x, y }: PlacedOpening,
): RoughOpening {
  const stack = liningStack(layers, opening);
  const depth = opening.depth ?? DEFAULTS.nicheDepth;
  const sillFall = (opening.lining?.sillFall ?? job.settings.sillFall) * depth;
  const width = opening.width + 2 * stack;
  const height = opening.height + 2 * stack + sillFall;
  const left = x - stack;
  const bays = clearBays(studs);
  const bay = bays.find(([from, to]) => from <= left + width / 2 && left + width / 2 <= to);
  const niche = opening.kind === "niche";
  const there = job.settings.studDepth + stackDepth(layers) - stack - job.settings.nicheClearance;
  return {
    id: opening.id,
    name: opening.name ?? opening.id,
    kind: opening.kind,
    ring: rectangle(left, y - stack - sillFall, width, height),
    width,
    height,
    stack,
    sillFall,
    depthThere: niche ? there : undefined,
    cuts: studs.studs
      .filter((stud) => stud.x + stud.width / 2 > left && stud.x - stud.width / 2 < left + width)
      .map((stud) => stud.x),
    bay: bay ? bay[1] - bay[0] : 0,
    widestFinished: bay ? Math.max(0, bay[1] - bay[0] - 2 * stack) : 0,
    move: nearestMove(bays, left, width),
  };
}

/** Free widths between neighbouring studs, from and to. */
export function clearBays({ studs }: WallStuds): [number, number][] {
  return studs.slice(1).map((stud, k) => {
    const before = studs[k] ?? stud;
    return [before.x + before.width / 2, stud.x - stud.width / 2];
  });
}

function nearestMove(bays: [number, number][], left: number, width: number): number | undefined {
  return bays
    .filter(([from, to]) => to - from >= width - SAME_MM)
    .map(([from, to]) => Math.min(Math.max(left, from), to - width) - left)
    .reduce<number | undefined>(
      (best, move) => (best === undefined || Math.abs(move) < Math.abs(best) ? move : best),
      undefined,
    );
}
