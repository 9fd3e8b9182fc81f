import type { MouseEvent } from "react";
import { editItem } from "../../../core/project/items.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { dispatch, useJob } from "../../state/job-store.ts";
import { markedSnag } from "./marked-snag.ts";
import { snagsOf } from "./SnagList.tsx";

const RADIUS = 15;

/** Snags at their places, by number; a press on the wall places the one that is marked. */
export function SnagMarks({ plan, wall, frame }: OnBareWall) {
  const project = useJob(({ row }) => row?.project);
  const marked = markedSnag(({ id }) => id);
  if (!project) return null;
  const snags = snagsOf(project, wall.id);
  const { x, y, scale, left, right, top, bottom } = frame;
  const place = (event: MouseEvent<SVGRectElement>) => {
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix || !snags.some(({ snag }) => snag.id === marked)) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    dispatch(
      editItem({ list: "snags" }, marked as string, {
        x: Math.round((at.x - x) / scale),
        level: Math.round((y - at.y) / scale - plan.levelY),
      }),
    );
  };
  return (
    <g data-snags={wall.id}>
      {/* The fields of a snag place it by keyboard. */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: see above */}
      <rect
        x={left}
        y={top}
        width={right - left}
        height={bottom - top}
        fill="transparent"
        data-snag-wall={wall.id}
        onClick={place}
      />
      {snags.map(({ number, snag: own }) =>
        own.x === undefined ? null : (
          <g
            key={own.id}
            transform={`translate(${x + own.x * scale} ${y - (plan.levelY + (own.level ?? 0)) * scale})`}
            pointerEvents="none"
            data-snag-mark={number}
          >
            <circle
              r={RADIUS}
              fill={own.done ? "var(--film)" : "var(--crayon)"}
              stroke="var(--color-base-100)"
              strokeWidth={own.id === marked ? 5 : 2}
            />
            <text
              y={6}
              textAnchor="middle"
              fontSize="1rem"
              fontWeight={750}
              fill="var(--color-base-100)"
            >
              {own.done ? "✓" : number}
            </text>
          </g>
        ),
      )}
    </g>
  );
}
