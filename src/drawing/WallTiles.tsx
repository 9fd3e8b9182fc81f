import { memo } from "react";
import type { SliverRule } from "../../core/cut/sides.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { useTilePaths } from "./useTilePaths.ts";

interface WallTilesProps {
  wall: WallPlan;
  sliver: SliverRule;
  /** Cut pieces are tinted where they are the subject. */
  tintCuts: boolean;
  /** Draw a thin line round every tile: a 2 mm joint is less than a pixel on most screens. */
  joints: boolean;
}

/** Joints and tiles of a wall in a handful of paths, however many tiles there are. In mm, y down. */
export const WallTiles = memo(function WallTiles({
  wall,
  sliver,
  tintCuts,
  joints,
}: WallTilesProps) {
  const paths = useTilePaths(wall, sliver);
  return (
    <g stroke={joints ? "var(--joint-line)" : "none"} strokeWidth={0.9}>
      <path d={paths.field} stroke="none" fill="var(--grout)" />
      <path
        d={paths.whole}
        fill="var(--tile)"
        data-tiles="whole"
        vectorEffect="non-scaling-stroke"
      />
      <path d={paths.uncut} fill="var(--tile)" vectorEffect="non-scaling-stroke" />
      <path
        d={paths.cut}
        fill={tintCuts ? "var(--tile-cut)" : "var(--tile)"}
        data-tiles="cut"
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={paths.slivers}
        fill={tintCuts ? "var(--tile-cut)" : "var(--tile)"}
        vectorEffect="non-scaling-stroke"
      />
      {wall.zones.length > 0 && (
        <>
          {/* The liner lies under its panel's tile, with the panel's joints. */}
          <path d={paths.frames} fill="var(--niche)" stroke="none" />
          <path
            d={tintCuts ? paths.zonesWhole : paths.zonesWhole + paths.zonesCut}
            fill="var(--tile-accent)"
            data-tiles="zone"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
      <path d={paths.slivers} fill="url(#sliver-hatch)" stroke="none" data-tiles="sliver" />
      {paths.seams && (
        <path
          d={paths.seams}
          fill="none"
          stroke="var(--chalk)"
          strokeWidth={1.5}
          strokeDasharray="7 4"
          vectorEffect="non-scaling-stroke"
          data-sheet-seams=""
        />
      )}
      {wall.zones.length > 0 && (
        <path
          d={paths.zoneRings}
          fill="none"
          stroke="var(--color-base-content)"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
});
