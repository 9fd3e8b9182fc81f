import { useDrag } from "@use-gesture/react";
import { useRef } from "react";
import { movePattern } from "../../core/project/commands.ts";
import { type MovedPattern, movePatternBy } from "../../core/set-out/move-pattern.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { dispatch, previewCommand, shownProject, useJob } from "../state/job-store.ts";
import { selectWall } from "../state/view-store.ts";

/** A pattern within this many px of something that matters snaps to it. */
const SNAP_PX = 7;

interface DragStart {
  wall: WallPlan;
  drop: number;
  moved: MovedPattern;
}

/** Dragging a wall's pattern: the plan follows every move, and one step of undo is left at the end. */
export function usePatternDrag(wallId: string, scale: number) {
  const start = useRef<DragStart | undefined>(undefined);
  const bind = useDrag(
    ({ first, last, canceled, movement: [mx, my], tap, altKey }) => {
      if (first) start.current = dragStart(wallId);
      const from = start.current;
      if (!from) return;
      if (first) selectWall(wallId);
      const reach = altKey ? 0 : SNAP_PX / scale;
      from.moved = movePatternBy(from.wall, from.drop, mx / scale, -my / scale, reach);
      const command = movePattern(wallId, from.moved.centre, from.moved.drop);
      if (!last) {
        previewCommand(command, from.moved.snaps);
        return;
      }
      start.current = undefined;
      if (tap || canceled) previewCommand(undefined);
      else dispatch(command);
    },
    { filterTaps: true, pointer: { keys: false } },
  );
  return bind;
}

function dragStart(wallId: string): DragStart | undefined {
  const state = useJob.getState();
  const wall = state.plan?.walls.find(({ id }) => id === wallId);
  const project = shownProject(state);
  if (!wall || !project) return undefined;
  const { drop } = project.setOut.firstCourse;
  return { wall, drop, moved: { centre: wall.measured.wall.centre, drop, snaps: [] } };
}

/** Nudges within this time of each other are one step of undo, ms. */
const NUDGE_PAUSE = 1500;

let nudge = { count: 0, at: 0 };

/** Moves a wall's pattern by a step of the keyboard. */
export function nudgePattern(wallId: string, dx: number, dy: number): void {
  const from = dragStart(wallId);
  const row = useJob.getState().row;
  if (!from || !row) return;
  const now = performance.now();
  nudge = { count: now - nudge.at < NUDGE_PAUSE ? nudge.count : nudge.count + 1, at: now };
  // Several key presses may come before the plan does: go on from the job, not from the plan.
  const stored = row.project.walls.find(({ id }) => id === wallId);
  if (!stored) return;
  const wall = { ...from.wall, measured: { ...from.wall.measured, wall: stored } };
  const moved = movePatternBy(wall, row.project.setOut.firstCourse.drop, dx, dy, 0);
  dispatch(movePattern(wallId, moved.centre, moved.drop, `nudge-${wallId}-${nudge.count}`));
}
