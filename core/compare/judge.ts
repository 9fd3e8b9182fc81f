import type { ModelBond } from "../set-out/row-bond.ts";
import { chooseCandidates } from "./choose.ts";
import type { Layout, SearchResult, WallLayout } from "./layout.ts";
import type { ModelWall, SearchModel } from "./model.ts";
import type { Directions, OwnPlace, OwnPlaces } from "./own-places.ts";
import { AIMS, scoreOf, type Weights, weightsFor, weightsOn } from "./score.ts";
import { CUT_SPARE, type LayoutTerms, WHOLE_SPARE } from "./terms.ts";

/** The best of every wall for every aim, with the first course at one height. */
export interface JudgedFoot {
  foot: number;
  walls: BestOfWall[];
}

/** Judges heights of the courses, and keeps the best of each aim at each. */
export class Judge {
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
