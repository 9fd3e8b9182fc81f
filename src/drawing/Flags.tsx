import { memo } from "react";
import type { CutFlag, FlagSide } from "../../core/cut/sides.ts";
import { formatLength } from "../../core/length/format.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useJobStyle } from "../fields/context.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { usePassing } from "../state/job-store.ts";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/en.ts";
import type { WallFrame } from "./layout.ts";

const FLAG_WIDTH = 68;
const FLAG_HEIGHT = 26;
const GAP = 5;

interface FlagsProps {
  wall: WallPlan;
  frame: WallFrame;
  /** Screen height of the flags at the sides. */
  y: number;
}

/** The four cut flags of a wall. They stand outside the field, so that no joint is hidden. */
export const Flags = memo(function Flags({ wall, frame, y }: FlagsProps) {
  const { flags } = usePassing(wall.id) ?? wall;
  // Plain values, so that a drag redraws only the flags that change with it.
  return flags.map(({ side, size, cut, sliver }) => (
    <Flag key={side} {...{ side, size, cut, sliver, wall, frame, y }} />
  ));
});

type FlagProps = FlagsProps & Pick<CutFlag, "side" | "size" | "cut" | "sliver">;

const Flag = memo(function Flag({ side, size, cut, sliver, wall, frame, y: sideY }: FlagProps) {
  const style = useJobStyle();
  const [x, y] = placeOf(side, frame, sideY);
  const name = `${ui.sides[side]} ${formatLength(size, style)}${sliver ? `, ${ui.flagRows.sliver}` : ""}`;
  const open = () => openDialog({ kind: "flag", side: side, wall: wall.id });
  const ink = sliver ? "var(--color-error-content)" : "var(--color-base-content)";
  return (
    // biome-ignore lint/a11y/useSemanticElements: an HTML button cannot stand inside an SVG
    <g
      role="button"
      tabIndex={0}
      aria-label={`${wall.name}: ${name}`}
      data-flag={`${wall.id}-${side}`}
      className="cursor-pointer"
      transform={`translate(${x} ${y})`}
      onClick={open}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") open();
      }}
    >
      <rect
        width={FLAG_WIDTH}
        height={FLAG_HEIGHT}
        rx={3}
        fill={sliver ? "var(--color-error)" : "var(--color-base-100)"}
        stroke={sliver ? "var(--color-error)" : "var(--color-base-300)"}
      />
      <text
        x={FLAG_WIDTH / 2}
        y={FLAG_HEIGHT / 2 + 5}
        textAnchor="middle"
        fontSize={15}
        fontWeight={600}
        fill={ink}
      >
        {sliver ? "! " : ""}
        {cut ? <LengthSpans mm={size} /> : ui.cut.kinds.none}
      </text>
    </g>
  );
});

/** Right flags stand above the middle and left ones below it, so that neighbours do not meet. */
function placeOf(
  side: FlagSide,
  { left, right, top, bottom }: WallFrame,
  sideY: number,
): [number, number] {
  const middleX = (left + right - FLAG_WIDTH) / 2;
  switch (side) {
    case "left":
      return [left - FLAG_WIDTH - GAP, sideY + 3];
    case "right":
      return [right + GAP, sideY - FLAG_HEIGHT - 3];
    case "top":
      return [middleX, top - FLAG_HEIGHT - GAP];
    case "bottom":
      return [middleX, bottom + GAP + 12];
    default:
      return side satisfies never;
  }
}
