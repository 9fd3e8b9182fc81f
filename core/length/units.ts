/** One inch, exactly, in millimetres. Every length in the core is a number of millimetres. */
export const MM_PER_INCH = 25.4;

/** The unit a reader wants to see; it never changes what is stored. */
export type LengthUnit = "in" | "mm";

/** Smallest mark of the reader's tape: 8 stands for 1/8 in, 16 for 1/16 in, 32 for 1/32 in. */
export type TapeMark = 8 | 16 | 32;

/** How one reader wants lengths shown. */
export interface LengthStyle {
  unit: LengthUnit;
  mark: TapeMark;
}

/** The step of an arrow-key nudge in millimetres: the smallest tape mark, or 1 mm. */
export function nudgeStep({ unit, mark }: LengthStyle): number {
  return unit === "in" ? MM_PER_INCH / mark : 1;
}
