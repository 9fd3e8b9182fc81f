import { boxOf } from "../../core/geometry/polygon.ts";
import type { Job } from "../../core/project/job.ts";
import type { Project } from "../../core/project/schema.ts";
import { rowPieces } from "../../core/set/row-pieces.ts";
import type { PlacedRow } from "../../core/set/sessions.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { CutTick } from "../panel/CutTick.tsx";
import { ringPath } from "../paths/paths.ts";
import { ui } from "../words/ui.ts";

interface RowStripProps {
  job: Job;
  project: Project;
  wall: WallPlan;
  row: PlacedRow;
}

/** More pieces than this are drawn without a number each. */
const MOST_NUMBERED = 12;

/** The pieces of a row as they stand on the wall, numbered in their order, and its cuts to tick off. */
export function RowStrip({ job, project, wall, row }: RowStripProps) {
  const pieces = rowPieces(job, wall, row);
  if (pieces.length === 0) return null;
  const { minX, maxX, minY, maxY } = boxOf(...pieces.map(({ ring }) => ring));
  const [width, height] = [maxX - minX, maxY - minY];
  const text = Math.min(height * 0.5, width / 18);
  const cuts = pieces.filter(({ kind }) => kind !== "none");
  return (
    <>
      <svg
        viewBox={`${minX - 4} ${-maxY - 4} ${width + 8} ${height + 8}`}
        className="mt-2 max-h-28 w-full md:max-h-40"
        role="img"
        aria-label={ui.set.pieces(pieces.length, cuts.length)}
      >
        {pieces.map((piece, k) => {
          const box = boxOf(piece.ring);
          const cut = piece.kind !== "none";
          return (
            <g key={piece.id}>
              <path
                d={ringPath(piece.ring)}
                fill={cut ? "var(--tile-cut)" : "var(--tile)"}
                stroke="var(--color-base-content)"
                strokeWidth={1.5}
                vectorEffect="non-scaling-stroke"
              />
              {pieces.length <= MOST_NUMBERED && box.maxX - box.minX > text * 1.4 && (
                <text
                  x={(box.minX + box.maxX) / 2}
                  y={-(box.minY + box.maxY) / 2 + text * 0.36}
                  fontSize={text}
                  fontWeight={750}
                  textAnchor="middle"
                  fill="var(--chalk)"
                >
                  {row.first + k}
                </text>
              )}
            </g>
          );
        })}
      </svg>
      <ul className="mt-2 flex flex-wrap gap-2">
        {cuts.map((piece) => (
          <li key={piece.id}>
            <CutTick project={project} wall={wall} piece={piece} large />
          </li>
        ))}
      </ul>
    </>
  );
}
