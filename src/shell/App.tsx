// First of all, so that it is on its way while everything else is evaluated.
import "../workers/plan-worker.ts";

import { useEffect, useState } from "react";
import { Later } from "../parts/Later.tsx";
import { Part } from "../parts/part.ts";
import { useLanguage } from "../parts/useLanguage.ts";
import { listenForFiles } from "../state/arrivals.ts";
import { isUnsaved } from "../state/job-store.ts";
import { openJobId, useOpenJob } from "../state/location.ts";
import { keepOffline } from "../state/version.ts";
import { openStorage, type StorageKind } from "../storage/database.ts";
import { askForSamples, seedSamples } from "../storage/jobs.ts";
import { spokenLanguage, startLanguage, wantedLanguage } from "../words/language.ts";
import { ui, writeAs } from "../words/ui.ts";
import { JobView } from "./JobView.tsx";
import { NewVersion, Notice, Nowhere } from "./Notices.tsx";

/** Not needed by who opens a job by its address. */
const JOBS_PAGE = new Part(async () => (await import("../jobs/JobsPage.tsx")).JobsPage);

// Before anything is drawn.
writeAs(navigator.language);

/** What there is to say of the store and the samples before anything is opened. */
interface Ready {
  storage: StorageKind;
  samplesFailed: boolean;
}

async function prepare(): Promise<Ready> {
  const asked = askForSamples();
  const [storage] = await Promise.all([openStorage(), startLanguage()]);
  const samplesFailed = await seedSamples(asked).then(
    () => false,
    () => true,
  );
  return { storage, samplesFailed };
}

/** The whole application: the list of jobs, or one open job. */
export function App() {
  const job = useOpenJob();
  const language = useLanguage();
  const [ready, setReady] = useState<Ready>();
  useEffect(() => void prepare().then(setReady), []);
  useEffect(() => {
    if (import.meta.env.PROD) void keepOffline();
  }, []);
  useEffect(listenForFiles, []);
  useEffect(() => {
    // Nobody waits for it at the start.
    const start = () =>
      void import("../state/reminders.ts").then(
        ({ startReminders }) => startReminders(),
        () => undefined,
      );
    const timer = setTimeout(start, 3000);
    return () => clearTimeout(timer);
  }, []);
  const inTab = ready !== undefined && ready.storage !== "device";
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (inTab || isUnsaved()) event.preventDefault();
    };
    addEventListener("beforeunload", ask);
    return () => removeEventListener("beforeunload", ask);
  }, [inTab]);
  // Nothing rather than a word in the wrong language.
  if (!ready) return <p className="p-6">{wantedLanguage() === spokenLanguage() && ui.loading}</p>;
  return (
    <div className="flex h-dvh flex-col overflow-hidden print:block print:h-auto print:overflow-visible">
      {ready.storage !== "device" && <Notice alert text={ui.jobs.storage[ready.storage]} />}
      {ready.samplesFailed && <Notice alert text={ui.jobs.samplesFailed} />}
      <NewVersion />
      <div className="min-h-0 flex-1">
        {job === undefined && <Nowhere />}
        {job === "" && <Later part={JOBS_PAGE} props={{ onOpen: openJobId }} />}
        {job && <JobView key={job} id={job} inTab={inTab} language={language} />}
      </div>
    </div>
  );
}
