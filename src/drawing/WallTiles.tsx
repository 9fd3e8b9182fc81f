import { memo, type SVGProps, useRef } from "react";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import type { TilePaths } from "../paths/tile-paths.ts";
import { useFollower } from "../state/passing.ts";
import { settledPaths } from "./useTilePaths.ts";

interface WallTilesProps {
  wall: WallPlan;
  sliver: SliverRule;
  /** Cut pieces are tinted where they are the subject. */
  tintCuts: boolean;
  /** Draw a thin line round every tile: a 2 mm joint is less than a pixel on most screens. */
  joints: boolean;
}

/** Joints and tiles of a wall in a handful of paths, however many tiles there are. In mm, y down. */
export const WallTiles = memo(function WallTiles(props: WallTilesProps) {
  const { wall, sliver, tintCuts, joints } = props;
  const shared = { wall, sliver };
  const cutFill = tintCuts ? "var(--tile-cut)" : "var(--tile)";
  return (
    <g stroke={joints ? "var(--joint-line)" : "none"} strokeWidth={0.9}>
      <TilesPath {...shared} of="field" stroke="none" fill="var(--grout)" />
      <TilesPath {...shared} of="whole" fill="var(--tile)" data-tiles="whole" />
      <TilesPath {...shared} of="uncut" fill="var(--tile)" />
      <TilesPath {...shared} of="cut" fill={cutFill} data-tiles="cut" />
      <TilesPath {...shared} of="slivers" fill={cutFill} />
      {wall.zones.length > 0 && <ZoneTiles {...props} />}
      <TilesPath
        {...shared}
        of="slivers"
        fill="url(#sliver-hatch)"
        stroke="none"
        data-tiles="sliver"
      />
      {wall.areas.some(({ seams }) => seams.length > 0) && (
        <TilesPath
          {...shared}
          of="seams"
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
          of="zoneRings"
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth={1}
        />
      )}
    </g>
  );
});

/** Tile of bands and panels; a liner lies under its panel's tile, with the panel's joints. */
function ZoneTiles({ wall, sliver, tintCuts }: WallTilesProps) {
  const shared = { wall, sliver };
  return (
    <>
      <TilesPath {...shared} of="frames" fill="var(--niche)" stroke="none" />
      <TilesPath {...shared} of="zonesWhole" fill="var(--tile-accent)" data-tiles="zone" />
      {!tintCuts && <TilesPath {...shared} of="zonesCut" fill="var(--tile-accent)" />}
    </>
  );
}

interface TilesPathProps extends SVGProps<SVGPathElement> {
  wall: WallPlan;
  sliver: SliverRule;
  of: Exclude<keyof TilePaths, "backs">;
}

/** One path of a wall's tiles, which follows the dragging finger. */
function TilesPath({ wall, sliver, of, ...look }: TilesPathProps) {
  const settled = settledPaths(wall, sliver)[of];
  const path = useRef<SVGPathElement>(null);
  useFollower(
    ({ walls }) => walls[wall.id]?.paths[of],
    settled,
    (d) => path.current?.setAttribute("d", d),
  );
  return <path ref={path} d={settled} vectorEffect="non-scaling-stroke" {...look} />;
}
