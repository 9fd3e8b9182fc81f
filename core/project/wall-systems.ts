import type { WALL_SYSTEMS } from "./build-schema.ts";

/** The schools of what goes on the studs and what keeps the water out. */
export type WallSystem = (typeof WALL_SYSTEMS)[number];

/** What a wall system is made of: rules ask this, not its name. */
export interface SystemTraits {
  /** What keeps the water out of the board over the whole wet area. */
  film: "liquid" | "sheet" | "none";
  /** A vapour retarder behind the board: a film in front would shut the damp in. */
  retarder: boolean;
  /** Seams and heads of fasteners: taped in mortar, or sealed. */
  seams: "taped" | "sealed";
  /** Only seams and heads are covered; the board itself has to stand water. */
  seamsOnly: boolean;
  /** The boards that it is made for; any where nothing is said. */
  board?: "foam";
}

export const SYSTEM_TRAITS: Record<WallSystem, SystemTraits> = {
  "board-liquid": { film: "liquid", retarder: false, seams: "taped", seamsOnly: false },
  "board-retarder": { film: "none", retarder: true, seams: "taped", seamsOnly: false },
  "board-sheet": { film: "sheet", retarder: false, seams: "taped", seamsOnly: false },
  foam: { film: "none", retarder: false, seams: "sealed", seamsOnly: false, board: "foam" },
  "seams-only": { film: "none", retarder: false, seams: "taped", seamsOnly: true },
};

/** Recommended: one continuous film whose thickness can be read. */
export const RECOMMENDED_SYSTEM: WallSystem = "board-liquid";
