import { type Plan, planProject } from "../../plan.ts";
import type { Project } from "../../project/schema.ts";
import { applyLayout } from "./apply.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { type GivesUp, givesUp, smallestCut } from "./gives-up.ts";
import { type SearchModel, searchModel } from "./model.ts";
import { type Aim, scoreParts, type Weights, weightsOn } from "./score.ts";
import { type Candidate, type Layout, searchLayouts } from "./search.ts";
import { type VariantLimits, variantsOf } from "./variants.ts";

/** What a search may change, and what counts. */
export interface CompareQuestion extends VariantLimits {
  project: Project;
  weights: Weights;
  /** How far niches may move up or down in all, and to the left and right, mm. */
  nicheRange: number;
  nicheAcross: number;
}

/** Where a layout's score comes from: what each term adds. */
export type ScoreParts = Record<keyof Weights, number>;

/** A layout that was found: the job and plan that it makes, and what it gives up. */
export interface ComparedLayout {
  aim: Aim;
  score: number;
  parts: ScoreParts;
  project: Project;
  plan: Plan;
  smallest: number;
  givesUp: GivesUp;
}

/** The answer of a search over all variants. */
export interface Comparison {
  found: ComparedLayout[];
  /** The job as it is, by the same weights. */
  own: { score: number; parts: ScoreParts };
  covered: number;
  variants: number;
  provenSmallest: { along: number; across: number };
}

interface VariantCandidate extends Candidate {
  model: SearchModel;
  project: Project;
  plan: Plan;
}

/**
 * Searches every variant of joint and niche size, each exhaustively, and picks the best handful of
 * all. Undefined when there is nothing to search or `goOn` says to stop.
 */
export function compareLayouts(
  { project, weights, nicheRange, nicheAcross, ...limits }: CompareQuestion,
  goOn: (share: number) => boolean = () => true,
): Comparison | undefined {
  const variants = variantsOf(project, limits);
  const pool: VariantCandidate[] = [];
  const proven = { along: 0, across: 0 };
  let covered = 0;
  for (const [k, variant] of variants.entries()) {
    const plan = planProject(variant);
    const ranges = { nicheRange, nicheAcross, seenFirst: project.setOut.seenFirst };
    const model = searchModel(plan, variant.setOut.firstCourse.drop, ranges);
    if (!model) return undefined;
    const result = searchLayouts(model, weights, (share) => goOn((k + share) / variants.length));
    if (!result) return undefined;
    covered += result.covered;
    proven.along = Math.max(proven.along, result.provenSmallest.along);
    proven.across = Math.max(proven.across, result.provenSmallest.across);
    pool.push(...result.candidates.map((found) => ({ ...found, model, project: variant, plan })));
  }
  const chosen = chooseAcross(pool);
  const layouts = chosen.map(({ layout }) => layout);
  return {
    found: chosen.map((candidate) => compared(candidate, layouts, weights)),
    own: ownScore(project, weights, nicheRange),
    covered,
    variants: variants.length,
    provenSmallest: proven,
  };
}

/** What each aim is judged by across variants: lower is better. */
const JUDGED: Record<Aim, (layout: Layout) => number> = {
  all: ({ score }) => score,
  smallest: (layout) => -smallestCut(layout),
  balance: ({ walls }) =>
    walls.reduce((sum, { terms }) => sum + terms.endsDiffer + terms.headsDiffer, 0),
  openings: ({ walls }) => walls.reduce((sum, { terms }) => sum + terms.openingsOff, 0),
  cuts: ({ walls }) => walls.reduce((sum, { terms }) => sum + terms.cuts, 0),
};

/** At most so many layouts are shown. */
const HANDFUL = 5;

function chooseAcross(pool: VariantCandidate[]): VariantCandidate[] {
  const chosen: VariantCandidate[] = [];
  for (const aim of Object.keys(JUDGED) as Aim[]) {
    const [best] = pool
      .filter((candidate) => candidate.aim === aim && !chosen.includes(candidate))
      .sort(
        (p, q) => JUDGED[aim](p.layout) - JUDGED[aim](q.layout) || p.layout.score - q.layout.score,
      );
    if (best) chosen.push(best);
  }
  const rest = pool
    .filter((candidate) => candidate.aim === "all" && !chosen.includes(candidate))
    .sort((p, q) => p.layout.score - q.layout.score);
  return [...chosen, ...rest].slice(0, HANDFUL);
}

function compared(
  { aim, layout, model, project, plan }: VariantCandidate,
  all: Layout[],
  weights: Weights,
): ComparedLayout {
  const draft = structuredClone(project);
  applyLayout(project, plan, model, layout).change(draft);
  return {
    aim,
    score: layout.score,
    parts: partsOf(
      layout.walls.map(({ terms, wall }) => {
        const { counts = 1 } = model.walls.find(({ id }) => id === wall) ?? {};
        return scoreParts(terms, model.bond, weightsOn({ counts }, weights));
      }),
    ),
    project: draft,
    plan: planProject(draft),
    smallest: smallestCut(layout),
    givesUp: givesUp(layout, all),
  };
}

function partsOf(each: ScoreParts[]): ScoreParts {
  const [first] = each;
  const names = Object.keys(first ?? {}) as (keyof Weights)[];
  return Object.fromEntries(
    names.map((name) => [name, each.reduce((sum, parts) => sum + parts[name], 0)]),
  ) as ScoreParts;
}

/** The job's own layout judged as the search judges: its score and where it comes from. */
export function ownScore(project: Project, weights: Weights, nicheRange: number) {
  const plan = planProject(project);
  const model = searchModel(plan, project.setOut.firstCourse.drop, {
    nicheRange,
    seenFirst: project.setOut.seenFirst,
  });
  const parts = partsOf(
    (model?.walls ?? []).map((wall) => {
      const { bond } = model as SearchModel;
      const [x = 0, y = 0] = plan.walls.find(({ id }) => id === wall.id)?.origin ?? [];
      const placing = bond.standing ? { along: y, across: x } : { along: x, across: y };
      return scoreParts(evaluateWall(bond, wall, placing), bond, weightsOn(wall, weights));
    }),
  );
  return { score: Object.values(parts).reduce((sum, part) => sum + part, 0), parts };
}
