import { memo } from "react";
import { boxOf, type Polygon, rectangle } from "../../core/geometry/polygon.ts";
import type { Opening } from "../../core/project/schema.ts";
import { flangeOf } from "../../core/set-out/dish.ts";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import { bullnoseRings } from "../../core/set-out/trim-runs.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ringPath } from "../paths/paths.ts";
import { useFollowedParts } from "../state/passing.ts";
import { ui } from "../words/ui.ts";
import { useTilePaths } from "./useTilePaths.ts";

interface WallOpeningsProps {
  wall: WallPlan;
  sliver: SliverRule;
  /** With what lines them; bare walls show the openings alone. */
  tiled: boolean;
}

/** Openings and fixture holes with their plates, over the tiles. In mm, y down. */
export const WallOpenings = memo(function WallOpenings(props: WallOpeningsProps) {
  const { wall, sliver, tiled } = props;
  const { all, fixtures, shelves, trims } = useFollowedParts(wall, (shown) => ({
    all: shown.openings,
    fixtures: shown.fixtures,
    shelves: shown.shelves,
    trims: shown.trimRuns,
  }));
  const openings = tiled ? all : bareOpenings(all);
  return (
    <g>
      <Grounds openings={openings} />
      {tiled && <Backs wall={wall} sliver={sliver} />}
      {tiled && <Shades openings={openings} />}
      {tiled && <Trims trims={trims} />}
      <Outlines openings={openings} />
      <Fixtures fixtures={fixtures} />
      {tiled && <Shelves shelves={shelves} />}
    </g>
  );
});

/** What there is before tile: slots for shelves are not. */
function bareOpenings(openings: WallPlan["openings"]) {
  return openings.filter(({ opening }) => opening.kind !== "shelf");
}

/** The tiled backs of niches: they may move with the field's bond. */
function Backs({ wall, sliver }: Omit<WallOpeningsProps, "tiled">) {
  return useTilePaths(wall, sliver).backs.map(({ id, ofZone, path }) => (
    <path
      key={id}
      d={path}
      fill={ofZone ? "var(--tile-accent)" : "var(--tile-shade)"}
      stroke="var(--joint-line)"
      strokeWidth={0.9}
      vectorEffect="non-scaling-stroke"
      data-tiles={ofZone ? "niche" : "lining"}
    />
  ));
}

type OpeningsProps = Pick<WallPlan, "openings">;

/** Windows and what stands in the way have no tiled back. */
function groundOf({ kind }: Opening): string {
  if (kind === "obstacle") return "var(--color-base-200)";
  return kind === "window" ? "var(--color-base-100)" : "var(--niche)";
}

const Grounds = memo(function Grounds({ openings }: OpeningsProps) {
  return openings.map(({ opening, ring }) => (
    <path key={opening.id} d={ringPath(ring)} fill={groundOf(opening)} />
  ));
});

/** How far the shade of an opening's upper and left edge reaches in, mm: light comes from there. */
const SHADE = 22;

/** A soft shade inside the edges of what goes into the wall. */
const Shades = memo(function Shades({ openings }: OpeningsProps) {
  return openings
    .filter(
      ({ opening: { kind }, ring }) => kind !== "dish" && kind !== "obstacle" && ring.length > 0,
    )
    .map(({ opening, ring }) => {
      const { minX, maxX, minY, maxY } = boxOf(ring);
      const [width, height] = [maxX - minX, maxY - minY];
      const by = Math.min(SHADE, width / 4, height / 4);
      return (
        <path
          key={opening.id}
          d={`M${minX} ${-minY}V${-maxY}H${maxX}l${-by} ${by}H${minX + by}V${-minY - by}Z`}
          fill="#000000"
          opacity={0.16}
          pointerEvents="none"
        />
      );
    });
});

/** Trim as it lies on the wall, its mitres drawn; edges that are only mitred or eased have no face. */
const Trims = memo(function Trims({ trims }: { trims: WallPlan["trimRuns"] }) {
  const shown = trims.filter(({ face, kind }) => face > 0 && kind !== "mitre" && kind !== "eased");
  return shown.map((run) => (
    <path
      key={run.id}
      d={bullnoseRings(run).map(ringPath).join("")}
      fill="var(--trim)"
      stroke="var(--color-base-content)"
      strokeWidth={0.8}
      vectorEffect="non-scaling-stroke"
      pointerEvents="none"
      data-trim={run.kind}
    />
  ));
});

const Outlines = memo(function Outlines({ openings }: OpeningsProps) {
  return openings.map(({ opening, ring }) => (
    <g key={opening.id} fill="transparent" stroke="var(--color-base-content)" strokeWidth={1.5}>
      <path d={ringPath(ring)} vectorEffect="non-scaling-stroke">
        <title>{opening.name ?? opening.kind}</title>
      </path>
      {opening.kind === "obstacle" && (
        <path
          d={obstaclePath(opening, ring)}
          fill="none"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
          data-obstacle={opening.id}
        />
      )}
      {opening.kind === "dish" && (
        <path
          d={ringPath(flangeRing(opening, ring))}
          fill="none"
          strokeWidth={1}
          strokeDasharray="3 3"
          vectorEffect="non-scaling-stroke"
          data-flange={opening.id}
        />
      )}
    </g>
  ));
});

/** What stands in the way is crossed out; its plate lies over the tile round it. */
function obstaclePath({ plate, width, height }: Opening, ring: Polygon): string {
  const { minX, minY, maxX, maxY } = boxOf(ring);
  const cross = `M${minX} ${-minY}L${maxX} ${-maxY}M${minX} ${-maxY}L${maxX} ${-minY}`;
  if (!plate) return cross;
  const [over, up] = [(plate.width - width) / 2, (plate.height - height) / 2];
  return cross + ringPath(rectangle(minX - over, minY - up, plate.width, plate.height));
}

/** What of a dish lies over the tile. */
function flangeRing(opening: Opening, ring: Polygon): Polygon {
  const { minX, minY } = boxOf(ring);
  const { overlap = 0 } = opening;
  const { width, height } = flangeOf(opening);
  return rectangle(minX - overlap, minY - overlap, width, height);
}

/** Corner shelves as they are seen from the room, edge on. */
const Shelves = memo(function Shelves({ shelves }: Pick<WallPlan, "shelves">) {
  return shelves.map(({ shelf, ring }) => (
    <path
      key={shelf.id}
      d={ringPath(ring)}
      fill="var(--shelf)"
      stroke="var(--color-base-content)"
      strokeWidth={1.5}
      vectorEffect="non-scaling-stroke"
      data-shelf={shelf.id}
    >
      <title>{shelf.name ?? ui.setOut.cornerShelf}</title>
    </path>
  ));
});

const Fixtures = memo(function Fixtures({ fixtures }: Pick<WallPlan, "fixtures">) {
  return fixtures.map(({ fixture, centre: [x, y], diameter }) => (
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
  ));
});
