import type { Plan } from "../../core/plan.ts";
import { standing } from "./as-set.ts";
import { WallTiles, type WallTilesProps } from "./WallTiles.tsx";

/** The tiles of a wall whose courses were measured, where they stand. */
export function TilesAsSet({ plan, ...props }: WallTilesProps & { plan: Plan }) {
  const wall = standing(props.wall, plan);
  return (
    <g data-as-set={props.wall.id}>
      <WallTiles {...props} wall={wall} />
    </g>
  );
}
