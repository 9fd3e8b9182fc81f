import { acrossPhases, alongPhases, nichePlaces, nichePlacesAlong } from "./candidates.ts";
import { type LayoutTerms, mod, type Placing } from "./evaluate.ts";
import { evaluateWall, nicheSignature } from "./evaluate-wall.ts";
import type { ModelBond, ModelWall, SearchModel } from "./model.ts";
import { AIMS, type Aim, scoreOf, type Weights, weightsFor } from "./score.ts";

/** A wall's layout with what it is judged by. */
export interface WallLayout {
  wall: string;
  /** Left edge of the reference tile, mm. */
  left: number;
  /** Where the opening that moves stands; none when none does. */
  niche?: number | undefined;
  terms: LayoutTerms;
  score: number;
}

/** One layout of the whole surround. */
export interface Layout {
  /** Foot of course 1, which all walls share, mm above the low point. */
  foot: number;
  walls: WallLayout[];
  score: number;
}

/** A layout worth looking at, and why. */
export interface Candidate {
  aim: Aim;
  layout: Layout;
}

/** What the search found. */
export interface SearchResult {
  candidates: Candidate[];
  /** Layouts of single walls that this answers for. */
  covered: number;
  /** The largest smallest cut that any layout has, mm: no layout keeps every cut above it. */
  provenSmallest: { along: number; across: number };
}

/**
 * Judges every layout on the breakpoints of every term: the pattern's phase on each wall, the
 * height of the courses that all walls share, and the height of niches. Walls only share the
 * courses, so for each height of the courses the best of each wall is the best of all. Exhaustive
 * and deterministic; gives undefined when `goOn` says to stop.
 */
export function searchLayouts(
  model: SearchModel,
  weights: Weights,
  goOn: (share: number) => boolean = () => true,
): SearchResult | undefined {
  const { bond, walls } = model;
  // Standing rows are shared along themselves: then each wall has its own phase across.
  return bond.standing
    ? searchShared(model, weights, goOn, sharedAlong(bond, walls), ownAcross())
    : searchShared(model, weights, goOn, acrossPhases(bond, walls), ownAlong());
}

/** A wall's own phases for one shared phase, and where its niche may be, by rows that it meets. */
interface OwnPlaces {
  phases: number[];
  placing: (phase: number, niche: number | undefined) => Placing;
  /** The wall with its niche there, where the niche moves along the rows. */
  wallAt?: (niche: number | undefined) => ModelWall;
  /** Heights of the niche in groups that meet the rows alike; one group without any. */
  niches: (number | undefined)[][];
}

type OwnPlacesOf = (bond: ModelBond, wall: ModelWall, shared: number) => OwnPlaces;

/** Phases of a wall do not depend on the shared one: worked out once a search. */
function remembering(phasesOf: (bond: ModelBond, wall: ModelWall) => number[]) {
  const known = new Map<ModelWall, number[]>();
  return (bond: ModelBond, wall: ModelWall) => {
    const phases = known.get(wall) ?? phasesOf(bond, wall);
    known.set(wall, phases);
    return phases;
  };
}

function ownAlong(): OwnPlacesOf {
  const phasesOf = remembering(alongPhases);
  return (bond, wall, across) => ({
    phases: phasesOf(bond, wall),
    placing: (along, niche) => ({ along, across, niche }),
    niches: nicheGroups(bond, wall, across),
  });
}

function nicheGroups(bond: ModelBond, wall: ModelWall, across: number): (number | undefined)[][] {
  const groups = new Map<string, number[]>();
  for (const niche of nichePlaces(bond, wall, across)) {
    const signature = nicheSignature(bond, wall, across, niche);
    const group = groups.get(signature);
    if (group) group.push(niche);
    else groups.set(signature, [niche]);
  }
  return groups.size > 0 ? [...groups.values()] : [[undefined]];
}

/** Standing rows share their phase along, and a niche moves along them: each place is judged alone. */
function ownAcross(): OwnPlacesOf {
  // Columns differ by their shift: a phase counts once for each of them.
  const phasesOf = remembering((bond, wall) =>
    bond.shifts.flatMap((_, k) =>
      acrossPhases(bond, [wall]).map((phase) => phase + k * (bond.depth + bond.joint)),
    ),
  );
  return (bond, wall, along) => ({
    phases: phasesOf(bond, wall),
    placing: (across) => ({ along, across }),
    wallAt: (niche) => withNicheAt(wall, niche),
    niches: nicheGroupsAlong(bond, wall, along),
  });
}

function nicheGroupsAlong(
  bond: ModelBond,
  wall: ModelWall,
  along: number,
): (number | undefined)[][] {
  const places = nichePlacesAlong(bond, wall, along);
  return places.length > 0 ? places.map((place) => [place]) : [[undefined]];
}

/** The wall with the opening that moves begun elsewhere along the rows. */
function withNicheAt(wall: ModelWall, niche: number | undefined): ModelWall {
  if (niche === undefined) return wall;
  const openings = wall.openings.map((opening) =>
    opening.moves ? { ...opening, x0: niche, x1: niche + opening.x1 - opening.x0 } : opening,
  );
  return { ...wall, openings };
}

function sharedAlong(bond: ModelBond, walls: ModelWall[]): number[] {
  return [...new Set(walls.flatMap((wall) => alongPhases(bond, wall)))].sort((a, b) => a - b);
}

function searchShared(
  { bond, walls, courseFoot }: SearchModel,
  weights: Weights,
  goOn: (share: number) => boolean,
  shared: number[],
  ownPlaces: OwnPlacesOf,
): SearchResult | undefined {
  const aims = AIMS.map((aim) => weightsFor(aim, weights));
  const pools: Layout[][] = AIMS.map(() => []);
  const proven = { along: 0, across: 0 };
  let covered = 0;
  const module = (bond.standing ? bond.length : bond.depth) + bond.joint;
  for (const [k, anywhere] of shared.entries()) {
    if (!goOn(k / shared.length)) return undefined;
    // Course 1 is the row that the shifts count from: it stands where a first course may stand.
    const phase = courseFoot - mod(courseFoot - anywhere, module);
    const found = walls.map((wall) => bestOfWall(bond, wall, ownPlaces(bond, wall, phase), aims));
    covered += found.reduce((sum, wall) => sum + wall.covered, 0);
    proven.along = Math.max(proven.along, Math.min(...found.map(({ most }) => most.along)));
    proven.across = Math.max(proven.across, Math.min(...found.map(({ most }) => most.across)));
    pools.forEach((pool, a) => {
      const layouts = found.map(({ best }) => best[a] as WallLayout);
      const score = layouts.reduce((sum, layout) => sum + layout.score, 0);
      pool.push({ foot: phase, walls: layouts, score });
    });
  }
  return { candidates: chooseCandidates(pools, bond, weights), covered, provenSmallest: proven };
}

/**
 * The best of one wall for each aim. Within a group of niche heights the score is a sum of what
 * the phase decides and what the height decides: the best phase at one height and the best height
 * at that phase are the best of the group, and no pair needs to be judged twice.
 */
function bestOfWall(bond: ModelBond, wall: ModelWall, own: OwnPlaces, aims: Weights[]) {
  const best: (WallLayout | undefined)[] = aims.map(() => undefined);
  const most = { along: 0, across: 0 };
  let covered = 0;
  const termsAt = (phase: number, niche: number | undefined) =>
    evaluateWall(bond, own.wallAt?.(niche) ?? wall, own.placing(phase, niche));
  for (const niches of own.niches) {
    covered += own.phases.length * niches.length;
    const there = own.wallAt?.(niches[0]) ?? wall;
    const atFirst = own.phases.map((phase) =>
      evaluateWall(bond, there, own.placing(phase, niches[0])),
    );
    for (const terms of atFirst) {
      most.along = Math.max(most.along, terms.smallestAlong);
      most.across = Math.max(most.across, terms.smallestAcross);
    }
    // Several aims often choose the same phase.
    const byPhase = new Map<number, LayoutTerms[]>();
    aims.forEach((aim, a) => {
      const phase = own.phases[leastIndex(atFirst, bond, aim)] as number;
      const each = byPhase.get(phase) ?? niches.map((niche) => termsAt(phase, niche));
      byPhase.set(phase, each);
      each.forEach((terms, k) => {
        most.across = Math.max(most.across, terms.smallestAcross);
        const score = scoreOf(terms, bond, aim);
        const held = best[a];
        if (held && score >= held.score - 1e-12) return;
        best[a] = { wall: wall.id, left: phase, niche: niches[k], terms, score };
      });
    });
  }
  return { best, most, covered };
}

function leastIndex(terms: LayoutTerms[], bond: ModelBond, weights: Weights): number {
  let [index, least] = [0, Infinity];
  terms.forEach((each, k) => {
    const score = scoreOf(each, bond, weights);
    if (score < least - 1e-12) [index, least] = [k, score];
  });
  return index;
}

/** Layouts that differ by less than this share of a tile everywhere look the same. */
const SAME_LOOK = 1 / 12;

/** Best of each aim, then the next best overall, as long as each really differs from the others. */
function chooseCandidates(pools: Layout[][], bond: ModelBond, weights: Weights): Candidate[] {
  const chosen: Candidate[] = [];
  const take = (aim: Aim, layout: Layout | undefined) => {
    if (!layout || chosen.some((other) => looksAlike(other.layout, layout, bond))) return;
    // Scores are told by the user's own weights, whatever it was found by.
    const walls = layout.walls.map((wall) => ({
      ...wall,
      score: scoreOf(wall.terms, bond, weights),
    }));
    const score = walls.reduce((sum, wall) => sum + wall.score, 0);
    chosen.push({ aim, layout: { ...layout, walls, score } });
  };
  for (const [a, aim] of AIMS.entries()) take(aim, bestOf(pools[a] ?? []));
  const others = [...(pools[0] ?? [])].sort((p, q) => p.score - q.score);
  for (const layout of others) {
    if (chosen.length >= 5) break;
    take("all", layout);
  }
  return chosen;
}

function bestOf(layouts: Layout[]): Layout | undefined {
  return layouts.reduce<Layout | undefined>(
    (best, layout) => (!best || layout.score < best.score - 1e-12 ? layout : best),
    undefined,
  );
}

function looksAlike(p: Layout, q: Layout, bond: ModelBond): boolean {
  const near = (a: number, b: number, module: number, size: number) => {
    const off = mod(a - b, module);
    return Math.min(off, module - off) < size * SAME_LOOK;
  };
  const [own, shared] = bond.standing ? [bond.depth, bond.length] : [bond.length, bond.depth];
  return (
    near(p.foot, q.foot, shared + bond.joint, shared) &&
    p.walls.every((wall, k) => {
      const other = q.walls[k];
      return (
        other !== undefined &&
        near(wall.left, other.left, own + bond.joint, own) &&
        Math.abs((wall.niche ?? 0) - (other.niche ?? 0)) < shared * SAME_LOOK
      );
    })
  );
}
