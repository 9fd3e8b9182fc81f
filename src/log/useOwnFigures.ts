import { wrap } from "comlink";
import { useEffect, useState } from "react";
import type { OwnFigure } from "../../core/log/own-figures.ts";
import type { Project } from "../../core/project/schema.ts";
import { database } from "../storage/database.ts";
import { readRow } from "../storage/rows.ts";
import type { OwnFiguresWorker } from "../workers/own-figures.worker.ts";

/** What the user's jobs on this device say together; undefined until it is worked out. */
export function useOwnFigures(): OwnFigure[] | undefined {
  const [figures, setFigures] = useState<OwnFigure[]>();
  useEffect(() => {
    const worker = new Worker(new URL("../workers/own-figures.worker.ts", import.meta.url), {
      type: "module",
    });
    let gone = false;
    const find = async () => {
      const found = await wrap<OwnFiguresWorker>(worker).figures(await workedOn());
      if (!gone) setFigures(found);
      worker.terminate();
    };
    void find().catch(() => {
      if (!gone) setFigures([]);
      worker.terminate();
    });
    return () => {
      gone = true;
      worker.terminate();
    };
  }, []);
  return figures;
}

/** What the ids of sample jobs begin with. */
const SAMPLE = "sample-";

/** Jobs of which something was noted while they were worked on. */
async function workedOn(): Promise<Project[]> {
  const rows = await database.jobs.toArray();
  return rows.flatMap((row) => {
    const read = readRow(row);
    if (!read.ok || read.row.deletedAt !== undefined) return [];
    const { project, revision } = read.row;
    // A sample that nobody changed is nobody's work.
    if (project.id.startsWith(SAMPLE) && revision <= 1) return [];
    const { work, log, film } = project;
    return work?.rows || work?.mixes || log || film?.coats ? [project] : [];
  });
}
