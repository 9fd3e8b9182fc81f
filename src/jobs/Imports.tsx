import { useState } from "react";
import { Modal } from "../parts/Modal.tsx";
import { closeOutcome, type Outcome, useArrivals } from "../state/arrivals.ts";
import { type BackedUp, type Backup, restore, type Standing } from "../storage/backup.ts";
import { formatWhen, ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";
import { Problem } from "./Problem.tsx";

interface ImportsProps {
  onOpen: (id: string) => void;
  attempt: Attempt;
}

/** What came of files that were chosen, dropped, opened or shared, told until it is closed. */
export function Imports(props: ImportsProps) {
  const outcomes = useArrivals((state) => state.outcomes);
  return outcomes.map((outcome) => <Told key={outcome.n} outcome={outcome} {...props} />);
}

function Told({ outcome, onOpen, attempt }: ImportsProps & { outcome: Outcome }) {
  const { file, kind } = outcome;
  const close = () => closeOutcome(outcome);
  if (kind === "refused") {
    return <Problem title={ui.jobs.importFailed(file)} list={outcome.problems} onClose={close} />;
  }
  if (kind === "backup") {
    return (
      <Modal title={ui.backup.title} wide onClose={close}>
        <RestoreForm backup={outcome.backup} attempt={attempt} onDone={close} />
      </Modal>
    );
  }
  const { id, beside } = outcome;
  const open = () => {
    close();
    onOpen(id);
  };
  return (
    <div role="status" className="mb-4 border-l-4 border-primary bg-base-100 p-3">
      <p className="name">
        {beside ? ui.backup.beside(file, partNames(beside)) : ui.backup.imported(file)}
      </p>
      <button type="button" className="btn btn-sm mt-2" onClick={open}>
        {ui.backup.open}
      </button>
    </div>
  );
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
  const isMissing = ({ here }: BackedUp) => here.kind === "missing";
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
                disabled={job.here.kind === "same"}
                onChange={() => toggle(job)}
              />
              <span>
                <b className="name block">{job.row.project.name}</b>
                {ui.backup.changed(formatWhen(job.row.updatedAt))} · {standing(job.here)}
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

function standing(here: Standing): string {
  if (here.kind !== "differs") return ui.backup.standing[here.kind];
  return ui.backup.differs(partNames(here.parts), formatWhen(here.changedHere));
}
