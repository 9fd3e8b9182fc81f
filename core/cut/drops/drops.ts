import { boxOf, type Polygon, polygonArea, translate } from "../../geometry/polygon.ts";
import { isRectangle } from "../../geometry/rectangle.ts";
import { FACTORY_EDGE, SAME_SUM } from "../../limits.ts";
import { tileOf } from "../../project/defaults.ts";
import { type Job, jobParts, type LaidTile } from "../../project/job.ts";
import type { Recall } from "../../recall.ts";
import { tileOffset } from "../../set-out/lattice.ts";
import type { CellShape } from "../../set-out/pattern.ts";
import type { CutWall } from "../cut-wall.ts";
import { type CutKind, inTileFrame } from "../kind.ts";
import { areaOf, areaTile, wholeTile } from "../laid-area.ts";
import type { CutPiece } from "../pieces.ts";
import { type Blank, type Placement, Side, type Stock } from "./blank.ts";
import { fewestByArea } from "./bound.ts";
import { type Fewest, fewestTiles } from "./fewest.ts";
import { fitBlanks } from "./fit.ts";
import { notchOf } from "./notch.ts";

/** One tile to cut up: its size, and the ids of the pieces that come from it, the largest first. */
export interface DropTile {
  /** Id of the tile in the job. */
  tile: string;
  stock: Stock;
  pieces: string[];
}

/** From which tiles all cut pieces of the job come. */
export interface DropsPlan {
  tiles: DropTile[];
  /** What it takes when every drop is thrown away: one tile per cut tile of the set-out. */
  withoutDrops: number;
  /** No straight cuts do with fewer; the tiles are proven the fewest when there are no more. */
  bound: number;
}

/** Pieces of one lattice tile that are cut from it when drops are not used. */
interface Sawn {
  wall: LaidOn;
  piece: CutPiece;
}

/** What is asked of a wall whose cuts are to be matched. */
type LaidOn = Pick<CutWall, "id" | "areas" | "pieces">;

/**
 * The fewest tiles that all cut pieces come from, over all walls together. A piece takes the box
 * round it, less what is cut out of an L or a U.
 */
export function planDrops(
  job: Job,
  walls: (LaidOn & { tilesForCuts: number })[],
  recall: Recall,
): DropsPlan {
  const sorted = recall.once("cuts", { job: jobParts(job), walls }, sortCuts);
  const matched = sorted.flatMap(({ tile, sizes, odd }): TileDrops[] => [
    ...sizes.map((size) => matchSize(tile, size, recall)),
    ...(odd ? [odd] : []),
  ]);
  const withoutDrops = walls.reduce((sum, { tilesForCuts }) => sum + tilesForCuts, 0);
  return recall.once("drops", { matched, withoutDrops }, sumUp);
}

function sumUp({
  matched,
  withoutDrops,
}: {
  matched: TileDrops[];
  withoutDrops: number;
}): DropsPlan {
  return {
    tiles: matched.flatMap(({ tiles }) => tiles),
    withoutDrops,
    bound: matched.reduce((sum, { bound }) => sum + bound, 0),
  };
}

/** Cuts from one tile: by its sizes, or as they come where it is not rectangular. */
interface TileCuts {
  tile: string;
  sizes: SizeOfTile[];
  odd: TileDrops | undefined;
}

function sortCuts({ job, walls }: { job: Job; walls: LaidOn[] }): TileCuts[] {
  return [...cutsByTile(job, walls)].map(([id, cuts]) => {
    const tile = tileOf(job, id);
    const bySize = sortBySize(job, tile, cuts);
    return bySize
      ? { tile: id, sizes: [...bySize.values()], odd: undefined }
      : { tile: id, sizes: [], odd: tileByTile(job, tile, cuts) };
  });
}

type TileDrops = Pick<DropsPlan, "tiles" | "bound">;

/** Matching takes the longest of planning; blanks of the same sizes are matched once. */
function matchSize(tile: string, size: SizeOfTile, recall: Recall): TileDrops {
  const { stock, sawn } = size;
  const name = `${tile}/${stock.width}/${stock.height}`;
  const blanks = recall.kept(`blanks/${name}`, { size }, (own) => own.size.blanks);
  const of = recall.kept(`stock/${name}`, { size }, (own) => own.size.stock);
  const fewest = recall.once(`fewest/${name}`, { blanks, of }, (own) =>
    fewestTiles(own.blanks, own.of),
  );
  return recall.once(`matched/${name}`, { tile, stock, sawn, fewest }, dealOut);
}

interface Matched extends Pick<SizeOfTile, "stock" | "sawn"> {
  tile: string;
  fewest: Fewest;
}

function dealOut({ tile, stock, sawn, fewest: { tiles, bound } }: Matched): TileDrops {
  const pieces = (members: number[]) => members.map((k) => sawn[k]?.piece.id ?? "");
  return { tiles: tiles.map((members) => ({ tile, stock, pieces: pieces(members) })), bound };
}

/** The job's cuts by the tile that they come from. */
function cutsByTile(job: Pick<Job, "field">, walls: LaidOn[]): Map<string, Sawn[]> {
  const byTile = new Map<string, Sawn[]>();
  for (const wall of walls) {
    for (const piece of wall.pieces) {
      if (piece.kind === "none") continue;
      const tile = areaTile(job.field.tile, areaOf(wall, piece), piece.shape);
      const cuts = byTile.get(tile);
      if (cuts) cuts.push({ wall, piece });
      else byTile.set(tile, [{ wall, piece }]);
    }
  }
  return byTile;
}

/** The usual figure without a plan: field area and ten per cent, over the tile with its joint. */
export function tilesByArea(fieldM2: number, tile: LaidTile, joint: number): number {
  return Math.ceil(
    (fieldM2 * 1e6 * 1.1) / ((tile.width + joint) * (tile.height + joint)) - SAME_SUM,
  );
}

/** Cuts of one size of tile. */
interface SizeOfTile {
  stock: Stock;
  sawn: Sawn[];
  blanks: Blank[];
}

/** Cuts by the size of the tile they come from; undefined for tile that is not rectangular. */
function sortBySize(
  job: Pick<Job, "settings">,
  tile: LaidTile,
  cuts: Sawn[],
): Map<string, SizeOfTile> | undefined {
  const sizes = new Map<string, SizeOfTile>();
  // All tiles of one shape lie alike: their frame and size are worked out once.
  const shapes = new Map<CellShape, { frame: SawFrame; size: SizeOfTile }>();
  for (const { wall, piece } of cuts) {
    const { cell, origin } = areaOf(wall, piece);
    const shape = cell.shapes[piece.shape] as CellShape;
    let known = shapes.get(shape);
    if (!known) {
      const frame = sawFrame(shape.ring);
      if (!isRectangle(frame.tile)) return undefined;
      known = { frame, size: sizeOf(job, tile, frame, sizes) };
      shapes.set(shape, known);
    }
    const { frame, size } = known;
    const [x, y] = tileOffset(cell, origin, piece.i, piece.j);
    size.sawn.push({ wall, piece });
    size.blanks.push(blankIn(frame, translate(piece.ring, [-x, -y]), piece.kind, size.stock.kerf));
  }
  return sizes;
}

/** Shapes of one size share their stock, whatever cell they are of. */
function sizeOf(
  job: Pick<Job, "settings">,
  tile: LaidTile,
  { box: { maxX: width, maxY: height } }: SawFrame,
  sizes: Map<string, SizeOfTile>,
): SizeOfTile {
  const key = `${width.toFixed(2)}/${height.toFixed(2)}`;
  const stock = stockOf(job, tile, width, height);
  const size = sizes.get(key) ?? { stock, sawn: [], blanks: [] };
  sizes.set(key, size);
  return size;
}

function stockOf(job: Pick<Job, "settings">, tile: LaidTile, width: number, height: number): Stock {
  return { width, height, kerf: job.settings.kerf, turns: tile.directional !== true };
}

/** Drops of tile that is not rectangular are not matched: how few could do is told by their areas. */
function tileByTile(job: Pick<Job, "settings">, tile: LaidTile, cuts: Sawn[]): TileDrops {
  const tiles = new Map<string, DropTile>();
  for (const { wall, piece } of cuts) {
    const key = `${wall.id}/${piece.area}/${piece.shape}/${piece.i}/${piece.j}`;
    const known = tiles.get(key);
    if (known) known.pieces.push(piece.id);
    else {
      const stock = stockOf(job, tile, tile.width, tile.height);
      tiles.set(key, { tile: tile.id, stock, pieces: [piece.id] });
    }
  }
  const whole = cuts.map(({ wall, piece }) => polygonArea(wholeTile(wall, piece)));
  const areas = cuts.map(({ piece }) => piece.areaMm2);
  return { tiles: [...tiles.values()], bound: fewestByArea(areas, Math.max(0, ...whole)) };
}

/** A tile as it lies on the saw: its long side level, its lower left corner at 0, 0. */
interface SawFrame {
  tile: Polygon;
  box: ReturnType<typeof boxOf>;
  turn: (ring: Polygon) => Polygon;
}

function sawFrame(full: Polygon): SawFrame {
  const level = (ring: Polygon) => inTileFrame(ring, full);
  const flat = boxOf(level(full));
  const upright = flat.maxY - flat.minY > flat.maxX - flat.minX + FACTORY_EDGE;
  // A quarter turn to the right lays a standing tile down.
  const lay = (ring: Polygon): Polygon =>
    upright ? level(ring).map(([x, y]) => [y, -x]) : level(ring);
  const { minX, minY } = boxOf(lay(full));
  const turn = (ring: Polygon): Polygon => lay(ring).map(([x, y]) => [x - minX, y - minY]);
  const tile = turn(full);
  return { tile, box: boxOf(tile), turn };
}

/**
 * What a piece asks of its tile: the box round it, which of its sides are factory edges, and what
 * is left of its notch by a saw of this kerf.
 */
export function blankOf(wall: LaidOn, piece: CutPiece, kerf: number): Blank {
  return blankIn(sawFrame(wholeTile(wall, piece)), piece.ring, piece.kind, kerf);
}

function blankIn({ box, turn }: SawFrame, piece: Polygon, kind: CutKind, kerf: number): Blank {
  const ring = turn(piece);
  const own = boxOf(ring);
  const sides =
    (own.minX < FACTORY_EDGE ? Side.left : 0) |
    (own.maxX > box.maxX - FACTORY_EDGE ? Side.right : 0) |
    (own.minY < FACTORY_EDGE ? Side.bottom : 0) |
    (own.maxY > box.maxY - FACTORY_EDGE ? Side.top : 0);
  const notch = kind === "L" || kind === "U" ? notchOf(ring, kerf) : undefined;
  return { width: own.maxX - own.minX, height: own.maxY - own.minY, sides, notch };
}

/** A piece in the tile that it is cut from, as it lies on the saw. */
export interface SawnPiece extends Placement {
  wall: LaidOn;
  piece: CutPiece;
  /** The piece's outline in the tile's own frame, mm. */
  ring: Polygon;
}

/** How one tile is cut up, to draw it. */
export function sawnPieces<W extends LaidOn>(walls: W[], { stock, pieces }: DropTile): SawnPiece[] {
  const sawn = pieces.flatMap((id) => {
    const wall = walls.find((candidate) => candidate.pieces.some((piece) => piece.id === id));
    const piece = wall?.pieces.find((candidate) => candidate.id === id);
    return wall && piece ? [{ wall, piece }] : [];
  });
  const blanks = sawn.map(({ wall, piece }) => blankOf(wall, piece, stock.kerf));
  const placed = fitBlanks(blanks, stock);
  // The whole tile may lie the other way round: as few pieces as possible are turned.
  const turned = placed?.filter((place) => place.turned).length ?? 0;
  const flip = turned > sawn.length / 2;
  return sawn.map(({ wall, piece }, k) => {
    const found = placed?.[k] ?? { x: 0, y: 0, turned: false };
    const { width, height } = blanks[k] as Blank;
    const place = flip
      ? {
          x: stock.width - found.x - width,
          y: stock.height - found.y - height,
          turned: !found.turned,
        }
      : found;
    const { turn } = sawFrame(wholeTile(wall, piece));
    const ring = turn(piece.ring);
    const own = boxOf(ring);
    return {
      ...place,
      wall,
      piece,
      ring: ring.map(([x, y]) =>
        place.turned
          ? [place.x + own.maxX - x, place.y + own.maxY - y]
          : [place.x + x - own.minX, place.y + y - own.minY],
      ),
    };
  });
}
