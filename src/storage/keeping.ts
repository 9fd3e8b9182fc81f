/** How much of the device's storage is used, and whether the browser may clear it by itself. */
export interface Keeping {
  usedBytes: number;
  /** The browser has promised to keep it. */
  promised: boolean;
}

/** Asks the browser to keep the jobs even when the device runs out of room. It may say no. */
export async function askToKeep(): Promise<void> {
  await navigator.storage?.persist?.().catch(() => false);
}

/** What the browser says of its storage; undefined where it says nothing. */
export async function readKeeping(): Promise<Keeping | undefined> {
  const { storage } = navigator;
  if (!storage?.estimate) return undefined;
  const [{ usage = 0 }, promised] = await Promise.all([
    storage.estimate(),
    storage.persisted?.() ?? false,
  ]);
  return { usedBytes: usage, promised };
}
