import type { Command } from "./command.ts";
import { assign, onWall, type Patch } from "./commands.ts";
import type { Wall } from "./schema.ts";

/** Changes parts of how a wall's pattern is centred. */
export function editCentre(wallId: string, patch: Patch<Wall["centre"]>): Command {
  return {
    name: "edit-centre",
    change: (draft) => onWall(draft, wallId, (wall) => assign(wall.centre, patch)),
  };
}

/** Another way to centre a wall's pattern, about the same line; nothing of the old way stays. */
export function chooseCentre(wallId: string, way: Wall["centre"]): Command {
  return {
    name: "edit-centre",
    change: (draft) =>
      onWall(draft, wallId, (wall) => {
        const { about } = wall.centre;
        wall.centre = about === undefined ? way : { ...way, about };
      }),
  };
}

/** Where a dragged or nudged pattern comes to rest: the wall's centre and the first course. */
export function movePattern(
  wallId: string,
  centre: Wall["centre"],
  drop: number,
  mergeKey?: string,
): Command {
  return {
    name: "move-pattern",
    ...(mergeKey ? { mergeKey } : {}),
    change: (draft) => {
      onWall(draft, wallId, (wall) => {
        wall.centre = centre;
      });
      draft.setOut.firstCourse.drop = drop;
    },
  };
}
