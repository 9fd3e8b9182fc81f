import { useLiveQuery } from "dexie-react-hooks";
import { Copy, Download, Pencil, Plus, Trash2, Upload } from "lucide-react";
import { type ChangeEvent, useCallback, useMemo, useRef, useState } from "react";
import { renameJob } from "../../core/project/commands.ts";
import { Logo } from "../parts/Logo.tsx";
import { Ask } from "../parts/Modal.tsx";
import { type AsideRow, database, type JobRow } from "../storage/database.ts";
import { applyCommand } from "../storage/history.ts";
import {
  addJob,
  changeJob,
  deleteJob,
  duplicateJob,
  eraseAside,
  eraseJob,
  fetchSamples,
  restoreJob,
  setAside,
} from "../storage/jobs.ts";
import { type DamagedRow, readRow } from "../storage/rows.ts";
import { exportJob, importFile, saveRemains } from "../storage/transfer.ts";
import { ui } from "../words/en.ts";
import { NewJob } from "./NewJob.tsx";

interface JobsPageProps {
  onOpen: (id: string) => void;
}

/** All jobs of this browser. */
export function JobsPage({ onOpen }: JobsPageProps) {
  const stored = useLiveQuery(() => database.jobs.toArray());
  const aside = useLiveQuery(() => database.aside.toArray()) ?? [];
  const { failure, attempt } = useAttempt();
  const [creating, setCreating] = useState(false);
  const [problems, setProblems] = useState<{ file: string; list: string[] }>();
  const [deleted, setDeleted] = useState<JobRow>();
  const { jobs, gone, damaged } = useMemo(() => sortRows(stored ?? []), [stored]);
  if (!stored) return <p className="p-6">{ui.loading}</p>;
  const remove = (row: JobRow) =>
    attempt(async () => {
      await deleteJob(row.id);
      setDeleted(row);
    });
  const onImport = async (file: File) => {
    const imported = await importFile(file);
    setProblems(imported.ok ? undefined : { file: file.name, list: imported.problems });
    if (imported.ok) onOpen(imported.id);
  };
  return (
    <div className="flex h-full flex-col overflow-auto">
      <header className="flex h-13 shrink-0 items-center gap-4 bg-neutral px-4 text-neutral-content">
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
        {failure && <Problem title={failure} />}
        {problems && <Problem title={ui.jobs.importFailed(problems.file)} list={problems.list} />}
        {creating && <NewJob onCancel={() => setCreating(false)} onCreated={onOpen} />}
        {jobs.length === 0 && !creating && <EmptyJobs attempt={attempt} />}
        {damaged.length > 0 && <DamagedJobs rows={damaged} attempt={attempt} />}
        <ul>
          {jobs.map((row) => (
            <JobItem
              key={row.id}
              row={row}
              onOpen={onOpen}
              onDelete={() => void remove(row)}
              attempt={attempt}
            />
          ))}
        </ul>
        {gone.length > 0 && <DeletedJobs rows={gone} attempt={attempt} />}
        {aside.length > 0 && <AsideRows rows={aside} attempt={attempt} />}
      </main>
      {deleted && gone.some(({ id }) => id === deleted.id) && (
        <div
          role="status"
          className="fixed inset-x-4 bottom-4 mx-auto flex max-w-md items-center gap-4 rounded bg-neutral p-3 text-neutral-content shadow-lg"
        >
          <span className="name mr-auto">{ui.jobs.deleted(deleted.project.name)}</span>
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void attempt(() => restoreJob(deleted.id))}
          >
            {ui.undo}
          </button>
        </div>
      )}
    </div>
  );
}

/** Does something to the store; what cannot be stored is told. */
type Attempt = (action: () => Promise<unknown>) => Promise<void>;

function useAttempt(): { failure: string | undefined; attempt: Attempt } {
  const [failure, setFailure] = useState<string>();
  const attempt = useCallback<Attempt>(async (action) => {
    try {
      await action();
      setFailure(undefined);
    } catch {
      setFailure(ui.save.full);
    }
  }, []);
  return { failure, attempt };
}

/** Stored rows as jobs, the newest first; those that are deleted; and what is no job. */
function sortRows(stored: unknown[]) {
  const read = stored.map(readRow);
  const rows = read
    .flatMap((each) => (each.ok ? [each.row] : []))
    .sort((p, q) => q.updatedAt - p.updatedAt);
  return {
    jobs: rows.filter(({ deletedAt }) => deletedAt === undefined),
    gone: rows.filter(({ deletedAt }) => deletedAt !== undefined),
    damaged: read.flatMap((each) => (each.ok ? [] : [each.damaged])),
  };
}

function Problem({ title, list = [] }: { title: string; list?: string[] }) {
  return (
    <div role="alert" className="mb-4 border-l-4 border-error bg-base-100 p-3">
      <p className="name font-semibold">{title}</p>
      <ul className="mt-1 list-disc pl-5 text-sm">
        {list.map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
      </ul>
    </div>
  );
}

function EmptyJobs({ attempt }: { attempt: Attempt }) {
  const [failed, setFailed] = useState(false);
  const addSamples = async () => {
    const samples = await fetchSamples().catch(() => undefined);
    setFailed(!samples);
    if (!samples) return;
    await attempt(async () => {
      for (const sample of samples) await addJob(sample);
    });
  };
  return (
    <div className="border border-base-300 bg-base-100 p-6">
      <h2 className="text-lg font-semibold">{ui.jobs.empty}</h2>
      <p className="my-2 max-w-prose">{ui.jobs.emptyText}</p>
      <button type="button" className="btn" onClick={() => void addSamples()}>
        {ui.jobs.addSamples}
      </button>
      {failed && (
        <p role="alert" className="mt-2 text-sm">
          {ui.jobs.samplesFailed}
        </p>
      )}
    </div>
  );
}

interface DamagedJobsProps {
  rows: DamagedRow[];
  attempt: Attempt;
}

/** Rows that are no jobs, each by its name, with what can be done. */
function DamagedJobs({ rows, attempt }: DamagedJobsProps) {
  return (
    <section className="mb-4 border-l-4 border-error bg-base-100 p-3" data-damaged={rows.length}>
      <h2 className="font-semibold">{ui.jobs.damagedTitle}</h2>
      <p className="my-1 max-w-prose text-sm">{ui.jobs.damagedText}</p>
      <ul>
        {rows.map((row) => (
          <li key={row.id} className="flex flex-wrap items-center gap-2 py-1">
            <span className="name mr-auto min-w-0">{row.name}</span>
            <button type="button" className="btn btn-sm" onClick={() => saveRemains(row)}>
              {ui.jobs.saveRemains}
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() => void attempt(() => setAside(row))}
            >
              {ui.jobs.setAside}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What was set aside: still to be saved as a file, or erased. */
function AsideRows({ rows, attempt }: { rows: AsideRow[]; attempt: Attempt }) {
  return (
    <details className="mt-4">
      <summary className="cursor-pointer py-2">
        {ui.jobs.asideTitle} ({rows.length})
      </summary>
      <ul>
        {rows.map(({ id, row }) => {
          const read = readRow(row);
          const damaged = read.ok ? { id, name: read.row.project.name, raw: row } : read.damaged;
          return (
            <li key={id} className="flex items-center gap-2 py-1">
              <span className="name mr-auto min-w-0">{damaged.name || id}</span>
              <button type="button" className="btn btn-sm" onClick={() => saveRemains(damaged)}>
                {ui.jobs.saveRemains}
              </button>
              <EraseButton
                name={damaged.name || id}
                onErase={() => void attempt(() => eraseAside(id))}
              />
            </li>
          );
        })}
      </ul>
    </details>
  );
}

/** Erasing for good asks first. */
function EraseButton({ name, onErase }: { name: string; onErase: () => void }) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <button type="button" className="btn btn-ghost btn-sm" onClick={() => setAsking(true)}>
        {ui.jobs.erase}
      </button>
      {asking && (
        <Ask
          title={ui.jobs.eraseTitle}
          text={ui.jobs.eraseText(name)}
          yes={ui.jobs.erase}
          no={ui.jobs.keep}
          onYes={() => {
            setAsking(false);
            onErase();
          }}
          onNo={() => setAsking(false)}
        />
      )}
    </>
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
  attempt: Attempt;
}

function JobItem({ row, onOpen, onDelete, attempt }: JobItemProps) {
  const { project } = row;
  const [renaming, setRenaming] = useState(false);
  const rename = async (name: string) => {
    setRenaming(false);
    if (name.trim() === "" || name === project.name) return;
    const command = renameJob(name.trim());
    await attempt(() => changeJob(row.id, (current) => applyCommand(current, command)));
  };
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-base-300 py-3">
      <div className="mr-auto min-w-0">
        {renaming ? (
          <RenameField name={project.name} onDone={(name) => void rename(name)} />
        ) : (
          <button
            type="button"
            dir="auto"
            className="name min-h-11 cursor-pointer text-left text-lg font-semibold text-primary hover:underline"
            onClick={() => onOpen(row.id)}
          >
            {project.name}
          </button>
        )}
        <p className="name text-sm opacity-80">
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
        onClick={() => void attempt(() => duplicateJob(row.id, ui.jobs.copyOf(project.name)))}
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

function DeletedJobs({ rows, attempt }: { rows: JobRow[]; attempt: Attempt }) {
  return (
    <details className="mt-8">
      <summary className="cursor-pointer py-2">
        {ui.jobs.deletedTitle} ({rows.length})
      </summary>
      <ul>
        {rows.map((row) => (
          <li key={row.id} className="flex items-center gap-2 py-1">
            <span className="name mr-auto min-w-0">{row.project.name}</span>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() => void attempt(() => restoreJob(row.id))}
            >
              {ui.jobs.restore}
            </button>
            <EraseButton
              name={row.project.name}
              onErase={() => void attempt(() => eraseJob(row.id))}
            />
          </li>
        ))}
      </ul>
    </details>
  );
}
