import { packItems, splitLength } from "../packing/lengths.ts";
import type { Job } from "../project/job.ts";
import type { Warning } from "../warning.ts";
import { type EdgePieces, edgePieces } from "./edge-pieces.ts";
import type { TrimKind, TrimRun } from "./trim-runs.ts";

/** What is cut from a bar, and the run that it is for; a run longer than a bar is cut from several. */
export interface BarCut {
  run: TrimRun;
  length: number;
}

/** Bars of one kind, and what is cut from each. */
export interface TrimBars {
  kind: TrimKind;
  bar: number;
  bars: BarCut[][];
  /** No way of cutting needs fewer. */
  bound: number;
}

/** All trim of the job. */
export interface TrimPlan {
  runs: TrimRun[];
  bars: TrimBars[];
  /** Bullnose pieces, cut ones counted whole. */
  bullnose: number;
  /** What they are cut from where no bullnose matches the tile. */
  edges: EdgePieces[];
}

/** Drift of bullnose joints that shows at the end of a run, mm. */
const SHOWN_DRIFT = 1.5;

/** Every run of trim with its length and pieces, and the fewest bars that they come from. */
export function planTrim(
  job: Pick<Job, "field" | "settings" | "tiles">,
  walls: { trimRuns: TrimRun[] }[],
): TrimPlan {
  const runs = walls.flatMap(({ trimRuns }) => trimRuns);
  const bar = job.settings.trimBar;
  const kerf = job.settings.kerf;
  const bars = (["profile", "pencil"] as const).flatMap((kind): TrimBars[] => {
    const cuts = runs
      .filter((run) => run.kind === kind)
      .flatMap((run) => splitLength(run.length, bar, 0).map((length): BarCut => ({ run, length })));
    if (cuts.length === 0) return [];
    // A bar gives one length more than it is sawn through: the kerf goes with each length.
    const { rolls, bound } = packItems(cuts, ({ length }) => length + kerf, bar + kerf);
    return [{ kind, bar, bars: rolls, bound }];
  });
  const bullnose = runs.reduce((sum, { pieces }) => sum + (pieces?.count ?? 0), 0);
  return { runs, bars, bullnose, edges: edgePieces(job, runs) };
}

/** Bullnose whose joints cannot line up with the courses, and edge pieces longer than their tile. */
export function checkTrim({ runs, edges }: TrimPlan): Warning[] {
  const small = edges
    .filter(({ perTile }) => perTile === 0)
    .map(
      ({ face }): Warning => ({
        code: "edge-piece-too-long",
        severity: "warning",
        values: { face },
      }),
    );
  const drifting = runs.flatMap(({ wall, place, pieces }): Warning[] => {
    if (!pieces || Math.abs(pieces.drift) < SHOWN_DRIFT) return [];
    const values = { drift: Math.abs(pieces.drift), pieces: pieces.count };
    return [{ code: "trim-drifts", severity: "warning", wall, side: place, values }];
  });
  return [...small, ...drifting];
}

/** The bars that a run is cut from, by their number among those of its kind, from 1. */
export function barsOfRun({ bars }: Pick<TrimPlan, "bars">, { id, kind }: TrimRun): number[] {
  const own = bars.find((each) => each.kind === kind)?.bars ?? [];
  return own.flatMap((cuts, k) => (cuts.some(({ run }) => run.id === id) ? [k + 1] : []));
}
