import { useDrag } from "@use-gesture/react";
import { useState } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { ui } from "../words/en.ts";
import { type StandingWall, standWalls } from "./room.ts";
import { useElementSize } from "./useElementSize.ts";
import { Hatches, WallBody } from "./WallShape.tsx";

/** Degrees that the room can be turned to either side. */
const MOST_TURN = 75;

/** Degrees from which the eye looks down into the room. */
const TILT = 14;

/** Share of the drawing's area that the room takes. */
const FILL = 0.82;

interface FoldProps {
  project: Project;
  plan: Plan;
  tintCuts: boolean;
}

/** The walls folded up into the room, to see courses and joints meet in the corners. */
export function Fold({ project, plan, tintCuts }: FoldProps) {
  const [ref, area] = useElementSize<HTMLDivElement>();
  const [turn, setTurn] = useState(0);
  const bind = useDrag(({ delta: [dx], memo = turn }) => {
    const next = Math.max(-MOST_TURN, Math.min(MOST_TURN, memo + dx / 3));
    setTurn(next);
    return next;
  });
  const walls = standWalls(project, plan);
  const top = Math.max(...walls.map(({ maxY }) => maxY));
  const span = Math.max(...walls.map(({ minX, maxX }) => maxX - minX));
  const scale = FILL * Math.min(area.width / (span * 1.35), area.height / (top * 1.12));
  return (
    <div
      ref={ref}
      {...bind()}
      className="relative h-full cursor-grab touch-none overflow-hidden"
      data-fold=""
    >
      <div
        className="absolute top-1/2 left-1/2"
        style={{ perspective: `${Math.round(area.width * 1.15)}px`, transformStyle: "preserve-3d" }}
      >
        <div
          style={{
            transformStyle: "preserve-3d",
            transform: `translateY(${(top * scale) / 2}px) rotateX(${-TILT}deg) rotateY(${turn}deg)`,
          }}
        >
          {walls.map((wall) => (
            <Face key={wall.id} plan={plan} standing={wall} scale={scale} tintCuts={tintCuts} />
          ))}
        </div>
      </div>
      <label className="absolute inset-x-0 bottom-2 mx-auto flex w-64 items-center gap-2 text-sm">
        {ui.drawing.turn}
        <input
          type="range"
          className="flex-1 accent-primary max-md:min-h-11"
          min={-MOST_TURN}
          max={MOST_TURN}
          value={Math.round(turn)}
          onChange={(event) => setTurn(Number(event.target.value))}
        />
      </label>
    </div>
  );
}

interface FaceProps {
  plan: Plan;
  standing: StandingWall;
  scale: number;
  tintCuts: boolean;
}

/** One wall as a face that stands on the room's floor, hinged at its left corner. */
function Face({ plan, standing, scale, tintCuts }: FaceProps) {
  const { id, x, z, heading, minX, maxX, minY, maxY } = standing;
  const wall = plan.walls.find((candidate) => candidate.id === id);
  if (!wall) return null;
  const [width, height] = [maxX - minX, maxY - minY];
  const degrees = (-heading * 180) / Math.PI;
  return (
    <svg
      width={width * scale}
      height={height * scale}
      viewBox={`${minX} ${-maxY} ${width} ${height}`}
      role="img"
      aria-label={wall.name}
      className="absolute"
      style={{
        left: 0,
        top: -maxY * scale,
        transformOrigin: `0 ${maxY * scale}px`,
        transform: `translate3d(${x * scale}px, 0, ${z * scale}px) rotateY(${degrees}deg)`,
        backfaceVisibility: "hidden",
      }}
    >
      <title>{wall.name}</title>
      <Hatches />
      <WallBody wall={wall} sliver={plan.sliver} tiled tintCuts={tintCuts} joints={scale > 0.05} />
    </svg>
  );
}
