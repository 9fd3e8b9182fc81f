import { positionAlong } from "../../../core/measure/shape.ts";
import type { Project } from "../../../core/project/schema.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { ui } from "../../words/ui.ts";

interface WorkPlacesProps extends OnBareWall {
  project: Project;
}

/** Supports that are still up, and tiles that were pulled. */
export function WorkPlaces({ project, plan, wall, frame }: WorkPlacesProps) {
  const { supports = [], coverage = [] } = project.work ?? {};
  const yOf = (level: number) => frame.y - (plan.levelY + level) * frame.scale;
  return (
    <>
      {supports
        .filter((own) => own.wall === wall.id && !own.out)
        .map(({ id, kind, level }) => (
          <g key={id} data-support={kind}>
            <line
              x1={frame.left}
              x2={frame.right}
              y1={yOf(level)}
              y2={yOf(level)}
              stroke="var(--crayon)"
              strokeWidth={4}
              strokeDasharray={kind === "ledger" ? undefined : "2 9"}
            />
            <text
              x={frame.right - 4}
              y={yOf(level) + 16}
              fontSize="0.875rem"
              fontWeight={650}
              textAnchor="end"
              fill="var(--color-base-content)"
              paintOrder="stroke"
              stroke="var(--color-base-100)"
              strokeWidth={4}
            >
              {ui.set.supportKinds[kind]}
            </text>
          </g>
        ))}
      {coverage
        .filter((own) => own.wall === wall.id)
        .map(({ id, from, at, level, share }) => {
          const x = positionAlong(wall.measured.wall, { from, at });
          const cx = frame.x + x * frame.scale;
          return (
            <g key={id} data-coverage={share}>
              <circle
                cx={cx}
                cy={yOf(level)}
                r={6}
                fill="var(--color-base-100)"
                stroke="var(--chalk)"
                strokeWidth={2.5}
              />
              <text
                x={cx + 10}
                y={yOf(level) + 5}
                fontSize="0.875rem"
                fontWeight={700}
                fill="var(--color-base-content)"
                paintOrder="stroke"
                stroke="var(--color-base-100)"
                strokeWidth={4}
              >
                {Math.round(share * 100)} %
              </text>
            </g>
          );
        })}
    </>
  );
}
