import type { Job } from "../project/job.ts";

/** Air that the waits of the trade's defaults hold for. */
export const TEMPERATE = { tempC: 21, humidity: 50 };

/** What has to dry before what. */
export type Wait = "strips" | "coat" | "tile";

/**
 * How much longer than its default a film takes to dry in this air: twice as long for every 10 °C
 * colder, and in proportion to the damp above 50 %; never less than 1. A rule of thumb that the
 * job's own factor replaces; the data sheet wins.
 */
export function dryingFactor(
  job: Pick<Job, "given" | "settings">,
  { tempC, humidity }: { tempC: number; humidity: number } = TEMPERATE,
): number {
  if (job.given.dryingFactor) return job.settings.dryingFactor;
  const cold = 2 ** ((TEMPERATE.tempC - tempC) / 10);
  const damp = humidity / TEMPERATE.humidity;
  return Math.max(1, cold) * Math.max(1, damp);
}

/** Hours to wait after a coat: after the strips, between coats, before tile. */
export function waitHours(
  job: Pick<Job, "given" | "settings">,
  wait: Wait,
  air?: { tempC: number; humidity: number },
): number {
  const hours = { strips: "stripWaitH", coat: "coatWaitH", tile: "tileWaitH" } as const;
  return job.settings[hours[wait]] * dryingFactor(job, air);
}
