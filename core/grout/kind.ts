import { fieldTile, tileOf } from "../project/defaults.ts";
import type { GroutKind, Job, LaidTile } from "../project/job.ts";
import type { Warning } from "../warning.ts";
import { mixLimitM2 } from "./mixes.ts";

/** Up to here grout goes without sand, and from there with it, mm; between them either will do. */
const UNSANDED_TO = 3.2;
const SANDED_FROM = 3;

/** Sand scratches these. */
function isSoft({ material }: LaidTile): boolean {
  return material === "glass" || material === "stone";
}

/** Why a kind of grout suits: its joint, or a face that sand would scratch. */
export type KindReason = "narrow" | "either" | "wide" | "soft-face" | "chosen";

/** The kind of grout for one joint and face, and why. */
export interface GroutChoice {
  for: string;
  joint: number;
  kind: GroutKind;
  reason: KindReason;
  /** What is against it, where the job chose it. */
  against?: "too-wide" | "too-narrow" | "scratches";
}

/**
 * Kind of grout by joint and face: to 3.2 mm without sand, from 3 mm with it, between them either;
 * never coarse sand on glass or stone. Trade practice; what the job chose stands, and is judged.
 */
export function groutKindFor(joint: number, tile: LaidTile, chosen: GroutKind | undefined) {
  const usual = usualKind(joint, tile);
  return chosen === undefined
    ? usual
    : { kind: chosen, reason: "chosen" as const, ...judged(chosen, joint, tile) };
}

function usualKind(joint: number, tile: LaidTile): Pick<GroutChoice, "kind" | "reason"> {
  if (joint < SANDED_FROM) return { kind: "unsanded", reason: "narrow" };
  if (joint <= UNSANDED_TO) return { kind: "unsanded", reason: "either" };
  return isSoft(tile)
    ? { kind: "all-purpose", reason: "soft-face" }
    : { kind: "sanded", reason: "wide" };
}

function judged(kind: GroutKind, joint: number, tile: LaidTile): Pick<GroutChoice, "against"> {
  if (kind === "sanded" && isSoft(tile)) return { against: "scratches" };
  if (kind === "sanded" && joint < SANDED_FROM) return { against: "too-narrow" };
  if (kind === "unsanded" && joint > UNSANDED_TO) return { against: "too-wide" };
  return {};
}

type KindJob = Pick<Job, "field" | "settings" | "tiles" | "zones">;

/** The grout of the field and of each zone: two joints in one job may want two. */
export function groutChoices(job: KindJob): GroutChoice[] {
  const of = (use: string, joint: number, tile: LaidTile): GroutChoice => ({
    for: use,
    joint,
    ...groutKindFor(joint, tile, job.settings.groutKind),
  });
  return [
    of("field", job.field.joint, fieldTile(job)),
    ...job.zones.map(({ id, joint, tile }) => of(id, joint, tileOf(job, tile))),
  ].filter(({ joint }) => joint > 0);
}

/** Grout that was chosen against its joint or its tile, or that leaves little time. */
export function checkGrout(job: KindJob): Warning[] {
  const { groutFast, groutWorkMin } = job.settings;
  const values = { minutes: groutWorkMin, areaM2: mixLimitM2(job) };
  const fast: Warning[] = groutFast
    ? [{ code: "grout-sets-fast", severity: "warning", values }]
    : [];
  return [...fast, ...unsuited(job)];
}

function unsuited(job: KindJob): Warning[] {
  return groutChoices(job).flatMap(({ for: item, joint, against }): Warning[] => {
    if (!against) return [];
    const scratches = against === "scratches" ? 1 : 0;
    const values = { joint, scratches, wide: against === "too-wide" ? 1 : 0 };
    const place = item === "field" ? {} : { item };
    return [{ code: "grout-unsuited", severity: "warning", ...place, values }];
  });
}
