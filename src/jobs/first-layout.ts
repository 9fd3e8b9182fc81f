import { DEFAULT_WEIGHTS } from "../../core/compare/score.ts";
import type { Project } from "../../core/project/schema.ts";
import type { SearchAnswer } from "../workers/search.worker.ts";
import type { startSearch } from "../workers/searcher.ts";

/** A new job waits no longer for its search than this, ms: by then it is nearly always over. */
const LONGEST_WAIT = 4000;

/** Scores nearer than this are the same: the plainer layout of the answers stays. */
const SAME_SCORE = 1e-6;

/**
 * A new job on the best layout that a search by the trade's weights finds, so that it opens on
 * good cuts and not on those that its answers happen to give. Where nothing better is found, or not
 * in time, the job as it is.
 */
export async function onBestLayout(
  project: Project,
  search: typeof startSearch,
  longestWait = LONGEST_WAIT,
): Promise<Project> {
  const { joint } = project.field;
  const question = {
    project,
    weights: DEFAULT_WEIGHTS,
    nicheRange: 0,
    nicheAcross: 0,
    nicheSize: 0,
    bandRange: 0,
    joint: { least: joint, most: joint, every: false },
  };
  try {
    const running = search(
      question,
      () => undefined,
      () => undefined,
    );
    const late = new Promise<SearchAnswer | undefined>((resolve) => {
      setTimeout(() => resolve(running.stop()), longestWait);
    });
    const answer = await Promise.race([running.answer, late]);
    const [best] = answer?.found ?? [];
    const better = best && answer && best.score < answer.own.score - SAME_SCORE;
    return better ? best.project : project;
  } catch {
    // Without a search the job can be planned all the same.
    return project;
  }
}
