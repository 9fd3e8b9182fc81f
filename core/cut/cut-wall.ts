import type { WallEnd } from "../build-up/wall-ends.ts";
import type { Polygon } from "../geometry/polygon.ts";
import type { PlacedFixture, PlacedOpening } from "../measure/openings.ts";
import type { MeasuredWall } from "../measure/survey.ts";
import type { LaidArea } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";

/** A wall whose tiles are laid and cut: what is asked of it at the bench. */
export interface CutWall {
  id: string;
  name: string;
  measured: MeasuredWall;
  boundary: Polygon;
  ends: { left: WallEnd; right: WallEnd };
  openings: PlacedOpening[];
  fixtures: PlacedFixture[];
  areas: LaidArea[];
  /** The pieces of all areas that are not whole tiles. */
  pieces: CutPiece[];
  tilesForCuts: number;
}
