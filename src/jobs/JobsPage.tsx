import { useLiveQuery } from "dexie-react-hooks";
import { Copy, Download, Pencil, Plus, Trash2, Upload } from "lucide-react";
import { type ChangeEvent, useRef, useState } from "react";
import { renameJob } from "../../core/project/commands.ts";
import { Logo } from "../shell/Logo.tsx";
import { database, type JobRow } from "../storage/database.ts";
import { applyCommand } from "../storage/history.ts";
import {
  addJob,
  changeJob,
  deleteJob,
  duplicateJob,
  eraseJob,
  fetchSamples,
  restoreJob,
} from "../storage/jobs.ts";
import { exportJob, importFile } from "../storage/transfer.ts";
import { ui } from "../words/en.ts";
import { NewJob } from "./NewJob.tsx";

interface JobsPageProps {
  onOpen: (id: string) => void;
}

/** All jobs of this browser. */
export function JobsPage({ onOpen }: JobsPageProps) {
  const rows = useLiveQuery(() => database.jobs.orderBy("updatedAt").reverse().toArray());
  const [creating, setCreating] = useState(false);
  const [problems, setProblems] = useState<{ file: string; list: string[] }>();
  const [deleted, setDeleted] = useState<JobRow>();
  if (!rows) return <p className="p-6">{ui.loading}</p>;
  const jobs = rows.filter(({ deletedAt }) => deletedAt === undefined);
  const gone = rows.filter(({ deletedAt }) => deletedAt !== undefined);
  const remove = async (row: JobRow) => {
    await deleteJob(row.id);
    setDeleted(row);
  };
  const onImport = async (file: File) => {
    const imported = await importFile(file);
    setProblems(imported.ok ? undefined : { file: file.name, list: imported.problems });
    if (imported.ok) onOpen(imported.id);
  };
  return (
    <div className="flex min-h-full flex-col">
      <header className="flex h-13 items-center gap-4 bg-neutral px-4 text-neutral-content">
        <Logo />
      </header>
      <main className="mx-auto w-full max-w-4xl flex-1 p-4 md:p-8">
        <div className="mb-4 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-2xl font-bold">{ui.jobs.title}</h1>
          <ImportButton onFile={onImport} />
          <button type="button" className="btn btn-primary" onClick={() => setCreating(true)}>
            <Plus size={18} /> {ui.jobs.newJob}
          </button>
        </div>
        {problems && (
          <div role="alert" className="mb-4 border-l-4 border-error bg-base-100 p-3">
            <p className="font-semibold">{ui.jobs.importFailed(problems.file)}</p>
            <ul className="mt-1 list-disc pl-5 text-sm">
              {problems.list.map((problem) => (
                <li key={problem}>{problem}</li>
              ))}
            </ul>
          </div>
        )}
        {creating && <NewJob onCancel={() => setCreating(false)} onCreated={onOpen} />}
        {jobs.length === 0 && !creating && <EmptyJobs />}
        <ul>
          {jobs.map((row) => (
            <JobItem key={row.id} row={row} onOpen={onOpen} onDelete={() => void remove(row)} />
          ))}
        </ul>
        {gone.length > 0 && <DeletedJobs rows={gone} />}
      </main>
      {deleted && gone.some(({ id }) => id === deleted.id) && (
        <div
          role="status"
          className="fixed inset-x-4 bottom-4 mx-auto flex max-w-md items-center gap-4 rounded bg-neutral p-3 text-neutral-content shadow-lg"
        >
          <span className="mr-auto">{ui.jobs.deleted(deleted.project.name)}</span>
          <button type="button" className="btn btn-sm" onClick={() => void restoreJob(deleted.id)}>
            {ui.undo}
          </button>
        </div>
      )}
    </div>
  );
}

function EmptyJobs() {
  const addSamples = async () => {
    for (const sample of await fetchSamples()) await addJob(sample);
  };
  return (
    <div className="border border-base-300 bg-base-100 p-6">
      <h2 className="text-lg font-semibold">{ui.jobs.empty}</h2>
      <p className="my-2 max-w-prose">{ui.jobs.emptyText}</p>
      <button type="button" className="btn" onClick={() => void addSamples()}>
        {ui.jobs.addSamples}
      </button>
    </div>
  );
}

function ImportButton({ onFile }: { onFile: (file: File) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const onChange = (event: ChangeEvent<HTMLInputElement>) => {
    const [file] = event.target.files ?? [];
    if (file) onFile(file);
    // The same file can be chosen again after it was mended.
    event.target.value = "";
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,.zip,application/json,application/zip"
        className="sr-only"
        aria-label={ui.jobs.importFile}
        tabIndex={-1}
        onChange={onChange}
      />
      <button type="button" className="btn" onClick={() => input.current?.click()}>
        <Upload size={18} /> {ui.jobs.importFile}
      </button>
    </>
  );
}

interface JobItemProps {
  row: JobRow;
  onOpen: (id: string) => void;
  onDelete: () => void;
}

function JobItem({ row, onOpen, onDelete }: JobItemProps) {
  const { project } = row;
  const [renaming, setRenaming] = useState(false);
  const rename = async (name: string) => {
    setRenaming(false);
    if (name.trim() === "" || name === project.name) return;
    await changeJob(row.id, (current) => applyCommand(current, renameJob(name.trim())));
  };
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-base-300 py-3">
      <div className="mr-auto min-w-0">
        {renaming ? (
          <RenameField name={project.name} onDone={(name) => void rename(name)} />
        ) : (
          <button
            type="button"
            className="min-h-11 cursor-pointer text-left text-lg font-semibold text-primary hover:underline"
            onClick={() => onOpen(row.id)}
          >
            {project.name}
          </button>
        )}
        <p className="text-sm opacity-80">
          {ui.newJob.enclosures[project.enclosure.kind]} · {project.tiles[0]?.name} ·{" "}
          {ui.jobs.changed(new Date(row.updatedAt).toLocaleString())}
        </p>
      </div>
      <ItemButton label={ui.jobs.rename} of={project.name} onClick={() => setRenaming(true)}>
        <Pencil size={17} />
      </ItemButton>
      <ItemButton
        label={ui.jobs.duplicate}
        of={project.name}
        onClick={() => void duplicateJob(row.id, ui.jobs.copyOf(project.name))}
      >
        <Copy size={17} />
      </ItemButton>
      <ItemButton label={ui.jobs.export} of={project.name} onClick={() => void exportJob(project)}>
        <Download size={17} />
      </ItemButton>
      <ItemButton label={ui.jobs.remove} of={project.name} onClick={onDelete}>
        <Trash2 size={17} />
      </ItemButton>
    </li>
  );
}

function RenameField({ name, onDone }: { name: string; onDone: (name: string) => void }) {
  const [text, setText] = useState(name);
  return (
    <input
      // biome-ignore lint/a11y/noAutofocus: the user has just asked to type here
      autoFocus
      className="input w-72"
      aria-label={ui.jobs.nameLabel}
      value={text}
      maxLength={200}
      onChange={(event) => setText(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={() => onDone(text)}
      onKeyDown={(event) => {
        if (event.key === "Enter") onDone(text);
        if (event.key === "Escape") onDone(name);
      }}
    />
  );
}

interface ItemButtonProps {
  label: string;
  of: string;
  onClick: () => void;
  children: React.ReactNode;
}

function ItemButton({ label, of, onClick, children }: ItemButtonProps) {
  return (
    <button
      type="button"
      className="btn btn-square btn-ghost"
      title={label}
      aria-label={`${label}: ${of}`}
      onClick={onClick}
    >
      {children}
    </button>
  );
}

function DeletedJobs({ rows }: { rows: JobRow[] }) {
  return (
    <details className="mt-8">
      <summary className="cursor-pointer py-2">
        {ui.jobs.deletedTitle} ({rows.length})
      </summary>
      <ul>
        {rows.map((row) => (
          <li key={row.id} className="flex items-center gap-2 py-1">
            <span className="mr-auto">{row.project.name}</span>
            <button type="button" className="btn btn-sm" onClick={() => void restoreJob(row.id)}>
              {ui.jobs.restore}
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => void eraseJob(row.id)}
            >
              {ui.jobs.erase}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
