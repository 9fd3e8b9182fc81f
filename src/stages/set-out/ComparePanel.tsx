import { useState } from "react";
import { DEFAULT_WEIGHTS } from "../../../core/compare/score.ts";
import type { Project } from "../../../core/project/schema.ts";
import { PanelTitle } from "../../panel/PanelParts.tsx";
import { useView } from "../../state/view-store.ts";
import { ui } from "../../words/ui.ts";
import { CompareLimits, type Limits, SeenFirst, WeightFields } from "./CompareFields.tsx";
import { FoundLayouts } from "./FoundLayouts.tsx";
import { type SearchState, useSearch } from "./useSearch.ts";

/** How far niches may move unless the user says otherwise, mm. */
const NICHE_RANGE = 300;

/** Layouts that the setter would not have found, each with what it gives up. */
export function ComparePanel({ project }: { project: Project }) {
  const [weights, setWeights] = useState(DEFAULT_WEIGHTS);
  const { joint: own } = project.field;
  const [limits, setLimits] = useState<Limits>({
    nicheRange: NICHE_RANGE,
    nicheAcross: 0,
    nicheSize: 0,
    bandRange: useView.getState().bandRange,
    joint: { least: own, most: own, every: false },
  });
  const { state, start, stop } = useSearch();
  return (
    <>
      <PanelTitle>{ui.compare.title}</PanelTitle>
      <button
        type="button"
        className="btn btn-sm mt-2"
        onClick={() => useView.setState({ comparing: false, bandRange: 0 })}
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
          <Running {...state} onStop={stop} />
        ) : (
          <button
            type="button"
            className="btn btn-primary w-full"
            onClick={() => void start({ project, weights, ...limits })}
          >
            {ui.compare.start}
          </button>
        )}
        <Outcome state={state} project={project} />
      </div>
    </>
  );
}

/** What a search says: why it found nothing, or what it found, for good or so far. */
function Outcome({ state, project }: { state: SearchState; project: Project }) {
  if (state.kind === "said") {
    return (
      <p role="status" className="mt-2 text-sm">
        {state.words}
      </p>
    );
  }
  if (state.kind === "found") return <FoundLayouts answer={state.answer} project={project} />;
  if (state.kind === "ready" || !state.soFar) return null;
  return <FoundLayouts answer={state.soFar} project={project} running />;
}

interface RunningProps {
  share: number;
  since: number;
  onStop: () => void;
}

function Running({ share, since, onStop }: RunningProps) {
  return (
    <>
      <div className="flex items-center gap-2">
        <progress
          className="progress progress-primary h-3 flex-1"
          aria-label={ui.compare.title}
          max={1}
          value={share}
        />
        <button type="button" className="btn btn-sm" onClick={onStop}>
          {ui.compare.stop}
        </button>
      </div>
      <p className="mt-1 text-sm">{ui.compare.progress(share, leftOf(share, since))}</p>
    </>
  );
}

/** Nothing is told of the time before this much has gone by: it would jump about, s. */
const FIRST_WORD = 2;

/** How many seconds are left by what went by; undefined as long as that says little. */
function leftOf(share: number, since: number): number | undefined {
  const gone = (Date.now() - since) / 1000;
  return gone < FIRST_WORD || share === 0 ? undefined : (gone / share) * (1 - share);
}
