import { lengthParts } from "../../core/length/format.ts";
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
  const texts = lengthTexts(mm, style ?? own);
  return (
    <span className="whitespace-nowrap">
      {texts.whole}
      <span className="frac">{texts.fraction}</span>
      {unit && `\u00a0${texts.unit}`}
    </span>
  );
}

/** The same inside an SVG text element. */
export function LengthSpans({ mm, unit = false }: Omit<LengthProps, "style">) {
  const texts = lengthTexts(mm, useJobStyle());
  return (
    <>
      {texts.whole}
      <tspan className="frac">{texts.fraction}</tspan>
      {unit && ` ${texts.unit}`}
    </>
  );
}

/**
 * A length as the text before its fraction, the fraction with its mark, and the unit. Every length
 * keeps the same elements whatever its value: text that changes is far cheaper to lay out than
 * elements that come and go.
 */
export function lengthTexts(mm: number, style: LengthStyle, signed = false) {
  const { negative, whole, numerator, denominator, tail, unit } = lengthParts(mm, style);
  const sign = negative ? "−" : signed && mm > 0 ? "+" : "";
  const fraction = numerator === undefined ? tail : `${numerator}/${denominator}${tail}`;
  return { whole: `${sign}${whole}${whole && numerator ? "\u2009" : ""}`, fraction, unit };
}
