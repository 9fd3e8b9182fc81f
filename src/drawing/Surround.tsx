import { useDrag } from "@use-gesture/react";
import { ChevronLeft, ChevronRight } from "lucide-react";
import { type KeyboardEvent, useRef } from "react";
import type { Polygon } from "../../core/geometry/polygon.ts";
import { profilePoints } from "../../core/geometry/profile.ts";
import { formatLength } from "../../core/length/format.ts";
import { nudgeStep } from "../../core/length/units.ts";
import type { Plan } from "../../core/plan.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useJobStyle } from "../fields/context.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { CutPieces } from "../stages/cut/CutPieces.tsx";
import { ReadingMarks } from "../stages/measure/ReadingMarks.tsx";
import { selectWall, toggleFocus, useView } from "../state/view-store.ts";
import { ui } from "../words/en.ts";
import { Flags } from "./Flags.tsx";
import { CentreLine, LevelLines } from "./Lines.tsx";
import {
  frameSurround,
  PHONE_MARGINS,
  type SurroundFrame,
  type WallFrame,
  WIDE_MARGINS,
} from "./layout.ts";
import { Pole } from "./Pole.tsx";
import { ringPath } from "./paths.ts";
import { useElementSize } from "./useElementSize.ts";
import { usePhone } from "./useMedia.ts";
import { nudgePattern, usePatternDrag } from "./usePatternDrag.ts";
import { WallOpenings, WallTiles } from "./WallTiles.tsx";

/** The unfolded surround: all walls side by side, or one at a time on a phone. */
export function Surround({ plan }: { plan: Plan }) {
  const [ref, area] = useElementSize<HTMLDivElement>();
  const phone = usePhone();
  const { wall: selected, page, focused } = useView();
  const frame = useSteadyFrame(plan, area, phone, phone || focused ? selected : undefined);
  const swipe = useDrag(
    ({ swipe: [direction], tap }) => {
      if (!tap && direction !== 0) stepWall(plan, direction < 0 ? 1 : -1);
    },
    { enabled: phone && page !== "set-out", axis: "x", swipe: { distance: 40 } },
  );
  return (
    <section className="flex h-full min-h-0 flex-col" aria-label={ui.drawing.label}>
      {phone && <WallSwitch plan={plan} />}
      <div
        ref={ref}
        {...swipe()}
        className="relative min-h-0 flex-1 touch-pan-y overflow-hidden contain-strict"
      >
        {!phone && plan.walls.length > 1 && (
          <button
            type="button"
            className="btn btn-sm absolute top-2 right-2"
            aria-pressed={focused}
            onClick={toggleFocus}
          >
            {focused ? ui.drawing.allWalls : ui.drawing.oneWall}
          </button>
        )}
        {area.width > 0 && <SurroundSvg plan={plan} frame={frame} phone={phone} />}
      </div>
    </section>
  );
}

/** The frame of the surround; the same objects as long as the walls stay where they are. */
function useSteadyFrame(
  plan: Plan,
  area: { width: number; height: number },
  phone: boolean,
  only: string | undefined,
): SurroundFrame {
  const margins = phone ? PHONE_MARGINS : WIDE_MARGINS;
  const next = frameSurround(plan, area, margins, only);
  const last = useRef(next);
  if (JSON.stringify(next) !== JSON.stringify(last.current)) last.current = next;
  return last.current;
}

/** Shows the next or previous wall, round and round. */
export function stepWall(plan: Plan, step: 1 | -1): void {
  const at = plan.walls.findIndex(({ id }) => id === useView.getState().wall);
  const next = plan.walls[(at + step + plan.walls.length) % plan.walls.length];
  if (next) selectWall(next.id);
}

function WallSwitch({ plan }: { plan: Plan }) {
  const selected = useView(({ wall }) => wall);
  const wall = plan.walls.find(({ id }) => id === selected);
  const swipe = useDrag(
    ({ swipe: [direction] }) => {
      if (direction !== 0) stepWall(plan, direction < 0 ? 1 : -1);
    },
    { axis: "x", swipe: { distance: 40 } },
  );
  return (
    <div {...swipe()} className="flex touch-pan-y items-center justify-between px-2 py-1">
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={ui.drawing.previous}
        onClick={() => stepWall(plan, -1)}
      >
        <ChevronLeft />
      </button>
      <span className="text-lg font-semibold" aria-live="polite">
        {wall?.name}
      </span>
      <button
        type="button"
        className="btn btn-square btn-ghost"
        aria-label={ui.drawing.next}
        onClick={() => stepWall(plan, 1)}
      >
        <ChevronRight />
      </button>
    </div>
  );
}

interface SvgProps {
  plan: Plan;
  frame: SurroundFrame;
  phone: boolean;
}

function SurroundSvg({ plan, frame, phone }: SvgProps) {
  const { page, wall: selected, exaggerate } = useView();
  const style = useJobStyle();
  const { bind, snaps } = usePatternDrag(
    (id) => frame.walls.find((wall) => wall.id === id)?.scale ?? 1,
  );
  const [firstFrame] = frame.walls;
  const firstWall = plan.walls.find(({ id }) => id === firstFrame?.id);
  const low = plan.walls.find(({ id }) => id === plan.lowPoint.wall);
  const measuring = page === "measure";
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot be a drawing
    <svg
      width={frame.width}
      height={frame.height}
      className="block select-none"
      role="group"
      aria-label={ui.drawing.label}
    >
      <title>{ui.drawing.label}</title>
      <Hatches />
      {!measuring && firstWall && firstFrame && (
        <Pole
          levelY={plan.levelY}
          firstY={plan.first.y}
          wall={firstWall}
          frame={firstFrame}
          x={firstFrame.left - 92}
          heights={!phone}
        />
      )}
      {frame.walls.map((wallFrame) => {
        const wall = plan.walls.find(({ id }) => id === wallFrame.id);
        if (!wall) return null;
        const drag = page === "set-out" ? bind(wall.id) : {};
        return (
          <g key={wall.id} data-wall={wall.id}>
            <WallTitle
              wall={wall}
              frame={wallFrame}
              selected={wall.id === selected}
              hidden={phone}
            />
            {/* biome-ignore lint/a11y/useSemanticElements: an HTML button cannot stand inside an SVG */}
            <g
              {...drag}
              role="button"
              tabIndex={0}
              aria-label={`${wall.name}. ${page === "set-out" ? ui.drawing.dragHint : ""}`}
              data-field={wall.id}
              style={{ touchAction: page === "set-out" ? "none" : undefined }}
              className={page === "set-out" ? "cursor-grab active:cursor-grabbing" : ""}
              onClick={() => selectWall(wall.id)}
              onKeyDown={(event) => page === "set-out" && onNudge(event, wall.id, nudgeStep(style))}
            >
              <g transform={`translate(${wallFrame.x} ${wallFrame.y}) scale(${wallFrame.scale})`}>
                <WallBody
                  wall={wall}
                  plan={plan}
                  measuring={measuring}
                  tintCuts={page === "cut"}
                  joints={wall.cell.height * wallFrame.scale > JOINT_LINE_ROOM}
                />
              </g>
            </g>
            {page === "cut" && <CutPieces wall={wall} frame={wallFrame} rule={plan.sliver} />}
            {measuring && (
              <ReadingMarks plan={plan} wall={wall} frame={wallFrame} exaggerate={exaggerate} />
            )}
            {page === "set-out" && <CentreLine wall={wall} frame={wallFrame} />}
          </g>
        );
      })}
      <LevelLines plan={plan} frame={frame} courses={!measuring} />
      {!measuring &&
        frame.walls.map((wallFrame) => {
          const wall = plan.walls.find(({ id }) => id === wallFrame.id);
          return wall && <Flags key={wall.id} wall={wall} frame={wallFrame} y={frame.flagY} />;
        })}
      {firstFrame && low && (
        <text
          x={12}
          y={frame.height - 8}
          fontSize={12.5}
          fill="var(--color-base-content)"
          opacity={0.85}
        >
          {ui.drawing.lowPoint(
            low.name,
            formatLength(plan.lowPoint.x, style),
            formatLength(plan.fall, style),
          )}
          {measuring && exaggerate > 1 && ` · ${ui.drawing.exaggerated(exaggerate)}`}
        </text>
      )}
      {snaps.length > 0 && (
        <g
          transform={`translate(${frame.width / 2 - 110} ${frame.height - 34})`}
          aria-live="polite"
        >
          <rect width={220} height={26} rx={3} fill="var(--color-primary)" />
          <text
            x={110}
            y={18}
            textAnchor="middle"
            fontSize={13}
            fill="var(--color-primary-content)"
          >
            {snaps.map((snap) => ui.drawing.snaps[snap]).join(" · ")}
          </text>
        </g>
      )}
    </svg>
  );
}

function onNudge(event: KeyboardEvent, wall: string, step: number): void {
  const size = event.shiftKey ? step * 10 : step;
  const moves: Record<string, [number, number]> = {
    ArrowLeft: [-size, 0],
    ArrowRight: [size, 0],
    ArrowUp: [0, size],
    ArrowDown: [0, -size],
  };
  const move = moves[event.key];
  if (!move) return;
  event.preventDefault();
  nudgePattern(wall, ...move);
}

interface WallBodyProps {
  wall: WallPlan;
  plan: Plan;
  measuring: boolean;
  tintCuts: boolean;
  joints: boolean;
}

/** Tiles smaller than this on the screen show their joints by colour alone, px. */
const JOINT_LINE_ROOM = 9;

/** The wall itself in mm: bare region, tiles, openings and outline. */
function WallBody({ wall, plan, measuring, tintCuts, joints }: WallBodyProps) {
  const outline = ringPath(wall.region);
  return (
    <>
      <path d={ringPath(baseStrip(wall))} fill="var(--base-strip)" />
      <path d={outline} fill={measuring ? "var(--color-base-100)" : "var(--wall-gap)"} />
      {!measuring && (
        <WallTiles wall={wall} sliver={plan.sliver} tintCuts={tintCuts} joints={joints} />
      )}
      <WallOpenings wall={wall} />
      <path
        d={outline}
        fill="none"
        stroke="var(--color-base-content)"
        strokeWidth={1.75}
        vectorEffect="non-scaling-stroke"
      />
    </>
  );
}

/** How thick the pan, tub rim or floor is drawn under a wall, mm. */
const STRIP_MM = 45;

/** The base that the wall stands on, along its true profile. */
function baseStrip({ measured }: WallPlan): Polygon {
  const [from, to] = measured.baseSpan;
  const top = profilePoints(measured.base, from, to);
  return [[from, -STRIP_MM], [to, -STRIP_MM], ...top.reverse()];
}

interface WallTitleProps {
  wall: WallPlan;
  frame: WallFrame;
  selected: boolean;
  hidden: boolean;
}

function WallTitle({ wall, frame, selected, hidden }: WallTitleProps) {
  if (hidden) return null;
  const y = frame.top - 44;
  const width = frame.right - frame.left;
  const narrow = width < 190;
  return (
    // The wall itself below can be focused and chosen by keyboard; its title is for the pointer.
    // biome-ignore lint/a11y/noStaticElementInteractions: see above
    <g className="cursor-pointer" onClick={() => selectWall(wall.id)}>
      {selected && (
        <rect x={frame.left} y={y + 7} width={width} height={3} fill="var(--color-primary)" />
      )}
      <text
        x={frame.left}
        y={narrow ? y - 14 : y}
        fontSize={15}
        fontWeight={selected ? 700 : 600}
        fill="var(--color-base-content)"
      >
        {wall.name}
      </text>
      <text
        x={narrow ? frame.left : frame.right}
        y={y}
        fontSize={13}
        textAnchor={narrow ? "start" : "end"}
        fill="var(--color-base-content)"
        opacity={0.85}
      >
        <LengthSpans mm={wall.measured.wall.width.bottom} unit />
      </text>
    </g>
  );
}

/** Hatches, so that colour is never the only sign. */
function Hatches() {
  return (
    <defs>
      <pattern
        id="sliver-hatch"
        width="26"
        height="26"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="10" height="26" fill="var(--crayon)" opacity="0.75" />
      </pattern>
    </defs>
  );
}
