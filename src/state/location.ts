import { useSyncExternalStore } from "react";

/** Where in the application the address points: a job, or the list of jobs. */
export interface Place {
  job: string | undefined;
}

const listeners = new Set<() => void>();

/** What is on the screen: it follows the address unless somebody asks before it does. */
let shown = typeof location === "undefined" ? "" : location.search;

/** Asked before another place is shown; true when it asks the user first. */
let holdsBack: (to: string) => boolean = () => false;

/** Lets what is open ask before it is left. */
export function askBeforeLeaving(ask: (to: string) => boolean): void {
  holdsBack = ask;
}

function showAddress(): void {
  shown = location.search;
  for (const listener of listeners) listener();
}

function onPopState(): void {
  if (location.search === shown) return;
  const { href } = location;
  if (holdsBack(href)) history.pushState(null, "", `/${shown}`);
  else showAddress();
}

function subscribe(listener: () => void): () => void {
  if (listeners.size === 0) addEventListener("popstate", onPopState);
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) removeEventListener("popstate", onPopState);
  };
}

/** The place of the address bar; back and forward of the browser work. */
export function useLocation(): Place {
  const search = useSyncExternalStore(
    subscribe,
    () => shown,
    () => "",
  );
  return { job: new URLSearchParams(search).get("job") ?? undefined };
}

/** Goes to an address without asking. */
export function goAllTheSame(address: string): void {
  history.pushState(null, "", address);
  showAddress();
}

function go(address: string): void {
  if (!holdsBack(address)) goAllTheSame(address);
}

function addressOf(job: string): string {
  return `/?job=${encodeURIComponent(job)}`;
}

export function openJobId(id: string): void {
  go(addressOf(id));
}

export function openJobList(): void {
  go("/");
}

/** The open job goes on under another id: back does not lead to the one that has gone. */
export function replaceJobId(id: string): void {
  history.replaceState(null, "", addressOf(id));
  showAddress();
}
