import type { Job } from "../project/job.ts";

/** What an owner is told of keeping it, by what is on the wall. */
export type CareNote =
  | "ventilate"
  | "cleaner"
  | "stone"
  | "glass"
  | "metal"
  | "cement-grout"
  | "epoxy-grout"
  | "sealer"
  | "sealant"
  | "left-over";

/**
 * Notes of care for the tile, trim, grout and sealant of a job, in the order of use. Trade practice;
 * what the makers of tile, grout and sealer say comes first.
 */
export function careNotes(
  {
    tiles,
    field,
    zones,
    walls,
    settings,
  }: Pick<Job, "tiles" | "field" | "zones" | "walls" | "settings">,
  { sealerL }: { sealerL: number },
): CareNote[] {
  const used = new Set([field, ...zones].flatMap(({ tile, second }) => [tile, second]));
  const materials = new Set(
    tiles.filter(({ id }) => used.has(id)).map(({ material }) => material ?? "ceramic"),
  );
  const hasProfile = walls.some(({ trim = {} }) =>
    Object.values(trim).some((own) => own && (own as { kind?: string }).kind === "profile"),
  );
  const epoxy = settings.groutKind === "epoxy";
  return [
    "ventilate",
    "cleaner",
    ...(materials.has("stone") ? (["stone"] as const) : []),
    ...(materials.has("glass") ? (["glass"] as const) : []),
    ...(hasProfile ? (["metal"] as const) : []),
    epoxy ? "epoxy-grout" : "cement-grout",
    ...(sealerL > 0 ? (["sealer"] as const) : []),
    "sealant",
    "left-over",
  ];
}
