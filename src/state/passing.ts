import { useLayoutEffect, useRef, useState } from "react";
import { useShallow } from "zustand/react/shallow";
import type { FlagSide } from "../../core/cut/sides.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import type { PassingPlan, PassingWall } from "../workers/passing.ts";
import { useJob } from "./job-store.ts";

/** Reads something of what passes under the finger; undefined where that says nothing of it. */
export type Follow<T> = (passing: PassingPlan) => T | undefined;

/** A wall as it is under the dragging finger; undefined while nothing is dragged. */
export function usePassing(wall: string): PassingWall | undefined {
  return useJob(({ passing }) => passing?.walls[wall]);
}

/** A number or a text of what is dragged, else of the plan as it was. */
export function useFollowed<T>(follow: Follow<T>, settled: T): T {
  return useJob(({ passing }) => followed(passing, follow, settled));
}

function followed<T>(passing: PassingPlan | undefined, follow: Follow<T>, settled: T): T {
  return (passing && follow(passing)) ?? settled;
}

/** Parts of a wall as it is dragged, else as it was planned; the same as long as each part is. */
export function useFollowedParts<T extends object>(
  wall: WallPlan,
  pick: (wall: PassingWall | WallPlan) => T,
): T {
  return useJob(useShallow(({ passing }) => pick(passing?.walls[wall.id] ?? wall)));
}

/** How a wall's flag at a side is marked: without a tile there, full, cut, or a sliver. */
export function useFlagMark(wall: WallPlan, side: FlagSide): "none" | "full" | "cut" | "sliver" {
  return useJob(({ passing }) => {
    const { flags } = passing?.walls[wall.id] ?? wall;
    const flag = flags.find((candidate) => candidate.side === side);
    if (!flag) return "none";
    if (!flag.cut) return "full";
    return flag.sliver ? "sliver" : "cut";
  });
}

/**
 * Calls `write` with what follows the finger, to be written straight to the page. Some seventy
 * texts and paths change with every move: drawing their components again takes three times as long.
 * What a component draws must come of `settled`; when the finger is lifted, that is written again.
 */
export function useFollower<T>(follow: Follow<T>, settled: T, write: (value: T) => void): void {
  const latest = useRef({ follow, settled, write });
  const shown = useRef(settled);
  const [tell] = useState(() => () => {
    const { follow, settled, write } = latest.current;
    const value = followed(useJob.getState().passing, follow, settled);
    if (Object.is(value, shown.current)) return;
    shown.current = value;
    write(value);
  });
  // After every drawing: a component may be drawn again, or for the first time, in mid-drag.
  useLayoutEffect(() => {
    if (!Object.is(latest.current.settled, settled)) shown.current = settled;
    latest.current = { follow, settled, write };
    tell();
  });
  useLayoutEffect(
    () =>
      useJob.subscribe(({ passing }, before) => {
        if (passing !== before.passing) tell();
      }),
    [tell],
  );
}

/** Writes the text of an element whose only child is text. */
export function setText(element: Element | null, text: string): void {
  const node = element?.firstChild;
  if (!node) element?.append(text);
  else if (node.nodeValue !== text) node.nodeValue = text;
}
