import { useDrag } from "@use-gesture/react";
import { useState } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { ui } from "../words/ui.ts";
import {
  firstTurn,
  type StandingShelf,
  type StandingWall,
  standShelves,
  standWalls,
  widthAcross,
} from "./room.ts";
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
  const walls = standWalls(project, plan);
  const [turn, setTurn] = useState(() => firstTurn(walls));
  const bind = useDrag(({ delta: [dx], memo = turn }) => {
    const next = Math.max(-MOST_TURN, Math.min(MOST_TURN, memo + dx / 3));
    setTurn(next);
    return next;
  });
  const top = Math.max(...walls.map(({ maxY }) => maxY));
  const span = widthAcross(walls, firstTurn(walls));
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
          {standShelves(plan, walls).map((shelf) => (
            <ShelfBody key={shelf.id} shelf={shelf} scale={scale} />
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

/** A corner shelf: its top, and its front from the end of one leg to that of the other. */
function ShelfBody({ shelf, scale }: { shelf: StandingShelf; scale: number }) {
  const { x, y, z, thickness, ends } = shelf;
  const [[ax, az], [bx, bz]] = ends;
  const front = Math.hypot(bx - ax, bz - az);
  const turn = (-Math.atan2(bz - az, bx - ax) * 180) / Math.PI;
  const at = (px: number, up: number, pz: number) =>
    `translate3d(${px * scale}px, ${-up * scale}px, ${pz * scale}px)`;
  return (
    <>
      <svg
        width={1}
        height={1}
        aria-hidden="true"
        className="absolute top-0 left-0 overflow-visible"
        data-shelf={shelf.id}
        style={{
          transformOrigin: "0 0",
          transform: `${at(x, y + thickness, z)} rotateX(90deg)`,
        }}
      >
        <path
          d={`M0 0L${ax * scale} ${az * scale}L${bx * scale} ${bz * scale}Z`}
          fill="var(--shelf)"
          stroke="var(--color-base-content)"
        />
      </svg>
      <div
        className="absolute top-0 left-0 border border-base-content"
        style={{
          width: front * scale,
          height: thickness * scale,
          background: "var(--shelf)",
          transformOrigin: "0 0",
          transform: `${at(x + ax, y + thickness, z + az)} rotateY(${turn}deg)`,
        }}
      />
    </>
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
