import type { Plan } from "../plan.ts";
import type { SetPlan } from "../set/set-plan.ts";
import type { PlanFile } from "./schema.ts";

/** How tile is set, in the open format. */
export function setFile(plan: Plan): PlanFile["set"] {
  const { mortars, sessions, wedges, maxMassKgPerM2 } = plan.set;
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
    ...asSetFile(plan),
  };
}

/** What was measured as set, where anything was. */
function asSetFile({ corrections, runEnds, panelCentres }: Plan): Pick<SetFile, "asSet"> {
  if (corrections.length + runEnds.length + panelCentres.length === 0) return {};
  return {
    asSet: {
      courses: corrections.map(({ wall, course, control, joint, limits, at, cuts }) => ({
        ...{ wall, course, control, joint, limits: { ...limits } },
        ...Object.fromEntries(Object.entries(at).map(([along, joint]) => [along, { ...joint }])),
        cuts: cuts.map(recut),
      })),
      runs: runEnds.map(({ planned: _, end, ...run }) => ({
        ...run,
        ...(end ? { end: recut(end) } : {}),
      })),
      panels: panelCentres.map(({ wall, zone, off, joints, within, cuts }) => ({
        ...{ wall, zone, off, joints: { ...joints }, within },
        cuts: cuts.map(recut),
      })),
    },
  };
}

type SetFile = NonNullable<PlanFile["set"]>;

/** A cut that comes out otherwise: its size as planned, and as it will be. */
function recut({ piece, from, to }: { piece: string; from: number; to: number }) {
  return { piece, from, to };
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
