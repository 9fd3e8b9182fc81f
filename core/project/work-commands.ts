import type { Command } from "./command.ts";
import { assign, type Patch } from "./commands.ts";
import type { AsSet } from "./schema.ts";

/** Ticks or unticks something that is done before grout. */
export function setReady(item: string, done: boolean): Command {
  return {
    name: "edit-ready",
    change: (draft) => {
      draft.work ??= {};
      const others = (draft.work.ready ?? []).filter((other) => other !== item);
      draft.work.ready = done ? [...others, item] : others;
    },
  };
}

/** The top of a course as it was read; one without a reading is forgotten. */
export function editAsSet(
  wall: string,
  course: number,
  patch: Patch<Pick<AsSet, "left" | "middle" | "right" | "run">>,
): Command {
  return {
    name: "edit-as-set",
    change: (draft) => {
      draft.asSet ??= [];
      let entry = draft.asSet.find((own) => own.wall === wall && own.course === course);
      if (!entry) {
        draft.asSet.push({ wall, course });
        // The draft's own copy is what has to be changed.
        entry = draft.asSet.at(-1) as AsSet;
      }
      assign(entry, patch);
      const { left, middle, right, run } = entry;
      if ([left, middle, right, run].every((reading) => reading === undefined)) {
        draft.asSet = draft.asSet.filter((own) => own !== entry);
      }
    },
  };
}
