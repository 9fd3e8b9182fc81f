import type { PlanWall } from "../paths/thumbs.ts";

/** Room between the walls of a thumbnail, mm. */
const ROOM = 120;

interface LayoutThumbProps {
  walls: PlanWall[];
  label: string;
  /** Cuts are what it is about. */
  tintCuts?: boolean;
}

/** A layout as a small picture: tiles, openings, shelves and holes. */
export function LayoutThumb({ walls, label, tintCuts = false }: LayoutThumbProps) {
  const top = Math.max(...walls.map(({ box }) => box.maxY));
  const bottom = Math.min(...walls.map(({ box }) => box.minY));
  let at = 0;
  const starts = walls.map(({ box }) => {
    const start = at - box.minX;
    at += box.maxX - box.minX + ROOM;
    return start;
  });
  return (
    <svg
      viewBox={`0 ${-top} ${at - ROOM} ${top - bottom}`}
      className="mt-1 max-h-full w-full"
      role="img"
      aria-label={label}
    >
      {walls.map((wall, k) => (
        <g key={wall.id} transform={`translate(${starts[k]} 0)`}>
          <path d={wall.field} fill="var(--grout)" />
          <g stroke="var(--joint-line)" strokeWidth={0.5}>
            <path d={wall.whole} fill="var(--tile)" vectorEffect="non-scaling-stroke" />
            <path
              d={wall.cut}
              fill={tintCuts ? "var(--tile-cut)" : "var(--tile)"}
              vectorEffect="non-scaling-stroke"
            />
          </g>
          <path d={wall.openings} fill="var(--niche)" />
          <path d={wall.shelves + wall.holes} fill="var(--color-base-content)" />
          <path
            d={wall.field}
            fill="none"
            stroke="var(--color-base-content)"
            vectorEffect="non-scaling-stroke"
          />
        </g>
      ))}
    </svg>
  );
}
