import type { LengthStyle } from "./units.ts";

/** Joints, beds and limits below half an inch are said to the 1/32 in at least. */
export function finerFor(mm: number, style: LengthStyle): LengthStyle {
  return Math.abs(mm) < 12.7 && style.mark < 32 ? { ...style, mark: 32 } : style;
}
