import { useDrag } from "@use-gesture/react";
import { ChevronLeft, ChevronRight } from "lucide-react";
import type { ReactNode } from "react";
import type { Plan } from "../../core/plan.ts";
import { selectWall, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";

/** Shows the next or previous wall, round and round. */
export function stepWall(plan: Plan, step: 1 | -1): void {
  const at = plan.walls.findIndex(({ id }) => id === useView.getState().wall);
  const next = plan.walls[(at + step + plan.walls.length) % plan.walls.length];
  if (next) selectWall(next.id);
}

/** On a phone: which wall is shown, with arrows and a swipe to its neighbours. */
export function WallSwitch({ plan, children }: { plan: Plan; children?: ReactNode }) {
  const selected = useView(({ wall }) => wall);
  const wall = plan.walls.find(({ id }) => id === selected);
  const swipe = useDrag(
    ({ swipe: [direction] }) => {
      if (direction !== 0) stepWall(plan, direction < 0 ? 1 : -1);
    },
    { axis: "x", swipe: { distance: 40 } },
  );
  return (
    <div {...swipe()} className="flex touch-pan-y items-center gap-1 px-2 py-1">
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={ui.drawing.previous}
        onClick={() => stepWall(plan, -1)}
      >
        <ChevronLeft />
      </button>
      <span className="name flex-1 text-center text-lg font-semibold" aria-live="polite">
        {wall?.name}
      </span>
      {children}
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={ui.drawing.next}
        onClick={() => stepWall(plan, 1)}
      >
        <ChevronRight />
      </button>
    </div>
  );
}
