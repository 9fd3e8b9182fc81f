import { useLiveQuery } from "dexie-react-hooks";
import { Archive } from "lucide-react";
import { useEffect, useState } from "react";
import { backUpAll, lastBackup } from "../storage/backup.ts";
import { daysWithoutBackup } from "../storage/copies.ts";
import type { JobRow } from "../storage/database.ts";
import { type Keeping, readKeeping } from "../storage/keeping.ts";
import { formatWhen, readerLocale, ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";
import { AddSamples } from "./Samples.tsx";

const MEGABYTE = 1024 ** 2;

interface KeptProps {
  jobs: JobRow[];
  attempt: Attempt;
}

/** Where the jobs are kept, how much room they take, and the backup of all of them. */
export function Kept({ jobs, attempt }: KeptProps) {
  const at = useLiveQuery(lastBackup);
  const [keeping, setKeeping] = useState<Keeping>();
  useEffect(() => void readKeeping().then(setKeeping, () => undefined), []);
  // Samples that nobody has touched are no work to lose.
  const own = jobs.filter(({ revision }) => revision > 1);
  const days = daysWithoutBackup(
    own.map(({ updatedAt }) => updatedAt),
    at,
    Date.now(),
  );
  const megabytes = ((keeping?.usedBytes ?? 0) / MEGABYTE).toLocaleString(readerLocale(), {
    maximumFractionDigits: 1,
  });
  return (
    <section className="mt-8 border-t border-base-300 pt-4" aria-label={ui.backup.keeping}>
      {days !== undefined && (
        <p role="status" className="mb-2 border-l-4 border-primary bg-base-100 p-2">
          {ui.backup.due(days)}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-sm">
        <button
          type="button"
          className="btn quiet-button"
          onClick={() => void attempt(() => backUpAll(Date.now()))}
        >
          <Archive size={18} aria-hidden="true" /> {ui.backup.all}
        </button>
        <span>{at === undefined ? ui.backup.never : ui.backup.last(formatWhen(at))}</span>
        {keeping && (
          <span>
            {ui.backup.used(megabytes)}{" "}
            {keeping.promised ? ui.backup.promised : ui.backup.notPromised}
          </span>
        )}
        {jobs.length > 0 && <AddSamples attempt={attempt} />}
        <a className="link inline-flex min-h-11 items-center" href="/about">
          {ui.header.about}
        </a>
      </div>
    </section>
  );
}
