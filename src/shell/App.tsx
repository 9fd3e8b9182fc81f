import { useEffect, useState } from "react";
import { JobsPage } from "../jobs/JobsPage.tsx";
import { seedSamples } from "../storage/jobs.ts";
import { ui } from "../words/en.ts";
import { JobView } from "./JobView.tsx";
import { openJobId, useLocation } from "./location.ts";

/** The whole application: the list of jobs, or one open job. */
export function App({ withSamples }: { withSamples: boolean }) {
  const { job } = useLocation();
  const [ready, setReady] = useState<"wait" | "yes" | "failed">("wait");
  useEffect(() => {
    const prepare = withSamples ? seedSamples() : Promise.resolve();
    prepare.then(
      () => setReady("yes"),
      () => setReady("failed"),
    );
  }, [withSamples]);
  if (ready === "wait") return <p className="p-6">{ui.loading}</p>;
  if (ready === "failed") {
    return (
      <p role="alert" className="p-6 text-error">
        {ui.jobs.storageFailed}
      </p>
    );
  }
  return job ? <JobView key={job} id={job} /> : <JobsPage onOpen={openJobId} />;
}
