import { useEffect, useState } from "react";
import { Modal } from "../parts/Modal.tsx";
import { takeArrivals, useArrivals } from "../state/arrivals.ts";
import { type BackedUp, type Backup, restore } from "../storage/backup.ts";
import { askToKeep } from "../storage/keeping.ts";
import { type Imported, importFile } from "../storage/transfer.ts";
import { formatWhen, ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";
import { Problem } from "./Problem.tsx";

type Outcome = Imported & { file: string };

interface ImportsProps {
  onOpen: (id: string) => void;
  attempt: Attempt;
}

/** What came of files that were chosen, dropped, opened or shared: told until it is closed. */
export function Imports({ onOpen, attempt }: ImportsProps) {
  const waiting = useArrivals(({ files }) => files.length);
  const [outcomes, setOutcomes] = useState<Outcome[]>([]);
  useEffect(() => {
    if (waiting === 0) return;
    void (async () => {
      const all: Outcome[] = [];
      for (const file of takeArrivals()) all.push({ ...(await importFile(file)), file: file.name });
      if (all.some(({ kind }) => kind === "job")) void askToKeep();
      const [only] = all;
      if (all.length === 1 && only?.kind === "job" && !only.beside) onOpen(only.id);
      else setOutcomes(all);
    })();
  }, [waiting, onOpen]);
  const close = (outcome: Outcome) => setOutcomes(outcomes.filter((each) => each !== outcome));
  return outcomes.map((outcome) => {
    const { file } = outcome;
    if (outcome.kind === "refused") {
      return <Problem key={file} title={ui.jobs.importFailed(file)} list={outcome.problems} />;
    }
    if (outcome.kind === "backup") {
      const { backup } = outcome;
      return (
        <Modal key={file} title={ui.backup.title} wide onClose={() => close(outcome)}>
          <RestoreForm backup={backup} attempt={attempt} onDone={() => close(outcome)} />
        </Modal>
      );
    }
    const { id, beside } = outcome;
    return (
      <div key={file} role="status" className="mb-4 border-l-4 border-primary bg-base-100 p-3">
        <p className="name">
          {beside ? ui.backup.beside(file, partNames(beside)) : ui.backup.imported(file)}
        </p>
        <button type="button" className="btn btn-sm mt-2" onClick={() => onOpen(id)}>
          {ui.backup.open}
        </button>
      </div>
    );
  });
}

/** The parts of a job in the reader's words; one that is not known stands as the file has it. */
function partNames(parts: string[]): string {
  const known = ui.backup.parts as Record<string, string>;
  return parts.map((part) => known[part] ?? part).join(", ");
}

interface RestoreProps {
  backup: Backup;
  attempt: Attempt;
  onDone: () => void;
}

/** What a backup holds and how it stands to what is here; nothing is restored before it is asked for. */
function RestoreForm({ backup, attempt, onDone }: RestoreProps) {
  const isMissing = ({ differs }: BackedUp) => differs === undefined;
  const [chosen, setChosen] = useState(() => backup.jobs.filter(isMissing));
  const toggle = (job: BackedUp) =>
    setChosen(chosen.includes(job) ? chosen.filter((each) => each !== job) : [...chosen, job]);
  const begin = () =>
    attempt(async () => {
      await restore(backup, chosen, (name) => ui.backup.nameBeside(name, formatWhen(backup.at)));
      onDone();
    });
  return (
    <>
      <p className="mb-3">{ui.backup.made(formatWhen(backup.at), backup.jobs.length)}</p>
      <ul>
        {backup.jobs.map((job) => (
          <li key={job.row.id} className="rule-b py-2">
            <label className="flex min-h-11 items-start gap-3">
              <input
                type="checkbox"
                className="mt-1 size-5"
                checked={chosen.includes(job)}
                disabled={job.differs?.length === 0}
                onChange={() => toggle(job)}
              />
              <span>
                <b className="name block">{job.row.project.name}</b>
                {ui.backup.changed(formatWhen(job.row.updatedAt))} · {standing(job)}
              </span>
            </label>
          </li>
        ))}
      </ul>
      {backup.damaged.length > 0 && (
        <p role="alert" className="name mt-3 text-error">
          {ui.backup.damaged(backup.damaged.join(", "))}
        </p>
      )}
      <button
        type="button"
        className="btn btn-primary mt-4"
        disabled={chosen.length === 0}
        onClick={() => void begin()}
      >
        {ui.backup.restore(chosen.length)}
      </button>
    </>
  );
}

function standing({ differs, changedHere }: BackedUp): string {
  if (differs === undefined) return ui.backup.missing;
  if (differs.length === 0) return ui.backup.same;
  return ui.backup.differs(partNames(differs), formatWhen(changedHere ?? 0));
}
