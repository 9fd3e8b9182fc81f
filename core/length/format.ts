import { plain } from "./numbers.ts";
import { unitName } from "./unit-names.ts";
import { type LengthStyle, type LengthUnit, MM_PER_INCH } from "./units.ts";

/**
 * A length is strong or shy of a mark when it is off by more than this share of the mark:
 * at 1/16 in that is 0.2 mm, the least a person sees beside a tape line.
 */
const STRONG_SHARE = 1 / 8;

/** A length taken apart for display, so that a fraction can be set as a real fraction. */
export interface LengthParts {
  negative: boolean;
  /** Whole inches, or the millimetre figure with its decimals. */
  whole: string;
  numerator?: number;
  denominator?: number;
  /** `+` when the true value is strong of the mark, `−` when it is shy of it. */
  tail: "" | "+" | "−";
  unit: LengthUnit;
}

/** Takes a length in millimetres apart to the nearest tape mark, or to a tenth of a millimetre. */
export function lengthParts(mm: number, style: LengthStyle): LengthParts {
  if (style.unit === "mm") return millimetreParts(mm);
  const marks = (Math.abs(mm) / MM_PER_INCH) * style.mark;
  const nearest = Math.round(marks);
  const off = marks - nearest;
  const whole = Math.floor(nearest / style.mark);
  const reduced = reduceFraction(nearest - whole * style.mark, style.mark);
  return {
    negative: mm < 0 && (nearest > 0 || Math.abs(off) > STRONG_SHARE),
    whole: whole === 0 && reduced ? "" : String(whole),
    ...reduced,
    tail: off > STRONG_SHARE ? "+" : off < -STRONG_SHARE ? "−" : "",
    unit: "in",
  };
}

function millimetreParts(mm: number): LengthParts {
  const tenths = Math.round(Math.abs(mm) * 10) / 10;
  return { negative: mm < 0 && tenths > 0, whole: plain(tenths, 1), tail: "", unit: "mm" };
}

function reduceFraction(numerator: number, denominator: number) {
  if (numerator === 0) return undefined;
  let [top, bottom] = [numerator, denominator];
  while (top % 2 === 0 && bottom % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return { numerator: top, denominator: bottom };
}

/** The length as one line of plain text with its unit: `63 1/2 in`, `1613 mm`. */
export function formatLength(mm: number, style: LengthStyle): string {
  return `${formatBare(mm, style)} ${lengthUnitName(style.unit)}`;
}

/** How the reader's unit is written in the language that is spoken: `in`, `pulg`, `mm`. */
export function lengthUnitName(unit: LengthUnit): string {
  return unitName(unit === "in" ? "inch" : "millimetre");
}

/**
 * A joint as plain text, to a hundredth of a millimetre: over a wall it counts as often as there are
 * tiles. In inches the nearest 32nd stands before it: `5/32 in (3.97 mm)`.
 */
export function formatJoint(mm: number, { unit }: LengthStyle): string {
  const exact = `${plain(mm, 2)} mm`;
  return unit === "mm" ? exact : `${formatLength(mm, { unit, mark: 32 })} (${exact})`;
}

/** The length as plain text without its unit, as a tape field shows it: `63 1/2`, `5/8+`. */
export function formatBare(mm: number, style: LengthStyle): string {
  const parts = lengthParts(mm, style);
  const fraction = parts.numerator ? `${parts.numerator}/${parts.denominator}` : "";
  const gap = parts.whole && fraction ? " " : "";
  return `${parts.negative ? "−" : ""}${parts.whole}${gap}${fraction}${parts.tail}`;
}
