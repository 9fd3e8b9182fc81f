import { useDrag } from "@use-gesture/react";
import { type RefObject, useRef } from "react";
import { type MovedPattern, movePatternBy } from "../../core/adjust/move-pattern.ts";
import { movePattern } from "../../core/project/centre-commands.ts";
import { leadingWall } from "../../core/set-out/turn-corner.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { dispatch, previewCommand, settledWall, useJob } from "../state/job-store.ts";
import { selectWall } from "../state/view-store.ts";

/** A pattern within this many px of something that matters snaps to it. */
const SNAP_PX = 7;

interface DragStart {
  /** The wall whose centre moves: a bond that goes on round a corner moves with the one it follows. */
  wall: WallPlan;
  way: 1 | -1;
  drop: number;
  moved: MovedPattern;
}

/**
 * Dragging a wall's pattern: what shows follows every move, and one step of undo is left at the
 * end. Listens on the element itself: a way through the page's event system costs a tenth of a move.
 */
export function usePatternDrag(
  target: RefObject<SVGGElement | null>,
  wallId: string,
  scale: number,
  enabled: boolean,
): void {
  const start = useRef<DragStart | undefined>(undefined);
  useDrag(
    ({ first, last, canceled, movement: [mx, my], tap, altKey }) => {
      // The plan of the last drag may still be on its way: begin as soon as it is there.
      start.current ??= dragStart(settledWall(wallId));
      const from = start.current;
      if (!from) return;
      if (first) selectWall(wallId);
      const reach = altKey ? 0 : SNAP_PX / scale;
      from.moved = movePatternBy(from.wall, from.drop, (from.way * mx) / scale, -my / scale, reach);
      const command = movePattern(from.wall.id, from.moved.centre, from.moved.drop);
      if (!last) {
        previewCommand(command, from.moved.snaps);
        return;
      }
      start.current = undefined;
      if (tap || canceled) previewCommand(undefined);
      else dispatch(command);
    },
    { target, enabled, filterTaps: true, pointer: { keys: false } },
  );
}

function dragStart(dragged: WallPlan | undefined): DragStart | undefined {
  const { row, plan } = useJob.getState();
  if (!dragged || !row || !plan) return undefined;
  const { drop } = row.project.setOut.firstCourse;
  const { wall, way } = leadingWall(plan.walls, dragged);
  return { wall, way, drop, moved: { centre: wall.centring, drop, snaps: [] } };
}

/** Nudges within this time of each other are one step of undo, ms. */
const NUDGE_PAUSE = 1500;

let nudge = { count: 0, at: 0 };

/** Moves a wall's pattern by a step of the keyboard. */
export function nudgePattern(wallId: string, dx: number, dy: number): void {
  const { row, plan } = useJob.getState();
  const nudged = plan?.walls.find(({ id }) => id === wallId);
  const now = performance.now();
  nudge = { count: now - nudge.at < NUDGE_PAUSE ? nudge.count : nudge.count + 1, at: now };
  // Several key presses may come before the plan does: go on from the job, not from the plan.
  const { wall: planned, way } = (nudged && leadingWall(plan?.walls ?? [], nudged)) ?? {};
  const stored = row?.project.walls.find(({ id }) => id === planned?.id);
  if (!row || !planned || !stored || !way) return;
  const wall = { ...planned, centring: stored.centre };
  const moved = movePatternBy(wall, row.project.setOut.firstCourse.drop, way * dx, dy, 0);
  dispatch(movePattern(wall.id, moved.centre, moved.drop, `nudge-${wallId}-${nudge.count}`));
}
