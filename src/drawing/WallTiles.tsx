import { memo, useMemo } from "react";
import type { CutPiece } from "../../core/cut/pieces.ts";
import { isSliver, type SliverRule } from "../../core/cut/sides.ts";
import { boxOf, type Polygon, rectangle } from "../../core/geometry/polygon.ts";
import { areaOf, type LaidArea } from "../../core/lay-area.ts";
import type { Opening } from "../../core/project/schema.ts";
import { flangeOf } from "../../core/set-out/dish.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ringPath, ringsPath, wholeTilesPath } from "./paths.ts";

interface WallTilesProps {
  wall: WallPlan;

  sliver: SliverRule;
  /** Cut pieces are tinted where they are the subject. */
  tintCuts: boolean;
  /** Draw a thin line round every tile: a 2 mm joint is less than a pixel on most screens. */
  joints: boolean;
}

/** Whether a piece is a sliver in its width or height. */
export function pieceIsSliver(piece: CutPiece, wall: WallPlan, rule: SliverRule): boolean {
  const { cell } = areaOf(wall, piece);
  const { width, height } = cell.shapes[piece.shape] ?? cell;
  return (
    isSliver(piece.width, width, cell.joint, rule) ||
    isSliver(piece.height, height, cell.joint, rule)
  );
}

/** Joints and tiles of a wall in a handful of paths, however many tiles there are. In mm, y down. */
export const WallTiles = memo(function WallTiles({
  wall,
  sliver,
  tintCuts,
  joints,
}: WallTilesProps) {
  const paths = useMemo(() => {
    const zones = wall.areas.filter(({ zone }) => zone);
    const slivers = wall.pieces.filter((piece) => pieceIsSliver(piece, wall, sliver));
    const sound = wall.pieces.filter((piece) => !slivers.includes(piece));
    return {
      field: ringPath(wall.boundary),
      whole: ofField(wall).map(wholeTilesPath).join(""),
      zones: zones.map(wholeTilesPath).join("") + (tintCuts ? "" : zonePieces(zones)),
      frames: ringsPath(wall.zones.filter(({ zone }) => zone.frame).map(({ ring }) => ring)),
      zoneRings: ringsPath(wall.zones.map(({ ring }) => ring)),
      uncut: ringsPath(sound.filter(({ kind }) => kind === "none").map(({ ring }) => ring)),
      cut: ringsPath(sound.filter(({ kind }) => kind !== "none").map(({ ring }) => ring)),
      slivers: ringsPath(slivers.map(({ ring }) => ring)),
      seams: seamsPath(wall),
    };
  }, [wall, sliver, tintCuts]);
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
            d={paths.zones}
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

/** Cut pieces of zones, in the colour of their own tile. */
function zonePieces(zones: LaidArea[]): string {
  return ringsPath(zones.flatMap(({ pieces }) => pieces.map(({ ring }) => ring)));
}

/** Seams between mosaic sheets as one path; empty where no tile comes on sheets. */
function seamsPath({ areas }: WallPlan): string {
  return areas
    .flatMap(({ seams }) => seams)
    .map(([x0, y0, x1, y1]) => `M${x0} ${-y0}L${x1} ${-y1}`)
    .join("");
}

/** The field's own areas: below and above the bands. */
function ofField({ areas }: WallPlan): LaidArea[] {
  return areas.filter(({ zone }) => zone === undefined);
}

/** What of a dish lies over the tile. */
function flangeRing(opening: Opening, ring: Polygon): Polygon {
  const { minX, minY } = boxOf(ring);
  const { overlap = 0 } = opening;
  const { width, height } = flangeOf(opening);
  return rectangle(minX - overlap, minY - overlap, width, height);
}

/** Openings and fixture holes with their plates, over the tiles. In mm, y down. */
export const WallOpenings = memo(function WallOpenings({
  wall,
  tiled,
}: {
  wall: WallPlan;
  /** With what lines them; bare walls show the openings alone. */
  tiled: boolean;
}) {
  return (
    <g>
      {wall.openings.map(({ opening, ring }) => (
        <path
          key={opening.id}
          d={ringPath(ring)}
          fill={opening.kind === "window" ? "var(--color-base-100)" : "var(--niche)"}
        />
      ))}
      {wall.linings.map(
        ({ opening, back }) =>
          tiled &&
          back && (
            <path
              key={opening}
              d={wholeTilesPath(back) + ringsPath(back.pieces.map(({ ring }) => ring))}
              fill={back.zone ? "var(--tile-accent)" : "var(--tile-shade)"}
              stroke="var(--joint-line)"
              strokeWidth={0.9}
              vectorEffect="non-scaling-stroke"
              data-tiles={back.zone ? "niche" : "lining"}
            />
          ),
      )}
      {wall.openings.map(({ opening, ring }) => (
        <path
          key={opening.id}
          d={ringPath(ring)}
          fill="transparent"
          stroke="var(--color-base-content)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        >
          <title>{opening.name ?? opening.kind}</title>
        </path>
      ))}
      {wall.openings.map(
        ({ opening, ring }) =>
          opening.kind === "dish" && (
            <path
              key={opening.id}
              d={ringPath(flangeRing(opening, ring))}
              fill="none"
              stroke="var(--color-base-content)"
              strokeDasharray="3 3"
              vectorEffect="non-scaling-stroke"
              data-flange={opening.id}
            />
          ),
      )}
      {wall.fixtures.map(({ fixture, centre: [x, y], diameter }) => (
        <g key={fixture.id}>
          <title>{fixture.name ?? fixture.kind}</title>
          <circle
            cx={x}
            cy={-y}
            r={diameter / 2}
            fill="var(--niche)"
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
          {fixture.escutcheon !== undefined && fixture.escutcheon > 0 && (
            <circle
              cx={x}
              cy={-y}
              r={fixture.escutcheon / 2}
              fill="none"
              stroke="var(--color-base-content)"
              strokeDasharray="3 3"
              vectorEffect="non-scaling-stroke"
            />
          )}
        </g>
      ))}
    </g>
  );
});
