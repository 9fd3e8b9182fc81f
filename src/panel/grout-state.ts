import type { GroutMix } from "../../core/grout/mixes.ts";
import type { Mix, Work } from "../../core/project/schema.ts";

/** Share of the water that goes in first; the rest only if it is needed. Trade practice. */
export const FIRST_WATER = 0.9;

/** What a mix of grout is kept under: its wall and its number from the top. */
export function groutKey({ wall, n }: Pick<GroutMix, "wall" | "n">): string {
  return `${wall}/${n}`;
}

/** The mix that was begun for a part of a wall; none while it is to do. */
export function begunMix(
  work: Work | undefined,
  mix: Pick<GroutMix, "wall" | "n">,
): Mix | undefined {
  const key = groutKey(mix);
  return work?.mixes?.findLast((own) => own.kind === "grout" && own.for === key);
}

/** How far a part of a wall is. */
export type GroutState = "todo" | "placing" | "floated" | "washed" | "hazed";

/** How far the mix of a part of a wall is. */
export function groutState(mix: Mix | undefined): GroutState {
  if (!mix) return "todo";
  if (mix.hazed) return "hazed";
  if (mix.washed) return "washed";
  return mix.floated ? "floated" : "placing";
}
