import { type LengthParts, lengthParts } from "../../core/length/format.ts";
import type { LengthStyle } from "../../core/length/units.ts";
import { useJobStyle } from "./context.ts";

interface LengthProps {
  mm: number;
  unit?: boolean;
  style?: LengthStyle;
}

/** A length with a true fraction, a strong or shy mark, and its unit unless switched off. */
export function Length({ mm, unit = true, style }: LengthProps) {
  const own = useJobStyle();
  const parts = lengthParts(mm, style ?? own);
  return (
    <span className="whitespace-nowrap">
      {wholePart(parts)}
      <span className="frac">{fractionPart(parts)}</span>
      {unit && `\u00a0${parts.unit}`}
    </span>
  );
}

interface SpansProps extends Omit<LengthProps, "style"> {
  /** Write a plus before a positive length. */
  signed?: boolean;
}

/** The same inside an SVG text element. */
export function LengthSpans({ mm, unit = false, signed = false }: SpansProps) {
  const parts = lengthParts(mm, useJobStyle());
  return (
    <>
      {`${signed && mm > 0 ? "+" : ""}${wholePart(parts)}`}
      <tspan className="frac">{fractionPart(parts)}</tspan>
      {unit && ` ${parts.unit}`}
    </>
  );
}

/*
 * Every length keeps the same elements whatever its value: while a pattern is dragged only text
 * changes, which is far cheaper to lay out than elements that come and go.
 */

function wholePart({ negative, whole, numerator }: LengthParts): string {
  return `${negative ? "−" : ""}${whole}${whole && numerator !== undefined ? "\u2009" : ""}`;
}

function fractionPart({ numerator, denominator, tail }: LengthParts): string {
  return numerator === undefined ? tail : `${numerator}/${denominator}${tail}`;
}
