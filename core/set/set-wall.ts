import type { WallEnd } from "../build-up/wall-ends.ts";
import type { LaidArea } from "../cut/laid-area.ts";
import type { Polygon } from "../geometry/polygon.ts";
import type { PlacedOpening } from "../measure/openings.ts";
import type { Wall } from "../project/schema.ts";
import type { WallLine } from "../set-out/lines.ts";
import type { TileRegion } from "../set-out/region.ts";
import type { TiledWall } from "./tiled-wall.ts";

/** A wall whose tiles are laid and cut: what is asked of it while they are set. */
export interface SetWall {
  id: string;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  /** What ends the field where it shows. */
  trims: NonNullable<Wall["trim"]>;
  lines: WallLine[];
  openings: PlacedOpening[];
  fieldRegion: TileRegion;
  areas: LaidArea[];
  tiled: TiledWall;
}
