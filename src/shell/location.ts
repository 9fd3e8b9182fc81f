import { useSyncExternalStore } from "react";

/** Where in the application the address points: a job, or the list of jobs. */
export interface Place {
  job: string | undefined;
}

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  addEventListener("popstate", listener);
  return () => {
    listeners.delete(listener);
    removeEventListener("popstate", listener);
  };
}

/** The place of the address bar; back and forward of the browser work. */
export function useLocation(): Place {
  const search = useSyncExternalStore(
    subscribe,
    () => location.search,
    () => "",
  );
  return { job: new URLSearchParams(search).get("job") ?? undefined };
}

function go(address: string): void {
  history.pushState(null, "", address);
  for (const listener of listeners) listener();
}

export function openJobId(id: string): void {
  go(`/?job=${encodeURIComponent(id)}`);
}

export function openJobList(): void {
  go("/");
}
