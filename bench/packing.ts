import { randomFrom } from "../core/instruments/simulated.ts";
import { packLengths } from "../core/packing/lengths.ts";
import { packSheets, type SheetPiece } from "../core/packing/sheets.ts";

const SHEET = { width: 1524, height: 914 };
const ROLL = 10_000;

/** How far the heuristics stay above what no plan can undercut, on invented jobs of many pieces. */
export function packingGaps(): Record<string, number> {
  const random = randomFrom(29);
  const between = (least: number, most: number) => least + (most - least) * random();
  const sheetGaps = Array.from({ length: 60 }, () => {
    const pieces = Array.from({ length: 24 }, (_, k): SheetPiece => {
      return { id: `${k}`, width: between(150, 1524), height: between(120, 914) };
    });
    const { sheets, bound } = packSheets(pieces, SHEET);
    return sheets.length / bound - 1;
  });
  const rollGaps = Array.from({ length: 200 }, () => {
    const lengths = Array.from({ length: 30 }, () => between(500, 2600));
    const { rolls, bound } = packLengths(lengths, ROLL);
    return rolls.length / bound - 1;
  });
  return {
    "board.gapToBound.mean": mean(sheetGaps),
    "board.gapToBound.most": Math.max(...sheetGaps),
    "rolls.gapToBound.mean": mean(rollGaps),
    "rolls.gapToBound.most": Math.max(...rollGaps),
  };
}

function mean(values: number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
