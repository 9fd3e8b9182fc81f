import { boxOf } from "../../../core/geometry/polygon.ts";
import { jobOf } from "../../../core/project/job.ts";
import type { Project } from "../../../core/project/schema.ts";
import { type Progress, progressOf } from "../../../core/set/progress.ts";
import type { PlacedRow } from "../../../core/set/sessions.ts";
import { standing } from "../../drawing/as-set.ts";
import type { OnBareWall } from "../../drawing/marks.ts";
import { useJob } from "../../state/job-store.ts";
import { ui } from "../../words/ui.ts";
import { Deviation } from "./Deviation.tsx";
import { drawnRows, keyOf } from "./row-paths.ts";
import { SideDeviations } from "./SideDeviations.tsx";
import { WorkPlaces } from "./WorkPlaces.tsx";

/** What is set, what comes next and where each clip goes; where sessions end. */
export function SetMarks(props: OnBareWall) {
  const project = useJob(({ row }) => row?.project);
  return project ? <Marks {...props} project={project} /> : null;
}

interface MarksProps extends OnBareWall {
  project: Project;
}

function Marks({ plan, wall: planned, frame, project }: MarksProps) {
  const wall = standing(planned, plan);
  const progress = progressOf(plan.set.rows, project.work);
  const rows = plan.set.rows.filter((row) => row.wall === wall.id && row.area !== undefined);
  const correction = plan.corrections.find((own) => own.wall === wall.id);
  const shown = { plan, wall, frame, project, progress, rows };
  return (
    <g pointerEvents="none" data-set={wall.id}>
      <g transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}>
        <RowTints {...shown} />
        <Clips {...shown} />
      </g>
      <NextNumbers {...shown} />
      <SessionEnds {...shown} />
      {correction && <Deviation correction={correction} wall={wall} frame={frame} />}
      <SideDeviations plan={plan} wall={wall} frame={frame} />
      <WorkPlaces project={project} plan={plan} wall={wall} frame={frame} />
    </g>
  );
}

interface ShownProps extends MarksProps {
  progress: Progress;
  /** Of this wall, without interiors. */
  rows: PlacedRow[];
}

/** How many pieces that come next are numbered. */
const NUMBERED = 14;

/** The rows that come next, as far as their pieces are numbered. */
function nextRows({ todo }: Progress): PlacedRow[] {
  let pieces = 0;
  const next: PlacedRow[] = [];
  for (const row of todo) {
    if (pieces >= NUMBERED) break;
    next.push(row);
    pieces += row.pieces;
  }
  return next;
}

/** Tints of later sessions: each a little stronger than the one before. */
const LATER = 0.07;

function RowTints({ project, wall, progress, rows }: ShownProps) {
  const drawn = drawnRows(jobOf(project), wall);
  const next = new Set(nextRows(progress).map(({ id }) => id));
  return rows.map((row) => {
    const path = drawn.get(keyOf(row))?.path;
    if (!path) return null;
    if (progress.done.has(row.id)) {
      return (
        <g key={row.id} data-row="done">
          <path d={path} fill="var(--film)" opacity={0.3} />
          <path d={path} fill="url(#done-hatch)" />
        </g>
      );
    }
    if (next.has(row.id)) {
      const first = row.id === progress.next?.id;
      return (
        <path
          key={row.id}
          d={path}
          data-row={first ? "next" : "soon"}
          fill="var(--chalk)"
          fillOpacity={first ? 0.24 : 0.1}
          stroke="var(--chalk)"
          strokeWidth={first ? 2.5 : 0}
          vectorEffect="non-scaling-stroke"
        />
      );
    }
    const later = row.session - progress.session;
    if (later <= 0) return null;
    return (
      <path
        key={row.id}
        d={path}
        data-row="later"
        fill="var(--color-base-content)"
        opacity={Math.min(0.3, later * LATER)}
      />
    );
  });
}

/** A clip as it is drawn: across its joint, mm. */
const CLIP = { long: 30, thick: 9 };

/** Every clip where it sits; those of later sessions fainter. */
function Clips({ plan, wall, progress, rows }: ShownProps) {
  const sessions = new Map(rows.map((row) => [keyOf(row), row.session]));
  const areas = plan.set.holding.find((own) => own.wall === wall.id)?.areas ?? [];
  const [near, later]: [string[], string[]] = [[], []];
  areas.forEach(({ clips, clipRows }, area) => {
    for (let k = 0; 3 * k < clips.length; k++) {
      const [x = 0, y = 0, angle = 0] = clips.subarray(3 * k, 3 * k + 3);
      const session = Math.max(
        ...[clipRows[2 * k], clipRows[2 * k + 1]].map(
          (course) => sessions.get(`${area}/${course}`) ?? 0,
        ),
      );
      const [dx, dy] = [(-Math.sin(angle) * CLIP.long) / 2, (Math.cos(angle) * CLIP.long) / 2];
      const line = `M${(x - dx).toFixed(1)} ${(-(y - dy)).toFixed(1)}L${(x + dx).toFixed(1)} ${(-(y + dy)).toFixed(1)}`;
      (session <= progress.session ? near : later).push(line);
    }
  });
  if (near.length + later.length === 0) return null;
  const look = { stroke: "var(--color-base-content)", strokeWidth: CLIP.thick };
  return (
    <g data-clips={near.length + later.length}>
      <path d={near.join("")} {...look} />
      <path d={later.join("")} {...look} opacity={0.35} />
    </g>
  );
}

/** A level number is no smaller than this, px, where one along the piece would be larger. */
const NUMBER_ROOM = 12;
/** Smaller numbers nobody reads, px. */
const LEAST_NUMBER = 9;

/** The pieces that come next, numbered as they are set over the whole job. */
function NextNumbers({ project, wall, frame, progress }: ShownProps) {
  const drawn = drawnRows(jobOf(project), wall);
  return nextRows(progress)
    .filter((row) => row.wall === wall.id)
    .flatMap((row) =>
      (drawn.get(keyOf(row))?.middles ?? []).map(({ x, y, width, height }, k) => {
        const [w, h] = [width * frame.scale, height * frame.scale];
        // What stands narrow has its number along it.
        const turned = w * 0.5 < NUMBER_ROOM && h > 1.6 * w;
        const size = turned ? Math.min(18, w * 0.8, h * 0.5) : Math.min(18, h * 0.8, w * 0.5);
        if (size < LEAST_NUMBER) return null;
        const [cx, cy] = [frame.x + x * frame.scale, frame.y - y * frame.scale];
        return (
          <text
            key={`${row.id}-${x.toFixed(0)}-${y.toFixed(0)}`}
            transform={`translate(${cx} ${cy})${turned ? " rotate(-90)" : ""}`}
            y={size / 3}
            fontSize={size}
            fontWeight={750}
            textAnchor="middle"
            fill="var(--chalk)"
            paintOrder="stroke"
            stroke="var(--color-base-100)"
            strokeWidth={3}
            data-order={row.first + k}
          >
            {row.first + k}
          </text>
        );
      }),
    );
}

/** Where a session stops on this wall, and another goes on above. */
function SessionEnds({ plan, wall, frame, rows }: ShownProps) {
  const { minX, maxX } = boxOf(wall.region);
  return plan.set.sessions.slice(0, -1).map(({ n }) => {
    const own = rows.filter(({ session }) => session === n);
    const top = Math.max(...own.map((row) => row.top));
    // What comes later may hang below: there the session ends with the wall.
    const above = rows.some((row) => row.session > n && row.top > top);
    if (own.length === 0 || !above) return null;
    const y = frame.y - top * frame.scale;
    const [left, right] = [frame.x + minX * frame.scale, frame.x + maxX * frame.scale];
    return (
      <g key={n} data-session-end={n}>
        <line
          x1={left - 8}
          x2={right + 8}
          y1={y}
          y2={y}
          stroke="var(--color-base-content)"
          strokeWidth={2.5}
          strokeDasharray="3 5"
        />
        <text
          x={left + 6}
          y={y - 6}
          fontSize="0.875rem"
          fontWeight={700}
          fill="var(--color-base-content)"
          paintOrder="stroke"
          stroke="var(--color-base-100)"
          strokeWidth={4}
        >
          {right - left > 130 ? ui.set.ends(n) : n}
        </text>
      </g>
    );
  });
}
