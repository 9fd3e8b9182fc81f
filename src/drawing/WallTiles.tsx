import { memo, type SVGProps, useRef } from "react";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import type { TilePaths } from "../paths/tile-paths.ts";
import { useJob } from "../state/job-store.ts";
import { useFollower } from "../state/passing.ts";
import { fillOf, jointLineOn, useJobLook } from "./tile-look.ts";
import { settledPaths } from "./useTilePaths.ts";

export interface WallTilesProps {
  wall: WallPlan;
  sliver: SliverRule;
  /** Cut pieces are tinted where they are the subject. */
  tintCuts: boolean;
  /** Pieces that came out too narrow are marked. */
  slivers: boolean;
  /** Draw a thin line round every tile: a 2 mm joint is less than a pixel on most screens. */
  joints: boolean;
}

/** Joints and tiles of a wall in a handful of paths, however many tiles there are. In mm, y down. */
export const WallTiles = memo(function WallTiles(props: WallTilesProps) {
  const { wall, sliver, tintCuts, slivers, joints } = props;
  const shared = { wall, sliver };
  const { field, grout } = useJobLook();
  const dragged = useJob(({ passing }) => passing !== undefined);
  const tile = fillOf(field, "var(--tile)", dragged);
  const cutFill = tintCuts ? "var(--tile-cut)" : tile;
  const line = jointLineOn(field.colour, grout) ?? "var(--joint-line)";
  return (
    <g stroke={joints ? line : "none"} strokeWidth={0.9} data-joints="">
      <TilesPath {...shared} of={FIELD} stroke="none" fill={grout ?? "var(--grout)"} />
      <TilesPath {...shared} of={WHOLE} fill={tile} data-tiles="whole" />
      <TilesPath {...shared} of={UNCUT} fill={tile} />
      <TilesPath {...shared} of={CUT} fill={cutFill} data-tiles="cut" />
      <TilesPath {...shared} of={SLIVERS} fill={cutFill} />
      {wall.zones.length > 0 && <ZoneTiles {...props} />}
      {slivers && (
        <TilesPath
          {...shared}
          of={SLIVERS}
          fill="url(#sliver-hatch)"
          stroke="none"
          data-tiles="sliver"
        />
      )}
      {wall.areas.some(({ seams }) => seams.length > 0) && (
        <TilesPath
          {...shared}
          of={SEAMS}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={1.5}
          strokeDasharray="7 4"
          data-sheet-seams=""
        />
      )}
      {wall.zones.length > 0 && (
        <TilesPath
          {...shared}
          of={ZONE_RINGS}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth={1}
        />
      )}
    </g>
  );
});

/** Tile of bands and panels; a liner lies under its panel's tile, with the panel's joints. */
function ZoneTiles({ wall, sliver, tintCuts, joints }: WallTilesProps) {
  const shared = { wall, sliver };
  const { zones, grout } = useJobLook();
  const dragged = useJob(({ passing }) => passing !== undefined);
  return (
    <>
      <TilesPath {...shared} of={FRAMES} fill="var(--niche)" stroke="none" />
      {wall.zones.map(({ zone: { id } }) => {
        const look = zones[id];
        const fill = look ? fillOf(look, "var(--tile-accent)", dragged) : "var(--tile-accent)";
        const line = joints ? jointLineOn(look?.colour, grout) : undefined;
        const own = { fill, ...(line ? { stroke: line } : {}) };
        return (
          <g key={id}>
            <TilesPath
              {...shared}
              of={(paths) => paths.zones[id]?.whole ?? ""}
              {...own}
              data-tiles="zone"
            />
            {!tintCuts && (
              <TilesPath {...shared} of={(paths) => paths.zones[id]?.cut ?? ""} {...own} />
            )}
          </g>
        );
      })}
    </>
  );
}

interface TilesPathProps extends SVGProps<SVGPathElement> {
  wall: WallPlan;
  sliver: SliverRule;
  of: (paths: TilePaths) => string;
}

const FIELD = ({ field }: TilePaths) => field;
const WHOLE = ({ whole }: TilePaths) => whole;
const UNCUT = ({ uncut }: TilePaths) => uncut;
const CUT = ({ cut }: TilePaths) => cut;
const SLIVERS = ({ slivers }: TilePaths) => slivers;
const SEAMS = ({ seams }: TilePaths) => seams;
const ZONE_RINGS = ({ zoneRings }: TilePaths) => zoneRings;
const FRAMES = ({ frames }: TilePaths) => frames;

/** One path of a wall's tiles, which follows the dragging finger. */
function TilesPath({ wall, sliver, of, ...look }: TilesPathProps) {
  const settled = of(settledPaths(wall, sliver));
  const path = useRef<SVGPathElement>(null);
  useFollower(
    ({ walls }) => {
      const passing = walls[wall.id];
      return passing && of(passing.paths);
    },
    settled,
    (d) => path.current?.setAttribute("d", d),
  );
  return <path ref={path} d={settled} vectorEffect="non-scaling-stroke" {...look} />;
}
