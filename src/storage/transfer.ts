import { parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { fieldIssueWords } from "../../core/words/en.ts";
import { ui } from "../words/en.ts";
import { addJob } from "./jobs.ts";

/** Larger project files are refused before they are read, bytes. */
const LARGEST_FILE = 8 * 1024 * 1024;

/** Issues shown of one file; a damaged one can have thousands. */
const MOST_ISSUES = 8;

/** The new job's id, or what is wrong with the file in sentences. */
export type Imported = { ok: true; id: string } | { ok: false; problems: string[] };

/** Reads a project file into a new job. The jobs that are there stay as they are. */
export async function importFile(file: File): Promise<Imported> {
  if (file.size > LARGEST_FILE) return { ok: false, problems: [ui.jobs.fileTooLarge] };
  const parsed = parseProjectText(await file.text());
  if (parsed.ok) return { ok: true, id: await addJob(parsed.project) };
  const problems = parsed.issues.slice(0, MOST_ISSUES).map(fieldIssueWords);
  const more = parsed.issues.length - problems.length;
  return { ok: false, problems: more > 0 ? [...problems, ui.jobs.moreProblems(more)] : problems };
}

/** Saves a job as a project file. */
export function exportProject(project: Project): void {
  const name = project.name.replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "") || "job";
  download(`${name}.dintel.json`, "application/json", `${JSON.stringify(project, null, 2)}\n`);
}

/** Hands a text to the browser as a file to keep. */
export function download(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
