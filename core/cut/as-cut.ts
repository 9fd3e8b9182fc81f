import { UNCUT_LOSS } from "../limits.ts";
import type { Dimension, DimensionCode } from "./dimensions.ts";
import type { FenceLength, WorkablePiece } from "./workable.ts";

/** A length to mark or to set, mm, and what is planned where the fence is set to something else. */
export interface CutDimension {
  code: DimensionCode | "leg-width" | "leg-height";
  mm: number;
  planned?: number[];
}

/** Which way each end, bend or whole runs. */
const RUNS: Partial<Record<DimensionCode, "width" | "height">> = {
  width: "width",
  "bottom-width": "width",
  "top-width": "width",
  "bend-width": "width",
  height: "height",
  "left-height": "height",
  "right-height": "height",
  "bend-height": "height",
};

/** Where a bend is; it is gone where a straight cut stands for it. */
const BEND_OF: Partial<Record<DimensionCode, "width" | "height">> = {
  "bend-x": "height",
  "bend-y": "width",
};

/**
 * A piece's dimensions as it is cut: by the settings of the fence, with what is planned beside it. A
 * taper that a straight cut stands for has one length, and the arms of L and U are told as well.
 */
export function asCut(dimensions: Dimension[], piece: WorkablePiece | undefined): CutDimension[] {
  if (!piece) return dimensions;
  const { lengths } = piece;
  const told = new Set<string>();
  const rows = dimensions.flatMap(({ code, mm }): CutDimension[] => {
    const of = RUNS[code] ?? BEND_OF[code];
    const own = lengths.filter((length) => length.of === of);
    const straight = own.find(({ exact }) => exact.length > 1);
    if (of && straight) {
      if (told.has(of)) return [];
      told.add(of);
      return [{ code: of, ...setTo(straight) }];
    }
    const length = RUNS[code] && own.find(({ exact }) => exact.some((end) => isSame(end, mm)));
    return [length ? { code, ...setTo(length) } : { code, mm }];
  });
  const arms = lengths.flatMap((length): CutDimension[] =>
    length.of === "leg-width" || length.of === "leg-height"
      ? [{ code: length.of, ...setTo(length) }]
      : [],
  );
  return [...rows, ...arms];
}

/** Settings this near to what is planned are it, mm: far below any tape mark. */
const ON_PLAN = 0.06;

function setTo({ exact, set }: FenceLength): Pick<CutDimension, "mm" | "planned"> {
  return exact.every((mm) => Math.abs(mm - set) < ON_PLAN)
    ? { mm: set }
    : { mm: set, planned: exact };
}

function isSame(a: number, b: number): boolean {
  return Math.abs(a - b) < UNCUT_LOSS;
}
