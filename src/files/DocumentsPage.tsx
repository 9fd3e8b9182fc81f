import { Download, Share2 } from "lucide-react";
import { type ReactNode, useState } from "react";
import type { Plan } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import {
  DOCUMENTS,
  type DocumentName,
  PACK_PARTS,
  type PackPart,
  type PaperName,
} from "../documents/names.ts";
import { Choice } from "../fields/Choice.tsx";
import { Link } from "../parts/Link.tsx";
import { addressOf } from "../state/address.ts";
import { show } from "../state/view-store.ts";
import { download } from "../storage/download.ts";
import { ui } from "../words/ui.ts";
import { JobLink } from "./JobLink.tsx";
import { makeFile, makePng } from "./make.ts";

interface DocumentsProps {
  project: Project;
  plan: Plan;
}

/** Whatever leaves the screen: the work pack, its parts, drawings, tables and the calendar. */
export default function DocumentsPage({ project, plan }: DocumentsProps) {
  const [paper, setPaper] = useState<PaperName>(project.unit === "in" ? "letter" : "a4");
  const [state, setState] = useState<"making" | "failed">();
  const run = async (make: () => Promise<File>, use: (file: File) => void | Promise<void>) => {
    setState("making");
    try {
      await use(await make());
      setState(undefined);
    } catch (error) {
      // Sharing that was called off is no failure.
      setState((error as Error).name === "AbortError" ? undefined : "failed");
    }
  };
  const busy = state === "making";
  const dated = plan.days !== undefined && !plan.days.impossible;
  const line = (name: string, make: () => Promise<File>, lacking?: ReactNode) => (
    <FileLine
      key={name}
      name={name}
      lacking={lacking}
      busy={busy || lacking !== undefined}
      onSave={() => void run(make, save)}
      onShare={() => void run(make, share)}
    />
  );
  const of = (name: DocumentName) => () => makeFile(name, project, paper);
  return (
    <div className="mx-auto max-w-3xl p-4 md:p-8" data-documents={state ?? "ready"}>
      <h1 className="name text-2xl font-bold">
        {ui.documents.title} · {project.name}
      </h1>
      <p className="max-w-prose text-sm opacity-85">{ui.documents.intro}</p>
      <div className="mt-3 max-w-48">
        <Choice
          label={ui.documents.paper}
          value={paper}
          options={ui.documents.papers}
          onChange={setPaper}
        />
      </div>
      <p role="status" className={`min-h-6 ${state === "failed" ? "text-error" : ""}`}>
        {busy && ui.documents.making}
        {state === "failed" && `! ${ui.documents.failed}`}
      </p>
      <ul>
        {DOCUMENTS.map((name) =>
          line(
            ui.documents.files[name],
            of(name),
            name === "schedule.ics" && !dated ? <NoDays id={project.id} /> : undefined,
          ),
        )}
        {line(ui.documents.picture, () => makePng(project, paper))}
      </ul>
      <h2 className="section-title mt-5">{ui.documents.alone}</h2>
      <PackParts
        busy={busy}
        onSave={(part) => void run(() => partFile(project, paper, part), save)}
      />
      <JobLink project={project} />
      <p className="mt-5 border-l-3 border-warning pl-2 text-sm">{ui.documents.caution}</p>
    </div>
  );
}

/** What the calendar lacks while the work has no first day, and the way there. */
function NoDays({ id }: { id: string }) {
  return (
    <Link
      className="link max-md:inline-flex max-md:min-h-11 max-md:items-center"
      href={addressOf(id, "days")}
      onGo={() => show("days")}
    >
      {ui.documents.noDays}
    </Link>
  );
}

interface PackPartsProps {
  busy: boolean;
  onSave: (part: PackPart) => void;
}

/** The parts of the work pack, each as a file of its own. */
function PackParts({ busy, onSave }: PackPartsProps) {
  return (
    <ul className="mt-1 grid gap-1.5 sm:grid-cols-3">
      {PACK_PARTS.map((part) => (
        <li key={part}>
          <button
            type="button"
            className="btn quiet-button min-h-12 w-full justify-start text-left"
            disabled={busy}
            data-part={part}
            onClick={() => onSave(part)}
          >
            <Download size={16} aria-hidden="true" /> {ui.documents.parts[part]}
          </button>
        </li>
      ))}
    </ul>
  );
}

function partFile(project: Project, paper: PaperName, part: PackPart): Promise<File> {
  return makeFile("work-pack.pdf", project, paper, [part]);
}

interface FileLineProps {
  name: string;
  /** What has to be done before the file can be made. */
  lacking: ReactNode;
  busy: boolean;
  onSave: () => void;
  onShare: () => void;
}

function FileLine({ name, lacking, busy, onSave, onShare }: FileLineProps) {
  return (
    <li className="flex items-center gap-2 border-b border-base-300 py-1.5">
      <span className="flex-1">
        <span className="font-semibold">{name}</span>
        {lacking && <span className="block text-sm">{lacking}</span>}
      </span>
      <button
        type="button"
        className="btn quiet-button min-h-11"
        disabled={busy}
        aria-label={`${ui.documents.save}: ${name}`}
        onClick={onSave}
      >
        <Download size={17} aria-hidden="true" /> {ui.documents.save}
      </button>
      {canShare() && (
        <button
          type="button"
          className="btn quiet-button min-h-11"
          disabled={busy}
          aria-label={`${ui.documents.share}: ${name}`}
          onClick={onShare}
        >
          <Share2 size={17} aria-hidden="true" /> {ui.documents.share}
        </button>
      )}
    </li>
  );
}

/** Whether this device hands files to other applications. */
function canShare(): boolean {
  return typeof navigator.canShare === "function" && typeof navigator.share === "function";
}

async function save(file: File): Promise<void> {
  download(file.name, file.type, new Uint8Array(await file.arrayBuffer()));
}

function share(file: File): Promise<void> {
  return navigator.share({ files: [file], title: file.name });
}
