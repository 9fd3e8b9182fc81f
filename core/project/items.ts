import type { Command } from "./command.ts";
import { type ItemOf, LISTS, type ListName, type ListPlace } from "./lists.ts";
import type { Project } from "./schema.ts";

interface Identified {
  id: string;
}

function entries(draft: Project, { list, wall = "" }: ListPlace<ListName>): Identified[] {
  return (LISTS[list](draft, wall) ?? []) as Identified[];
}

/** Puts an entry at the end of a list. Entries are told apart by their id, so that tabs merge. */
export function addItem<L extends ListName>(place: ListPlace<L>, item: ItemOf<L>): Command {
  return {
    name: `add-${place.list}`,
    change: (draft) => void entries(draft, place).push(item as Identified),
  };
}

/** Changes fields of an entry; undefined takes an optional field away. */
export function editItem<L extends ListName>(
  place: ListPlace<L>,
  id: string,
  patch: { [K in keyof ItemOf<L>]?: ItemOf<L>[K] | undefined },
): Command {
  return {
    name: `edit-${place.list}`,
    change: (draft) => {
      const item = entries(draft, place).find((entry) => entry.id === id);
      if (!item) return;
      for (const [key, value] of Object.entries(patch)) {
        if (value === undefined) delete (item as unknown as Record<string, unknown>)[key];
        else (item as unknown as Record<string, unknown>)[key] = value;
      }
    },
  };
}

/** Takes an entry out of a list. */
export function removeItem<L extends ListName>(place: ListPlace<L>, id: string): Command {
  return {
    name: `remove-${place.list}`,
    change: (draft) => {
      const list = entries(draft, place);
      const index = list.findIndex((entry) => entry.id === id);
      if (index >= 0) list.splice(index, 1);
    },
  };
}
