import { useSyncExternalStore } from "react";
import { addressOf, JOBS, type Place, placeOf } from "./address.ts";

const listeners = new Set<() => void>();

/** What is on the screen: it follows the address unless somebody asks before it does. */
let shown = typeof location === "undefined" ? JOBS : here();

/** Asked before another job or the list is shown; true when it asks the user first. */
let holdsBack: (to: string) => boolean = () => false;

function here(): string {
  return location.pathname + location.search;
}

/** Lets what is open ask before it is left. */
export function askBeforeLeaving(ask: (to: string) => boolean): void {
  holdsBack = ask;
}

function showAddress(): void {
  shown = here();
  for (const listener of listeners) listener();
}

function onPopState(): void {
  if (here() === shown) return;
  const { href } = location;
  if (leavesJob(href) && holdsBack(href)) history.pushState(null, "", shown);
  else showAddress();
}

function leavesJob(to: string): boolean {
  return jobOf(placeOf(to)) !== jobOf(placeOf(shown));
}

function jobOf(place: Place): string | undefined {
  return place.kind === "job" ? place.job : undefined;
}

/** Tells whenever another address is shown; gives the function that ends it. */
export function onAddress(listener: () => void): () => void {
  if (listeners.size === 0) addEventListener("popstate", onPopState);
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
    if (listeners.size === 0) removeEventListener("popstate", onPopState);
  };
}

/** The place that is shown. */
export function shownPlace(): Place {
  return placeOf(shown);
}

/** The job of the address, "" on the list, undefined where there is nothing. */
export function useOpenJob(): string | undefined {
  return useSyncExternalStore(
    onAddress,
    () => {
      const place = shownPlace();
      return place.kind === "jobs" ? "" : jobOf(place);
    },
    () => "",
  );
}

/** Marks an entry of the history that lies over the one before it, as a ticket over its stage. */
const OVER = "over";

/** Writes down where somebody looks now; nothing else is shown by it. */
export function noteAddress(address: string, how: "push" | "over" | "replace"): void {
  if (address === shown) return;
  if (how === "replace") history.replaceState(history.state, "", address);
  else history.pushState(how === "over" ? OVER : null, "", address);
  shown = here();
}

/** Closes what lies over another entry by going back to that; false where nothing does. */
export function closeOver(): boolean {
  if (history.state !== OVER) return false;
  history.back();
  return true;
}

/** Goes to an address without asking. */
export function goAllTheSame(address: string): void {
  history.pushState(null, "", address);
  showAddress();
}

function go(address: string): void {
  if (!holdsBack(address)) goAllTheSame(address);
}

export function openJobId(id: string): void {
  go(addressOf(id));
}

export function openJobList(): void {
  go(JOBS);
}

/** The open job goes on under another id: back does not lead to the one that has gone. */
export function replaceJobId(id: string): void {
  history.replaceState(null, "", addressOf(id));
  showAddress();
}
