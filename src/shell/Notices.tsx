import { Link } from "../parts/Link.tsx";
import { JOBS } from "../state/address.ts";
import { dismissNotice, goOnAsCopy, redoAnyway, undoAnyway, useJob } from "../state/job-store.ts";
import { openJobList } from "../state/location.ts";
import { startNewVersion, useVersion } from "../state/version.ts";
import type { HistoryStep } from "../storage/database.ts";
import { restoreJob } from "../storage/jobs.ts";
import type { DamagedRow } from "../storage/rows.ts";
import { exportJob, saveRemains } from "../storage/transfer.ts";
import { ui } from "../words/ui.ts";

/** What concerns the whole job: not saved, changed or deleted elsewhere, not plannable. */
export function Notices() {
  const notice = useJob((state) => state.notice);
  const save = useJob((state) => state.save);
  const row = useJob((state) => state.row);
  const refused = useJob((state) => state.refused);
  const project = row?.project;
  return (
    <>
      {save === "failed" && project && (
        <Notice
          alert
          text={ui.save.failedText}
          action={ui.jobs.export}
          onAction={() => exportJob(project)}
        />
      )}
      {refused && (
        <Notice
          alert
          text={`${ui.notices.refused} ${refused}`}
          action={ui.close}
          onAction={dismissNotice}
        />
      )}
      {notice === "deleted" && row && (
        <Notice
          alert
          text={ui.notices.deleted}
          action={ui.jobs.restore}
          onAction={() => {
            void restoreJob(row.id);
            dismissNotice();
          }}
        />
      )}
      {notice === "erased" && (
        <Notice
          alert
          text={ui.notices.erased}
          action={ui.notices.goOn}
          onAction={() => void goOnAsCopy().catch(() => undefined)}
        />
      )}
      {notice === "undo-other" && row && (
        <Notice
          text={ui.notices.undoOther(nameOf(row.history[row.position - 1]))}
          action={ui.notices.undoAnyway}
          onAction={undoAnyway}
          onClose={dismissNotice}
        />
      )}
      {notice === "redo-other" && row && (
        <Notice
          text={ui.notices.redoOther(nameOf(row.history[row.position]))}
          action={ui.notices.redoAnyway}
          onAction={redoAnyway}
          onClose={dismissNotice}
        />
      )}
      {(notice === "other-tab" || notice === "copied" || notice === "plan-failed") && (
        <Notice
          alert={notice === "plan-failed"}
          text={ui.notices[notice]}
          action={ui.close}
          onAction={dismissNotice}
        />
      )}
    </>
  );
}

function nameOf(step: HistoryStep | undefined): string {
  // A step that a newer release stored may have a name that is not known here.
  return (step && ui.commands[step.name]) ?? "";
}

/** A newer version is here; it starts when the user says so. */
export function NewVersion() {
  const version = useVersion((state) => state.version);
  if (version === "newest") return null;
  return (
    <Notice
      text={ui.version[version]}
      action={ui.version.start}
      onAction={() => startNewVersion()}
    />
  );
}

interface NoticeProps {
  text: string;
  action?: string;
  onAction?: () => void;
  /** It is a question that can be left. */
  onClose?: () => void;
  alert?: boolean;
}

/** A line over the page that says something of all of it. */
export function Notice({ text, action, onAction, onClose, alert = false }: NoticeProps) {
  return (
    <div
      role={alert ? "alert" : "status"}
      className={`no-print flex items-center gap-3 border-b border-base-300 bg-base-100 px-4 py-1.5 text-sm ${alert ? "border-l-4 border-l-error" : "border-l-4 border-l-primary"}`}
    >
      <span className="name mr-auto">{text}</span>
      {action && (
        <button type="button" className="btn btn-sm" onClick={onAction}>
          {action}
        </button>
      )}
      {onClose && (
        <button type="button" className="btn btn-sm btn-ghost" onClick={onClose}>
          {ui.cancel}
        </button>
      )}
    </div>
  );
}

/** Shown when what is stored of the job is no job. */
export function Damaged({ damaged }: { damaged: DamagedRow }) {
  return (
    <main className="p-6">
      <p role="alert" className="name mb-4 max-w-prose">
        {ui.notices.damaged(damaged.name)}
      </p>
      <div className="flex gap-2">
        <button type="button" className="btn btn-primary" onClick={() => saveRemains(damaged)}>
          {ui.jobs.saveRemains}
        </button>
        <button type="button" className="btn" onClick={openJobList}>
          {ui.header.allJobs}
        </button>
      </div>
    </main>
  );
}

/** Shown when the address names a job that this browser does not have. */
export function Missing() {
  return <BackToJobs text={ui.notices.missing} />;
}

/** An address at which there is nothing. */
export function Nowhere() {
  return <BackToJobs text={ui.notices.nowhere} />;
}

function BackToJobs({ text }: { text: string }) {
  return (
    <main className="p-6">
      <h1 className="sr-only">{ui.product}</h1>
      <p className="mb-4 max-w-prose">{text}</p>
      <Link className="btn" href={JOBS} onGo={openJobList}>
        {ui.header.allJobs}
      </Link>
    </main>
  );
}
