import { bedOf, type Job } from "../project/job.ts";
import { isMosaic, THINNEST_BED } from "../project/trowel.ts";
import type { Warning } from "../warning.ts";

/** Rows hang from tape below a start: one of tall tile a session, of others so much, mm. Trade practice. */
const TALL = 300;
const HANG = 200;

/** Rows that hang below a ledger's course, and how many of them are safe in a session. */
export function checkHanging(
  job: Pick<Job, "setOut">,
  { height, joint }: { height: number; joint: number },
): Warning[] {
  const { ledger, ledgerCourse } = job.setOut;
  const rows = ledgerCourse - 1;
  // The first course under a ledger at the second stands on its own spacers.
  if (!ledger || rows < 2) return [];
  const safe = height >= TALL ? 1 : Math.max(1, Math.floor(HANG / (height + joint)));
  const values = { rows, safe, sessions: Math.ceil(rows / safe) };
  return [{ code: "rows-hang", severity: "note", values }];
}

/** Tiles of the field and the zones, other than mosaic, whose bed is too thin. */
export function checkBeds(job: Pick<Job, "beds" | "field" | "tiles" | "zones">): Warning[] {
  const used = new Set([job.field.tile, ...job.zones.map(({ tile }) => tile)]);
  return job.tiles.flatMap((tile): Warning[] => {
    const { bed } = bedOf(job, tile.id);
    if (!used.has(tile.id) || isMosaic(tile) || bed >= THINNEST_BED) return [];
    const values = { bed, limit: THINNEST_BED };
    return [{ code: "thin-bed", severity: "warning", item: tile.id, values }];
  });
}
