import { tileOf } from "../project/defaults.ts";
import { bedOf, type Job, jobParts } from "../project/job.ts";
import type { Trowel } from "../project/trowel.ts";
import type { Recall } from "../recall.ts";
import { type AreaHolding, wallHolding } from "./holding.ts";
import { powderKg, thicknessMm } from "./mortar.ts";
import { type MortarRule, mortarRules } from "./mortar-rule.ts";
import { type RowsJob, type SetRow, wallRows, zoneKg } from "./rows.ts";
import { type HeldBy, type PlacedRow, placeRows, type Session, sessionsOf } from "./sessions.ts";
import type { SetWall } from "./set-wall.ts";
import { inSettingOrder } from "./setting-order.ts";
import { massKgPerM2 } from "./suitability.ts";

/** One use of mortar: under the field with the interiors, under a zone, behind a niche. */
export interface Mortar {
  for: string;
  tile: string;
  trowel: Trowel;
  bedMm: number;
  areaM2: number;
  powderKg: number;
}

/** How the tile of a job is set: in which order, day by day, with what. */
export interface SetPlan {
  mortars: Mortar[];
  /** Class, kind and colour that each tile wants. */
  rules: MortarRule[];
  /** All rows in their order. */
  rows: PlacedRow[];
  sessions: Session[];
  /** Reusable wedges: one to each clip of the session with most of them. */
  wedges: number;
  maxMassKgPerM2: number;
  /** What holds the tile of each wall, area by area. */
  holding: { wall: string; areas: AreaHolding[] }[];
}

type SetJob = RowsJob & Pick<Job, "build" | "looks" | "meetings" | "walls">;

/** Plans the days on the wall. */
export function planSet(job: Job, walls: SetWall[], recall: Recall): SetPlan {
  const inputs = { job: jobParts(job) };
  const rows = walls.flatMap((wall) =>
    recall.kept(`rows/${wall.id}`, { ...inputs, wall }, (own) => wallRows(own.job, own.wall)),
  );
  const holding = walls.map((wall) => ({
    wall: wall.id,
    areas: recall.once(`holding/${wall.id}`, { ...inputs, wall }, (own) =>
      wallHolding(own.job, own.wall),
    ),
  }));
  return recall.kept(
    "set",
    { ...inputs, walls, rows, held: holding.map(({ areas }) => areas) },
    (own) => setPlan(own.job, own.walls, own.rows, own.held),
  );
}

function setPlan(job: SetJob, walls: SetWall[], rows: SetRow[], held: AreaHolding[][]): SetPlan {
  const placed = placeRows(job, inSettingOrder(job, walls, rows), (row) => rowMass(job, row));
  const sessions = sessionsOf(job, placed, heldByRow(walls, placed, held));
  return {
    mortars: mortarsOf(job, walls),
    rules: mortarRules(job),
    rows: placed,
    sessions,
    wedges: Math.max(0, ...sessions.map(({ clips }) => clips)),
    maxMassKgPerM2: Math.max(
      0,
      ...laidBonds(job).map(({ tile, joint }) => massKgPerM2(job, tileOf(job, tile), joint)),
    ),
    holding: walls.map(({ id }, k) => ({ wall: id, areas: held[k] ?? [] })),
  };
}

/** What the tile of a row hangs on the wall, with mortar and grout, kg. */
function rowMass(job: SetJob, row: SetRow): number {
  return row.parts.reduce((sum, { tile, areaM2 }) => {
    const { joint } = laidBonds(job).find((bond) => bond.tile === tile) ?? job.field;
    return sum + areaM2 * massKgPerM2(job, tileOf(job, tile), joint);
  }, 0);
}

/** The field and the zones: every tile with the joint that it is laid with. */
function laidBonds({ field, zones }: Pick<Job, "field" | "zones">) {
  return [field, ...zones].flatMap(({ tile, second, joint }) =>
    [tile, second].flatMap((id) => (id === undefined ? [] : [{ tile: id, joint }])),
  );
}

/** A clip or a spacer goes with the later of the two rows that it holds. */
function heldByRow(walls: SetWall[], rows: PlacedRow[], held: AreaHolding[][]): HeldBy {
  const places = new Map(
    rows.map(({ wall, area, course }, at) => [`${wall}/${area}/${course}`, at]),
  );
  const by: HeldBy = new Map();
  walls.forEach(({ id }, w) => {
    held[w]?.forEach(({ pairs }, area) => {
      for (const { rows: pair, clips, spacers } of pairs) {
        const [one = 0, other = 0] = pair.map((course) => places.get(`${id}/${area}/${course}`));
        const row = rows[Math.max(one, other)];
        if (!row) continue;
        const own = by.get(row.id) ?? { clips: 0, spacers: 0 };
        by.set(row.id, { clips: own.clips + clips, spacers: own.spacers + spacers });
      }
    });
  });
  return by;
}

/** Every use of mortar over all walls; what nothing is set in is left out. */
function mortarsOf(job: SetJob, walls: SetWall[]): Mortar[] {
  const uses = new Map<string, Mortar>();
  const add = (use: string, tile: string, areaM2: number, kg: number) => {
    const { trowel, bed } = bedOf(job, tile);
    const own = uses.get(use) ?? {
      ...{ for: use, tile, trowel, bedMm: bed, areaM2: 0, powderKg: 0 },
    };
    uses.set(use, { ...own, areaM2: own.areaM2 + areaM2, powderKg: own.powderKg + kg });
  };
  for (const { tiled } of walls) {
    const own = tiled.fieldM2 + tiled.interiorM2;
    const { tile } = job.field;
    if (own > 0) add("field", tile, own, powderKg(job, own * thicknessMm(job, tile)));
    for (const part of tiled.zones) {
      add(part.zone.id, part.zone.tile, part.areaM2, zoneKg(job, part));
    }
    for (const part of tiled.backs) {
      const use = `niche:${part.zone.opening}`;
      add(use, part.zone.tile, part.areaM2, zoneKg(job, part));
    }
  }
  return [...uses.values()];
}
