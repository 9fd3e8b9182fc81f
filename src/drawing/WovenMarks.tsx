import { memo } from "react";
import { boxOf } from "../../core/geometry/polygon.ts";
import { courseTops } from "../../core/set-out/courses.ts";
import { wovenCourse } from "../../core/set-out/woven-course.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { usePassing } from "../state/passing.ts";
import { ui } from "../words/ui.ts";
import type { WallFrame } from "./layout.ts";

/** How far inside the end of a course its mark stands, px. */
const INSIDE = 9;

const SIGNS = { runs: { left: "←", right: "→" }, stops: { left: "×", right: "×" } } as const;

/** At woven ends: an arrow on each course that runs past, a cross on each that stops. */
export const WovenMarks = memo(function WovenMarks({
  wall,
  frame,
}: {
  wall: WallPlan;
  frame: WallFrame;
}) {
  const passing = usePassing(wall.id);
  const { minX, maxX, maxY } = boxOf((passing ?? wall).boundary);
  const half = wall.cell.height / 2;
  const tops = passing?.tops ?? courseTops(wall);
  const last = tops.at(-1);
  // The highest course is cut: its top is not among the course tops.
  const above = last && { number: last.number + 1, at: last.at + 2 * half + wall.cell.joint };
  const courses = above && above.at - half < maxY ? [...tops, above] : tops;
  return (
    <g
      fontSize="0.875rem"
      fontWeight={700}
      fill="var(--chalk)"
      textAnchor="middle"
      pointerEvents="none"
    >
      {(["left", "right"] as const).flatMap((side) =>
        courses.map(({ number, at }) => {
          const does = wovenCourse(wall.ends[side], number);
          if (!does) return null;
          const x = frame.x + (side === "left" ? minX : maxX) * frame.scale;
          return (
            <text
              key={`${side}${number}`}
              x={x + (side === "left" ? INSIDE : -INSIDE)}
              y={frame.y - (at - half) * frame.scale + 5}
              data-woven={does}
            >
              {SIGNS[does][side]}
              <title>{ui.drawing.woven[does]}</title>
            </text>
          );
        }),
      )}
    </g>
  );
});
