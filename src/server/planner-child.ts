import { readFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { join } from "node:path";
import { type Plan, planProject } from "../../core/plan.ts";
import { planFile } from "../../core/plan-file.ts";
import { parseProjectText } from "../../core/project/parse.ts";
import type { Project } from "../../core/project/schema.ts";
import { words } from "../../core/words/spoken.ts";
import { DOCUMENT_TYPES, MissingError, makeDocument } from "../documents/documents.ts";
import type { DocumentName, PackPart, PaperName } from "../documents/names.ts";
import type { Fonts } from "../documents/pdf/paper.ts";
import { wholeLanguage } from "../words/language.ts";
import type { LanguageCode } from "../words/language-code.ts";
import { speak } from "../words/ui.ts";
import type { DocumentAsked, PlanReply, PlanTask } from "./planner-pool.ts";
import { problemText } from "./problem.ts";
import { PROBLEM_WORDS } from "./said.ts";

/*
 * A process that plans one project file after another. It reads, plans and writes them itself, so
 * that the server that it belongs to never stops to do so.
 */

process.on("message", async ({ id, body, language, document }: PlanTask) => {
  speak(await wholeLanguage(language));
  const said = PROBLEM_WORDS[language];
  const send = (reply: PlanReply) => process.send?.(reply);
  const answer = (status: number, type: string, text: string) =>
    send({ id, status, type, body: Buffer.from(text) });
  const parsed = parseProjectText(Buffer.from(body).toString("utf8"));
  if (!parsed.ok) {
    const errors = parsed.issues.map((issue) => {
      return { path: issue.path, message: words.fieldIssue(issue) };
    });
    answer(400, "application/problem+json", problemText(400, said.notValid.title, errors));
    return;
  }
  send({ id, about: contentOf(parsed.project, language) });
  const plan = planProject(parsed.project);
  if (document) {
    const made = await documentOf(parsed.project, plan, document, said.missing.title);
    send({ id, ...made });
    return;
  }
  answer(200, "application/json", JSON.stringify(planFile(parsed.project, plan)));
});

/** A document as it goes out; one that lacks something in the project says what. */
async function documentOf(
  project: Project,
  plan: Plan,
  { name, paper, parts }: DocumentAsked,
  missing: string,
) {
  const known = name as DocumentName;
  try {
    const made = await makeDocument(known, project, plan, {
      at: Date.now(),
      fonts: readFonts,
      paper: paper as PaperName | undefined,
      parts: parts as PackPart[] | undefined,
    });
    const bytes = typeof made === "string" ? Buffer.from(made) : made;
    return { status: 200, type: DOCUMENT_TYPES[known], body: bytes };
  } catch (error) {
    if (!(error instanceof MissingError)) throw error;
    const text = problemText(422, missing, [{ path: "days.start", message: error.message }]);
    return { status: 422, type: "application/problem+json", body: Buffer.from(text) };
  }
}

const { resolve } = createRequire(join(process.cwd(), "package.json"));

/** The typeface as it is installed with the application. */
async function readFonts(): Promise<Fonts> {
  const [regular, bold] = await Promise.all(
    FONT_FILES.map((file) => readFile(resolve(file)).then((bytes) => new Uint8Array(bytes))),
  );
  return { regular, bold } as Fonts;
}

const FONT_FILES = [
  "@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf",
  "@expo-google-fonts/archivo/700Bold/Archivo_700Bold.ttf",
];

// A server that has gone needs no plans.
process.on("disconnect", () => process.exit(0));

/** What makes a job large: its walls, what is in them, and how small its tile is. */
function contentOf({ walls, tiles, field, zones = [] }: Project, language: LanguageCode): string {
  const { holds } = PROBLEM_WORDS[language];
  const openings = walls.reduce((sum, wall) => sum + wall.openings.length, 0);
  const fixtures = walls.reduce((sum, wall) => sum + wall.fixtures.length, 0);
  const readings = walls.reduce((sum, { base, top }) => sum + base.length + top.length, 0);
  const tile = tiles.find(({ id }) => id === field.tile);
  return [
    holds.walls(walls.length),
    holds.openings(openings),
    holds.fixtures(fixtures),
    holds.readings(readings),
    holds.zones(zones.length),
    ...(tile ? [holds.tile(tile.width, tile.height)] : []),
  ].join(", ");
}
