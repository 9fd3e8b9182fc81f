import { useDrag } from "@use-gesture/react";
import { useState } from "react";
import type { Point } from "../../core/geometry/polygon.ts";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { ui } from "../words/ui.ts";
import {
  firstTurn,
  floorOf,
  type Recess,
  recessesOf,
  type StandingShelf,
  type StandingWall,
  standShelves,
  standWalls,
  widthAcross,
} from "./room.ts";
import { TileLooks } from "./TileLooks.tsx";
import { useJobLook } from "./tile-look.ts";
import { useElementSize } from "./useElementSize.ts";
import { Hatches, WallBody } from "./WallShape.tsx";

/** Degrees that the room can be turned to either side. */
const MOST_TURN = 75;

/** Degrees from which the eye looks down into the room. */
const TILT = 14;

/** Share of the drawing's area that the room takes. */
const FILL = 0.82;

/** How far the eye is, in widths of the drawing: so near that the side walls open up. */
const NEARNESS = 0.72;

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
  const scale = FILL * Math.min(area.width / (span * 1.7), area.height / (top * 1.3));
  return (
    <div
      ref={ref}
      {...bind()}
      className="relative h-full cursor-grab touch-none overflow-hidden"
      data-fold=""
    >
      <div
        className="absolute top-1/2 left-1/2"
        style={{
          perspective: `${Math.round(area.width * NEARNESS)}px`,
          transformStyle: "preserve-3d",
        }}
      >
        <div
          style={{
            transformStyle: "preserve-3d",
            transform: `translateY(${(top * scale) / 2}px) rotateX(${-TILT}deg) rotateY(${turn}deg)`,
          }}
        >
          <Level id="floor" ring={floorOf(walls)} scale={scale} fill="var(--base-strip)" />
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
      <Level
        id={shelf.id}
        ring={[[0, 0], ...ends]}
        scale={scale}
        fill="var(--shelf)"
        place={at(x, y + thickness, z)}
      />
      <div
        className="absolute top-0 left-0 border border-base-content"
        data-shelf={shelf.id}
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
  const recesses = recessesOf(wall, standing);
  // What goes into the wall is seen through it.
  const cutOut = recesses
    .map(({ left, top, width: w, height: h }) =>
      [`M${left} ${top}`, `h${w}`, `v${h}`, `h${-w}`, "Z"].join(""),
    )
    .join("");
  const whole = `M-1 -1H${width + 1}V${height + 1}H-1Z`;
  return (
    <div
      className="absolute"
      style={{
        left: 0,
        top: -maxY * scale,
        transformStyle: "preserve-3d",
        transformOrigin: `0 ${maxY * scale}px`,
        transform: `translate3d(${x * scale}px, 0, ${z * scale}px) rotateY(${degrees}deg)`,
      }}
    >
      <svg
        width={width * scale}
        height={height * scale}
        viewBox={`${minX} ${-maxY} ${width} ${height}`}
        role="img"
        aria-label={wall.name}
        className="block"
        style={{
          backfaceVisibility: "hidden",
          clipPath: `path(evenodd, "${scaled(whole + cutOut, scale)}")`,
        }}
      >
        <title>{wall.name}</title>
        <Hatches />
        <TileLooks />
        <WallBody
          wall={wall}
          sliver={plan.sliver}
          tiled
          tintCuts={tintCuts}
          slivers={tintCuts}
          joints={scale > 0.05}
        />
      </svg>
      {recesses.map((recess) => (
        <RecessBody key={recess.id} recess={recess} scale={scale} />
      ))}
    </div>
  );
}

/** The sides and the back of a niche or window, behind the wall's face. */
function RecessBody({ recess, scale }: { recess: Recess; scale: number }) {
  const { id, isWindow } = recess;
  const { field } = useJobLook();
  const [x, y, w, h, d] = [recess.left, recess.top, recess.width, recess.height, recess.depth].map(
    (mm) => mm * scale,
  ) as [number, number, number, number, number];
  const at = (px: number, py: number, pz: number, turn: string) =>
    `translate3d(${px}px, ${py}px, ${pz}px) ${turn}`;
  const tile = field.colour ?? "var(--tile-shade)";
  const faces = [
    { side: "back", width: w, height: h, transform: at(x, y, -d, ""), shade: 18 },
    { side: "left", width: d, height: h, transform: at(x, y, 0, "rotateY(90deg)"), shade: 30 },
    { side: "right", width: d, height: h, transform: at(x + w, y, 0, "rotateY(90deg)"), shade: 10 },
    { side: "top", width: w, height: d, transform: at(x, y, 0, "rotateX(-90deg)"), shade: 36 },
    { side: "sill", width: w, height: d, transform: at(x, y + h, 0, "rotateX(-90deg)"), shade: 4 },
  ];
  return faces.map(({ side, width, height, transform, shade }) => (
    <div
      key={side}
      className="absolute top-0 left-0 border border-base-content/60"
      data-recess={`${id}-${side}`}
      style={{
        width,
        height,
        transformOrigin: "0 0",
        transform,
        background:
          side === "back" && isWindow
            ? "var(--color-base-100)"
            : `color-mix(in oklab, ${tile}, #000000 ${shade}%)`,
      }}
    />
  ));
}

interface LevelProps {
  id: string;
  /** Its corners as x and z in the room, mm. */
  ring: Point[];
  scale: number;
  fill: string;
  /** Where in the room its zero is, as a transform. */
  place?: string;
}

/** Something that lies level in the room: the floor, the top of a shelf. */
function Level({ id, ring, scale, fill, place = "" }: LevelProps) {
  const corners = ring.map(([x, z]) => `${x * scale} ${z * scale}`);
  return (
    <svg
      width={1}
      height={1}
      aria-hidden="true"
      className="absolute top-0 left-0 overflow-visible"
      data-level={id}
      style={{ transformOrigin: "0 0", transform: `${place} rotateX(90deg)` }}
    >
      <path d={`M${corners.join("L")}Z`} fill={fill} stroke="var(--color-base-content)" />
    </svg>
  );
}

/** A path whose numbers are so many times as large. */
function scaled(path: string, scale: number): string {
  return path.replace(/-?\d+(\.\d+)?(e-?\d+)?/g, (text) => String(Number(text) * scale));
}
