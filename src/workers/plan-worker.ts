const begin = () => new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" });

/**
 * The worker that plans is asked for before anything else of the application runs: it comes while
 * the rest is being evaluated, half a second sooner on a slow device.
 */
let begun = typeof Worker === "undefined" ? undefined : begin();

/** The worker that was begun at the start; a new one after that. */
export function takePlanWorker(): Worker {
  const worker = begun ?? begin();
  begun = undefined;
  return worker;
}
