import type { Job } from "../project/job.ts";
import type { Mix, Work } from "../project/schema.ts";

/** What the shower waits for, in its order. */
export type CureStep = "grout" | "sealer" | "sealant";

/** How long the shower waits after the last wash of grout, and what for. */
export interface FirstShower {
  afterH: number;
  because: { step: CureStep; hours: number }[];
}

/** Grout cures so long before water, and before sealer goes on, h. Trade practice. */
const GROUT_CURES = 72;
/** Sealer dries, and sealant skins through, h. Trade practice. */
const SEALER_DRIES = 24;
const SEALANT_CURES = 24;

/**
 * Hours from the last wash to the first shower: the grout's 72; with sealer, which goes on then, 96; and
 * where the sealant has to wait for the sealer 120. Sealant on clean joints goes on a day after the grout
 * and is through before that (definition of the plan; data sheets win).
 */
export function firstShower({ settings }: Pick<Job, "settings">, sealerL: number): FirstShower {
  const because: FirstShower["because"] = [{ step: "grout", hours: GROUT_CURES }];
  if (sealerL > 0) {
    because.push({ step: "sealer", hours: SEALER_DRIES });
    if (settings.sealerFirst) because.push({ step: "sealant", hours: SEALANT_CURES });
  }
  return { afterH: because.reduce((sum, { hours }) => sum + hours, 0), because };
}

/** When the shower may run, ms: so long after the last mix was washed; none while one is not. */
export function showerFrom(
  { afterH }: FirstShower,
  mixes: number,
  work: Work | undefined,
): number | undefined {
  const washed = (work?.mixes ?? []).filter((mix: Mix) => mix.kind === "grout" && mix.washed);
  // A part that was mixed anew counts once.
  if (new Set(washed.map(({ for: key }) => key)).size < mixes) return undefined;
  const times = washed.map((mix) => Date.parse(mix.washed ?? "")).filter(Number.isFinite);
  return times.length === 0 ? undefined : Math.max(...times) + afterH * 3_600_000;
}
