import { CUT_SPARE, type LayoutTerms, mod, WHOLE_SPARE } from "./evaluate.ts";
import type { ModelBond, ModelWall, SearchModel } from "./model.ts";
import { type Directions, directionsOf, type OwnPlace, type OwnPlaces } from "./own-places.ts";
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
  const { bond, walls, courseFoot } = model;
  const directions = directionsOf(bond, walls);
  const module = (bond.standing ? bond.length : bond.depth) + bond.joint;
  // Course 1 is the row that the shifts count from: it stands where a first course may stand, or
  // just below what shows, so that the row after it comes first.
  const feet = inOrder([
    courseFoot,
    courseFoot - module,
    ...directions.shared.map((anywhere) => courseFoot - mod(courseFoot - anywhere, module)),
  ]);
  const grazes = inOrder(walls.flatMap((wall) => directions.grazes(wall, courseFoot)));
  const judge = new Judge(model, directions, weights);
  const goesOn = (done: number) => goOn(done / (feet.length + grazes.length), judge.result);
  const judged: JudgedFoot[] = [];
  for (const foot of feet) {
    if (!goesOn(judged.length)) return undefined;
    judged.push(judge.add(judge.at(foot)));
  }
  const shown = worstShown(judge.result());
  let above = 1;
  for (const [k, foot] of grazes.entries()) {
    if (!goesOn(feet.length + k)) return undefined;
    while (above < judged.length - 1 && (judged[above] as JudgedFoot).foot < foot) above++;
    judge.addIfBetter(foot, judged[above - 1] as JudgedFoot, judged[above] as JudgedFoot, shown);
  }
  return judge.result();
}

/** The highest score that is shown for itself, when there are enough to choose from. */
function worstShown({ candidates }: SearchResult): number {
  if (candidates.length < SHOWN) return Infinity;
  return Math.max(
    ...candidates.filter(({ aim }) => aim === "all").map(({ layout }) => layout.score),
  );
}

/** Numbers in order, each once: rounding does not make two of one. */
function inOrder(values: number[]): number[] {
  const sorted = [...values].sort((p, q) => p - q);
  return sorted.filter((value, k) => k === 0 || value - (sorted[k - 1] as number) > 1e-9);
}

/** The best of every wall for every aim, with the first course at one height. */
interface JudgedFoot {
  foot: number;
  walls: BestOfWall[];
}

/** Judges heights of the courses, and keeps the best of each aim at each. */
class Judge {
  readonly #model: SearchModel;
  readonly #directions: Directions;
  readonly #weights: Weights;
  /** Of each wall, by aim. */
  readonly #aims: Weights[][];
  readonly #pools: Layout[][] = AIMS.map(() => []);
  /** The least score of each pool. */
  readonly #least: number[] = AIMS.map(() => Infinity);
  readonly #proven = { along: 0, across: 0 };
  #covered = 0;

  constructor(model: SearchModel, directions: Directions, weights: Weights) {
    this.#model = model;
    this.#directions = directions;
    this.#weights = weights;
    this.#aims = model.walls.map((wall) =>
      AIMS.map((aim) => weightsOn(wall, weightsFor(aim, weights))),
    );
  }

  at(foot: number): JudgedFoot {
    return { foot, walls: this.#model.walls.map((_, w) => this.#wallAt(w, foot)) };
  }

  add(judged: JudgedFoot): JudgedFoot {
    const { foot, walls } = judged;
    const proven = this.#proven;
    this.#covered += walls.reduce((sum, wall) => sum + wall.covered, 0);
    proven.along = Math.max(proven.along, Math.min(...walls.map(({ most }) => most.along)));
    proven.across = Math.max(proven.across, Math.min(...walls.map(({ most }) => most.across)));
    this.#pools.forEach((pool, a) => {
      const score = totalOf(judged, a);
      pool.push({ foot, walls: walls.map(({ best }) => best[a] as WallLayout), score });
      this.#least[a] = Math.min(this.#least[a] as number, score);
    });
    return judged;
  }

  /**
   * Looks at a height between two others that matters for holes alone. There a wall is nowhere
   * better than at the better of the two, but for the cuts at its holes: most heights are ruled out
   * by that, or by what the walls with holes come to there.
   */
  addIfBetter(foot: number, below: JudgedFoot, above: JudgedFoot, shown: number): void {
    const { walls } = this.#model;
    const limits = AIMS.map((_, a) => {
      // Of all, the next best are shown as well: it counts what it is beside its neighbours.
      const beside = Math.min(totalOf(below, a), totalOf(above, a), shown);
      return Math.max(a === 0 ? beside : -Infinity, this.#least[a] as number) - 1e-9;
    });
    const isBelow = (leastOf: (w: number, a: number) => number) =>
      limits.some((limit, a) => walls.reduce((sum, _, w) => sum + leastOf(w, a), 0) < limit);
    const straight = (w: number, a: number) =>
      Math.min(scoreFor(below.walls[w], a), scoreFor(above.walls[w], a));
    if (!isBelow((w, a) => straight(w, a) - this.#mostAtHoles(w, a))) return;
    const known = walls.map(({ holes }, w) =>
      holes.length > 0 ? this.#wallAt(w, foot) : undefined,
    );
    if (!isBelow((w, a) => (known[w] ? scoreFor(known[w], a) : straight(w, a)))) return;
    this.add({ foot, walls: known.map((wall, w) => wall ?? this.#wallAt(w, foot)) });
  }

  /** What the cuts at a wall's holes can weigh at most: each tile that a hole can meet at once. */
  #mostAtHoles(w: number, aim: number): number {
    const { length, depth, joint } = this.#model.bond;
    const { cuts, tiles } = (this.#aims[w] as Weights[])[aim] as Weights;
    const most = (radius: number, module: number) => Math.ceil((2 * radius) / module) + 1;
    const met = (this.#model.walls[w] as ModelWall).holes.reduce(
      (sum, { radius }) => sum + most(radius, length + joint) * most(radius, depth + joint),
      0,
    );
    return met * (cuts + tiles * (CUT_SPARE - WHOLE_SPARE));
  }

  readonly result = (): SearchResult => {
    const { bond, walls } = this.#model;
    const own = new Map(walls.map((wall) => [wall.id, weightsOn(wall, this.#weights)]));
    return {
      candidates: chooseCandidates(this.#pools, bond, own),
      covered: this.#covered,
      provenSmallest: this.#proven,
    };
  };

  #wallAt(w: number, foot: number): BestOfWall {
    const wall = this.#model.walls[w] as ModelWall;
    const places = this.#directions.places(wall, foot);
    return bestOfWall(this.#model.bond, wall, places, this.#aims[w] as Weights[]);
  }
}

function scoreFor(wall: BestOfWall | undefined, aim: number): number {
  return wall?.best[aim]?.score ?? Infinity;
}

function totalOf({ walls }: JudgedFoot, aim: number): number {
  return walls.reduce((sum, wall) => sum + scoreFor(wall, aim), 0);
}

/** What is best of one wall at one height of the courses. */
interface BestOfWall {
  /** By aim. */
  best: (WallLayout | undefined)[];
  /** The largest smallest cuts. */
  most: { along: number; across: number };
  covered: number;
}

/**
 * The best of one wall for each aim. Within a group of niche places the score is a sum of what the
 * wall's own place decides and what the niche's decides: the best own place at one of them and the
 * best of them at that own place are the best of the group, and no pair needs to be judged twice.
 */
function bestOfWall(
  bond: ModelBond,
  wall: ModelWall,
  places: OwnPlaces,
  aims: Weights[],
): BestOfWall {
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

/** How many layouts are told, if so many really differ. */
const SHOWN = 5;

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
    if (chosen.length >= SHOWN) break;
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
