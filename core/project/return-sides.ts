/** The sides of an opening that tile lines. */
export const RETURN_SIDES = ["sill", "head", "left", "right"] as const;

export type ReturnSide = (typeof RETURN_SIDES)[number];
