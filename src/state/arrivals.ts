import { create } from "zustand";
import { openJobList, shownPlace } from "./location.ts";

/** Files that came from outside and wait to be imported. */
export const useArrivals = create<{ files: File[] }>(() => ({ files: [] }));

/** Takes files in wherever one is: the list of jobs imports them. */
export function arrive(files: Iterable<File>): void {
  useArrivals.setState((before) => ({ files: [...before.files, ...files] }));
  if (shownPlace().kind !== "jobs") openJobList();
}

/** Gives the files that wait, once. */
export function takeArrivals(): File[] {
  const { files } = useArrivals.getState();
  if (files.length > 0) useArrivals.setState({ files: [] });
  return files;
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
  return () => {
    removeEventListener("dragover", over);
    removeEventListener("drop", drop);
  };
}
