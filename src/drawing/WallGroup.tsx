import { type KeyboardEvent, type MouseEvent, memo, useRef } from "react";
import { nudgeStep } from "../../core/length/units.ts";
import type { Plan } from "../../core/plan.ts";
import type { WallLine } from "../../core/set-out/lines.ts";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useJobStyle } from "../fields/context.ts";
import { Later } from "../parts/Later.tsx";
import { Part } from "../parts/part.ts";
import { useJob } from "../state/job-store.ts";
import { type Stage, selectWall, showsFlags, showsTile, useView } from "../state/view-store.ts";
import { ui } from "../words/ui.ts";
import { arrowMove } from "./arrows.ts";
import { CentreLine, ControlLines, LedgerLine } from "./Lines.tsx";
import type { WallFrame } from "./layout.ts";
import type { StageMarks } from "./marks.ts";
import { cutAt } from "./pick.ts";
import { nudgePattern, usePatternDrag } from "./usePatternDrag.ts";
import { JOINT_LINE_ROOM, WallBody, WallTitle } from "./WallShape.tsx";
import { WovenMarks } from "./WovenMarks.tsx";

const PHOTO = new Part(async () => (await import("./PhotoUnder.tsx")).PhotoUnder);

/** What is taken hold of: not there before there is something to see. */
const HANDLES = new Part(async () => (await import("./ItemHandles.tsx")).ItemHandles);

interface WallGroupProps {
  wall: WallPlan;
  frame: WallFrame;
  sliver: SliverRule;
  /** How far above the wall its name stands, px; without it the wall has none. */
  titleRise: number | undefined;
  marks: StageMarks | undefined;
  /** The plan where its marks are drawn from more than the wall. */
  plan: Plan | undefined;
  stage: Stage;
}

/** One wall of the surround: what is on it in this stage, to drag, nudge and choose. */
export const WallGroup = memo(function WallGroup(props: WallGroupProps) {
  const { wall, frame, sliver, titleRise, marks, plan, stage } = props;
  const selected = useView((state) => state.wall === wall.id);
  const step = nudgeStep(useJobStyle());
  const movable = stage === "set-out";
  const tiled = showsTile(stage);
  const hasPhoto = useJob(
    ({ row }) => row?.project.walls.find(({ id }) => id === wall.id)?.photo !== undefined,
  );
  const overTile = useView((state) => state.photo);
  const showsPhoto = hasPhoto && (stage === "measure" || (movable && overTile));
  const field = useRef<SVGGElement>(null);
  usePatternDrag(field, wall.id, frame.scale, movable);
  return (
    <g data-wall={wall.id}>
      {titleRise !== undefined && (
        <WallTitle wall={wall} frame={frame} rise={titleRise} selected={selected} />
      )}
      {/* biome-ignore lint/a11y/useSemanticElements: an HTML button cannot stand inside an SVG */}
      <g
        ref={field}
        role="button"
        tabIndex={-1}
        aria-label={`${wall.name}. ${movable ? ui.drawing.dragHint : ""}`}
        data-field={wall.id}
        style={{ touchAction: movable ? "none" : undefined }}
        className={movable ? "cursor-grab active:cursor-grabbing" : ""}
        onClick={(event) => {
          selectWall(wall.id);
          if (stage === "cut") pickPiece(event, wall, frame);
        }}
        onKeyDown={(event) => movable && onNudge(event, wall.id, step)}
      >
        <g transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}>
          <WallBody
            wall={wall}
            asSet={marks?.on === "laid" && hasCorrection(plan, wall) ? plan : undefined}
            sliver={sliver}
            tiled={tiled}
            tintCuts={stage === "cut"}
            slivers={showsFlags(stage)}
            joints={wall.cell.height * frame.scale > JOINT_LINE_ROOM}
          />
        </g>
      </g>
      {showsPhoto && <Later part={PHOTO} waiting={<g />} props={{ wall, frame }} />}
      {marks?.on === "tile" && (
        <Later
          key={stage}
          part={marks.part}
          waiting={<g />}
          props={{ wall, frame, rule: sliver }}
        />
      )}
      {marks && marks.on !== "tile" && plan && (
        <Later key={stage} part={marks.part} waiting={<g />} props={{ wall, frame, plan }} />
      )}
      {tiled && isWoven(wall) && <WovenMarks wall={wall} frame={frame} />}
      {movable && hasLine(wall, "control") && <ControlLines wall={wall} frame={frame} />}
      {movable && hasLine(wall, "ledger") && <LedgerLine wall={wall} frame={frame} />}
      {movable && <CentreLine wall={wall} frame={frame} />}
      {movable && <Later part={HANDLES} waiting={<g />} props={{ wall, frame, step }} />}
    </g>
  );
});

function hasCorrection(plan: Plan | undefined, { id }: WallPlan): boolean {
  return plan?.corrections.some(({ wall }) => wall === id) === true;
}

function isWoven({ ends: { left, right } }: WallPlan): boolean {
  return left.weave !== undefined || right.weave !== undefined;
}

function hasLine({ lines }: WallPlan, kind: WallLine["kind"]): boolean {
  return lines.some((line) => line.kind === kind);
}

/** A thumb takes what is so near, px: half of a target of 44. */
const REACH = 22;

/** Chooses the cut under the pointer, or the nearest: walls with very many cuts have no element for each. */
function pickPiece(event: MouseEvent, wall: WallPlan, frame: WallFrame): void {
  const svg = event.currentTarget.closest("svg");
  if (!svg) return;
  const { left, top } = svg.getBoundingClientRect();
  const x = (event.clientX - left - frame.x) / frame.scale;
  const y = (frame.y - (event.clientY - top)) / frame.scale;
  const piece = cutAt(wall.pieces, [x, y], REACH / frame.scale);
  if (piece) useView.setState({ piece: piece.id });
}

function onNudge(event: KeyboardEvent, wall: string, step: number): void {
  const move = arrowMove(event, step);
  if (!move) return;
  event.preventDefault();
  nudgePattern(wall, ...move);
}
