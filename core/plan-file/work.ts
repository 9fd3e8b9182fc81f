import type { Plan } from "../plan.ts";
import type { SetPlan } from "../set/set-plan.ts";
import type { PlanFile } from "./schema.ts";

/** How tile is set, in the open format. */
export function setFile({ mortars, sessions, wedges, maxMassKgPerM2 }: SetPlan): PlanFile["set"] {
  // Where tile and trowel are the same it is one mortar: it is told by its first use.
  const firstUse = (tile: string) => mortars.find((own) => own.tile === tile)?.for ?? tile;
  return {
    mortars: mortars.map((mortar) => ({ ...mortar })),
    sessions: sessions.map((session) => ({
      ...session,
      mixes: session.mixes.map(({ tile, powderKg, waterL }) => ({
        for: firstUse(tile),
        powderKg,
        waterL,
      })),
    })),
    wedges,
    maxMassKgPerM2,
  };
}

/** Every clip of a wall: x, y and the angle of its joint. */
export function clipsFile({ holding }: SetPlan, wall: string): [number, number, number][] {
  const areas = holding.find((own) => own.wall === wall)?.areas ?? [];
  return areas.flatMap(({ clips }) =>
    Array.from({ length: clips.length / 3 }, (_, k): [number, number, number] => [
      clips[3 * k] as number,
      clips[3 * k + 1] as number,
      clips[3 * k + 2] as number,
    ]),
  );
}

/** How joints are filled, in the open format. */
export function groutFile(plan: Plan): PlanFile["grout"] {
  const { choices, mixes, softJoints, sealer } = plan.grout;
  return {
    kind: choices[0]?.kind ?? "none",
    choices: choices.map((choice) => ({ ...choice })),
    mixes: mixes.map(({ wall, areaM2, powderKg, waterL }) => ({ wall, areaM2, powderKg, waterL })),
    softJoints: softJoints.map((joint) => ({ ...joint })),
    hiddenBeadM: plan.totals.hiddenBeadM,
    maskM: plan.totals.maskM,
    sealantMl: plan.order.find(({ code }) => code === "sealant")?.quantity ?? 0,
    sealerL: sealer.value,
  };
}
