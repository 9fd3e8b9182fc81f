import { LARGE_SIDE } from "../limits.ts";
import { longestSide, tileOf } from "../project/defaults.ts";
import type { Job } from "../project/job.ts";
import type { Work } from "../project/schema.ts";

/** Hours that mortar stands before grout: longer where it dries slowly. Trade practice. */
const USUAL_H = 24;
const SLOW_H = 48;

/**
 * Hours between the last tile and grout: 24, and 48 under glass or large porcelain over a film, which
 * let no water out (definition of the plan; the mortar's data sheet wins).
 */
export function groutWaitH(job: Pick<Job, "build" | "field" | "tiles" | "zones">): number {
  const filmed = job.build.traits.film !== "none";
  const slow = [job.field, ...job.zones].some(({ tile: id }) => {
    const tile = tileOf(job, id);
    const large = tile.material === "porcelain" && longestSide(tile) >= LARGE_SIDE;
    return tile.material === "glass" || (large && filmed);
  });
  return slow ? SLOW_H : USUAL_H;
}

/** When grout may begin, ms: so long after the last row that was set; none before any was. */
export function groutFrom(
  job: Pick<Job, "build" | "field" | "tiles" | "zones">,
  work: Work | undefined,
): number | undefined {
  const times = (work?.rows ?? []).map(({ at }) => Date.parse(at)).filter(Number.isFinite);
  return times.length === 0 ? undefined : Math.max(...times) + groutWaitH(job) * 3_600_000;
}
