import { proxy, wrap } from "comlink";
import type { SearchAnswer, SearchQuestion, SearchWorker } from "./search.worker.ts";

/** A search that runs; stopping it ends its worker at once and gives what it had found lately. */
export interface RunningSearch {
  answer: Promise<SearchAnswer | undefined>;
  stop: () => SearchAnswer | undefined;
}

/** Starts a search in a worker of its own, so that planning goes on beside it. */
export function startSearch(
  question: SearchQuestion,
  onProgress: (share: number) => void,
  onSoFar: (answer: SearchAnswer) => void,
): RunningSearch {
  const worker = new Worker(new URL("./search.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<SearchWorker>(worker);
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message));
  });
  let lately: SearchAnswer | undefined;
  const keep = (soFar: SearchAnswer) => {
    lately = soFar;
    onSoFar(soFar);
  };
  const answer = Promise.race([remote.search(question, proxy(onProgress), proxy(keep)), failed]);
  void answer.finally(() => worker.terminate()).catch(() => undefined);
  const stop = () => {
    worker.terminate();
    return lately;
  };
  return { answer, stop };
}
