import { areaOf, type LaidArea } from "../../core/cut/laid-area.ts";
import type { CutPiece } from "../../core/cut/pieces.ts";
import { isSliver, type SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { ringPath, ringsPath, wholeTilesPath } from "./paths.ts";

/** The tiles of a wall as a handful of SVG paths, however many tiles there are. In mm, y down. */
export interface TilePaths {
  /** What is tiled: it shows as the joints. */
  field: string;
  whole: string;
  uncut: string;
  cut: string;
  slivers: string;
  /** Tile of bands and panels by their ids, whole and cut; and the rings that bound them. */
  zones: Record<string, { whole: string; cut: string }>;
  zoneRings: string;
  /** Borders round panels. */
  frames: string;
  /** Seams between sheets of mosaic. */
  seams: string;
  /** Tiled backs of niches. */
  backs: { id: string; ofZone: boolean; path: string }[];
}

/** Makes the paths of a wall's tiles. The rule says which pieces are marked as slivers. */
export function tilePaths(wall: WallPlan, sliver: SliverRule): TilePaths {
  const field = wall.areas.filter(({ zone }) => zone === undefined);
  const slivers = wall.pieces.filter((piece) => pieceIsSliver(piece, wall, sliver));
  const sound = wall.pieces.filter((piece) => !slivers.includes(piece));
  return {
    field: ringPath(wall.boundary),
    whole: field.map(wholeTilesPath).join(""),
    uncut: piecesPath(sound.filter(({ kind }) => kind === "none")),
    cut: piecesPath(sound.filter(({ kind }) => kind !== "none")),
    slivers: piecesPath(slivers),
    zones: zonePaths(wall.areas),
    zoneRings: ringsPath(wall.zones.map(({ ring }) => ring)),
    frames: ringsPath(wall.zones.filter(isFramed).map(({ ring }) => ring)),
    seams: wall.areas.map(seamsPath).join(""),
    backs: wall.linings.flatMap(({ opening, backs }) =>
      backs.map((back, k) => ({
        id: `${opening}/${k}`,
        ofZone: !!back.zone,
        path: wholeTilesPath(back) + piecesPath(back.pieces),
      })),
    ),
  };
}

function zonePaths(areas: LaidArea[]): TilePaths["zones"] {
  const paths: TilePaths["zones"] = {};
  for (const area of areas) {
    if (!area.zone) continue;
    const { whole = "", cut = "" } = paths[area.zone.id] ?? {};
    paths[area.zone.id] = {
      whole: whole + wholeTilesPath(area),
      cut: cut + piecesPath(area.pieces),
    };
  }
  return paths;
}

/** Whether a panel has a liner, and room for its own tile within it. */
function isFramed({ zone, inner }: WallPlan["zones"][number]): boolean {
  return !!zone.frame && inner.length > 0;
}

/** Whether a piece is a sliver in its width or height. */
export function pieceIsSliver(piece: CutPiece, wall: WallPlan, rule: SliverRule): boolean {
  const { cell } = areaOf(wall, piece);
  const { width, height } = cell.shapes[piece.shape] ?? cell;
  return (
    isSliver(piece.width, width, cell.joint, rule) ||
    isSliver(piece.height, height, cell.joint, rule)
  );
}

function piecesPath(pieces: CutPiece[]): string {
  return ringsPath(pieces.map(({ ring }) => ring));
}

function seamsPath({ seams }: LaidArea): string {
  return seams.map(([x0, y0, x1, y1]) => `M${x0} ${-y0}L${x1} ${-y1}`).join("");
}
