import { boxOf } from "../../../core/geometry/polygon.ts";
import { ALONG, type Correction } from "../../../core/set/correction.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { enlargedBy } from "./enlarged.ts";
import { OffLabel } from "./OffLabel.tsx";

interface DeviationProps extends Pick<OnBareWall, "wall" | "frame"> {
  correction: Correction;
}

/** What was measured at one place alone is told along the whole wall. */
function wide<P extends { x: number }>(points: P[], { left, right }: WallFrame): P[] {
  const [only, more] = points;
  return only && !more
    ? [
        { ...only, x: left },
        { ...only, x: right },
      ]
    : points;
}

/** The labels of three places stand beside each other from this width on, px. */
const ROOM_FOR_ALL = 240;

/** What is labelled on the drawing: on a narrow wall the largest deviation alone; the panel has all. */
function labelled<P extends { off: number }>(points: P[], { left, right }: WallFrame): P[] {
  if (right - left >= ROOM_FOR_ALL) return points;
  const most = Math.max(...points.map(({ off }) => Math.abs(off)));
  return points.filter(({ off }) => Math.abs(off) === most).slice(0, 1);
}

/** A course as it was set against where it was to be, and those that bring it back, drawn large. */
export function Deviation({ correction, wall, frame }: DeviationProps) {
  const { minX, maxX } = boxOf(wall.boundary);
  const xs = { left: minX, middle: (minX + maxX) / 2, right: maxX };
  const points = ALONG.flatMap((side) => {
    const own = correction.at[side];
    return own ? [{ side, x: frame.x + xs[side] * frame.scale, off: own.off }] : [];
  });
  const y = frame.y - correction.planned * frame.scale;
  const places = wide(
    points.map(({ side, x }) => ({ side, x })),
    frame,
  );
  const most = Math.max(...points.map(({ off }) => Math.abs(off))) * frame.scale;
  const enlarged = enlargedBy(most);
  const at = (off: number) => y - off * enlarged * frame.scale;
  const line = wide(points, frame)
    .map(({ x, off }) => `${x},${at(off)}`)
    .join(" ");
  return (
    <g data-deviation={correction.course}>
      <line
        x1={frame.left}
        x2={frame.right}
        y1={y}
        y2={y}
        stroke="var(--chalk)"
        strokeWidth={2}
        strokeDasharray="8 4"
      />
      <polyline points={line} fill="none" stroke="var(--crayon)" strokeWidth={3} />
      {correction.tops.map(({ course, planned, at: tops }) => {
        const held = frame.y - planned * frame.scale;
        const path = places.map(({ side, x }) => {
          const off = (tops[side] ?? planned) - planned;
          return `${x},${held - off * enlarged * frame.scale}`;
        });
        return (
          <polyline
            key={course}
            points={path.join(" ")}
            fill="none"
            stroke="var(--crayon)"
            strokeWidth={1.75}
            strokeDasharray="6 4"
            data-held={course}
          />
        );
      })}
      {labelled(points, frame).map(({ side, x, off }) => (
        <OffLabel
          key={side}
          x={Math.min(Math.max(x, frame.left + 4), frame.right - 4)}
          y={Math.min(at(off), y) - 6}
          anchor={side === "left" ? "start" : side === "right" ? "end" : "middle"}
          off={off}
        />
      ))}
    </g>
  );
}
