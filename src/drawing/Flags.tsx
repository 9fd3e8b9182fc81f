import { memo } from "react";
import { type CutFlag, FLAG_SIDES, type FlagSide } from "../../core/cut/sides.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { FollowingLength } from "../fields/FollowingLength.tsx";
import { useFlagMark } from "../state/passing.ts";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/en.ts";
import type { SurroundFrame, WallFrame } from "./layout.ts";

/** As `.cut-flag` has it, px. */
const FLAG_WIDTH = 68;
const GAP = 5;
/** Between the base and the flag under it, px. */
const BASE_GAP = 17;

/** How far below a wall what stands under its lowest flag begins, px. */
export function belowFlags({ flagHeight }: Pick<SurroundFrame, "flagHeight">): number {
  return BASE_GAP + flagHeight + GAP;
}

interface FlagsProps {
  wall: WallPlan;
  frame: WallFrame;
  surround: SurroundFrame;
}

/** The four cut flags of a wall. They stand outside the field, so that no joint is hidden. */
export const Flags = memo(function Flags(props: FlagsProps) {
  return FLAG_SIDES.map((side) => <Flag key={side} side={side} {...props} />);
});

const Flag = memo(function Flag(props: FlagsProps & { side: FlagSide }) {
  const { side, wall, frame, surround } = props;
  const mark = useFlagMark(wall, side);
  if (mark === "none") return null;
  const [x, y] = placeOf(side, frame, surround);
  return (
    <button
      type="button"
      data-flag={`${wall.id}-${side}`}
      className={`cut-flag ${mark === "sliver" ? "cut-flag-sliver" : ""}`}
      style={{ height: surround.flagHeight, transform: `translate(${x}px, ${y}px)` }}
      onClick={() => openDialog({ kind: "flag", side, wall: wall.id })}
    >
      <span className="sr-only">
        {wall.name}: {ui.sides[side]}{" "}
      </span>
      <FlagText wall={wall} side={side} mark={mark} />
    </button>
  );
});

interface FlagTextProps {
  wall: WallPlan;
  side: FlagSide;
  mark: ReturnType<typeof useFlagMark>;
}

/** What a flag says: the cut with its mark, or that the tile is full. */
export function FlagText({ wall, side, mark }: FlagTextProps) {
  if (mark === "full") return ui.cut.kinds.none;
  const sizeIn = (flags: CutFlag[] | undefined) => flags?.find((flag) => flag.side === side)?.size;
  return (
    <>
      {mark === "sliver" && (
        <span role="img" aria-label={ui.flagRows.sliver}>
          !{" "}
        </span>
      )}
      <FollowingLength
        mm={sizeIn(wall.flags) ?? 0}
        follow={({ walls }) => sizeIn(walls[wall.id]?.flags)}
      />
    </>
  );
}

/** Right flags stand above the middle and left ones below it, so that neighbours do not meet. */
function placeOf(
  side: FlagSide,
  { left, right, top, bottom }: WallFrame,
  { flagY, flagHeight }: SurroundFrame,
): [number, number] {
  const middleX = (left + right - FLAG_WIDTH) / 2;
  switch (side) {
    case "left":
      return [left - FLAG_WIDTH - GAP, flagY + 3];
    case "right":
      return [right + GAP, flagY - flagHeight - 3];
    case "top":
      return [middleX, top - flagHeight - GAP];
    case "bottom":
      return [middleX, bottom + BASE_GAP];
    default:
      return side satisfies never;
  }
}
