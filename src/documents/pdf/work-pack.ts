import type { Plan } from "../../../core/plan.ts";
import type { Project } from "../../../core/project/schema.ts";
import { ui } from "../../words/ui.ts";
import type { PackPart, PaperName } from "../names.ts";
import type { Given } from "./given.ts";
import { type Fonts, Paper } from "./paper.ts";
import { poles } from "./parts/pole.ts";
import { cover, survey } from "./parts/survey.ts";
import { board, drops, film, setOut, tickets } from "./parts/walls.ts";
import { days, grout, handOver, order, record, set } from "./parts/work.ts";

const WRITE: Record<PackPart, (given: Given, parts: string[]) => void> = {
  cover,
  survey,
  board,
  film,
  "set-out": setOut,
  pole: poles,
  tickets,
  drops,
  set,
  grout,
  order,
  days,
  record,
  "hand-over": handOver,
};

export interface PackOptions {
  parts: readonly PackPart[];
  /** The job's own where none is chosen: Letter where lengths are in inches. */
  paper?: PaperName | undefined;
  fonts: Fonts;
  /** When it is given, ms. */
  at: number;
}

/** Letters of a job's name at the foot of a page: the caution beside it has to stand whole. */
const NAME_LETTERS = 60;

function footOf(name: string, at: number): string {
  const short = name.length > NAME_LETTERS ? `${name.slice(0, NAME_LETTERS - 1)}…` : name;
  const day = new Date(at).toISOString().slice(0, 10);
  return `${short} · ${ui.documents.given(day)} ${ui.documents.caution}`;
}

/** The work pack, or parts of it, as a PDF of vectors and words with bookmarks. */
export function workPack(
  project: Project,
  plan: Plan,
  { parts, paper: name, fonts, at }: PackOptions,
): Promise<Uint8Array> {
  const style = { unit: project.unit, mark: project.mark ?? 16 };
  const paper = new Paper(
    name ?? (project.unit === "in" ? "letter" : "a4"),
    fonts,
    {
      title: `${project.name} · ${ui.documents.whole}`,
      language: ui.core.locale,
      foot: footOf(project.name, at),
      page: ui.documents.page,
    },
    at,
  );
  const names = parts.filter((part) => part !== "cover").map((part) => ui.documents.parts[part]);
  for (const part of parts) WRITE[part]({ paper, project, plan, style, at }, names);
  return paper.bytes();
}
