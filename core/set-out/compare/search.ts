import { acrossPhases, alongPhases, placesAcross, placesAlong } from "./candidates.ts";
import { type LayoutTerms, mod } from "./evaluate.ts";
import { evaluateWall, nicheSignature } from "./evaluate-wall.ts";
import type { ModelBond, ModelWall, SearchModel } from "./model.ts";
import { AIMS, type Aim, scoreOf, type Weights, weightsFor, weightsOn } from "./score.ts";

/** Where a wall's niches were moved to; undefined where they do not move. */
export interface NichePlace {
  along?: number | undefined;
  across?: number | undefined;
}

/** A wall's layout with what it is judged by. */
export interface WallLayout {
  wall: string;
  /** Left edge of the reference tile, mm. */
  left: number;
  /** Near edges of the first niche, where the niches move. */
  niche: NichePlace;
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
 * Asked all along: whether to go on, having done so large a share. What was found so far can be had
 * for the asking; nothing is proven by it.
 */
export type GoOn<Result> = (share: number, soFar: () => Result) => boolean;

/**
 * Judges every layout on the breakpoints of every term: the pattern's phase on each wall, the
 * height of the courses that all walls share, and the height of niches. Walls only share the
 * courses, so for each height of the courses the best of each wall is the best of all. Exhaustive
 * and deterministic; gives undefined when `goOn` says to stop.
 */
export function searchLayouts(
  model: SearchModel,
  weights: Weights,
  goOn: GoOn<SearchResult> = () => true,
): SearchResult | undefined {
  const { bond, walls } = model;
  // Standing rows are shared along themselves: then each wall has its own phase across.
  return bond.standing
    ? searchShared(model, weights, goOn, sharedAlong(bond, walls), ownAcross())
    : searchShared(model, weights, goOn, acrossPhases(bond, walls), ownAlong());
}

/** A wall's own phase, and where its niches are that move in the same direction. */
interface OwnPlace {
  phase: number;
  place?: number | undefined;
}

/** Where a wall's pattern and niches may be, for one shared phase. */
interface OwnPlaces {
  own: OwnPlace[];
  /** Judges the wall with its niches at a place in the shared direction. */
  judge: (own: OwnPlace, niche: number | undefined) => LayoutTerms;
  /** Places of the niches in groups that meet the rows alike; one group without any. */
  niches: (number | undefined)[][];
}

type OwnPlacesOf = (bond: ModelBond, wall: ModelWall, shared: number) => OwnPlaces;

/**
 * Each phase of a wall with every place that its niches may take for it; none when none moves so.
 * They do not depend on the shared phase: worked out once a search.
 */
function remembering(
  phasesOf: (bond: ModelBond, wall: ModelWall) => number[],
  placesFor: (bond: ModelBond, wall: ModelWall, phase: number) => number[],
) {
  const known = new Map<ModelWall, OwnPlace[]>();
  return (bond: ModelBond, wall: ModelWall): OwnPlace[] => {
    const own =
      known.get(wall) ??
      phasesOf(bond, wall).flatMap((phase): OwnPlace[] => {
        const places = placesFor(bond, wall, phase);
        return places.length > 0 ? places.map((place) => ({ phase, place })) : [{ phase }];
      });
    known.set(wall, own);
    return own;
  };
}

/** Level rows: each wall has its phase along them, and niches move sideways along them. */
function ownAlong(): OwnPlacesOf {
  const own = remembering(alongPhases, (bond, wall, along) =>
    placesAlong(bond, wall, { along, across: 0 }),
  );
  return (bond, wall, across) => ({
    own: own(bond, wall),
    judge: ({ phase, place }, niche) =>
      evaluateWall(bond, wall, { along: phase, across, niche, slide: slideTo(wall, place) }),
    niches: nicheGroups(bond, wall, across),
  });
}

function nicheGroups(bond: ModelBond, wall: ModelWall, across: number): (number | undefined)[][] {
  const groups = new Map<string, number[]>();
  for (const niche of placesAcross(bond, wall, { along: 0, across })) {
    const signature = nicheSignature(bond, wall, across, niche);
    const group = groups.get(signature);
    if (group) group.push(niche);
    else groups.set(signature, [niche]);
  }
  return groups.size > 0 ? [...groups.values()] : [[undefined]];
}

/**
 * Standing rows share their phase along, and niches move up and down along them: each such place
 * is judged alone.
 */
function ownAcross(): OwnPlacesOf {
  // Columns differ by their shift: a phase counts once for each of them.
  const own = remembering(
    (bond, wall) =>
      bond.shifts.flatMap((_, k) =>
        acrossPhases(bond, [wall]).map((phase) => phase + k * (bond.depth + bond.joint)),
      ),
    (bond, wall, across) => placesAcross(bond, wall, { along: 0, across }),
  );
  return (bond, wall, along) => {
    const places = placesAlong(bond, wall, { along, across: 0 });
    return {
      own: own(bond, wall),
      judge: ({ phase, place }, niche) =>
        evaluateWall(bond, wall, {
          along,
          across: phase,
          niche: place,
          slide: slideTo(wall, niche),
        }),
      niches: places.length > 0 ? places.map((place) => [place]) : [[undefined]],
    };
  };
}

/** How far the openings that move along the rows have moved when the first begins at a place. */
function slideTo({ openings }: ModelWall, place: number | undefined): number {
  const first = openings.find(({ alongRange }) => alongRange);
  return first && place !== undefined ? place - first.x0 : 0;
}

function sharedAlong(bond: ModelBond, walls: ModelWall[]): number[] {
  return [...new Set(walls.flatMap((wall) => alongPhases(bond, wall)))].sort((a, b) => a - b);
}

function searchShared(
  { bond, walls, courseFoot }: SearchModel,
  weights: Weights,
  goOn: GoOn<SearchResult>,
  shared: number[],
  ownPlaces: OwnPlacesOf,
): SearchResult | undefined {
  const aims = walls.map((wall) => AIMS.map((aim) => weightsOn(wall, weightsFor(aim, weights))));
  const pools: Layout[][] = AIMS.map(() => []);
  const proven = { along: 0, across: 0 };
  let covered = 0;
  const module = (bond.standing ? bond.length : bond.depth) + bond.joint;
  const own = new Map(walls.map((wall) => [wall.id, weightsOn(wall, weights)]));
  const result = (): SearchResult => ({
    candidates: chooseCandidates(pools, bond, own),
    covered,
    provenSmallest: proven,
  });
  for (const [k, anywhere] of shared.entries()) {
    if (!goOn(k / shared.length, result)) return undefined;
    // Course 1 is the row that the shifts count from: it stands where a first course may stand.
    const phase = courseFoot - mod(courseFoot - anywhere, module);
    const found = walls.map((wall, w) =>
      bestOfWall(bond, wall, ownPlaces(bond, wall, phase), aims[w] as Weights[]),
    );
    covered += found.reduce((sum, wall) => sum + wall.covered, 0);
    proven.along = Math.max(proven.along, Math.min(...found.map(({ most }) => most.along)));
    proven.across = Math.max(proven.across, Math.min(...found.map(({ most }) => most.across)));
    pools.forEach((pool, a) => {
      const layouts = found.map(({ best }) => best[a] as WallLayout);
      const score = layouts.reduce((sum, layout) => sum + layout.score, 0);
      pool.push({ foot: phase, walls: layouts, score });
    });
  }
  return result();
}

/**
 * The best of one wall for each aim. Within a group of niche places the score is a sum of what the
 * wall's own place decides and what the niche's decides: the best own place at one of them and the
 * best of them at that own place are the best of the group, and no pair needs to be judged twice.
 */
function bestOfWall(bond: ModelBond, wall: ModelWall, places: OwnPlaces, aims: Weights[]) {
  const best: (WallLayout | undefined)[] = aims.map(() => undefined);
  const most = { along: 0, across: 0 };
  let covered = 0;
  for (const niches of places.niches) {
    covered += places.own.length * niches.length;
    const atFirst = places.own.map((own) => places.judge(own, niches[0]));
    for (const terms of atFirst) {
      most.along = Math.max(most.along, terms.smallestAlong);
      most.across = Math.max(most.across, terms.smallestAcross);
    }
    // Several aims often choose the same place.
    const byOwn = new Map<OwnPlace, LayoutTerms[]>();
    aims.forEach((aim, a) => {
      const own = places.own[leastIndex(atFirst, bond, aim)] as OwnPlace;
      const each = byOwn.get(own) ?? niches.map((niche) => places.judge(own, niche));
      byOwn.set(own, each);
      each.forEach((terms, k) => {
        most.across = Math.max(most.across, terms.smallestAcross);
        const score = scoreOf(terms, bond, aim);
        const held = best[a];
        if (held && score >= held.score - 1e-12) return;
        const [moved, niche] = [own.place, niches[k]];
        const at = bond.standing
          ? { along: niche, across: moved }
          : { along: moved, across: niche };
        best[a] = { wall: wall.id, left: own.phase, niche: at, terms, score };
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
function chooseCandidates(
  pools: Layout[][],
  bond: ModelBond,
  weights: Map<string, Weights>,
): Candidate[] {
  const chosen: Candidate[] = [];
  const take = (aim: Aim, layout: Layout | undefined) => {
    if (!layout || chosen.some((other) => looksAlike(other.layout, layout, bond))) return;
    // Scores are told by the user's own weights, whatever it was found by.
    const walls = layout.walls.map((wall) => ({
      ...wall,
      score: scoreOf(wall.terms, bond, weights.get(wall.wall) as Weights),
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

/** Whether two layouts of one bond differ by less than the eye tells. */
export function looksAlike(p: Layout, q: Layout, bond: ModelBond): boolean {
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
        Math.abs((wall.niche.along ?? 0) - (other.niche.along ?? 0)) < bond.length * SAME_LOOK &&
        Math.abs((wall.niche.across ?? 0) - (other.niche.across ?? 0)) < bond.depth * SAME_LOOK
      );
    })
  );
}
