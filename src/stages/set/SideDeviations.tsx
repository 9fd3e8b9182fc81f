import type { Plan } from "../../../core/plan.ts";
import type { UprightPlanned } from "../../../core/set/correction.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { enlargedBy } from "./enlarged.ts";
import { OffLabel } from "./OffLabel.tsx";

interface Sideways {
  key: string;
  planned: UprightPlanned;
  /** As set less planned, mm: + to the right. */
  off: number;
}

/** Ends of runs and centres of panels that were measured on a wall. */
function sidewaysOn({ runEnds, panelCentres }: Plan, wall: string): Sideways[] {
  return [
    ...runEnds.map(({ wall: on, course, from, planned, off }) => ({
      ...{ on, planned, key: `run-${course}` },
      off: from === "left" ? off : -off,
    })),
    ...panelCentres.map(({ wall: on, zone, planned, off }) => ({ on, planned, off, key: zone })),
  ].filter(({ on }) => on === wall);
}

/** What stands off its plan sideways: where it was to be, and where it is, drawn large. */
export function SideDeviations({ plan, wall, frame }: OnBareWall) {
  return sidewaysOn(plan, wall.id).map((own) => (
    <SideDeviation key={own.key} own={own} frame={frame} />
  ));
}

function SideDeviation({ own, frame }: { own: Sideways; frame: OnBareWall["frame"] }) {
  const { key, planned, off } = own;
  const x = frame.x + planned.x * frame.scale;
  const [top, foot] = [planned.high, planned.low].map((y) => frame.y - y * frame.scale);
  const set = x + off * frame.scale * enlargedBy(Math.abs(off) * frame.scale);
  return (
    <g data-sideways={key} strokeWidth={3}>
      <line x1={x} x2={x} y1={top} y2={foot} stroke="var(--chalk)" strokeDasharray="8 4" />
      <line x1={set} x2={set} y1={top} y2={foot} stroke="var(--crayon)" />
      <OffLabel
        x={set + (off < 0 ? -6 : 6)}
        y={((top ?? 0) + (foot ?? 0)) / 2 + 5}
        anchor={off < 0 ? "end" : "start"}
        off={off}
      />
    </g>
  );
}
