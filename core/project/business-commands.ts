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
      const { price, onHand, leadDays, packSize } = entry;
      if ([price, onHand, leadDays, packSize].every((own) => own === undefined)) {
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
