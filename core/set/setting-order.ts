import { wallThatRuns } from "../build-up/wall-ends.ts";
import type { Job } from "../project/job.ts";
import type { SetRow } from "./rows.ts";
import type { SetWall } from "./set-wall.ts";

/** Heights nearer to each other than this are one height, mm. */
const ONE_HEIGHT = 0.01;

type OrderJob = Pick<Job, "meetings" | "setOut" | "settings" | "walls">;

/**
 * Rows in the order in which they are set. All walls rising: by their lower edge; at one height the
 * wall that runs into its corners first, then from the left, the field before a zone. Back first: wall
 * by wall. Interiors of niches and windows come before all rows, or after them where the job says
 * so. From a ledger what stands on it comes first, then what hangs below.
 */
export function inSettingOrder(
  job: OrderJob,
  walls: Pick<SetWall, "id" | "lines">[],
  rows: SetRow[],
): SetRow[] {
  const places = wallPlaces(job);
  const ledger = ledgerTop(walls);
  const backFirst = job.settings.setOrder === "back-first";
  const keyOf = (row: SetRow) => {
    const interior = row.opening !== undefined;
    return [
      interior === job.settings.nicheFirst ? 0 : 1,
      ...(backFirst ? [places.get(row.wall) as number] : []),
      // What hangs below a start is set once that holds.
      ledger !== undefined && row.bottom < ledger - ONE_HEIGHT && !interior ? 1 : 0,
      Math.round(row.bottom / ONE_HEIGHT),
      places.get(row.wall) as number,
      row.zone === undefined ? 0 : 1,
      row.area ?? 0,
      row.left,
    ];
  };
  return rows
    .map((row) => ({ row, key: keyOf(row) }))
    .sort((p, q) => compareKeys(p.key, q.key))
    .map(({ row }) => row);
}

function compareKeys(p: number[], q: number[]): number {
  for (let k = 0; k < p.length; k++) {
    const off = (p[k] as number) - (q[k] as number);
    if (off !== 0) return off;
  }
  return 0;
}

function ledgerTop(walls: Pick<SetWall, "lines">[]): number | undefined {
  const ledgers = walls.flatMap(({ lines }) => lines.filter(({ kind }) => kind === "ledger"));
  return ledgers[0]?.from[1];
}

/**
 * The place of each wall in the work: a wall that runs into a corner before the one that stops
 * there, else from the left; walls at the back first where they are set as a whole.
 */
function wallPlaces({ walls, meetings, settings }: OrderJob): Map<string, number> {
  const depth = (id: string, seen: string[] = []): number => {
    if (seen.includes(id)) return 0;
    const before = meetings.flatMap((meeting) => {
      const runs = wallThatRuns(meeting);
      const stops = runs === meeting.left.id ? meeting.right.id : meeting.left.id;
      return stops === id ? [runs] : [];
    });
    return before.reduce((most, other) => Math.max(most, 1 + depth(other, [...seen, id])), 0);
  };
  const back = settings.setOrder === "back-first";
  const sorted = walls
    .map(({ id, role }, at) => ({ id, key: [back && role !== "back" ? 1 : 0, depth(id), at] }))
    .sort((p, q) => compareKeys(p.key, q.key));
  return new Map(sorted.map(({ id }, place) => [id, place]));
}
