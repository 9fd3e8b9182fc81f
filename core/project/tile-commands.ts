import type { Command } from "./command.ts";
import { assign, type Patch } from "./commands.ts";
import { fieldTile } from "./defaults.ts";
import type { Project, Tile } from "./schema.ts";

/** Changes the field tile. */
export function editTile(patch: Patch<Tile>): Command {
  return { name: "edit-tile", change: (draft) => assign(fieldTile(draft), patch) };
}

/** Changes a tile of the job by its id. */
export function editTileOf(id: string, patch: Patch<Tile>): Command {
  return {
    name: "edit-tile",
    change: (draft) => {
      const tile = draft.tiles.find((candidate) => candidate.id === id);
      if (tile) assign(tile, patch);
    },
  };
}

/** One more tile for a zone or the second size of a bond; `use` says where it goes. */
export function addTile(tile: Tile, use: (draft: Project) => void): Command {
  return {
    name: "edit-tile",
    change: (draft) => {
      draft.tiles.push(tile);
      use(draft);
    },
  };
}
