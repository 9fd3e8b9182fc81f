import { useEffect, useRef, useState } from "react";
import { ui } from "../../words/ui.ts";
import type { SearchAnswer, SearchQuestion } from "../../workers/search.worker.ts";
import { type RunningSearch, startSearch } from "../../workers/searcher.ts";

/** How far a search is. */
export type SearchState =
  | { kind: "ready" }
  | { kind: "running"; share: number; since: number; soFar: SearchAnswer | undefined }
  | { kind: "found"; answer: SearchAnswer }
  | { kind: "said"; words: string };

/** A search that is started and stopped; leaving the panel ends it. */
export function useSearch() {
  const [state, setState] = useState<SearchState>({ kind: "ready" });
  const running = useRef<RunningSearch | undefined>(undefined);
  useEffect(() => () => void running.current?.stop(), []);

  const start = async (question: SearchQuestion) => {
    const told = { kind: "running" as const, share: 0, since: Date.now() };
    // A search that was stopped may still have something to say.
    const tell = (part: { share: number } | { soFar: SearchAnswer }) => {
      if (running.current !== search) return;
      setState((known) => ({ ...told, soFar: undefined, ...known, ...part }) as SearchState);
    };
    const search = startSearch(
      question,
      (share) => tell({ share }),
      (soFar) => tell({ soFar }),
    );
    running.current = search;
    setState({ ...told, soFar: undefined });
    try {
      const answer = await search.answer;
      if (running.current !== search) return;
      setState(answer ? { kind: "found", answer } : { kind: "said", words: ui.compare.none });
    } catch {
      if (running.current === search) setState({ kind: "said", words: ui.compare.failed });
    }
  };

  const stop = () => {
    const answer = running.current?.stop();
    running.current = undefined;
    const any = answer !== undefined && answer.found.length > 0;
    setState(any ? { kind: "found", answer } : { kind: "said", words: ui.compare.stopped });
  };
  return { state, start, stop };
}
