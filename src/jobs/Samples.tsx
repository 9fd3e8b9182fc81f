import { useState } from "react";
import { addMissing, fetchSamples } from "../storage/jobs.ts";
import { ui } from "../words/ui.ts";
import type { Attempt } from "./attempt.ts";

/** What is offered while there is no job. */
export function EmptyJobs({ attempt }: { attempt: Attempt }) {
  return (
    <div className="border border-base-300 bg-base-100 p-6">
      <h2 className="text-lg font-semibold">{ui.jobs.empty}</h2>
      <p className="my-2 max-w-prose">{ui.jobs.emptyText}</p>
      <AddSamples attempt={attempt} />
    </div>
  );
}

/** Brings the sample jobs that are not here, those of a newer release and deleted ones among them. */
export function AddSamples({ attempt }: { attempt: Attempt }) {
  const [told, setTold] = useState<string>();
  const add = async () => {
    const samples = await fetchSamples().catch(() => undefined);
    if (!samples) return setTold(ui.jobs.samplesFailed);
    await attempt(async () => setTold(ui.jobs.samplesCame(await addMissing(samples))));
  };
  return (
    <span className="inline-flex flex-wrap items-center gap-x-4 gap-y-2">
      <button type="button" className="btn quiet-button" onClick={() => void add()}>
        {ui.jobs.addSamples}
      </button>
      {told && (
        <span role="status" className="text-sm" data-samples>
          {told}
        </span>
      )}
    </span>
  );
}
