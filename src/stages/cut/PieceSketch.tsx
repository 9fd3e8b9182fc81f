import type { CutPiece } from "../../../core/cut/pieces.ts";
import { boxOf, type Polygon } from "../../../core/geometry/polygon.ts";
import { LengthSpans } from "../../fields/Length.tsx";
import { ringPath } from "../../paths/paths.ts";
import { ui } from "../../words/ui.ts";

const WIDTH = 270;
const HEIGHT = 168;
const MARGIN = { x: 50, y: 26 };

interface PieceSketchProps {
  piece: CutPiece;
  full: Polygon;
  /** Its size as it is cut, where the fence is set to something else than planned. */
  cut: { width: number; height: number } | undefined;
}

/** A cut drawn in the tile it comes from: what stays is filled, what goes is hatched. */
export function PieceSketch({ piece, full, cut = piece }: PieceSketchProps) {
  const tile = boxOf(full);
  const box = boxOf(piece.ring);
  const scale = Math.min(
    (WIDTH - 2 * MARGIN.x) / (tile.maxX - tile.minX),
    (HEIGHT - 2 * MARGIN.y) / (tile.maxY - tile.minY),
  );
  const x0 = WIDTH / 2 - ((tile.minX + tile.maxX) / 2) * scale;
  const y0 = HEIGHT / 2 + ((tile.minY + tile.maxY) / 2) * scale;
  const toX = (mm: number) => x0 + mm * scale;
  const toY = (mm: number) => y0 - mm * scale;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={ui.cut.kinds[piece.kind]}
    >
      <defs>
        <pattern
          id="waste"
          width="8"
          height="8"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="2" height="8" fill="var(--color-base-content)" opacity="0.35" />
        </pattern>
      </defs>
      <g transform={`translate(${x0} ${y0}) scale(${scale})`}>
        <path
          d={ringPath(full)}
          fill="url(#waste)"
          stroke="var(--color-base-content)"
          strokeDasharray="4 3"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={ringPath(piece.ring)}
          fill="var(--tile-cut)"
          stroke="var(--color-base-content)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
        {piece.holes.map(({ centre: [x, y], diameter }) => (
          <circle
            key={`${x}/${y}`}
            cx={x}
            cy={-y}
            r={diameter / 2}
            fill="var(--color-base-100)"
            stroke="var(--color-base-content)"
            strokeWidth={2}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </g>
      <g fontSize={14} fontWeight={600} fill="var(--color-base-content)" textAnchor="middle">
        <text x={toX((box.minX + box.maxX) / 2)} y={toY(tile.maxY) - 8}>
          <LengthSpans mm={cut.width} />
        </text>
        <text x={toX(tile.minX) - 26} y={toY((box.minY + box.maxY) / 2) + 5}>
          <LengthSpans mm={cut.height} />
        </text>
      </g>
    </svg>
  );
}
