import type { Term } from "../figure.ts";
import type { TrimBars, TrimPlan } from "../set-out/trim.ts";
import { type OrderRow, orderRow } from "./order.ts";

const CODES = { profile: "trimProfile", pencil: "trimPencil" } as const;

/** Trim to buy: bars of profile and liner, bullnose by the piece. */
export function trimRows({ runs, bars, bullnose }: TrimPlan): OrderRow[] {
  const rows = bars.flatMap((of) => (of.kind in CODES ? [barRow(of)] : []));
  const terms = runs.flatMap(({ pieces, wall }): Term[] =>
    pieces ? [{ code: "wallOf", value: pieces.count, unit: "count", of: wall }] : [],
  );
  if (bullnose === 0) return rows;
  const figure = { code: "bullnose", value: bullnose, unit: "count", terms } as const;
  return [...rows, orderRow("bullnose", figure, 1)];
}

function barRow({ kind, bar, bars, bound }: TrimBars): OrderRow {
  const cuts = bars.flat();
  const terms: Term[] = [
    { code: "trimLengths", value: cuts.reduce((sum, cut) => sum + cut, 0) / 1000, unit: "m" },
    { code: "trimBar", value: bar, unit: "mm", setting: "trimBar" },
    { code: "barBound", value: bound, unit: "count" },
  ];
  const figure = { code: "trimBars", value: bars.length, unit: "count", terms } as const;
  return orderRow(CODES[kind as keyof typeof CODES], figure, 1);
}
