import { type Figure, settingTerm, type Term } from "../figure.ts";
import { fieldTile, tileOf } from "../project/defaults.ts";
import type { Job, LaidTile, Sealed } from "../project/job.ts";
import type { TiledWall } from "../set/tiled-wall.ts";

/** What of an area its joints take, where only they are sealed. Trade practice. */
const JOINTS_TAKE = 0.25;

type SealerJob = Pick<Job, "field" | "given" | "settings" | "tiles">;

/**
 * What of a tile is sealed: as the job says; else the whole face of stone and the joints alone of
 * glazed tile. Nothing where the grout is epoxy.
 */
export function sealedOf({ settings }: Pick<Job, "settings">, tile: LaidTile): Sealed {
  if (settings.groutKind === "epoxy" && settings.sealer === undefined) return "none";
  return settings.sealer ?? (tile.material === "stone" ? "all" : "joints");
}

/** Sealer for walls in litres: area × coats ÷ what a litre covers; a quarter of it for joints alone. */
export function sealerFigure(job: SealerJob, walls: { tiled: TiledWall }[]): Figure {
  const areas = new Map<Sealed, number>();
  const add = (tile: LaidTile, areaM2: number) => {
    const sealed = sealedOf(job, tile);
    areas.set(sealed, (areas.get(sealed) ?? 0) + areaM2);
  };
  for (const { tiled } of walls) {
    add(fieldTile(job), tiled.fieldM2 + tiled.interiorM2);
    for (const { zone, areaM2 } of [...tiled.zones, ...tiled.backs]) {
      add(tileOf(job, zone.tile), areaM2);
    }
  }
  const [faces, joints] = [areas.get("all") ?? 0, areas.get("joints") ?? 0];
  const { sealerCoats, sealerRate } = job.settings;
  const terms: Term[] = [
    ...(faces > 0 ? [{ code: "sealedFaces", value: faces, unit: "m2" } as const] : []),
    ...(joints > 0
      ? ([
          { code: "sealedJoints", value: joints, unit: "m2" },
          { code: "jointsTake", value: JOINTS_TAKE, unit: "share" },
        ] as const)
      : []),
    settingTerm(job, "sealerCoats", "count"),
    settingTerm(job, "sealerRate", "m2/L"),
  ];
  const value = ((faces + joints * JOINTS_TAKE) * sealerCoats) / sealerRate;
  return { code: "sealerL", value, unit: "L", terms };
}
