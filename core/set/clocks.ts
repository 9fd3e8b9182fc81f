import type { Mix } from "../project/schema.ts";

/** A minute, ms. */
const MINUTE = 60_000;

/** Where a mix of mortar is: it slakes, is worked, becomes stiff, and is over. */
export type MortarPhase = "slaking" | "usable" | "last" | "over";

/** What the clocks of a mix say; all times ms. They follow from when it was mixed and the time now. */
export interface MortarClock {
  phase: MortarPhase;
  /** Until it may be mixed once more and used. */
  slakeLeft: number;
  /** Until it is too stiff; below 0 it is over for so long. */
  useLeft: number;
  /** Until what was spread last skins; none where nothing is spread. */
  openLeft?: number;
  /** Share of its pot life that is gone. */
  gone: number;
}

/** The last part of a pot life: what is in the bucket is used first. */
const LAST = 0.25;

/** The clocks of a mix of mortar at a time. A clock that was put back counts as just begun. */
export function mortarClock(
  { at, potLifeMin, spread }: Pick<Mix, "at" | "potLifeMin" | "spread">,
  { slakeMin, openTimeMin }: { slakeMin: number; openTimeMin: number },
  now: number,
): MortarClock {
  const since = Math.max(0, now - Date.parse(at));
  const life = potLifeMin * MINUTE;
  const useLeft = life - since;
  const slakeLeft = Math.max(0, slakeMin * MINUTE - since);
  const open = spread === undefined ? {} : { openLeft: leftOf(spread, openTimeMin, now) };
  return {
    phase: phaseOf({ slakeLeft, useLeft, life }),
    slakeLeft,
    useLeft,
    ...open,
    gone: Math.min(1, since / life),
  };
}

function phaseOf({
  slakeLeft,
  useLeft,
  life,
}: Record<"slakeLeft" | "useLeft" | "life", number>): MortarPhase {
  if (useLeft <= 0) return "over";
  if (slakeLeft > 0) return "slaking";
  return useLeft <= LAST * life ? "last" : "usable";
}

/** What is left of some minutes since a moment, ms; below 0 they have been over for so long. */
export function leftOf(since: string, minutes: number, now: number): number {
  return minutes * MINUTE - Math.max(0, now - Date.parse(since));
}

/** What comes next for a mix of grout. */
export type GroutStep = "float" | "wash" | "haze" | "done";

/** What the clock of a mix of grout says. */
export interface GroutClock {
  step: GroutStep;
  /** Until it has to be done, or for haze until it may be, ms; below 0 it is late, or may be done. */
  left: number;
}

/**
 * The clock of a mix of grout: floated and washed within its working time, its haze taken off a while
 * after the wash.
 */
export function groutClock(
  mix: Pick<Mix, "at" | "potLifeMin" | "floated" | "washed" | "hazed">,
  hazeMin: number,
  now: number,
): GroutClock {
  if (mix.hazed) return { step: "done", left: 0 };
  if (mix.washed) return { step: "haze", left: leftOf(mix.washed, hazeMin, now) };
  const left = leftOf(mix.at, mix.potLifeMin, now);
  return { step: mix.floated ? "wash" : "float", left };
}

/** Mixes of grout that are washed and wait for their haze to come off, the oldest first. */
export function hazyMixes(mixes: Mix[]): Mix[] {
  return mixes
    .filter((mix) => mix.kind === "grout" && mix.washed && !mix.hazed)
    .sort((p, q) => Date.parse(p.at) - Date.parse(q.at));
}

/** The mix of a kind that is in use: the last one that was mixed and is not emptied, nor washed off. */
export function runningMix(mixes: Mix[], kind: Mix["kind"]): Mix | undefined {
  return mixes
    .filter((mix) => mix.kind === kind && !mix.emptied && !mix.washed && !mix.hazed)
    .sort((p, q) => Date.parse(q.at) - Date.parse(p.at))[0];
}
