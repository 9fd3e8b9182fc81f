import type { Point } from "../../../core/geometry/polygon.ts";
import type { GroutMix } from "../../../core/grout/mixes.ts";
import { SAME_MM } from "../../../core/limits.ts";
import type { FieldSide } from "../../../core/set-out/region.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { begunMix, type GroutState, groutState } from "../../panel/grout-state.ts";
import { ringPath } from "../../paths/paths.ts";
import { useJob } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { LightOn } from "./LightOn.tsx";

/** Mixes as areas in the order of the work, soft joints in their own line, and a light from the side. */
export function GroutMarks(props: OnBareWall) {
  const { plan, wall, frame } = props;
  const light = useView((state) => state.light);
  const work = useJob(({ row }) => row?.project.work);
  const ends = useJob(({ row }) => row?.project.settings?.beadAtEnds ?? false);
  if (light !== undefined) return <LightOn {...props} degrees={light} />;
  const mixes = plan.grout.mixes.filter((mix) => mix.wall === wall.id);
  return (
    <g pointerEvents="none" data-grout={wall.id}>
      {mixes.map((mix) => (
        <MixArea key={mix.n} mix={mix} frame={frame} state={groutState(begunMix(work, mix))} />
      ))}
      <SoftJoints wall={wall} frame={frame} atEnds={ends} />
      {mixes.map((mix) => (
        <MixLabel
          key={mix.n}
          mix={mix}
          frame={frame}
          state={groutState(begunMix(work, mix))}
          levelY={plan.levelY}
        />
      ))}
    </g>
  );
}

interface MixProps {
  mix: GroutMix;
  frame: WallFrame;
  state: GroutState;
}

/** How strongly each state is tinted: what is done stands out from what is to do. */
const TINTS: Record<GroutState, number> = {
  todo: 0,
  placing: 0.35,
  floated: 0.25,
  washed: 0.2,
  hazed: 0.32,
};

function MixArea({ mix, frame, state }: MixProps) {
  const { x, y, scale } = frame;
  const done = state === "hazed" || state === "washed";
  return (
    <g data-mix-state={state}>
      {mix.boxes.map((box) => {
        const shape = {
          x: x + box.minX * scale,
          y: y - box.maxY * scale,
          width: (box.maxX - box.minX) * scale,
          height: (box.maxY - box.minY) * scale,
        };
        return (
          <g key={`${box.minX}/${box.minY}`}>
            <rect
              {...shape}
              fill={done ? "var(--film)" : "var(--chalk)"}
              opacity={state === "todo" ? (mix.n % 2) * 0.1 + 0.04 : TINTS[state]}
            />
            {state === "hazed" && <rect {...shape} fill="url(#done-hatch)" />}
          </g>
        );
      })}
      <MixEdge mix={mix} frame={frame} />
    </g>
  );
}

/** The line under the lowest courses of a mix, as wide as they are: there the next one begins. */
function MixEdge({ mix, frame }: Omit<MixProps, "state">) {
  const { x, y, scale } = frame;
  const foot = Math.min(...mix.boxes.map(({ minY }) => minY));
  const lowest = mix.boxes.filter(({ minY }) => minY - foot < SAME_MM);
  const left = Math.min(...lowest.map(({ minX }) => minX));
  const right = Math.max(...lowest.map(({ maxX }) => maxX));
  const low = y - foot * scale;
  return (
    <line
      x1={x + left * scale}
      x2={x + right * scale}
      y1={low}
      y2={low}
      stroke="var(--color-base-content)"
      strokeWidth={1.5}
      strokeDasharray="3 5"
    />
  );
}

/** A label of two lines needs so much height, px, and a long one so much width. */
const ROOM = { two: 46, wide: 120 };

function MixLabel({ mix, frame, state, levelY }: MixProps & { levelY: number }) {
  const { x, y, scale } = frame;
  const edge = y - Math.max(...mix.boxes.map(({ maxY }) => maxY)) * scale;
  const level = y - levelY * scale;
  // The level line would run through the words: they stand below it.
  const top = level > edge && level < edge + ROOM.two ? level : edge;
  const low = y - Math.min(...mix.boxes.map(({ minY }) => minY)) * scale;
  const left = x + Math.min(...mix.boxes.map(({ minX }) => minX)) * scale;
  const right = x + Math.max(...mix.boxes.map(({ maxX }) => maxX)) * scale;
  const wide = right - left > ROOM.wide;
  const minutes = Math.round(mix.spreadMin + mix.washMin);
  const look = {
    x: left + 8,
    fill: "var(--color-base-content)",
    paintOrder: "stroke",
    stroke: "var(--color-base-100)",
    strokeWidth: 4,
  };
  return (
    <g data-mix={`${mix.wall}/${mix.n}`}>
      <text {...look} y={top + 20} fontSize="1rem" fontWeight={750}>
        {state === "todo" ? "" : "✓ "}
        {wide ? ui.grout.mix(mix.n) : mix.n}
      </text>
      {low - top > ROOM.two && (
        <text {...look} y={top + 39} fontSize="0.875rem" fontWeight={550}>
          {minutes} min{wide && state !== "todo" && ` · ${ui.grout.states[state]}`}
        </text>
      )}
    </g>
  );
}

function linePath([ax, ay]: Point, [bx, by]: Point): string {
  return `M${ax.toFixed(1)} ${(-ay).toFixed(1)}L${bx.toFixed(1)} ${(-by).toFixed(1)}`;
}

/** Sides of a field whose joint is soft. */
const SOFT: FieldSide[] = ["bottom", "top"];

/** Soft joints: base, top, inside corners, round openings, and ends on request: dots and dashes. */
function SoftJoints({
  wall,
  frame,
  atEnds,
}: Pick<OnBareWall, "wall" | "frame"> & { atEnds: boolean }) {
  const { edges } = wall.fieldRegion;
  const { left, right } = wall.ends;
  const soft = edges.filter(({ of }) => {
    if (of.kind !== "boundary") return of.kind === "void";
    if (of.side === "left") return left.kind === "open" ? atEnds : !left.outside;
    if (of.side === "right") return right.kind === "open" ? atEnds : !right.outside;
    return SOFT.includes(of.side);
  });
  const liners = wall.zones.filter(({ zone, inner }) => atEnds && zone.frame && inner.length > 0);
  const d = [
    ...soft.map(({ a, b }) => linePath(a, b)),
    ...liners.map(({ ring }) => ringPath(ring)),
  ].join("");
  return (
    <g transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`} data-soft-joints="">
      <path
        d={d}
        fill="none"
        stroke="var(--color-base-100)"
        strokeWidth={6}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={d}
        fill="none"
        stroke="var(--chalk)"
        strokeWidth={3.5}
        strokeDasharray="10 4 2 4"
        vectorEffect="non-scaling-stroke"
      />
    </g>
  );
}
