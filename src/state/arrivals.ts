import { create } from "zustand";
import type { Imported } from "../storage/importing.ts";
import { askToKeep } from "../storage/keeping.ts";
import { ui } from "../words/ui.ts";
import { openJobId, openJobList, shownPlace } from "./location.ts";

/** What came of a file from outside. */
export type Outcome = Imported & { n: number; file: string };

/** What came of files is told on the list of jobs until it is closed, the newest first. */
export const useArrivals = create<{ outcomes: Outcome[] }>(() => ({ outcomes: [] }));

let count = 0;
/** Files are imported one after the other, in whatever order they come. */
let last: Promise<unknown> = Promise.resolve();

/** What reads files is loaded with the first of them. */
async function take(file: File): Promise<Imported> {
  try {
    const { importFile } = await import("../storage/importing.ts");
    return await importFile(file);
  } catch {
    return { kind: "refused", problems: [ui.failed.loading] };
  }
}

/** Takes files in, wherever one is, and shows what came of them; a single job is opened. */
export function arrive(files: readonly File[]): void {
  if (shownPlace().kind !== "jobs") openJobList();
  last = last.then(async () => {
    const outcomes: Outcome[] = [];
    for (const file of files) {
      outcomes.push({ ...(await take(file)), n: ++count, file: file.name });
    }
    if (outcomes.some(({ kind }) => kind === "job")) void askToKeep();
    const [only] = outcomes;
    const opens = outcomes.length === 1 && only?.kind === "job" && !only.beside;
    if (opens && shownPlace().kind === "jobs") openJobId(only.id);
    else useArrivals.setState((before) => ({ outcomes: [...outcomes, ...before.outcomes] }));
  });
}

/** What was told is not told again. */
export function closeOutcome(outcome: Outcome): void {
  useArrivals.setState(({ outcomes }) => ({
    outcomes: outcomes.filter((each) => each !== outcome),
  }));
}

interface LaunchQueue {
  setConsumer: (consumer: (launched: { files: FileSystemFileHandle[] }) => void) => void;
}

/** Where the service worker leaves a file that was shared to the application. */
const SHARED = "dintel-shared";

/** Takes what was shared while the application was not open. */
async function takeShared(): Promise<void> {
  if (!("caches" in window) || !(await caches.has(SHARED))) return;
  const cache = await caches.open(SHARED);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    const name = decodeURIComponent(new URL(request.url).pathname.split("/").at(-1) ?? "");
    if (response) files.push(new File([await response.blob()], name));
  }
  await caches.delete(SHARED);
  if (files.length > 0) arrive(files);
}

/** Takes the job that stands in the address; the address is then that of the list alone. */
async function takeLinked(): Promise<void> {
  const { hash, pathname, search } = location;
  if (hash === "") return;
  const { fromLink } = await import("../storage/job-link.ts");
  const text = await fromLink(hash);
  if (text === undefined) return;
  history.replaceState(history.state, "", pathname + search);
  // What is damaged is told as a file that is.
  arrive([new File([text ?? ""], ui.jobs.fromLink)]);
}

/**
 * Files that are dropped on the page, opened with the application or shared to it are imported.
 * Gives the function that ends it.
 */
export function listenForFiles(): () => void {
  const over = (event: DragEvent) => {
    if (event.dataTransfer?.types.includes("Files")) event.preventDefault();
  };
  const drop = (event: DragEvent) => {
    const files = [...(event.dataTransfer?.files ?? [])];
    // A field of files takes its own.
    if (files.length === 0 || (event.target as Element).closest("input")) return;
    event.preventDefault();
    arrive(files);
  };
  addEventListener("dragover", over);
  addEventListener("drop", drop);
  const { launchQueue } = window as { launchQueue?: LaunchQueue };
  launchQueue?.setConsumer(({ files }) => {
    void Promise.all(files.map((file) => file.getFile())).then((all) => {
      if (all.length > 0) arrive(all);
    });
  });
  void takeShared().catch(() => undefined);
  const linked = () => void takeLinked();
  linked();
  addEventListener("hashchange", linked);
  return () => {
    removeEventListener("hashchange", linked);
    removeEventListener("dragover", over);
    removeEventListener("drop", drop);
  };
}
