import { heightAt } from "../../../core/geometry/profile.ts";
import { lineX } from "../../../core/measure/corners.ts";
import type { FlatnessVerdict } from "../../../core/measure/flatness.ts";
import { positionAlong } from "../../../core/measure/shape.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import { LengthSpans } from "../../fields/Length.tsx";
import { useJob } from "../../state/job-store.ts";

interface SurveyMarksProps {
  plan: Plan;
  wall: WallPlan;
  frame: WallFrame;
}

/** Studs, straightedge readings and widths between, where they were taken. */
export function SurveyMarks({ plan, wall, frame }: SurveyMarksProps) {
  const { measured } = wall;
  const toX = (mm: number) => frame.x + mm * frame.scale;
  const toY = (mm: number) => frame.y - mm * frame.scale;
  return (
    <g pointerEvents="none">
      <StudLines wall={wall} frame={frame} />
      {measured.wall.widths?.map(({ id, level, width }) => {
        const y = plan.levelY + level;
        return (
          <g key={id} stroke="var(--chalk)">
            <line
              x1={toX(lineX(measured.left, y))}
              x2={toX(lineX(measured.right, y))}
              y1={toY(y)}
              y2={toY(y)}
              strokeDasharray="2 4"
            />
            <Label
              x={toX(0.3 * (lineX(measured.left, y) + lineX(measured.right, y)))}
              y={toY(y) - 6}
            >
              <LengthSpans mm={width} />
            </Label>
          </g>
        );
      })}
      {plan.findings.flatness
        .filter((verdict) => verdict.wall === wall.id)
        .map((verdict) => (
          <StraightedgeMark
            key={verdict.reading.id}
            verdict={verdict}
            x={toX(verdict.x)}
            y={toY(plan.levelY + verdict.reading.level)}
            scale={frame.scale}
          />
        ))}
    </g>
  );
}

/** Centre lines of the studs that were read. */
export function StudLines({ wall, frame }: { wall: WallPlan; frame: WallFrame }) {
  const { id, measured } = wall;
  const studs = useJob(({ row }) => row?.project.walls.find((stored) => stored.id === id)?.studs);
  return studs?.map((stud) => {
    const x = positionAlong(measured.wall, stud);
    const px = frame.x + x * frame.scale;
    return (
      <line
        key={stud.id}
        data-stud={stud.id}
        x1={px}
        x2={px}
        y1={frame.y - heightAt(measured.base, x) * frame.scale}
        y2={frame.y - heightAt(measured.top, x) * frame.scale}
        stroke="var(--color-base-content)"
        strokeDasharray="1 5"
        opacity={0.7}
      />
    );
  });
}

interface StraightedgeMarkProps {
  verdict: FlatnessVerdict;
  x: number;
  y: number;
  scale: number;
}

/** The straightedge as it was held, with the gap under it; what fails is red and has a mark. */
function StraightedgeMark({ verdict: { reading, passes }, x, y, scale }: StraightedgeMarkProps) {
  const half = (reading.length / 2) * scale;
  const across = reading.direction === "across";
  const [dx, dy] = across ? [half, 0] : [0, half];
  const ink = passes ? "var(--color-success)" : "var(--crayon)";
  return (
    <g stroke={ink} data-straightedge={reading.id}>
      <line x1={x - dx} y1={y - dy} x2={x + dx} y2={y + dy} strokeWidth={4} strokeLinecap="round" />
      <Label x={x + (across ? 0 : 8)} y={y - (across ? 9 : 0)} ink={ink} start={!across}>
        {passes ? "" : "! "}
        <LengthSpans mm={reading.gap} />
      </Label>
    </g>
  );
}

interface LabelProps {
  x: number;
  y: number;
  ink?: string;
  start?: boolean;
  children: React.ReactNode;
}

function Label({ x, y, ink = "var(--chalk)", start = false, children }: LabelProps) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={start ? "start" : "middle"}
      fontSize="0.8125rem"
      fontWeight={600}
      fill={ink}
      paintOrder="stroke"
      stroke="var(--color-base-100)"
      strokeWidth={4}
    >
      {children}
    </text>
  );
}
