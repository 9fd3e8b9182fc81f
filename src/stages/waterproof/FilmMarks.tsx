import { boxOf, type Point } from "../../../core/geometry/polygon.ts";
import { positionAlong } from "../../../core/measure/shape.ts";
import type { Plan } from "../../../core/plan.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import type { WallFilm } from "../../../core/waterproof/film-plan.ts";
import type { Strip } from "../../../core/waterproof/strips.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import { ringsPath } from "../../paths/paths.ts";
import { useJob } from "../../state/job-store.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";

interface FilmMarksProps {
  plan: Plan;
  wall: WallPlan;
  frame: WallFrame;
}

/** One coat on a wall: what of it is on, and what is missing. Strips come first, then the field. */
export function FilmMarks({ plan, wall, frame }: FilmMarksProps) {
  const coat = useView((state) => Math.min(state.coat, plan.film.coats));
  const stripWidth = useJob(({ row }) => (row ? jobOf(row.project).settings.stripWidth : 0));
  const film = plan.film.walls.find(({ id }) => id === wall.id);
  if (!film || film.regions.length === 0) return null;
  const on = film.done.includes(coat);
  const clip = `film-${wall.id}`;
  return (
    <g pointerEvents="none" data-film={on ? "on" : "bare"}>
      <clipPath id={clip}>
        <path d={ringsPath(film.regions)} />
      </clipPath>
      <g transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}>
        <g clipPath={`url(#${clip})`}>
          {coat > 0 && <FieldCoat film={film} on={on} coat={coat} />}
          {film.strips.map((strip) => (
            <StripPath
              key={`${strip.kind}-${strip.of ?? strip.path[0]}`}
              strip={strip}
              width={stripWidth}
              on={film.done.includes(0)}
              faint={coat > 0}
            />
          ))}
          <Penetrations wall={wall} on={on} width={stripWidth} />
        </g>
        <path
          d={ringsPath(film.regions)}
          fill="none"
          stroke="var(--film)"
          strokeWidth={1.5}
          strokeDasharray="8 4"
          vectorEffect="non-scaling-stroke"
        />
        <Laps film={film} />
      </g>
      <LoggedPlaces plan={plan} wall={wall} frame={frame} coat={coat} />
      <text
        x={frame.left + 8}
        y={frame.y - boxOf(...film.regions).maxY * frame.scale + 20}
        fontSize="0.8125rem"
        fontWeight={600}
        fill={on ? "var(--film)" : "var(--color-base-content)"}
        paintOrder="stroke"
        stroke="var(--color-base-100)"
        strokeWidth={4}
      >
        {on ? "✓ " : "○ "}
        {ui.waterproof.coat(coat)}: {on ? ui.waterproof.covered : ui.waterproof.bare}
      </text>
    </g>
  );
}

/** The film of a field coat; openings belong to it, their insides are covered as well. */
function FieldCoat({ film, on, coat }: { film: WallFilm; on: boolean; coat: number }) {
  const below = film.done.filter((done) => done > 0 && done < coat).length;
  return (
    <>
      {below > 0 && <path d={ringsPath(film.regions)} fill="var(--film)" opacity={0.14 * below} />}
      <path
        d={ringsPath(film.regions)}
        fill={on ? "var(--film)" : "url(#bare-hatch)"}
        opacity={on ? 0.32 : 1}
      />
    </>
  );
}

interface StripPathProps {
  strip: Strip;
  width: number;
  on: boolean;
  faint: boolean;
}

function StripPath({ strip, width, on, faint }: StripPathProps) {
  const d = linePath(strip.path);
  if (faint) {
    return (
      <path
        d={d}
        fill="none"
        stroke="var(--film)"
        strokeWidth={1.5}
        opacity={0.6}
        vectorEffect="non-scaling-stroke"
      />
    );
  }
  return (
    <path
      d={d}
      fill="none"
      data-strip={strip.kind}
      stroke={on ? "var(--film)" : "var(--color-base-content)"}
      strokeOpacity={on ? 0.55 : 0.16}
      strokeWidth={width}
      strokeLinejoin="round"
    />
  );
}

/** A strip that ends where it begins goes round: its last corner is joined as the others are. */
function linePath(points: Point[]): string {
  const [first, last] = [points[0], points.at(-1)];
  const line = points
    .map(([x, y], k) => `${k === 0 ? "M" : "L"}${x.toFixed(1)} ${(-y).toFixed(1)}`)
    .join("");
  return first && last && Math.hypot(first[0] - last[0], first[1] - last[1]) < 0.1
    ? `${line}Z`
    : line;
}

/** Pipes and valves: each is sealed round before the field coats. */
function Penetrations({ wall, on, width }: { wall: WallPlan; on: boolean; width: number }) {
  return wall.fixtures.map(({ fixture, centre: [x, y], diameter }) => (
    <circle
      key={fixture.id}
      data-penetration={fixture.id}
      cx={x}
      cy={-y}
      r={diameter / 2 + width / 4}
      fill="none"
      stroke={on ? "var(--film)" : "var(--color-base-content)"}
      strokeOpacity={on ? 0.6 : 0.25}
      strokeWidth={width / 2}
    />
  ));
}

function Laps({ film }: { film: WallFilm }) {
  if (!film.sheet) return null;
  const { minX, maxX, minY, maxY } = boxOf(...film.regions);
  const upright = film.sheet.run === "upright";
  return film.sheet.laps.map((at) => (
    <line
      key={at}
      data-lap={at}
      x1={upright ? at : minX}
      x2={upright ? at : maxX}
      y1={upright ? -minY : -at}
      y2={upright ? -maxY : -at}
      stroke="var(--chalk)"
      strokeWidth={2.5}
      vectorEffect="non-scaling-stroke"
    />
  ));
}

/** Gauge readings of the coat and holes made later, where they are. */
function LoggedPlaces({ plan, wall, frame, coat }: FilmMarksProps & { coat: number }) {
  const film = useJob(({ row }) => row?.project.film);
  const wanted = useJob(({ row }) => (row ? jobOf(row.project).settings.coatWft : 0));
  const toPx = (reading: { from: "left" | "right"; at: number; level: number }) => ({
    x: frame.x + positionAlong(wall.measured.wall, reading) * frame.scale,
    y: frame.y - (plan.levelY + reading.level) * frame.scale,
  });
  const readings = film?.gauge?.filter((g) => g.wall === wall.id && g.coat === coat) ?? [];
  const holes = film?.holes?.filter((hole) => hole.wall === wall.id) ?? [];
  return (
    <>
      {readings.map((reading) => {
        const { x, y } = toPx(reading);
        const thin = reading.wft < wanted - 0.0125;
        const ink = thin ? "var(--crayon)" : "var(--film)";
        return (
          <g key={reading.id} data-gauge={thin ? "thin" : "good"}>
            <circle cx={x} cy={y} r={4} fill={ink} />
            <text
              x={x + 7}
              y={y + 4}
              fontSize="0.8125rem"
              fontWeight={600}
              fill={ink}
              paintOrder="stroke"
              stroke="var(--color-base-100)"
              strokeWidth={4}
            >
              {thin ? "! " : ""}
              {reading.wft}
            </text>
          </g>
        );
      })}
      {holes.map((hole) => {
        const { x, y } = toPx(hole);
        return (
          <path
            key={hole.id}
            data-hole={hole.patched ? "patched" : "open"}
            d={`M${x - 6} ${y - 6}l12 12m0 -12l-12 12`}
            stroke={hole.patched ? "var(--film)" : "var(--crayon)"}
            strokeWidth={3}
          />
        );
      })}
    </>
  );
}
