import { dismissNotice, useJob } from "../state/job-store.ts";
import { restoreJob } from "../storage/jobs.ts";
import { exportJob } from "../storage/transfer.ts";
import { ui } from "../words/en.ts";
import { openJobList } from "./location.ts";

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
      {(notice === "other-tab" || notice === "plan-failed") && (
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

interface NoticeProps {
  text: string;
  action: string;
  onAction: () => void;
  alert?: boolean;
}

function Notice({ text, action, onAction, alert = false }: NoticeProps) {
  return (
    <div
      role={alert ? "alert" : "status"}
      className={`no-print flex items-center gap-3 border-b border-base-300 bg-base-100 px-4 py-1.5 text-sm ${alert ? "border-l-4 border-l-error" : "border-l-4 border-l-primary"}`}
    >
      <span className="mr-auto">{text}</span>
      <button type="button" className="btn btn-sm" onClick={onAction}>
        {action}
      </button>
    </div>
  );
}

/** Shown when the address names a job that this browser does not have. */
export function Missing() {
  return (
    <main className="p-6">
      <p className="mb-4 max-w-prose">{ui.notices.missing}</p>
      <button type="button" className="btn" onClick={openJobList}>
        {ui.header.allJobs}
      </button>
    </main>
  );
}
