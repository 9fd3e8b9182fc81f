import type { WallBoard } from "../board/board-plan.ts";
import { areaTile, countWhole, type LaidArea } from "../cut/laid-area.ts";
import { wholeBudget } from "../cut/lay-area.ts";
import type { LaidWall } from "../cut/lay-wall.ts";
import { type Lining, lineOpenings } from "../cut/linings.ts";
import { cutTilesOf } from "../cut/pieces.ts";
import { boxOf, rectangle } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import { intoWall, type PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import { tileOf } from "../project/defaults.ts";
import type { Job, LaidTile } from "../project/job.ts";
import type { Stock, Zone } from "../project/schema.ts";
import type { ZoneCells } from "../set-out/areas.ts";
import type { Warning } from "../warning.ts";
import { liningTiles } from "./lining-tiles.ts";
import { tilesToBuy } from "./order.ts";
import type { TileNeed } from "./tile-needs.ts";

/** What a tile is used for; in this order it is kept for where there is not enough of it. */
export const STOCK_USES = ["back", "sides", "panel", "band", "field"] as const;

export type StockUse = (typeof STOCK_USES)[number];

/** Where a scarce tile goes, in tiles; cut ones count whole. */
export interface TileUse {
  use: StockUse;
  /** The zone that it is, or the opening that it lines. */
  item?: string;
  name?: string;
  wall: string;
  tiles: number;
  /** How much of it what is on hand reaches for, before what is spare: 1 is all of it. */
  reach: number;
}

/** The widest niche that what is on hand still fills. */
export interface WidestNiche {
  wall: string;
  opening: string;
  /** Finished, in whole tiles; 0 when not one column is left. */
  width: number;
  /** Whole tiles across: an even number stands about a joint, an odd one about a tile. */
  columns: number;
  /** What holds it: the tile, or the free bay between the studs. */
  by: "tile" | "bay";
}

/** What is on hand of a tile against all that needs it. */
export interface StockCheck {
  tile: string;
  /** Tiles, or sheets of tile that comes on sheets. */
  onHand: number;
  /** With spare for breakage, without attic stock. */
  need: number;
  short: number;
  uses: TileUse[];
  widest: WidestNiche[];
  leadDays: number | undefined;
  /** Whether more of it can be had; undefined where nobody has said. */
  again: boolean | undefined;
  /** How much to keep whole where it cannot be had again and nobody has said; else 0. */
  keep: number;
}

interface StockedWall extends Pick<LaidWall, "id" | "areas"> {
  measured: MeasuredWall;
  openings: PlacedOpening[];
  linings: Lining[];
}

/** What the check of the stock rests on. */
export interface StockInputs {
  job: Job;
  zoneCells: ZoneCells;
  walls: StockedWall[];
  boards: Pick<WallBoard, "id" | "openings">[];
  needs: TileNeed[];
}

/**
 * What is kept whole of a tile that cannot be had again, beside the usual spare: one breaks while it
 * is set, one years later. Trade practice.
 */
const KEPT_SHARE = 0.05;
const LEAST_KEPT = 2;

/** Every tile that somebody counted, against its bands, niches, sides and field (trade practice). */
export function checkStock(inputs: StockInputs): StockCheck[] {
  const { job, needs } = inputs;
  return job.stock.map((stock): StockCheck => {
    const tile = tileOf(job, stock.tile);
    const perSheet = tile.sheet ? tile.sheet.columns * tile.sheet.rows : 1;
    const pieces = piecesOnHand(job, stock, perSheet);
    const none = { tile: tile.id, full: 0, forCuts: 0, forLinings: 0 };
    const need = neededOf(job, needs.find((own) => own.tile === tile.id) ?? none);
    const onHand = Math.floor(pieces / perSheet + SAME_SUM);
    const uses = withReach(usesOf(job, inputs.walls, tile.id), pieces);
    const unsaid = stock.again === false && stock.spare === undefined && need > 0;
    return {
      ...{ tile: tile.id, onHand, need, short: Math.max(0, need - onHand), uses },
      // What is kept whole fills no niche.
      widest: widestNiches(inputs, tile, uses, pieces - (stock.spare ?? 0) * perSheet),
      ...{ leadDays: stock.leadDays, again: stock.again },
      keep: unsaid ? Math.max(LEAST_KEPT, Math.ceil(need * KEPT_SHARE - SAME_SUM)) : 0,
    };
  });
}

/** Too little of a tile that was counted: said before any opening is framed for it; and no spare. */
export function stockWarnings(checks: StockCheck[]): Warning[] {
  return checks.flatMap((check): Warning[] => {
    const { tile, short, need, onHand, leadDays, again, keep } = check;
    const values = {
      ...{ short, need, onHand },
      ...{ leadDays: leadDays ?? -1, never: again === false ? 1 : 0 },
    };
    const warnings: Warning[] = [];
    if (short > 0) {
      const severity = again === false ? "stop" : "warning";
      warnings.push({ code: "stock-short", severity, item: tile, values });
    }
    if (keep > 0) {
      warnings.push({ code: "spare-not-kept", severity: "note", item: tile, values: { keep } });
    }
    return warnings;
  });
}

/** In pieces: of boxes as many as a box holds, of sheets as many chips as a sheet has. */
function piecesOnHand(
  { packs }: Pick<Job, "packs">,
  { tile, pieces, sheets, boxes }: Stock,
  perSheet: number,
): number {
  if (pieces !== undefined) return pieces;
  if (sheets !== undefined) return sheets * perSheet;
  return (boxes ?? 0) * (packs[tile] as number) * perSheet;
}

/** What the order asks for of a tile, less what is put aside for the attic. */
function neededOf(job: Job, need: TileNeed): number {
  const attic = need.tile === job.field.tile ? job.settings.atticStock : 0;
  return tilesToBuy(job, need).value - attic;
}

function usesOf(job: Job, walls: StockedWall[], tile: string): Omit<TileUse, "reach">[] {
  const uses = walls.flatMap((wall) => [
    ...wall.areas.map((area) => areaUse(job, wall.id, area, tile)),
    ...wall.linings.flatMap((lining) => liningUses(job, wall, lining, tile)),
  ]);
  const known = new Map<string, Omit<TileUse, "reach">>();
  // The field above and below a band is one field, a band on three walls one band.
  for (const use of uses.filter(({ tiles }) => tiles > 0)) {
    const key = `${use.use}/${use.item ?? ""}`;
    const same = known.get(key);
    known.set(key, same ? { ...same, tiles: same.tiles + use.tiles } : use);
  }
  return [...known.values()].sort((p, q) => STOCK_USES.indexOf(p.use) - STOCK_USES.indexOf(q.use));
}

function areaUse(job: Job, wall: string, area: LaidArea, tile: string): Omit<TileUse, "reach"> {
  const { zone } = area;
  const use = zone?.kind === "niche" ? "back" : (zone?.kind ?? "field");
  const named = zone && job.zones.find(({ id }) => id === zone.id);
  return {
    ...{ use, wall, tiles: tilesIn(job, area, tile) },
    ...(zone ? { item: zone.id } : {}),
    ...(named?.name ? { name: named.name } : {}),
  };
}

/** Tiles of one kind that an area takes, cut ones whole. */
function tilesIn(job: Job, area: LaidArea, tile: string): number {
  const { cell, runs, pieces } = area;
  const isIt = (shape: number) => areaTile(job.field.tile, area, shape) === tile;
  const whole = cell.shapes.reduce((sum, _, k) => sum + (isIt(k) ? countWhole(runs, k) : 0), 0);
  const uncut = pieces.filter(({ kind, shape }) => kind === "none" && isIt(shape)).length;
  return whole + uncut + cutTilesOf(pieces).filter(isIt).length;
}

function liningUses(
  job: Job,
  { id: wall, openings }: StockedWall,
  { opening: id, backs, returns, tile: own }: Lining,
  tile: string,
): Omit<TileUse, "reach">[] {
  const opening = openings.find((placed) => placed.opening.id === id)?.opening;
  const of = { item: id, wall, ...(opening?.name ? { name: opening.name } : {}) };
  const back = backs.reduce((sum, area) => sum + tilesIn(job, area, tile), 0);
  const sides = returns.filter((strip) => strip.tile === tile);
  const lined = liningTiles(job, [{ opening: id, tile: own, backs: [], returns: sides }]);
  return [
    { ...of, use: "back", tiles: back },
    { ...of, use: "sides", tiles: lined.get(tile) ?? 0 },
  ];
}

function withReach(uses: Omit<TileUse, "reach">[], pieces: number): TileUse[] {
  let left = pieces;
  return uses.map((use) => {
    const reach = Math.min(1, Math.max(0, left) / use.tiles);
    left -= use.tiles;
    return { ...use, reach };
  });
}

/** A niche of this many columns is none any more. */
const MOST_COLUMNS = 60;

/** For each niche with the tile on its back: lined anew, column by column, while the tiles last. */
function widestNiches(
  inputs: StockInputs,
  tile: LaidTile,
  uses: TileUse[],
  pieces: number,
): WidestNiche[] {
  const { job, zoneCells, walls, boards } = inputs;
  const spare = 1 + job.settings.cutSpare;
  return walls.flatMap((wall) =>
    intoWall(wall.openings).flatMap((placed): WidestNiche[] => {
      const { id } = placed.opening;
      const zone = job.zones.find(({ kind, opening }) => kind === "niche" && opening === id);
      const cell = zone && zoneCells[zone.id];
      if (zone?.tile !== tile.id || !cell) return [];
      const others = uses
        .filter(({ item }) => item !== id && item !== zone.id)
        .reduce((sum, use) => sum + use.tiles, 0);
      const framed = boards.find((board) => board.id === wall.id)?.openings;
      const bay = framed?.find((opening) => opening.id === id)?.widestFinished ?? 0;
      let widest = { wall: wall.id, opening: id, width: 0, columns: 0 };
      for (let columns = 1; columns <= MOST_COLUMNS; columns++) {
        const next = columns * (cell.width + cell.joint) + cell.joint;
        if (next > bay + SAME_MM) return [{ ...widest, by: "bay" }];
        const centre: Zone["centre"] = columns % 2 === 0 ? "joint" : "tile";
        const zones = [{ ...zone, centre }];
        const takes = takenAt(inputs, zones, wall, widened(placed, next), tile.id);
        if ((others + takes) * spare > pieces + SAME_SUM) break;
        widest = { ...widest, width: next, columns };
      }
      return [{ ...widest, by: "tile" }];
    }),
  );
}

/** The niche with another width, about its middle. */
function widened({ opening, ring, y }: PlacedOpening, width: number): PlacedOpening {
  const { minX, maxX, minY, maxY } = boxOf(ring);
  const x = (minX + maxX - width) / 2;
  return { opening: { ...opening, width }, x, y, ring: rectangle(x, minY, width, maxY - minY) };
}

/** Tiles of one kind on the back and the sides of a niche. */
function takenAt(
  { job, zoneCells }: StockInputs,
  zones: Zone[],
  wall: StockedWall,
  niche: PlacedOpening,
  tile: string,
): number {
  const { measured, areas } = wall;
  const { field, setOut, settings, tiles } = job;
  const own = { field, setOut, settings, tiles, zones };
  const openings = [niche];
  const lined = lineOpenings({ job: own, zoneCells, measured, areas, openings }, wholeBudget());
  return lined
    .flatMap((lining) => liningUses(job, wall, lining, tile))
    .reduce((sum, use) => sum + use.tiles, 0);
}
