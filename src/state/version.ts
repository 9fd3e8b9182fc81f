import { create } from "zustand";

/**
 * Whether the version that runs is the newest: "waiting" when a newer one is here and starts when
 * it is asked to, "replaced" when another tab has started it and this one still runs the old.
 */
export type VersionState = "newest" | "waiting" | "replaced";

export const useVersion = create<{ version: VersionState }>(() => ({ version: "newest" }));

/** How often a page that stays open asks for a newer version, ms. */
const ASK_EVERY = 60 * 60_000;

/** On the first visit everything is fetched to be kept: so long it leaves the network to what is shown, ms. */
const FIRST_WAIT = 5000;

/** A newer version that was asked for starts within this, ms. */
const LONGEST_WAIT = 4000;

let waiting: ServiceWorker | undefined;
/** This tab has asked for the new version, and is loaded anew once it runs. */
let asked = false;

function tell(worker: ServiceWorker | null): void {
  // The first one of all is no news.
  if (!worker || !navigator.serviceWorker.controller) return;
  waiting = worker;
  useVersion.setState({ version: "waiting" });
}

/** Has the browser keep the application for days without a network, and hear of newer versions. */
export async function keepOffline(): Promise<void> {
  if (!("serviceWorker" in navigator)) return;
  const { serviceWorker } = navigator;
  const first = serviceWorker.controller === null;
  serviceWorker.addEventListener("controllerchange", () => {
    if (asked) location.reload();
    else if (!first) useVersion.setState({ version: "replaced" });
  });
  if (first) await new Promise((resolve) => setTimeout(resolve, FIRST_WAIT));
  // A browser may refuse, as in a private window: then it is a page as any other.
  const registration = await serviceWorker
    .register("/service-worker.js", { updateViaCache: "none" })
    .catch(() => undefined);
  if (!registration) return;
  tell(registration.waiting);
  registration.addEventListener("updatefound", () => {
    const { installing } = registration;
    installing?.addEventListener("statechange", () => {
      if (installing.state === "installed") tell(installing);
    });
  });
  setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY);
}

/** Starts the version that waits; the page is loaded anew, never by itself. */
export function startNewVersion(): void {
  asked = true;
  if (waiting && useVersion.getState().version === "waiting") {
    waiting.postMessage({ type: "SKIP_WAITING" });
    // What the old version still fetches can hold the new one back: loading anew ends that too.
    setTimeout(() => location.reload(), LONGEST_WAIT);
  } else {
    location.reload();
  }
}
