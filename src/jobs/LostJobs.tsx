import { useState } from "react";
import { Ask } from "../parts/Modal.tsx";
import type { AsideRow, JobRow } from "../storage/database.ts";
import { eraseAside, eraseJob, restoreJob, setAside } from "../storage/jobs.ts";
import { type DamagedRow, readRow } from "../storage/rows.ts";
import { saveRemains } from "../storage/transfer.ts";
import { ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";

interface DamagedJobsProps {
  rows: DamagedRow[];
  attempt: Attempt;
}

/** Rows that are no jobs, each by its name, with what can be done. */
export function DamagedJobs({ rows, attempt }: DamagedJobsProps) {
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
export function AsideRows({ rows, attempt }: { rows: AsideRow[]; attempt: Attempt }) {
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

export function DeletedJobs({ rows, attempt }: { rows: JobRow[]; attempt: Attempt }) {
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
