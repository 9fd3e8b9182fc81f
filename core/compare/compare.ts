import { type Plan, planProject } from "../plan.ts";
import type { Project } from "../project/schema.ts";
import { applyLayout } from "./apply.ts";
import { looksAlike } from "./choose.ts";
import { evaluateWall } from "./evaluate-wall.ts";
import { type GivesUp, givesUp, type PlannedLayout, smallestCut } from "./gives-up.ts";
import type { Candidate, GoOn, Layout, SearchResult } from "./layout.ts";
import { type ModelWall, type SearchModel, searchModel } from "./model.ts";
import { type Aim, scoreParts, type Weights, weightsOn } from "./score.ts";
import { searchLayouts } from "./search.ts";
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
  /** Pieces that are slivers, and cut pieces, of the field and all zones. */
  slivers: number;
  cuts: number;
  givesUp: GivesUp;
}

/** The answer of a search over all variants. */
export interface Comparison {
  found: ComparedLayout[];
  /** The job as it is, by the same weights. */
  own: { score: number; parts: ScoreParts };
  covered: number;
  /** How many joints and niche sizes were tried. */
  variants: number;
  /** Every joint of the range was tried, and not the tape's marks alone. */
  everyJoint: boolean;
  /** How much was looked at; below 1 a better layout may have been missed. */
  share: number;
  /** What no layout does better than; unknown as long as some were not looked at. */
  provenSmallest?: { along: number; across: number };
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
  goOn: GoOn<Comparison> = () => true,
): Comparison | undefined {
  const ranges = { nicheRange, nicheAcross, seenFirst: project.setOut.seenFirst };
  const variants = variantsOf(project, limits, ranges);
  const comparison = (pool: VariantCandidate[], covered: number, share: number): Comparison => {
    const chosen = chooseAcross(pool);
    const made = chosen.map(madeFrom);
    return {
      found: made.map((candidate) => compared(candidate, made, weights)),
      own: ownScore(project, weights, nicheRange),
      covered,
      variants: variants.length,
      everyJoint: limits.joint.every === true && limits.joint.most > limits.joint.least,
      share,
    };
  };
  let pool: VariantCandidate[] = [];
  const proven = { along: 0, across: 0 };
  let covered = 0;
  for (const [k, variant] of variants.entries()) {
    const plan = planProject(variant);
    const model = searchModel(plan, variant.setOut.firstCourse.drop, ranges);
    if (!model) return undefined;
    const withFound = ({ candidates }: SearchResult) => [
      ...pool,
      ...candidates.map((found) => ({ ...found, model, project: variant, plan })),
    ];
    const result = searchLayouts(model, weights, (part, soFar) => {
      const share = (k + part) / variants.length;
      return goOn(share, () => {
        const found = soFar();
        return comparison(withFound(found), covered + found.covered, share);
      });
    });
    if (!result) return undefined;
    covered += result.covered;
    proven.along = Math.max(proven.along, result.provenSmallest.along);
    proven.across = Math.max(proven.across, result.provenSmallest.across);
    pool = bestOfEachAim(withFound(result));
  }
  return { ...comparison(pool, covered, 1), provenSmallest: proven };
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

/** The best of each aim that really differ, no more than can be shown. */
function bestOfEachAim(pool: VariantCandidate[]): VariantCandidate[] {
  return (Object.keys(JUDGED) as Aim[]).flatMap((aim) => {
    const ranked = pool
      .filter((candidate) => candidate.aim === aim)
      .sort(
        (p, q) => JUDGED[aim](p.layout) - JUDGED[aim](q.layout) || p.layout.score - q.layout.score,
      );
    const kept: VariantCandidate[] = [];
    for (const candidate of ranked) {
      if (kept.length === HANDFUL) break;
      if (!kept.some((better) => isLike(better, candidate))) kept.push(candidate);
    }
    return kept;
  });
}

/** Joints that differ by less look the same, mm. */
const SAME_LOOK_JOINT = 0.5;

/** Whether two layouts look the same on the wall. */
function isLike(p: VariantCandidate, q: VariantCandidate): boolean {
  const sizes = ({ project }: VariantCandidate) =>
    project.walls.flatMap(({ openings }) =>
      openings.flatMap(({ width, height }) => [width, height]),
    );
  const others = sizes(q);
  return (
    Math.abs(p.model.bond.joint - q.model.bond.joint) < SAME_LOOK_JOINT &&
    sizes(p).every((size, k) => Math.abs(size - (others[k] ?? 0)) < SAME_LOOK_JOINT) &&
    looksAlike(p.layout, q.layout, p.model.walls)
  );
}

/** The best of each aim, then the next best by the user's weights. */
function chooseAcross(pool: VariantCandidate[]): VariantCandidate[] {
  const chosen: VariantCandidate[] = [];
  const take = (candidate: VariantCandidate | undefined) => {
    if (candidate && !chosen.some((other) => isLike(other, candidate))) chosen.push(candidate);
  };
  const best = bestOfEachAim(pool);
  for (const aim of Object.keys(JUDGED) as Aim[]) take(best.find((each) => each.aim === aim));
  for (const candidate of best) {
    if (chosen.length < HANDFUL && candidate.aim === "all") take(candidate);
  }
  return chosen;
}

/** A candidate in the job that it makes. */
interface MadeLayout extends PlannedLayout {
  candidate: VariantCandidate;
  project: Project;
  plan: Plan;
}

function madeFrom(candidate: VariantCandidate): MadeLayout {
  const { layout, model, project, plan } = candidate;
  const draft = structuredClone(project);
  applyLayout(project, plan, model, layout).change(draft);
  const made = planProject(draft);
  return {
    candidate,
    layout,
    project: draft,
    plan: made,
    slivers: made.warnings
      .filter((warning) => warning.code === "sliver")
      .reduce((sum, { values }) => sum + values.count, 0),
    cuts: made.totals.tilesCut,
  };
}

function compared(made: MadeLayout, all: MadeLayout[], weights: Weights): ComparedLayout {
  const { candidate, layout, project, plan, slivers, cuts } = made;
  const { aim, model } = candidate;
  return {
    aim,
    score: layout.score,
    parts: partsOf(
      layout.walls.map(({ terms, wall }) => {
        const own = model.walls.find(({ id }) => id === wall) as ModelWall;
        return scoreParts(terms, own.bond, weightsOn(own, weights));
      }),
    ),
    project,
    plan,
    smallest: smallestCut(layout),
    slivers,
    cuts,
    givesUp: givesUp(made, all),
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
      const { bond } = wall;
      const [x = 0, y = 0] = plan.walls.find(({ id }) => id === wall.id)?.origin ?? [];
      const placing = bond.standing ? { along: y, across: x } : { along: x, across: y };
      return scoreParts(evaluateWall(bond, wall, placing), bond, weightsOn(wall, weights));
    }),
  );
  return { score: Object.values(parts).reduce((sum, part) => sum + part, 0), parts };
}
