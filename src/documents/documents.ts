import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { ui } from "../words/ui.ts";
import { type DocumentName, PACK_PARTS, type PackPart, type PaperName } from "./names.ts";
import type { Fonts } from "./pdf/paper.ts";
import { workPack } from "./pdf/work-pack.ts";
import { scheduleIcs } from "./schedule-ics.ts";
import { cutsCsv, orderCsv } from "./tables-csv.ts";
import { wallsDxf } from "./walls-dxf.ts";
import { wallsSvg } from "./walls-svg.ts";

/** The media type of each document. */
export const DOCUMENT_TYPES: Record<DocumentName, string> = {
  "work-pack.pdf": "application/pdf",
  "story-pole.pdf": "application/pdf",
  "walls.dxf": "image/vnd.dxf",
  "walls.svg": "image/svg+xml",
  "cuts.csv": "text/csv; charset=utf-8",
  "order.csv": "text/csv; charset=utf-8",
  "schedule.ics": "text/calendar; charset=utf-8",
};

export interface DocumentOptions {
  /** When it is given, ms. */
  at: number;
  fonts: () => Promise<Fonts>;
  paper?: PaperName | undefined;
  /** Parts of the work pack; all of them where none is named. */
  parts?: readonly PackPart[] | undefined;
}

/** What a document cannot be made without. */
export class MissingError extends Error {}

/** A document of a job: the same on the page and on the server. */
export async function makeDocument(
  name: DocumentName,
  project: Project,
  plan: Plan,
  { at, fonts, paper, parts = PACK_PARTS }: DocumentOptions,
): Promise<string | Uint8Array> {
  switch (name) {
    case "work-pack.pdf":
      return workPack(project, plan, { parts, paper, fonts: await fonts(), at });
    case "story-pole.pdf":
      return workPack(project, plan, { parts: ["pole"], paper, fonts: await fonts(), at });
    case "walls.dxf":
      return wallsDxf(project, plan, at);
    case "walls.svg":
      return wallsSvg(project, plan, at);
    case "cuts.csv":
      return cutsCsv(project, plan, at);
    case "order.csv":
      return orderCsv(project, plan, at);
    case "schedule.ics":
      if (!plan.days || plan.days.impossible) throw new MissingError(ui.documents.noDays);
      return scheduleIcs(project, plan.days, at);
  }
}
