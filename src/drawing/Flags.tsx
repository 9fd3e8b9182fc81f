import { memo } from "react";
import { type CutFlag, FLAG_SIDES, type FlagSide } from "../../core/cut/sides.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { FollowingLength } from "../fields/FollowingLength.tsx";
import { useFlagMark } from "../state/passing.ts";
import { openDialog } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { flagPlace, type SurroundFrame, type WallFrame } from "./layout.ts";

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
  const { minX, minY } = flagPlace(side, frame, surround);
  return (
    <button
      type="button"
      tabIndex={-1}
      data-flag={`${wall.id}-${side}`}
      className={`cut-flag cut-flag-${side} ${mark === "sliver" ? "cut-flag-sliver" : ""}`}
      style={{ height: surround.flagHeight, transform: `translate(${minX}px, ${minY}px)` }}
      onClick={() => openDialog({ kind: "flag", side, wall: wall.id })}
    >
      <span className="sr-only">
        {wall.name}: {ui.sides[side]}{" "}
      </span>
      <FlagText wall={wall} side={side} mark={mark} />
    </button>
  );
});

/** The four cuts of a wall in a column beside it, where its flags have no room; each opens. */
export function CutsBeside({ wall }: { wall: WallPlan }) {
  return (
    <div className="absolute top-0 left-1 flex flex-col text-sm" data-cuts-beside={wall.id}>
      {FLAG_SIDES.map((side) => (
        <CutBeside key={side} wall={wall} side={side} />
      ))}
    </div>
  );
}

function CutBeside({ wall, side }: { wall: WallPlan; side: FlagSide }) {
  const mark = useFlagMark(wall, side);
  if (mark === "none") return null;
  return (
    <button
      type="button"
      tabIndex={-1}
      className="min-h-11 cursor-pointer px-2 text-left"
      onClick={() => openDialog({ kind: "flag", side, wall: wall.id })}
    >
      <span className="sr-only">{wall.name}: </span>
      <span className="block text-xs opacity-85">{ui.sides[side]}</span>
      <span className={`block font-semibold ${mark === "sliver" ? "text-error" : ""}`}>
        <FlagText wall={wall} side={side} mark={mark} />
      </span>
    </button>
  );
}

interface FlagTextProps {
  wall: WallPlan;
  side: FlagSide;
  mark: ReturnType<typeof useFlagMark>;
}

/** What a flag says: the cut with its mark, or that the tile is full. */
export function FlagText({ wall, side, mark }: FlagTextProps) {
  if (mark === "full") return ui.setOut.fullTile;
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
