import type { Polygon } from "../../core/geometry/polygon.ts";
import { profilePoints } from "../../core/geometry/profile.ts";
import type { Plan } from "../../core/plan.ts";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { Later } from "../parts/Later.tsx";
import { Part } from "../parts/part.ts";
import { ringPath } from "../paths/paths.ts";
import { selectWall } from "../state/view-store.ts";
import type { WallFrame } from "./layout.ts";
import { WallOpenings } from "./WallOpenings.tsx";
import { WallTiles } from "./WallTiles.tsx";

/** Moving tile is for the few walls whose courses were measured. */
const AS_SET = new Part(async () => (await import("./TilesAsSet.tsx")).TilesAsSet);

interface WallBodyProps {
  wall: WallPlan;
  /** The plan whose measured courses stand where they were set, where tile is drawn so. */
  asSet?: Plan | undefined;
  sliver: SliverRule;
  /** Drawn with its tiles, or bare for the readings. */
  tiled: boolean;
  tintCuts: boolean;
  slivers: boolean;
  joints: boolean;
}

/** Tiles smaller than this on the screen show their joints by colour alone, px. */
export const JOINT_LINE_ROOM = 9;

/** The wall itself in mm: bare region, tiles, openings and outline. */
export function WallBody({ wall, asSet, sliver, tiled, ...looks }: WallBodyProps) {
  const outline = ringPath(wall.region);
  const tiles = <WallTiles wall={wall} sliver={sliver} {...looks} />;
  return (
    <>
      <path d={ringPath(baseStrip(wall))} fill="var(--base-strip)" />
      <path d={outline} fill={tiled ? "var(--wall-gap)" : "var(--color-base-100)"} />
      {tiled && !asSet && tiles}
      {tiled && asSet && (
        <Later part={AS_SET} waiting={tiles} props={{ wall, sliver, ...looks, plan: asSet }} />
      )}
      <WallOpenings wall={wall} sliver={sliver} tiled={tiled} />
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
  /** How far above the wall it stands, px. */
  rise: number;
  selected: boolean;
}

/** A wall's name and width above it, on one line for all walls; a bar marks the chosen wall. */
export function WallTitle({ wall, frame, rise, selected }: WallTitleProps) {
  const y = frame.head - rise - 8;
  const width = frame.right - frame.left;
  const shown = nameWithin(wall.name, width - WIDTH_ROOM);
  return (
    // The wall itself below can be focused and chosen by keyboard; its title is for the pointer.
    // biome-ignore lint/a11y/noStaticElementInteractions: see above
    <g className="cursor-pointer" onClick={() => selectWall(wall.id)}>
      {selected && (
        <rect x={frame.left} y={y + 5} width={width} height={4} fill="var(--color-primary)" />
      )}
      <text
        x={frame.left}
        y={y}
        fontSize="1.0625rem"
        fontWeight={selected ? 750 : 600}
        fill="var(--color-base-content)"
      >
        {shown}
      </text>
      <text
        x={frame.right}
        y={y}
        fontSize="1rem"
        textAnchor="end"
        fill="var(--color-base-content)"
        opacity={0.85}
      >
        <LengthSpans mm={wall.measured.wall.width.bottom} unit />
      </text>
    </g>
  );
}

/** Room for the width at the other end of a title, px. */
const WIDTH_ROOM = 76;

/** A letter of a title takes about so much, px. */
const LETTER = 9.4;

/** As much of a name as has room; the whole of it is in the panel and the tally. */
function nameWithin(name: string, width: number): string {
  const most = Math.max(1, Math.floor(width / LETTER));
  const letters = [...name];
  return letters.length <= most ? name : `${letters.slice(0, most - 1).join("")}…`;
}

/** Hatches, so that colour is never the only sign. */
export function Hatches() {
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
      <pattern id="done-hatch" width="40" height="40" patternUnits="userSpaceOnUse">
        <path d="M0 40L40 0" stroke="var(--film)" strokeWidth={4} opacity={0.55} />
      </pattern>
      <pattern id="blocking-hatch" width="60" height="60" patternUnits="userSpaceOnUse">
        <path d="M0 60L60 0M0 0L60 60" stroke="var(--color-base-content)" strokeWidth="5" />
      </pattern>
      <pattern id="offcut-hatch" width="60" height="60" patternUnits="userSpaceOnUse">
        <path d="M0 60L60 0" stroke="var(--color-base-300)" strokeWidth="8" />
      </pattern>
      <pattern id="bare-hatch" width="70" height="70" patternUnits="userSpaceOnUse">
        <path d="M0 70L70 0" stroke="var(--color-base-content)" strokeWidth="5" opacity="0.22" />
      </pattern>
    </defs>
  );
}
