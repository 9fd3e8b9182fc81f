import regularAt from "@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf?url";
import boldAt from "@expo-google-fonts/archivo/700Bold/Archivo_700Bold.ttf?url";
import { expose, transfer } from "comlink";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { makeDocument } from "../documents/documents.ts";
import type { DocumentName, PackPart, PaperName } from "../documents/names.ts";
import { wholeLanguage } from "../words/language.ts";
import type { LanguageCode } from "../words/language-code.ts";
import { speak, writeAs } from "../words/ui.ts";

/** What is asked of a document beside its name. */
export interface Asked {
  at: number;
  language: LanguageCode;
  /** How the reader's browser writes numbers. */
  locale: string;
  paper: PaperName;
  parts?: readonly PackPart[] | undefined;
}

/** Makes documents off the main thread, without a network. */
const api = {
  async make(name: DocumentName, project: Project, { language, locale, ...asked }: Asked) {
    speak(await wholeLanguage(language));
    writeAs(locale);
    const made = await makeDocument(name, project, planProject(project), { ...asked, fonts });
    return typeof made === "string" ? made : transfer(made, [made.buffer as ArrayBuffer]);
  },
};

async function fonts() {
  const [regular, bold] = await Promise.all([regularAt, boldAt].map(bytesAt));
  return { regular: regular as Uint8Array, bold: bold as Uint8Array };
}

async function bytesAt(address: string): Promise<Uint8Array> {
  const response = await fetch(address);
  if (!response.ok) throw new Error(`no typeface at ${address}`);
  return new Uint8Array(await response.arrayBuffer());
}

export type DocumentsWorker = typeof api;

expose(api);
