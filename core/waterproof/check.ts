import { boxOf } from "../geometry/polygon.ts";
import { wallRegion } from "../measure/outline.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { Warning } from "../warning.ts";
import type { FilmPlan, WallFilm } from "./film-plan.ts";

/** What is thin, open, or higher than the tile. */
export function checkFilm(film: FilmPlan, walls: MeasuredWall[]): Warning[] {
  const warnings = film.walls.flatMap((wall, k) => [
    ...checkThin(wall, film.coats),
    ...checkHeight(wall, walls[k]),
  ]);
  if (film.openHoles === 0) return warnings;
  const values = { count: film.openHoles };
  return [...warnings, { code: "holes-open", severity: "stop", values }];
}

function checkThin({ id: wall, thickness, done }: WallFilm, coats: number): Warning[] {
  const { averageWft, targetWft, addL, gauge } = thickness;
  const warnings: Warning[] = [];
  const finished = done.length === coats + 1;
  if (finished && averageWft !== undefined && addL > 0) {
    const values = { average: averageWft, target: targetWft, addL };
    warnings.push({ code: "film-thin", severity: "stop", wall, values });
  }
  for (const { coat, thin, least = 0 } of gauge) {
    if (thin === 0) continue;
    const values = { coat, thin, least, target: targetWft / coats };
    warnings.push({ code: "film-thin-place", severity: "stop", wall, item: `${coat}`, values });
  }
  return warnings;
}

/** The film goes higher than tile that stops below the wet zone's top. */
function checkHeight({ id, regions }: WallFilm, wall: MeasuredWall | undefined): Warning[] {
  const tiled = wall ? wallRegion(wall) : [];
  const [region] = regions;
  if (!region || wall?.patches || tiled.length === 0) return [];
  const above = boxOf(region).maxY - boxOf(tiled).maxY;
  if (!(above > 0.5)) return [];
  const values = { above, top: boxOf(region).maxY };
  return [{ code: "film-above-tile", severity: "note", wall: id, values }];
}
