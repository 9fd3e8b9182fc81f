import type { Plan } from "../plan.ts";
import { tileOf } from "../project/defaults.ts";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";

/** What a version of a job comes to: so that versions can be held side by side. */
export interface OptionFigures {
  /** It is walls of a ready-made panel kit: what is told of tile is not known of it. */
  kit: boolean;
  /** The quote, and own cost without markup and tax. */
  quote: number;
  cost: number;
  /** Hours of one person, and working days from the first task to the end with all waits. */
  hours: number;
  calendarDays: number | undefined;
  tilesCut: number;
  /** The smallest width or height of a cut, mm; none where nothing is cut. */
  smallestCut: number | undefined;
  /** Tile bought that is not on the wall, as a share of what is bought. */
  waste: number;
  massKgPerM2: number;
  stops: number;
  warnings: number;
}

const DAY = 24 * 3_600_000;

/**
 * The figures of a version. One that is a ready-made panel kit has the kit's price and hours instead of
 * tile: nothing is cut, and what it weighs is its maker's to say.
 */
export function optionFigures(project: Project, plan: Plan): OptionFigures {
  const { kit } = project.variant ?? {};
  const count = (severity: "stop" | "warning") =>
    plan.warnings.filter((warning) => warning.severity === severity).length;
  const { days } = plan;
  if (kit) {
    const { rate, markup, tax } = jobOf(project).labour;
    const labour = (kit.hours ?? 0) * rate;
    // A kit that no price is known of costs nobody knows what.
    const known = kit.price > 0;
    return {
      kit: true,
      quote: known ? cents((kit.price * (1 + markup) + labour) * (1 + tax)) : 0,
      cost: known ? cents(kit.price + labour) : 0,
      hours: kit.hours ?? 0,
      calendarDays: undefined,
      ...{ tilesCut: 0, smallestCut: undefined, waste: 0, massKgPerM2: 0, stops: 0, warnings: 0 },
    };
  }
  const cuts = plan.walls.flatMap(({ pieces }) => pieces.filter(({ kind }) => kind !== "none"));
  return {
    kit: false,
    quote: plan.cost.quote,
    cost: cents(plan.cost.materials + plan.cost.labour),
    hours: plan.cost.hours,
    calendarDays: days && !days.impossible ? (days.end - days.start) / DAY : undefined,
    tilesCut: plan.totals.tilesCut,
    smallestCut:
      cuts.length > 0
        ? Math.min(...cuts.map(({ width, height }) => Math.min(width, height)))
        : undefined,
    waste: wasteShare(project, plan),
    massKgPerM2: plan.set.maxMassKgPerM2,
    stops: count("stop"),
    warnings: count("warning"),
  };
}

/** The share of the tile that is bought, by area, that is not on the walls. */
export function wasteShare(
  project: Pick<Project, "tiles">,
  { order, walls }: Pick<Plan, "order" | "walls">,
): number {
  let bought = 0;
  const seen = new Set<string>();
  for (const { code, of, quantity } of order) {
    if (code !== "fieldTile" && code !== "zoneTile") continue;
    if (of === undefined || seen.has(of)) continue;
    seen.add(of);
    const { width, height, sheet } = tileOf(project, of);
    const chips = sheet ? sheet.columns * sheet.rows : 1;
    bought += quantity * chips * width * height * 1e-6;
  }
  const onWall = walls.reduce((sum, { tiled }) => {
    const zones = [...tiled.zones, ...tiled.backs].reduce((all, { areaM2 }) => all + areaM2, 0);
    return sum + tiled.fieldM2 + zones + tiled.interiorM2;
  }, 0);
  return bought > 0 ? Math.max(0, 1 - onWall / bought) : 0;
}

function cents(amount: number): number {
  return Math.round((amount + Number.EPSILON * amount) * 100) / 100;
}
