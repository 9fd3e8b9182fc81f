import { formatLength } from "../../../core/length/format.ts";
import { useJobStyle } from "../../fields/context.ts";

interface OffLabelProps {
  x: number;
  y: number;
  anchor: "start" | "middle" | "end";
  /** As set less planned, mm. */
  off: number;
}

/** By how much something stands off its plan, beside where it is drawn; numbers under it give way. */
export function OffLabel({ x, y, anchor, off }: OffLabelProps) {
  const style = useJobStyle();
  return (
    <text
      x={x}
      y={y}
      fontSize="1rem"
      fontWeight={700}
      textAnchor={anchor}
      fill="var(--crayon)"
      paintOrder="stroke"
      stroke="var(--color-base-100)"
      strokeWidth={8}
    >
      {/* In one piece: the outline of a second would lie over the sign. */}
      {`${off > 0 ? "+" : "−"}${formatLength(Math.abs(off), { ...style, mark: 32 })}`}
    </text>
  );
}
