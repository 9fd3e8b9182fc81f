import { useDrag } from "@use-gesture/react";
import { Fragment, useRef } from "react";
import { formatLength } from "../../core/length/format.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { Later } from "../parts/Later.tsx";
import { Part } from "../parts/part.ts";
import { useOneStop } from "../parts/useOneStop.ts";
import { useJob } from "../state/job-store.ts";
import {
  type Stage,
  showsFlags,
  showsTile,
  toggleFocus,
  toggleFold,
  useView,
} from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { CutsBeside, Flags } from "./Flags.tsx";
import { CentreLabel, FirstCourseLabel, LevelLines } from "./Lines.tsx";
import {
  aboveFlags,
  BARE_MARGINS,
  belowFlags,
  frameSurround,
  haveRoom,
  type Margins,
  PHONE_BARE_MARGINS,
  PHONE_MARGINS,
  type SurroundFrame,
  TIGHT_MARGINS,
  type WallFrame,
  WIDE_MARGINS,
} from "./layout.ts";
import type { StageMarks } from "./marks.ts";
import { hasPole, Pole, PoleHeights } from "./Pole.tsx";
import { SheetButtons } from "./SheetButtons.tsx";
import { TileLooks } from "./TileLooks.tsx";
import { useElementSize } from "./useElementSize.ts";
import { useLow, usePhone, useRem } from "./useMedia.ts";
import { WallGroup } from "./WallGroup.tsx";
import { Hatches } from "./WallShape.tsx";
import { stepWall, WallSwitch } from "./WallSwitch.tsx";

/** The room that the walls fold up into. */
export const FOLD = new Part(async () => (await import("./Fold.tsx")).Fold);

interface SurroundProps {
  project: Project;
  plan: Plan;
  /** The stage that is drawn. */
  stage: Stage;
  /** What it draws on each wall. */
  marks: StageMarks | undefined;
}

/** The unfolded surround: all walls side by side, or one at a time on a phone. */
export function Surround({ project, plan, stage, marks }: SurroundProps) {
  const [ref, area] = useElementSize<HTMLDivElement>();
  const phone = usePhone();
  const selected = useView((state) => state.wall);
  const focused = useView((state) => state.focused);
  const folded = useView((state) => state.folded);
  const tiled = showsTile(stage);
  const flagged = showsFlags(stage);
  const [wide, narrow] = flagged
    ? [WIDE_MARGINS, PHONE_MARGINS]
    : [BARE_MARGINS, PHONE_BARE_MARGINS];
  // On a tablet held upright the flags would leave the walls no room: one at a time, as on a phone.
  const rem = useRem();
  const crowded = area.width > 0 && !haveRoom(plan.walls.length, area.width, wide, rem);
  const single = phone || crowded;
  const only = single || focused ? selected : undefined;
  const low = useLow();
  const sheet = useView((state) => state.sheet !== undefined);
  // Where the drawing is low: the wall as large as it can be, its cuts told beside it.
  const tight = low ? single : phone && sheet;
  const margins = tight ? TIGHT_MARGINS : phone ? narrow : wide;
  const frame = useSteadyFrame(plan, area, margins, { only, rem });
  const shown = plan.walls.find(({ id }) => id === selected);
  const stop = useOneStop();
  const canFold = plan.walls.length > 1 && tiled && !tight;
  const swipe = useDrag(
    ({ swipe: [direction], tap }) => {
      if (!tap && direction !== 0) stepWall(plan, direction < 0 ? 1 : -1);
    },
    { enabled: phone && stage !== "set-out", axis: "x", swipe: { distance: 40 } },
  );
  return (
    <section className="flex h-full min-h-0 flex-col" aria-label={ui.drawing.label}>
      {single && (
        <WallSwitch plan={plan}>
          {canFold && (
            <LookButton on={folded} onClick={toggleFold}>
              {folded ? ui.drawing.unfold : ui.drawing.fold}
            </LookButton>
          )}
          {low && phone && <SheetButtons />}
        </WallSwitch>
      )}
      {/* biome-ignore lint/a11y/useSemanticElements: a fieldset cannot be a drawing */}
      <div
        ref={ref}
        role="group"
        aria-label={ui.drawing.stops}
        {...swipe()}
        {...stop}
        className="relative min-h-0 flex-1 touch-pan-y overflow-hidden contain-strict"
      >
        {folded && tiled ? (
          <Later part={FOLD} props={{ project, plan, tintCuts: stage === "cut" }} />
        ) : (
          area.width > 0 && (
            <>
              <SurroundSvg
                plan={plan}
                frame={frame}
                phone={phone}
                tight={tight}
                stage={stage}
                marks={marks}
              />
              {flagged && !tight && (
                <Figures plan={plan} frame={frame} phone={phone} stage={stage} />
              )}
              {flagged && tight && shown && <CutsBeside wall={shown} />}
            </>
          )
        )}
        {canFold && !single && (
          <LookButton at="left-2" on={folded} onClick={toggleFold}>
            {folded ? ui.drawing.unfold : ui.drawing.fold}
          </LookButton>
        )}
        {plan.walls.length > 1 && !single && !(folded && tiled) && (
          <LookButton at="right-2" on={focused} onClick={toggleFocus}>
            {focused ? ui.drawing.allWalls : ui.drawing.oneWall}
          </LookButton>
        )}
      </div>
    </section>
  );
}

interface LookButtonProps {
  /** The side of the drawing that it stands at, if it is on it. */
  at?: "left-2" | "right-2";
  on: boolean;
  onClick: () => void;
  children: string;
}

/** Another look at the walls, in a corner of the drawing that they leave free. */
function LookButton({ at, on, onClick, children }: LookButtonProps) {
  return (
    <button
      type="button"
      className={`btn btn-sm ${at ? `absolute top-2 px-2 ${at}` : ""}`}
      aria-pressed={on}
      onClick={onClick}
    >
      {children}
    </button>
  );
}

interface PictureProps {
  plan: Plan;
  area: { width: number; height: number };
  wall: string;
  stage: Stage;
  marks: StageMarks | undefined;
}

/** One wall as its stage draws it, of a size of its own: to look at, not to touch. */
export function SurroundPicture({ plan, area, wall, stage, marks }: PictureProps) {
  const rem = useRem();
  const flagged = showsFlags(stage);
  const margins = flagged ? WIDE_MARGINS : BARE_MARGINS;
  const frame = frameSurround(plan, area, margins, { only: wall, rem });
  return (
    <div className="relative" style={area}>
      <SurroundSvg
        plan={plan}
        frame={frame}
        phone={false}
        tight={false}
        stage={stage}
        marks={marks}
      />
      {flagged && <Figures plan={plan} frame={frame} phone={false} stage={stage} />}
    </div>
  );
}

/** The frame of the surround; the same objects as long as the walls stay where they are. */
function useSteadyFrame(
  plan: Plan,
  area: { width: number; height: number },
  margins: Margins,
  look: { only: string | undefined; rem: number },
): SurroundFrame {
  const next = frameSurround(plan, area, margins, look);
  const last = useRef(next);
  if (JSON.stringify(next) !== JSON.stringify(last.current)) last.current = next;
  return last.current;
}

/** How far left of the first wall the pole stands at a rem of 16 px. */
const POLE_ROOM = 30;

function poleX({ rem }: SurroundFrame, { left }: WallFrame): number {
  return left - rem * POLE_ROOM;
}

/** How far above a wall without flags its name stands, at a rem of 16 px. */
const BARE_TITLE = 6;

interface SvgProps {
  plan: Plan;
  frame: SurroundFrame;
  phone: boolean;
  stage: Stage;
}

function SurroundSvg(props: SvgProps & { tight: boolean; marks: StageMarks | undefined }) {
  const { plan, frame, phone, tight, stage, marks } = props;
  const exaggerate = useView((state) => state.exaggerate);
  const style = useJobStyle();
  const [firstFrame] = frame.walls;
  const firstWall = plan.walls.find(({ id }) => id === firstFrame?.id);
  const low = plan.walls.find(({ id }) => id === plan.lowPoint.wall);
  const measuring = stage === "measure";
  const flagged = showsFlags(stage);
  const titleRise = flagged ? aboveFlags(frame) : frame.rem * BARE_TITLE;
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
      <TileLooks />
      {flagged && !tight && firstFrame && firstWall && hasPole(firstWall) && (
        <Pole wall={firstWall} frame={firstFrame} x={poleX(frame, firstFrame)} />
      )}
      {frame.walls.map((wallFrame) => {
        const wall = plan.walls.find(({ id }) => id === wallFrame.id);
        return (
          wall && (
            <WallGroup
              key={wall.id}
              wall={wall}
              frame={wallFrame}
              sliver={plan.sliver}
              titleRise={phone || tight ? undefined : titleRise}
              marks={marks}
              plan={marks && marks.on !== "tile" ? plan : undefined}
              stage={stage}
            />
          )
        );
      })}
      <LevelLines levelY={plan.levelY} firstY={plan.first.y} frame={frame} courses={flagged} />
      {firstFrame && low && !tight && (
        <text
          x={12}
          y={frame.height - 8}
          fontSize="0.875rem"
          fill="var(--color-base-content)"
          opacity={0.85}
        >
          {ui.drawing.lowPoint(
            phone ? low.id : low.name,
            formatLength(plan.lowPoint.x, style),
            formatLength(plan.fall, style),
          )}
          {measuring && exaggerate > 1 && ` · ${ui.drawing.exaggerated(exaggerate)}`}
        </text>
      )}
      <SnapLabel frame={frame} />
    </svg>
  );
}

/**
 * Flags and figures that follow the finger, over the drawing: changed text is laid out for itself
 * here, twice as fast as inside the SVG.
 */
function Figures({ plan, frame, phone, stage }: SvgProps) {
  const centred = stage === "set-out";
  const [firstFrame] = frame.walls;
  const firstWall = plan.walls.find(({ id }) => id === firstFrame?.id);
  const poled = !phone && firstWall && hasPole(firstWall);
  return (
    <div className="drawing-figures">
      {poled && firstFrame && (
        <PoleHeights
          levelY={plan.levelY}
          wall={firstWall}
          frame={firstFrame}
          x={poleX(frame, firstFrame)}
        />
      )}
      <FirstCourseLabel levelY={plan.levelY} firstY={plan.first.y} frame={frame} />
      {frame.walls.map((wallFrame) => {
        const wall = plan.walls.find(({ id }) => id === wallFrame.id);
        return (
          wall && (
            <Fragment key={wall.id}>
              {centred && <CentreLabel wall={wall} frame={wallFrame} below={belowFlags(frame)} />}
              <Flags wall={wall} frame={wallFrame} surround={frame} />
            </Fragment>
          )
        );
      })}
    </div>
  );
}

/** The name of what a dragged pattern has snapped to. */
function SnapLabel({ frame }: { frame: SurroundFrame }) {
  const snaps = useJob((state) => state.snaps);
  if (snaps.length === 0) return null;
  return (
    <g transform={`translate(${frame.width / 2 - 130} ${frame.height - 40})`} aria-live="polite">
      <rect width={260} height={32} rx={3} fill="var(--color-primary)" />
      <text x={130} y={22} textAnchor="middle" fontSize="1rem" fill="var(--color-primary-content)">
        {[...new Set(snaps)].map((snap) => ui.drawing.snaps[snap]).join(" · ")}
      </text>
    </g>
  );
}
