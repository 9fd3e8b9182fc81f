import type { Command } from "./command.ts";
import { assign, type Patch } from "./commands.ts";
import { fieldTile } from "./defaults.ts";
import type { Project, Stock, Tile } from "./schema.ts";

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

/** What is on hand of a tile, and whether more can be had; an entry that says nothing goes. */
export function editStock(tile: string, patch: Patch<Stock>): Command {
  return {
    name: "edit-stock",
    change: (draft) => {
      draft.stock ??= [];
      let entry = draft.stock.find((own) => own.tile === tile);
      if (!entry) {
        entry = { tile };
        draft.stock.push(entry);
      }
      assign(entry, patch);
      const { pieces, sheets, boxes } = entry;
      if (pieces === undefined && sheets === undefined && boxes === undefined) {
        draft.stock = draft.stock.filter((own) => own.tile !== tile);
      }
    },
  };
}
