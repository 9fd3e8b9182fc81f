import { intersect, subtract } from "../geometry/boolean.ts";
import { keyholeRing, type Region } from "../geometry/keyhole.ts";
import {
  type Box,
  boxesApart,
  boxOf,
  circleRing,
  clipHalfPlane,
  contains,
  distanceToRing,
  type Point,
  type Polygon,
  polygonArea,
} from "../geometry/polygon.ts";
import { isRectangle, rectangleWithout } from "../geometry/rectangle.ts";
import { LEAST_PIECE, SAME_MM } from "../limits.ts";
import {
  type EdgeTile,
  type TileGrid,
  type TileRef,
  TileState,
  tileIndex,
  tileNumber,
  tileRing,
} from "../set-out/lattice.ts";
import type { Hole, RegionEdge, TileRegion } from "../set-out/region.ts";
import { type CutKind, cutKind } from "./kind.ts";
import { isUncut } from "./loss.ts";

/** A piece that a boundary, an opening or a fixture meets. Whole tiles stay runs of the lattice. */
export interface CutPiece extends TileRef {
  id: string;
  /** Which of the wall's areas it belongs to. */
  area: number;
  course: number;
  column: number;
  kind: CutKind;
  ring: Polygon;
  holes: Hole[];
  /** Of the bounding box, mm. */
  width: number;
  height: number;
  areaMm2: number;
  /** Number on the wall's cut list, from 1; 0 for a piece that needs no cut. */
  number: number;
}

/** A tile at the field's edge with the openings ignored: what the cut flags go by. */
export interface EdgePiece extends TileRef {
  course: number;
  column: number;
  ring: Polygon;
}

/** What cutting gives for one wall. */
export interface CutResult {
  pieces: CutPiece[];
  /** Lattice tiles that were cut: each takes a tile until drops are reused. */
  tilesCut: number;
  edgePieces: EdgePiece[];
}

/**
 * Cuts every tile that an edge of the region runs through to its true shape. The edge pieces are
 * those of an area that carries flags; other areas give none.
 */
export function cutTiles(
  wallId: string,
  grid: TileGrid,
  region: TileRegion,
  flagged: boolean,
): CutResult {
  const pieces: BoxedPiece[] = [];
  const edgePieces: EdgePiece[] = [];
  let tilesCut = 0;
  for (const tile of grid.edgeTiles) {
    const atEdge = flagged && tile.atBoundary;
    if (!atEdge && tile.crossing.length === 0) continue;
    const full = tileRing(grid, tile);
    const within = insideBoundary(full, tile, region, isConvexTile(grid, tile));
    const { shape, i, j } = tile;
    const { course, column } = tileNumber(grid.cell, tile);
    if (atEdge) {
      for (const ring of within) {
        if (isPiece(ring)) edgePieces.push({ shape, i, j, course, column, ring });
      }
    }
    if (tile.crossing.length === 0) continue;
    const own = piecesOf(wallId, grid, region, tile, full, within);
    for (const piece of own) pieces.push(piece);
    if (own.some(({ piece }) => isCut(piece))) tilesCut++;
    // A cut tile of which nothing is left becomes outside, so that no joint is counted to it.
    if (own.length === 0) grid.state[tileIndex(grid, shape, i, j)] = TileState.outside;
  }
  return { pieces: inOrder(pieces), tilesCut, edgePieces };
}

function isCut({ kind }: CutPiece): boolean {
  return kind !== "none";
}

/** Half-planes cut convex tiles exactly; the others need the clipper. */
function isConvexTile({ cell }: TileGrid, { shape }: EdgeTile): boolean {
  return cell.shapes[shape]?.hull === undefined;
}

/** Parts of a tile inside the boundary, the openings ignored. */
function insideBoundary(
  full: Polygon,
  tile: EdgeTile,
  region: TileRegion,
  convex: boolean,
): Polygon[] {
  const edges = tile.crossing.filter(({ of }) => of.kind === "boundary");
  if (edges.length === 0) {
    const { minX, minY, maxX, maxY } = boxOf(full);
    return contains(region.boundary, [(minX + maxX) / 2, (minY + maxY) / 2]) ? [full] : [];
  }
  if (convex && (edges.length === 1 || isConvexChain(edges, region)))
    return [edges.reduce(leftOf, full)];
  return intersect([full], [region.boundary]).map(({ outer }) => outer);
}

/**
 * Whether a tile meets the boundary in edges that follow each other and only turn left: then what
 * is left of all of them is exact, and needs no clipper. Edges run in the boundary's own order.
 */
function isConvexChain(edges: RegionEdge[], { boundary }: TileRegion): boolean {
  const starts = new Map(boundary.map((corner, k) => [corner, k]));
  const order = edges
    .map((edge) => ({ edge, at: starts.get(edge.a) ?? 0 }))
    .sort((p, q) => p.at - q.at);
  let breaks = 0;
  for (let k = 0; k < order.length; k++) {
    const { edge, at } = order[k] as (typeof order)[number];
    const next = order[(k + 1) % order.length] as (typeof order)[number];
    if ((at + 1) % boundary.length !== next.at) breaks++;
    else if (order.length > 1 && turnsRight(edge, next.edge)) return false;
  }
  return breaks <= 1;
}

function turnsRight(first: RegionEdge, second: RegionEdge): boolean {
  const [ax, ay] = [first.b[0] - first.a[0], first.b[1] - first.a[1]];
  const [bx, by] = [second.b[0] - second.a[0], second.b[1] - second.a[1]];
  return ax * by - ay * bx < 0;
}

/** An edge with both ends outside the tile cuts it as a straight line: no need for a clipper. */
function runsThrough(full: Polygon, { a, b }: RegionEdge): boolean {
  return !touches(full, a) && !touches(full, b);
}

function touches(full: Polygon, point: Point): boolean {
  const { minX, minY, maxX, maxY } = boxOf(full);
  return point[0] > minX && point[0] < maxX && point[1] > minY && point[1] < maxY;
}

function leftOf(full: Polygon, { a, b }: RegionEdge): Polygon {
  const [nx, ny] = [b[1] - a[1], a[0] - b[0]];
  return clipHalfPlane(full, nx, ny, nx * a[0] + ny * a[1]);
}

function isPiece(ring: Polygon): boolean {
  if (ring.length < 3) return false;
  const { minX, minY, maxX, maxY } = boxOf(ring);
  return maxX - minX >= LEAST_PIECE && maxY - minY >= LEAST_PIECE;
}

function piecesOf(
  wallId: string,
  grid: TileGrid,
  region: TileRegion,
  tile: EdgeTile,
  full: Polygon,
  within: Polygon[],
): BoxedPiece[] {
  const rings = withoutVoids(within, full, tile, region, isConvexTile(grid, tile));
  const parts = mayBeHoled(tile, region)
    ? rings.flatMap((ring) => withoutHoles(ring, tile, region))
    : rings.map(unholed);
  const kept = parts.filter(({ ring }) => isPiece(ring));
  if (kept.length > 1) kept.sort((p, q) => leftThenLow(p.ring, q.ring));
  const { course, column } = tileNumber(grid.cell, tile);
  return kept.map(({ base, ring, holes, notched, windowed }, k) => {
    const suffix = kept.length > 1 ? String.fromCharCode(97 + (k % 26)) : "";
    const box = boxOf(ring);
    const holesArea = holes.reduce((sum, { diameter }) => sum + (Math.PI * diameter ** 2) / 4, 0);
    const piece: CutPiece = {
      shape: tile.shape,
      i: tile.i,
      j: tile.j,
      area: 0,
      id: `${wallId}/${course}/${column}${suffix}`,
      course,
      column,
      kind: windowed ? "complex" : cutKind(base, full, { notched, holes: holes.length }),
      ring,
      holes,
      width: box.maxX - box.minX,
      height: box.maxY - box.minY,
      areaMm2: polygonArea(ring) - holesArea,
      number: 0,
    };
    return { piece, box };
  });
}

function withoutVoids(
  within: Polygon[],
  full: Polygon,
  tile: EdgeTile,
  region: TileRegion,
  convex: boolean,
): Polygon[] {
  const edges = tile.crossing.filter(({ of }) => of.kind === "void");
  const [edge, ...others] = edges;
  if (!edge) {
    const { minX, minY, maxX, maxY } = boxOf(full);
    const covered = region.voids.some((ring) =>
      contains(ring, [(minX + maxX) / 2, (minY + maxY) / 2]),
    );
    return covered ? [] : within;
  }
  if (convex && others.length === 0 && runsThrough(full, edge)) {
    return within.map((ring) => leftOf(ring, edge));
  }
  const box = boxOf(full);
  const rings = region.cutters.filter((ring) => !boxesApart(box, boxOf(ring)));
  if (rings.length === 0) return within;
  return plainlyWithout(within, rings) ?? subtract(within, rings).map(keyholeRing);
}

/** The usual case is told at once: one upright opening at an upright tile. */
function plainlyWithout([part, ...more]: Polygon[], [ring, ...others]: Polygon[]) {
  if (!part || !ring || more.length > 0 || others.length > 0) return undefined;
  if (!isRectangle(part) || !isRectangle(ring)) return undefined;
  const [whole, hole] = [boxOf(part), boxOf(ring)];
  return boxesApart(whole, hole) ? [part] : rectangleWithout(whole, hole);
}

/** One part of a tile, before (`base`) and after round holes were notched out of its edges. */
interface Part {
  base: Polygon;
  ring: Polygon;
  holes: Hole[];
  /** A circle bites deeper than what counts as a cut. */
  notched: boolean;
  /** Circles that overlap leave a window in it. */
  windowed: boolean;
}

function unholed(ring: Polygon): Part {
  return { base: ring, ring, holes: [], notched: false, windowed: false };
}

function mayBeHoled({ crossing }: EdgeTile, { rounds }: TileRegion): boolean {
  return crossing.some(
    ({ of }) => of.kind === "circle" || (of.kind === "void" && rounds.length > 0),
  );
}

function withoutHoles(base: Polygon, tile: EdgeTile, region: TileRegion): Part[] {
  const indexes = new Set(
    tile.crossing.flatMap(({ of }) => (of.kind === "circle" ? [of.index] : [])),
  );
  const circles = [...indexes].map((index) => region.circles[index] as Hole);
  const holes = circles.filter((hole) => holeInside(base, hole));
  const bites = [
    ...circles.filter((hole) => !holes.includes(hole) && holeBites(base, hole)),
    ...region.rounds.filter((hole) => holeBites(base, hole)),
  ];
  if (bites.length === 0) return [{ ...unholed(base), holes }];
  const rings = bites.map(({ centre, diameter }) => circleRing(centre, diameter));
  return subtract([base], rings).map((part: Region) => ({
    base,
    ring: keyholeRing(part),
    holes: holes.filter(({ centre }) => contains(part.outer, centre)),
    notched: !isUncut(part.outer, base),
    windowed: part.holes.length > 0,
  }));
}

function holeInside(ring: Polygon, { centre, diameter }: Hole): boolean {
  return contains(ring, centre) && distanceToRing(centre, ring) >= diameter / 2 - SAME_MM;
}

function holeBites(ring: Polygon, { centre, diameter }: Hole): boolean {
  return contains(ring, centre) || distanceToRing(centre, ring) < diameter / 2;
}

function leftThenLow(p: Polygon, q: Polygon): number {
  const [a, b] = [boxOf(p), boxOf(q)];
  return a.minX - b.minX || a.minY - b.minY;
}

/** A piece with where it is, which it is sorted by. */
interface BoxedPiece {
  piece: CutPiece;
  box: Box;
}

/** From the lowest course up, each from the left. */
function inOrder(pieces: BoxedPiece[]): CutPiece[] {
  pieces.sort(
    (p, q) => p.piece.course - q.piece.course || p.box.minX - q.box.minX || p.box.minY - q.box.minY,
  );
  return pieces.map(({ piece }) => piece);
}

/** Tells each piece its area and numbers the cuts of a wall; the pieces are its own to change. */
export function numberPieces(areas: { pieces: CutPiece[] }[]): CutPiece[] {
  let next = 1;
  areas.forEach(({ pieces }, area) => {
    for (const piece of pieces) {
      piece.area = area;
      if (piece.kind !== "none") piece.number = next++;
    }
  });
  return areas.flatMap(({ pieces }) => pieces);
}

/** The lattice tiles that an area's cut pieces come from, as the shape of each. */
export function cutTilesOf(pieces: CutPiece[]): number[] {
  const cut = pieces.filter(isCut);
  const tiles = new Map(cut.map(({ shape, i, j }) => [`${shape}/${i}/${j}`, shape]));
  return [...tiles.values()];
}
