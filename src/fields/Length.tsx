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
  const parts = lengthParts(mm, style ?? own);
  return (
    <span className="whitespace-nowrap">
      {parts.negative && "−"}
      {parts.whole}
      {parts.numerator !== undefined && (
        <>
          {parts.whole && "\u2009"}
          <span className="frac">{`${parts.numerator}/${parts.denominator}`}</span>
        </>
      )}
      {parts.tail && <span className="text-[0.8em]">{parts.tail}</span>}
      {unit && `\u00a0${parts.unit}`}
    </span>
  );
}

/** The same inside an SVG text element. */
export function LengthSpans({ mm, unit = false }: LengthProps) {
  const parts = lengthParts(mm, useJobStyle());
  return (
    <>
      {parts.negative && "−"}
      {parts.whole}
      {parts.numerator !== undefined && (
        <>
          {parts.whole && "\u2009"}
          <tspan className="frac">{`${parts.numerator}/${parts.denominator}`}</tspan>
        </>
      )}
      {parts.tail}
      {unit && ` ${parts.unit}`}
    </>
  );
}
