import type { Project } from "./schema.ts";
import {
  RECOMMENDED_SYSTEM,
  SYSTEM_TRAITS,
  type SystemTraits,
  type WallSystem,
} from "./wall-systems.ts";

type Build = NonNullable<Project["build"]>;

/** What goes on the studs. */
export interface JobBuild {
  system: WallSystem;
  traits: SystemTraits;
  board: NonNullable<Build["board"]>;
  adhesive: NonNullable<Build["adhesive"]>;
  lay: NonNullable<Build["lay"]>;
  /** The two sides of a sheet, mm. */
  sheet: { long: number; short: number };
  blocking: NonNullable<Build["blocking"]>;
}

/** Sheet that most board is sold in, mm (3 × 5 ft). */
const SHEET = { short: 914.4, long: 1524 };

/** What goes on the studs of a project. */
export function resolveBuild({ build = {} }: Project): JobBuild {
  const { system = RECOMMENDED_SYSTEM, board = "cement", adhesive = "cement" } = build;
  const { sheetWidth: a = SHEET.short, sheetHeight: b = SHEET.long } = build;
  return {
    ...{ system, traits: SYSTEM_TRAITS[system], board, adhesive, lay: build.lay ?? "best" },
    sheet: { long: Math.max(a, b), short: Math.min(a, b) },
    blocking: build.blocking ?? [],
  };
}
