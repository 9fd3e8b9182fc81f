import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { FOLD } from "../drawing/Surround.tsx";
import { Part } from "../parts/part.ts";
import { PAGES, STAGES } from "../state/view-store.ts";
import type { DialogsProps } from "./Dialogs.tsx";
import { PAPER } from "./paper-part.ts";
import { STAGE_VIEWS } from "./stages.ts";

/** What a page beside the drawing is shown with. */
interface Shown {
  project: Project;
  plan: Plan;
}

/** Pages beside the drawing. */
export const PAGE_PARTS: Record<(typeof PAGES)[number], Part<Shown>> = {
  now: new Part(async () => (await import("../now/NowPage.tsx")).default),
  order: new Part(async () => (await import("../order/OrderPage.tsx")).default),
  days: new Part(async () => (await import("../days/DaysPage.tsx")).default),
  log: new Part(async () => (await import("../log/LogPage.tsx")).default),
  options: new Part(async () => (await import("../options/OptionsPage.tsx")).default),
  pole: new Part(async () => (await import("../pole/PolePage.tsx")).default),
  record: new Part(async () => (await import("../record/RecordPage.tsx")).default),
  documents: new Part(async () => (await import("../files/DocumentsPage.tsx")).default),
};

/** Whatever is opened over the drawing. */
export const DIALOGS = new Part<DialogsProps>(async () => (await import("./Dialogs.tsx")).Dialogs);

/** What finds everything by its name. */
export const PALETTE = new Part<Shown>(async () => (await import("./Palette.tsx")).default);

/** So long after a job was opened its figures are there and there is time, ms. */
const QUIET = 2500;

/**
 * Loads everything ahead that somebody may open next, so that it is there at once and without a
 * network, and says when it is; gives the function that ends it.
 */
export function loadAhead(then: () => void): () => void {
  const parts = [
    DIALOGS,
    FOLD,
    ...STAGES.flatMap((stage) => {
      const { panel, marks } = STAGE_VIEWS[stage];
      return marks ? [panel, marks.part] : [panel];
    }),
    PALETTE,
    ...PAGES.map((page) => PAGE_PARTS[page]),
    PAPER,
  ];
  const timer = setTimeout(async () => {
    for (const part of parts) {
      // What cannot be loaded now is asked for when it is opened, and then says so.
      if (!part.ready) await part.load().catch(() => undefined);
    }
    then();
  }, QUIET);
  return () => clearTimeout(timer);
}
