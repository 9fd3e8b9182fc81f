import { wrap } from "comlink";
import { useEffect, useState } from "react";
import type { Standing } from "../../core/days/days-plan.ts";
import type { Met } from "../../core/days/simulate.ts";
import type { Task } from "../../core/days/tasks.ts";
import type { Job } from "../../core/project/job.ts";
import type { DaysWorker } from "../workers/days.worker.ts";

/** The ends that are met in half and in nine of ten cases; undefined until they are worked out. */
export function useMet(
  days: Job["days"],
  tasks: Task[],
  standing: Standing | undefined,
): Met | undefined {
  const [met, setMet] = useState<Met>();
  useEffect(() => {
    setMet(undefined);
    if (days.start === undefined && days.end === undefined) return;
    const worker = new Worker(new URL("../workers/days.worker.ts", import.meta.url), {
      type: "module",
    });
    let gone = false;
    void wrap<DaysWorker>(worker)
      .met(days, tasks, standing)
      .then((found) => {
        if (!gone) setMet(found);
        worker.terminate();
      })
      // Without them the plan itself still stands.
      .catch(() => worker.terminate());
    return () => {
      gone = true;
      worker.terminate();
    };
  }, [days, tasks, standing]);
  return met;
}
