import { SAME_SUM } from "../limits.ts";
import { type BestOfWall, bestOfWall } from "./best-of-wall.ts";
import { chooseCandidates } from "./choose.ts";
import type { Layout, SearchResult } from "./layout.ts";
import type { ModelWall, SearchModel } from "./model.ts";
import type { Directions, OwnPlaces } from "./own-places.ts";
import { AIMS, type Weights, weightsFor, weightsOn } from "./score.ts";
import { CUT_SPARE, WHOLE_SPARE } from "./terms.ts";

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
    const { walls } = this.#model;
    const judged: BestOfWall[] = [];
    const parts = walls.map((wall) => this.#directions.places(wall, foot));
    // Walls on which nothing slides are quickly judged: they leave the others so much to beat.
    const quick = [...walls.keys()].sort((p, q) => slidesOn(parts[p]) - slidesOn(parts[q]));
    for (const w of quick) {
      const limits = AIMS.map((_, a) => {
        const others = judged.reduce((sum, wall) => sum + (wall ? scoreFor(wall, a) : 0), 0);
        // By the user's own weights the next best are shown too: there each height counts.
        return a === 0 ? Infinity : (this.#least[a] as number) - others;
      });
      const wall = walls[w] as ModelWall;
      judged[w] = bestOfWall(wall.bond, wall, parts[w] as OwnPlaces, {
        aims: this.#aims[w] as Weights[],
        limits,
      });
    }
    return { foot, walls: judged };
  }

  add(judged: JudgedFoot): JudgedFoot {
    const { foot, walls } = judged;
    const proven = this.#proven;
    this.#covered += walls.reduce((sum, wall) => sum + wall.covered, 0);
    proven.along = Math.max(proven.along, Math.min(...walls.map(({ most }) => most.along)));
    proven.across = Math.max(proven.across, Math.min(...walls.map(({ most }) => most.across)));
    this.#pools.forEach((pool, a) => {
      const best = walls.flatMap((wall) => wall.best[a] ?? []);
      // Something better for this aim is known: it was not looked for here.
      if (best.length < walls.length) return;
      const score = best.reduce((sum, wall) => sum + wall.score, 0);
      pool.push({ foot, walls: best, score });
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
      return Math.max(a === 0 ? beside : -Infinity, this.#least[a] as number) - SAME_SUM;
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
    const { walls } = this.#model;
    const own = new Map(walls.map((wall) => [wall.id, weightsOn(wall, this.#weights)]));
    return {
      candidates: chooseCandidates(this.#pools, walls, own),
      covered: this.#covered,
      provenSmallest: this.#proven,
    };
  };

  #wallAt(w: number, foot: number): BestOfWall {
    const wall = this.#model.walls[w] as ModelWall;
    const places = this.#directions.places(wall, foot);
    const aims = this.#aims[w] as Weights[];
    return bestOfWall(wall.bond, wall, places, { aims, limits: aims.map(() => Infinity) });
  }
}

function slidesOn(places: OwnPlaces | undefined): number {
  return places?.apart ? 1 : 0;
}

function scoreFor(wall: BestOfWall | undefined, aim: number): number {
  return wall?.least[aim] ?? Infinity;
}

function totalOf({ walls }: JudgedFoot, aim: number): number {
  return walls.reduce((sum, wall) => sum + scoreFor(wall, aim), 0);
}
