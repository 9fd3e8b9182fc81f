import { wrap } from "comlink";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import type { OptionFigures } from "../../core/options/option-figures.ts";
import type { Project } from "../../core/project/schema.ts";
import type { PlanWall } from "../paths/thumbs.ts";
import { database } from "../storage/database.ts";
import { readRow } from "../storage/rows.ts";
import type { OptionsWorker } from "../workers/options.worker.ts";

/** A version as it is planned; undefined until it is, null where it cannot be. */
export type Planned = { figures: OptionFigures; picture: PlanWall[] } | null | undefined;

/** The job that versions hang on: itself, or the one that it is a version of. */
export function rootOf({ id, variant }: Project): string {
  return variant?.of ?? id;
}

/** All versions of a job that are on this device, the job that they hang on first. */
export function useVersions(project: Project): Project[] {
  const root = rootOf(project);
  const others = useLiveQuery(async () => {
    const rows = await database.jobs
      .filter((row) => row.id === root || row.project?.variant?.of === root)
      .toArray();
    return rows.flatMap((row) => {
      const read = readRow(row);
      return read.ok && read.row.deletedAt === undefined ? [read.row.project] : [];
    });
  }, [root]);
  // What this tab shows may be newer than what is stored.
  const known = (others ?? []).map((own) => (own.id === project.id ? project : own));
  const all = known.some(({ id }) => id === project.id) ? known : [project, ...known];
  const nameOf = ({ variant }: Project) => variant?.name ?? "";
  return all.sort(
    (p, q) => Number(q.id === root) - Number(p.id === root) || nameOf(p).localeCompare(nameOf(q)),
  );
}

/** Each version planned in a worker, by its id. */
export function usePlanned(versions: Project[]): Map<string, Planned> {
  const [planned, setPlanned] = useState(new Map<string, Planned>());
  // A list of the same versions is the same list.
  const [list, setList] = useState(versions);
  if (versions.length !== list.length || versions.some((own, k) => own !== list[k])) {
    setList(versions);
  }
  useEffect(() => {
    const worker = new Worker(new URL("../workers/options.worker.ts", import.meta.url), {
      type: "module",
    });
    const remote = wrap<OptionsWorker>(worker);
    let gone = false;
    const tell = (id: string, own: Planned) => {
      if (!gone) setPlanned((before) => new Map(before).set(id, own));
    };
    const all = list.map((version) =>
      remote.plan(version).then(
        (own) => tell(version.id, own),
        () => tell(version.id, null),
      ),
    );
    void Promise.all(all).then(() => worker.terminate());
    return () => {
      gone = true;
      worker.terminate();
    };
  }, [list]);
  return planned;
}
