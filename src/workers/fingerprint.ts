import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/**
 * A text that is the same for two plans of a wall only when they are the same. A plan follows from
 * its inputs, so the wall's readings, where it lies, its bond and the settings are enough.
 */
export function fingerprint({ settings, setOut, field, tiles }: Project, wall: WallPlan): string {
  const { measured, region, boundary, origin, centre, lines } = wall;
  const values = Object.values(wall.figures).map(({ value }) => value);
  return JSON.stringify([
    measured.wall,
    region,
    boundary,
    origin,
    centre,
    lines,
    values,
    settings,
    setOut.sliver,
    field,
    tiles,
  ]);
}

/**
 * The plan with every wall that did not change replaced by the earlier plan's own object, so that
 * what draws it can see at a glance that there is nothing to draw.
 */
export function reuseWalls(
  next: { plan: Plan; fingerprints: string[] },
  earlier: { plan: Plan; fingerprints: string[] } | undefined,
): Plan {
  if (!earlier) return next.plan;
  const walls = next.plan.walls.map((wall, k) => {
    const at = earlier.fingerprints.indexOf(next.fingerprints[k] ?? "");
    return at < 0 ? wall : (earlier.plan.walls[at] ?? wall);
  });
  return { ...next.plan, walls };
}
