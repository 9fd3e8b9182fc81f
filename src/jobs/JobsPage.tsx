import { useLiveQuery } from "dexie-react-hooks";
import { Plus, Upload } from "lucide-react";
import { type ChangeEvent, useCallback, useDeferredValue, useMemo, useRef, useState } from "react";
import { Choice } from "../fields/Choice.tsx";
import { LanguageChoice } from "../parts/LanguageChoice.tsx";
import { Logo } from "../parts/Logo.tsx";
import { arrive } from "../state/arrivals.ts";
import { focusSoon } from "../state/focus.ts";
import { database, type JobRow } from "../storage/database.ts";
import { deleteJob, restoreJob } from "../storage/jobs.ts";
import { askToKeep } from "../storage/keeping.ts";
import { ui } from "../words/ui.ts";
import { type Attempt, useAttempt } from "./attempt.ts";
import { Imports } from "./Imports.tsx";
import { describeJob, JobItem } from "./JobItem.tsx";
import { Kept } from "./Kept.tsx";
import { AsideRows, DamagedJobs, DeletedJobs } from "./LostJobs.tsx";
import { NewJob } from "./NewJob.tsx";
import { Problem } from "./Problem.tsx";
import { findJobs, type JobOrder } from "./progress.ts";
import { EmptyJobs } from "./Samples.tsx";
import { FIRST_ROWS, useReadRows } from "./useReadRows.ts";

interface JobsPageProps {
  onOpen: (id: string) => void;
}

/** All jobs of this browser. */
export function JobsPage({ onOpen }: JobsPageProps) {
  const { stored, whole } = useStoredJobs();
  const aside = useLiveQuery(() => database.aside.toArray()) ?? [];
  const { failure, attempt } = useAttempt();
  const [creating, setCreating] = useState(false);
  const [deletedId, setDeletedId] = useState<string>();
  const { jobs, gone, damaged, reading } = useReadRows(stored, whole);
  const [find, setFind] = useState<Find>({ text: "", order: "changed" });
  // What is found follows the typing when there is time.
  const sought = useDeferredValue(find);
  const shown = useMemo(
    () => (jobs.length < MANY ? jobs : findJobs(jobs, sought.text, sought.order, describeJob)),
    [jobs, sought],
  );
  const create = () => {
    setCreating(true);
    focusSoon(() => document.querySelector<HTMLElement>("#new-job input"));
  };
  const remove = useCallback(
    (row: JobRow) =>
      attempt(async () => {
        await deleteJob(row.id);
        setDeletedId(row.id);
      }),
    [attempt],
  );
  const onCreated = (id: string) => {
    void askToKeep();
    onOpen(id);
  };
  const undoable = gone.find(({ id }) => id === deletedId);
  if (!stored) return <p className="p-6">{ui.loading}</p>;
  return (
    <div className="flex h-full flex-col overflow-auto print:block print:overflow-visible">
      <header className="no-print flex h-13 shrink-0 items-center gap-4 bg-neutral px-4 text-neutral-content">
        <Logo />
        <span className="ml-auto">
          <LanguageChoice look="border-current/40 bg-neutral text-neutral-content" />
        </span>
      </header>
      <main
        className={`mx-auto w-full max-w-4xl flex-1 p-4 md:p-8 ${undoable ? "pb-24 md:pb-24" : ""}`}
      >
        <div className="mb-4 flex flex-wrap items-center gap-2">
          <h1 className="mr-auto text-2xl font-bold">{ui.jobs.title}</h1>
          <ImportButton />
          <button type="button" className="btn btn-primary" onClick={create}>
            <Plus size={18} /> {ui.jobs.newJob}
          </button>
        </div>
        {failure && <Problem title={failure} />}
        <Imports onOpen={onOpen} attempt={attempt} />
        {creating && <NewJob onCancel={() => setCreating(false)} onCreated={onCreated} />}
        {jobs.length === 0 && !creating && <EmptyJobs attempt={attempt} />}
        {damaged.length > 0 && <DamagedJobs rows={damaged} attempt={attempt} />}
        {jobs.length >= MANY && <FindJobs find={find} onFind={setFind} />}
        <JobList jobs={shown} onOpen={onOpen} onDelete={remove} attempt={attempt} />
        {jobs.length > 0 && shown.length === 0 && !reading && (
          <p role="status">{ui.jobs.noneFound}</p>
        )}
        {gone.length > 0 && <DeletedJobs rows={gone} attempt={attempt} />}
        {aside.length > 0 && <AsideRows rows={aside} attempt={attempt} />}
        <Kept jobs={jobs} attempt={attempt} />
      </main>
      {undoable && <JustDeleted job={undoable} attempt={attempt} />}
    </div>
  );
}

/**
 * Every stored job. The newest come first: with hundreds of jobs and their logs it takes most of a second
 * until all are there.
 */
function useStoredJobs(): { stored: unknown[] | undefined; whole: boolean } {
  const newest = useLiveQuery(() =>
    database.jobs.orderBy("updatedAt").reverse().limit(FIRST_ROWS).toArray(),
  );
  const some = newest !== undefined;
  const all = useLiveQuery(async () => (some ? await database.jobs.toArray() : undefined), [some]);
  return { stored: all ?? newest, whole: all !== undefined };
}

interface JobListProps {
  jobs: JobRow[];
  onOpen: (id: string) => void;
  onDelete: (row: JobRow) => void;
  attempt: Attempt;
}

/** The first of the jobs, and more where they are asked for. */
function JobList({ jobs, onOpen, onDelete, attempt }: JobListProps) {
  const [most, setMost] = useState(SHOWN);
  return (
    <>
      <ul>
        {jobs.slice(0, most).map((row) => (
          <JobItem key={row.id} row={row} onOpen={onOpen} onDelete={onDelete} attempt={attempt} />
        ))}
      </ul>
      {jobs.length > most && (
        <button
          type="button"
          className="btn quiet-button my-3 w-full"
          onClick={() => setMost(most + SHOWN)}
        >
          {ui.jobs.more(jobs.length - most)}
        </button>
      )}
    </>
  );
}

/** So many jobs are shown at first, and more at a time. */
const SHOWN = 30;

/** From so many jobs on they can be searched and sorted. */
const MANY = 5;

interface Find {
  text: string;
  order: JobOrder;
}

function FindJobs({ find, onFind }: { find: Find; onFind: (find: Find) => void }) {
  return (
    <div className="no-print mb-2 flex flex-wrap items-end gap-3">
      <label className="min-w-48 flex-1">
        <span className="field-label">{ui.jobs.find}</span>
        <input
          type="search"
          className="input w-full"
          value={find.text}
          onChange={(event) => onFind({ ...find, text: event.target.value })}
        />
      </label>
      <div className="w-44">
        <Choice
          roomy
          label={ui.jobs.sort}
          value={find.order}
          options={ui.jobs.orders}
          onChange={(order) => onFind({ ...find, order })}
        />
      </div>
    </div>
  );
}

/** What was deleted last can be had back at once. */
function JustDeleted({ job, attempt }: { job: JobRow; attempt: Attempt }) {
  return (
    <div
      role="status"
      className="fixed inset-x-4 bottom-4 mx-auto flex max-w-md items-center gap-4 rounded bg-neutral p-3 text-neutral-content shadow-lg"
    >
      <span className="name mr-auto">{ui.jobs.deleted(job.project.name)}</span>
      <button
        type="button"
        className="btn btn-sm"
        onClick={() => void attempt(() => restoreJob(job.id))}
      >
        {ui.undo}
      </button>
    </div>
  );
}

function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
  const onChange = (event: ChangeEvent<HTMLInputElement>) => {
    arrive([...(event.target.files ?? [])]);
    // The same file can be chosen again after it was mended.
    event.target.value = "";
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        multiple
        accept=".json,.zip,application/json,application/zip"
        className="sr-only"
        aria-label={ui.jobs.importFile}
        tabIndex={-1}
        onChange={onChange}
      />
      <button type="button" className="btn quiet-button" onClick={() => input.current?.click()}>
        <Upload size={18} /> {ui.jobs.importFile}
      </button>
    </>
  );
}
