import { wrap } from "comlink";
import type { Project } from "../../core/project/schema.ts";
import type { DocumentName, PackPart, PaperName } from "../documents/names.ts";
import { fileName } from "../storage/download.ts";
import { spokenLanguage } from "../words/language.ts";
import { readerLocale } from "../words/ui.ts";
import type { DocumentsWorker } from "../workers/documents.worker.ts";

/** Types of files as the system knows them. */
const TYPES: Record<string, string> = {
  pdf: "application/pdf",
  dxf: "image/vnd.dxf",
  svg: "image/svg+xml",
  csv: "text/csv",
  ics: "text/calendar",
  png: "image/png",
};

/** A document of a job as a file, made in a worker of its own that ends with it. */
export async function makeFile(
  name: DocumentName,
  project: Project,
  paper: PaperName,
  parts?: readonly PackPart[],
): Promise<File> {
  const worker = new Worker(new URL("../workers/documents.worker.ts", import.meta.url), {
    type: "module",
  });
  try {
    const reader = { language: spokenLanguage(), locale: readerLocale() };
    const asked = { ...reader, at: Date.now(), paper, parts };
    const made = await wrap<DocumentsWorker>(worker).make(name, project, asked);
    return fileOf(project, parts?.length === 1 ? `${parts[0]}.pdf` : name, made as BlobPart);
  } finally {
    worker.terminate();
  }
}

/** A file of a job: its name begins with the job's. */
function fileOf(project: Project, name: string, content: BlobPart): File {
  const type = TYPES[name.split(".").at(-1) ?? ""] ?? "";
  return new File([content], `${fileName(project.name)}-${name}`, { type });
}

/** The longer side of a picture for a message, px. */
const LONGEST = 2400;

/** The walls as a picture for a message: drawn from their SVG. */
export async function makePng(project: Project, paper: PaperName): Promise<File> {
  const svg = await makeFile("walls.svg", project, paper);
  const address = URL.createObjectURL(svg);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const scale = LONGEST / Math.max(image.naturalWidth, image.naturalHeight);
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(image.naturalWidth * scale);
    canvas.height = Math.round(image.naturalHeight * scale);
    const context = canvas.getContext("2d");
    if (!context) throw new Error("no canvas");
    context.fillStyle = "white";
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(image, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
    if (!blob) throw new Error("no picture");
    return fileOf(project, "walls.png", blob);
  } finally {
    URL.revokeObjectURL(address);
  }
}
