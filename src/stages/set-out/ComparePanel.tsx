import { useEffect, useRef, useState } from "react";
import { DEFAULT_WEIGHTS } from "../../../core/compare/score.ts";
import type { Project } from "../../../core/project/schema.ts";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/en.ts";
import type { SearchAnswer } from "../../workers/search.worker.ts";
import { type RunningSearch, startSearch } from "../../workers/searcher.ts";
import { PanelTitle } from "../PanelParts.tsx";
import { CompareLimits, type Limits, SeenFirst, WeightFields } from "./CompareFields.tsx";
import { FoundLayouts } from "./FoundLayouts.tsx";

/** How far niches may move unless the user says otherwise, mm. */
const NICHE_RANGE = 300;

type State =
  | { kind: "ready" }
  | { kind: "running"; share: number; since: number }
  | { kind: "found"; answer: SearchAnswer }
  | { kind: "said"; words: string };

/** Nothing is told of the time before this much has gone by: it would jump about, s. */
const FIRST_WORD = 2;

/** How many seconds are left by what went by; undefined as long as that says little. */
function leftOf(share: number, since: number): number | undefined {
  const gone = (Date.now() - since) / 1000;
  return gone < FIRST_WORD || share === 0 ? undefined : (gone / share) * (1 - share);
}

/** Layouts that the setter would not have found, each with what it gives up. */
export function ComparePanel({ project }: { project: Project }) {
  const [weights, setWeights] = useState(DEFAULT_WEIGHTS);
  const { joint: own } = project.field;
  const [limits, setLimits] = useState<Limits>({
    nicheRange: NICHE_RANGE,
    nicheAcross: 0,
    nicheSize: 0,
    bandRange: 0,
    joint: { least: own, most: own, every: false },
  });
  const [state, setState] = useState<State>({ kind: "ready" });
  const running = useRef<RunningSearch | undefined>(undefined);
  useEffect(() => () => void running.current?.stop(), []);
  const start = async () => {
    const since = Date.now();
    const search = startSearch({ project, weights, ...limits }, (share) => {
      if (running.current === search) setState({ kind: "running", share, since });
    });
    running.current = search;
    setState({ kind: "running", share: 0, since });
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
  return (
    <>
      <PanelTitle>{ui.compare.title}</PanelTitle>
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => useView.setState({ comparing: false })}
      >
        {ui.compare.back}
      </button>
      <p className="mt-2 mb-2 text-sm">
        {ui.compare.intro}
        {project.walls.some(({ centre }) => centre.mode === "corner") && ` ${ui.compare.parted}`}
      </p>
      <CompareLimits project={project} limits={limits} onChange={setLimits} />
      {project.walls.length > 1 && <SeenFirst project={project} />}
      <WeightFields weights={weights} onChange={setWeights} />
      <div className="mt-3" data-search={state.kind}>
        {state.kind === "running" ? (
          <>
            <div className="flex items-center gap-2">
              <progress
                className="progress progress-primary h-3 flex-1"
                aria-label={ui.compare.title}
                max={1}
                value={state.share}
              />
              <button type="button" className="btn btn-sm" onClick={stop}>
                {ui.compare.stop}
              </button>
            </div>
            <p className="mt-1 text-sm">
              {ui.compare.progress(state.share, leftOf(state.share, state.since))}
            </p>
          </>
        ) : (
          <button type="button" className="btn btn-primary w-full" onClick={() => void start()}>
            {ui.compare.start}
          </button>
        )}
        {state.kind === "said" && (
          <p role="status" className="mt-2 text-sm">
            {state.words}
          </p>
        )}
        {state.kind === "found" && <FoundLayouts answer={state.answer} project={project} />}
      </div>
    </>
  );
}
