import type { Project } from "../../core/project/schema.ts";
import { Ask } from "../parts/Modal.tsx";
import { goAllTheSame } from "../state/location.ts";
import { openDialog } from "../state/view-store.ts";
import { exportJob } from "../storage/transfer.ts";
import { ui } from "../words/ui.ts";

/** Asks before a job is left whose changes are not stored. */
export function Leave({ project, to }: { project: Project; to: string }) {
  return (
    <Ask
      title={ui.leave.title}
      text={ui.leave.text}
      yes={ui.leave.go}
      no={ui.leave.stay}
      onYes={() => {
        openDialog(undefined);
        goAllTheSame(to);
      }}
      onNo={() => openDialog(undefined)}
    >
      <button type="button" className="btn mr-auto" onClick={() => void exportJob(project)}>
        {ui.jobs.export}
      </button>
    </Ask>
  );
}
