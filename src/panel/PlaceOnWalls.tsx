import type { MouseEvent, ReactNode } from "react";
import { boxOf } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ringPath } from "../paths/paths.ts";

/** Something that has, or may get, a place on a wall. */
interface Placed {
  id: string;
  wall?: string | undefined;
  x?: number | undefined;
  level?: number | undefined;
}

interface PlaceOnWallsProps {
  label: string;
  /** As high as a screen lets it be. */
  large?: boolean;
  plan: Plan;
  entries: Placed[];
  marked: string | undefined;
  onMark: (id: string) => void;
  onPlace: (wall: string, x: number, level: number) => void;
  /** What else is drawn on a wall: mm from its left corner, and down from the low point. */
  children?: (wall: WallPlan) => ReactNode;
}

/** Room between and around the walls, mm of the drawing. */
const ROOM = 250;

/** The unfolded walls with a numbered mark for each entry; a click places the marked one. */
export function PlaceOnWalls({
  label,
  large = false,
  plan,
  entries,
  marked,
  onMark,
  onPlace,
  children,
}: PlaceOnWallsProps) {
  const boxes = plan.walls.map(({ region }) => boxOf(region));
  const top = Math.max(...boxes.map(({ maxY }) => maxY));
  const bottom = Math.min(0, ...boxes.map(({ minY }) => minY));
  let at = ROOM;
  const starts = boxes.map(({ minX, maxX }) => {
    const start = at - minX;
    at += maxX - minX + ROOM;
    return start;
  });
  const place = (wall: WallPlan) => (event: MouseEvent<SVGPathElement>) => {
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onPlace(wall.id, Math.round(x), Math.round(-y - plan.levelY));
  };
  return (
    <svg
      className="my-3 block w-full"
      viewBox={`0 0 ${at} ${top - bottom + 2 * ROOM}`}
      style={{ maxHeight: large ? "60vh" : 300 }}
      role="img"
      aria-label={label}
    >
      {plan.walls.map((wall, k) => (
        <g key={wall.id} transform={`translate(${starts[k]} ${top + ROOM})`}>
          {/* The fields of an entry place it by keyboard. */}
          {/* biome-ignore lint/a11y/noStaticElementInteractions: see above */}
          <path
            d={ringPath(wall.region)}
            data-record-wall={wall.id}
            fill="var(--color-base-100)"
            stroke="var(--color-base-content)"
            strokeWidth={8}
            className="cursor-crosshair"
            onClick={place(wall)}
          />
          {children?.(wall)}
          <text x={0} y={-top - 60} fontSize={110} fill="var(--color-base-content)">
            {wall.name}
          </text>
          {entries.map((entry, n) => {
            if (entry.wall !== wall.id || entry.x === undefined) return null;
            const y = -(plan.levelY + (entry.level ?? 0));
            return (
              // biome-ignore lint/a11y/noStaticElementInteractions: the entry's own card marks it by keyboard
              <g
                key={entry.id}
                data-record-mark={n + 1}
                transform={`translate(${entry.x} ${y})`}
                className="cursor-pointer"
                onClick={() => onMark(entry.id)}
              >
                <circle
                  r={80}
                  fill={entry.id === marked ? "var(--color-primary)" : "var(--color-base-content)"}
                />
                <text
                  y={38}
                  textAnchor="middle"
                  fontSize={110}
                  fontWeight={700}
                  fill="var(--color-base-100)"
                >
                  {n + 1}
                </text>
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}
