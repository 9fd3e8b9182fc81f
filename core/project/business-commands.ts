import type { Command } from "./command.ts";
import { assign, type Patch } from "./commands.ts";
import type { HandOver, Price, Project } from "./schema.ts";

/** Which entry of the price list: as it is found in the list, or a new one for an item. */
export interface PricePlace {
  item: string;
  tile?: string | undefined;
  packSize?: number | undefined;
}

function isSame(price: Price, { item, tile, packSize }: PricePlace): boolean {
  return price.item === item && price.tile === tile && price.packSize === packSize;
}

/** Writes what is known of an item's price, pack, stock or lead time; an entry that says nothing goes. */
export function editPrice(place: PricePlace, patch: Patch<Price>): Command {
  return {
    name: "edit-price",
    change: (draft) => {
      draft.prices ??= [];
      let entry = draft.prices.find((price) => isSame(price, place));
      if (!entry) {
        const { item, tile, packSize } = place;
        draft.prices.push({
          item,
          ...(tile === undefined ? {} : { tile }),
          ...(packSize === undefined ? {} : { packSize }),
        });
        // The draft's own copy is what has to be changed.
        entry = draft.prices.at(-1) as Price;
      }
      assign(entry, patch);
      const { price, onHand, leadDays, packSize, shop } = entry;
      if ([price, onHand, leadDays, packSize, shop].every((own) => own === undefined)) {
        draft.prices = draft.prices.filter((own) => own !== entry);
      }
    },
  };
}

/** Takes an entry out of the price list. */
export function removePrice(place: PricePlace): Command {
  return {
    name: "edit-price",
    change: (draft) => {
      draft.prices = draft.prices?.filter((price) => !isSame(price, place));
    },
  };
}

/** When the work is done. */
export function editDays(patch: Patch<NonNullable<Project["days"]>>): Command {
  return {
    name: "edit-days",
    change: (draft) => {
      draft.days ??= {};
      assign(draft.days, patch);
    },
  };
}

/** A task does not begin before a day; without one it begins as soon as it may. */
export function moveTask(task: string, from: string | undefined): Command {
  return {
    name: "edit-days",
    change: (draft) => {
      draft.days ??= {};
      const others = (draft.days.moved ?? []).filter((own) => own.task !== task);
      if (from !== undefined) others.push({ task, from });
      assign(draft.days, { moved: others.length > 0 ? others : undefined });
    },
  };
}

/** What is noted when the work is handed over. */
export function editHandOver(patch: Patch<HandOver>): Command {
  return {
    name: "edit-hand-over",
    change: (draft) => {
      draft.handOver ??= {};
      assign(draft.handOver, patch);
    },
  };
}

/** What a quote says beside its sum. */
export function editQuote(patch: Patch<NonNullable<Project["quote"]>>): Command {
  return {
    name: "edit-quote",
    change: (draft) => {
      draft.quote ??= {};
      assign(draft.quote, patch);
    },
  };
}

/** Whether a tool is there, and what it costs to hire or to buy. */
export function editKit(id: string, patch: Patch<NonNullable<Project["kit"]>[number]>): Command {
  return {
    name: "edit-kit",
    change: (draft) => {
      draft.kit ??= [];
      let entry = draft.kit.find((own) => own.id === id);
      if (!entry) {
        draft.kit.push({ id });
        // The draft's own copy is what has to be changed.
        entry = draft.kit.at(-1) as typeof entry;
      }
      if (entry) assign(entry, patch);
    },
  };
}

/** A line of the order is bought, or is not after all. */
export function tickBought(line: string, done: boolean): Command {
  return {
    name: "tick-bought",
    change: (draft) => {
      const others = (draft.bought ?? []).filter((own) => own !== line);
      draft.bought = done ? [...others, line] : others;
    },
  };
}

/** What a version is called, and the panel kit that it is made of. */
export function editVersion(patch: Patch<NonNullable<Project["variant"]>>): Command {
  return {
    name: "edit-version",
    change: (draft) => {
      if (draft.variant) assign(draft.variant, patch);
    },
  };
}

/** Parts of a job in which its versions may differ: what was measured, done or said stays. */
export const VERSION_PARTS = [
  "tiles",
  "field",
  "zones",
  "shelves",
  "setOut",
  "settings",
  "build",
  "prices",
  "stock",
] as const;

/** The job takes over how a version is built and tiled; measures, openings and the log stay as they are. */
export function takeVersion(version: Project): Command {
  return {
    name: "take-version",
    change: (draft) => {
      for (const part of VERSION_PARTS) {
        const own = version[part];
        if (own === undefined) delete draft[part];
        else (draft as Record<string, unknown>)[part] = structuredClone(own);
      }
      for (const wall of draft.walls) {
        const other = version.walls.find(({ id }) => id === wall.id);
        if (!other) continue;
        wall.centre = structuredClone(other.centre);
        wall.openings = structuredClone(other.openings);
        for (const part of ["bond", "trim"] as const) {
          const own = other[part];
          if (own === undefined) delete wall[part];
          else (wall as Record<string, unknown>)[part] = structuredClone(own);
        }
      }
    },
  };
}

/** Rate, markup and tax of a quote. */
export function editLabour(patch: Patch<NonNullable<Project["labour"]>>): Command {
  return {
    name: "edit-labour",
    change: (draft) => {
      draft.labour ??= {};
      assign(draft.labour, patch);
    },
  };
}
