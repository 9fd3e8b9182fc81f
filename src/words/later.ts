import { english } from "./en.ts";

let loading: Promise<void> | undefined;

/** The words of all parts that are loaded later: they are there before the first of these is shown. */
export function laterWords(): Promise<void> {
  loading ??= load().catch((error: unknown) => {
    // Without a network now, it is asked for again.
    loading = undefined;
    throw error;
  });
  return loading;
}

async function load(): Promise<void> {
  const { later } = await import("./en/later.ts");
  Object.assign(english, later);
}
