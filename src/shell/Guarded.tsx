import type { ReactNode } from "react";
import { ErrorBoundary, type FallbackProps } from "react-error-boundary";
import type { Project } from "../../core/project/schema.ts";
import { exportJob } from "../storage/transfer.ts";
import { ui } from "../words/ui.ts";

interface GuardedProps {
  /** What stands here, for the words that are said when it fails. */
  name: string;
  project: Project;
  /** Another value of it tries again: a new plan, another wall. */
  retryOn?: unknown;
  children: ReactNode;
}

/** Keeps what fails from taking the rest of the page with it, and says how to go on. */
export function Guarded({ name, project, retryOn, children }: GuardedProps) {
  return (
    <ErrorBoundary
      resetKeys={[retryOn]}
      fallbackRender={(props) => <Failed {...props} name={name} project={project} />}
    >
      {children}
    </ErrorBoundary>
  );
}

/** Parts that are loaded where they are used fail so when the server has gone. */
function isLoading(error: unknown): boolean {
  return error instanceof Error && /import|module|fetch|load/i.test(error.message);
}

interface FailedProps extends FallbackProps {
  name: string;
  project: Project;
}

function Failed({ error, resetErrorBoundary, name, project }: FailedProps) {
  return (
    <div role="alert" className="m-4 border-l-4 border-error bg-base-100 p-4" data-failed={name}>
      <p className="font-semibold">{ui.failed.title(name)}</p>
      <p className="my-2 max-w-prose">{isLoading(error) ? ui.failed.loading : ui.failed.text}</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary" onClick={resetErrorBoundary}>
          {ui.save.retry}
        </button>
        <button type="button" className="btn" onClick={() => void exportJob(project)}>
          {ui.jobs.export}
        </button>
      </div>
    </div>
  );
}
