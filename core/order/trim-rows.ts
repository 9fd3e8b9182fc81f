import type { Term } from "../figure.ts";
import type { EdgePieces } from "../set-out/edge-pieces.ts";
import type { TrimBars, TrimPlan } from "../set-out/trim.ts";
import { type OrderRow, orderRow } from "./row.ts";

const CODES = { profile: "trimProfile", pencil: "trimPencil" } as const;

/** Trim to buy: bars of profile and liner, bullnose by the piece. */
export function trimRows({ runs, bars, bullnose, edges }: TrimPlan): OrderRow[] {
  const rows = bars.flatMap((of) => (of.kind in CODES ? [barRow(of)] : []));
  const terms = runs.flatMap(({ pieces, wall }): Term[] =>
    pieces ? [{ code: "wallOf", value: pieces.count, unit: "count", of: wall }] : [],
  );
  if (bullnose === 0) return rows;
  const [edge] = edges;
  if (edge) return [...rows, { ...edgeRow(edges), of: edge.tile }];
  const figure = { code: "bullnose", value: bullnose, unit: "count", terms } as const;
  return [...rows, orderRow("bullnose", figure, 1)];
}

function edgeRow(edges: EdgePieces[]): OrderRow {
  const terms = edges.flatMap(({ face, pieces, perTile, waste }): Term[] => [
    { code: "edgeFace", value: face, unit: "mm" },
    { code: "edgePieces", value: pieces, unit: "count" },
    { code: "edgePerTile", value: perTile, unit: "count" },
    { code: "edgeWaste", value: waste, unit: "share" },
  ]);
  const tiles = edges.reduce((sum, each) => sum + each.tiles, 0);
  return orderRow("edgeTile", { code: "edgeTiles", value: tiles, unit: "count", terms }, 1);
}

function barRow({ kind, bar, bars, bound }: TrimBars): OrderRow {
  const cuts = bars.flat();
  const terms: Term[] = [
    {
      code: "trimLengths",
      value: cuts.reduce((sum, { length }) => sum + length, 0) / 1000,
      unit: "m",
    },
    { code: "trimBar", value: bar, unit: "mm", setting: "trimBar" },
    { code: "barBound", value: bound, unit: "count" },
  ];
  const figure = { code: "trimBars", value: bars.length, unit: "count", terms } as const;
  return orderRow(CODES[kind as keyof typeof CODES], figure, 1);
}
