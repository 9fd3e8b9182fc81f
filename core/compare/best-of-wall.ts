import type { ModelBond } from "../set-out/row-bond.ts";
import type { WallLayout } from "./layout.ts";
import type { ModelWall } from "./model.ts";
import type { Apart, OwnPlace, OwnPlaces } from "./own-places.ts";
import { scoreOf, type Weights } from "./score.ts";
import type { LayoutTerms } from "./terms.ts";

/** What is best of one wall at one height of the courses. */
export interface BestOfWall {
  /** By aim; over the limit that was set there may be better ones, or none is told. */
  best: (WallLayout | undefined)[];
  /** By aim the score of the best, or that limit where it is less: no layout has less. */
  least: number[];
  /** The largest smallest cuts. */
  most: { along: number; across: number };
  covered: number;
}

/** By aim: how the wall is judged, and scores that are of no interest any more. */
interface Wanted {
  aims: Weights[];
  limits: number[];
}

/** Scores that differ by less are equal. */
const SAME_SCORE = 1e-12;

/**
 * The best of one wall for each aim. Within a group of niche places the score is a sum of what the
 * wall's own place decides and what the niche's decides: the best own place at one of them and the
 * best of them at that own place are the best of the group, and no pair needs to be judged twice.
 */
export function bestOfWall(
  bond: ModelBond,
  wall: ModelWall,
  places: OwnPlaces,
  wanted: Wanted,
): BestOfWall {
  const search = new WallSearch(bond, wall, places, wanted);
  for (const niches of places.niches) search.group(niches);
  return search.result();
}

/** A phase of the rows with all places that openings can slide to. */
interface Phase {
  own: OwnPlace[];
  base: LayoutTerms;
  /** By aim the score without the openings that slide. */
  scores: number[];
}

/** The best own places of a group, by aim. */
type Chosen = ({ index: number; score: number } | undefined)[];

class WallSearch {
  private readonly best: (WallLayout | undefined)[];
  private readonly limits: number[];
  private readonly most = { along: 0, across: 0 };
  private covered = 0;
  private phases: Phase[] | undefined;
  private readonly indexOf: Map<OwnPlace, number>;

  constructor(
    private readonly bond: ModelBond,
    private readonly wall: ModelWall,
    private readonly places: OwnPlaces,
    private readonly wanted: Wanted,
  ) {
    this.best = wanted.aims.map(() => undefined);
    this.limits = [...wanted.limits];
    this.indexOf = new Map(places.own.map((own, index) => [own, index]));
  }

  result(): BestOfWall {
    const { best, most, covered } = this;
    // What was kept although it is over the limit need not be the best.
    const least = best.map((held, a) =>
      Math.min(held?.score ?? Infinity, this.wanted.limits[a] as number),
    );
    return { best, least, most, covered };
  }

  /** Looks through all own places with the niches in a group of places. */
  group(niches: (number | undefined)[]): void {
    const { own, apart } = this.places;
    this.covered += own.length * niches.length;
    const chosen = apart ? this.chooseApart(apart, niches) : this.chooseFrom(own, niches[0]);
    // Several aims often choose the same place.
    const byOwn = new Map<number, LayoutTerms[]>();
    chosen.forEach((found, a) => {
      if (!found) return;
      const at = own[found.index] as OwnPlace;
      const each = byOwn.get(found.index) ?? niches.map((niche) => this.places.judge(at, niche));
      byOwn.set(found.index, each);
      for (const [k, terms] of each.entries()) this.keep(a, at, niches[k], terms);
    });
  }

  private keep(a: number, own: OwnPlace, niche: number | undefined, terms: LayoutTerms): void {
    this.most.across = Math.max(this.most.across, terms.smallestAcross);
    const score = scoreOf(terms, this.bond, this.wanted.aims[a] as Weights);
    const held = this.best[a];
    if (held && score >= held.score - SAME_SCORE) return;
    const at = this.bond.standing
      ? { along: niche, across: own.place }
      : { along: own.place, across: niche };
    this.best[a] = { wall: this.wall.id, left: own.phase, niche: at, terms, score };
    this.limits[a] = Math.min(this.limits[a] as number, score);
  }

  private chooseFrom(own: OwnPlace[], niche: number | undefined): Chosen {
    const chosen: Chosen = this.wanted.aims.map(() => undefined);
    for (const [index, at] of own.entries()) {
      this.choose(chosen, index, this.places.judge(at, niche));
    }
    return chosen;
  }

  private choose(chosen: Chosen, index: number, terms: LayoutTerms): void {
    this.most.along = Math.max(this.most.along, terms.smallestAlong);
    this.most.across = Math.max(this.most.across, terms.smallestAcross);
    this.wanted.aims.forEach((aim, a) => {
      const score = scoreOf(terms, this.bond, aim);
      const held = chosen[a];
      // Of equal ones the first is taken, in whichever order they are looked at.
      const isBetter =
        !held ||
        score < held.score - SAME_SCORE ||
        (score <= held.score + SAME_SCORE && index < held.index);
      if (isBetter) chosen[a] = { index, score };
    });
  }

  /**
   * The same by branch and bound: a phase whose rows alone come to more than is known, with the
   * least that the openings add, is worth nothing wherever they slide, unless its smallest cut may
   * be the largest.
   */
  private chooseApart(apart: Apart, niches: (number | undefined)[]): Chosen {
    const { aims } = this.wanted;
    const [niche] = niches;
    const [any] = this.places.own as [OwnPlace];
    const gains = this.gainsOf(any, niches);
    const added = aims.map((aim) => apart.least(any, niche, aim));
    const beside = apart.most(any, niche);
    const chosen: Chosen = aims.map(() => undefined);
    for (const { own, base, scores } of this.phasesOf(apart, niche)) {
      const matters =
        Math.min(base.smallestAlong, beside) > this.most.along ||
        scores.some((score, a) => {
          const least = score + (added[a] as number) + (gains[a] as number);
          return least <= (this.limits[a] as number) + SAME_SCORE;
        });
      if (!matters) continue;
      for (const at of own) {
        // What cannot be told apart is judged as a whole.
        const terms = apart.joined(base, at, niche) ?? this.places.judge(at, niche);
        this.choose(chosen, this.indexOf.get(at) as number, terms);
      }
      chosen.forEach((found, a) => {
        if (!found) return;
        this.limits[a] = Math.min(this.limits[a] as number, found.score + (gains[a] as number));
      });
    }
    return chosen;
  }

  /** By aim how much less than at the first place of a group the best place of it scores. */
  private gainsOf(own: OwnPlace, niches: (number | undefined)[]): number[] {
    const each = niches.map((niche) => this.places.judge(own, niche));
    // Across level rows nothing depends on where the pattern stands along them.
    for (const terms of each) this.most.across = Math.max(this.most.across, terms.smallestAcross);
    return this.wanted.aims.map((aim) => {
      const scores = each.map((terms) => scoreOf(terms, this.bond, aim));
      return Math.min(...scores) - (scores[0] as number);
    });
  }

  /** The phases, those first that are best by the user's weights: they leave the least to look at. */
  private phasesOf(apart: Apart, niche: number | undefined): Phase[] {
    this.phases ??= byPhase(this.places.own)
      .map((own): Phase => {
        const base = apart.base(own[0] as OwnPlace, niche);
        const scores = this.wanted.aims.map((aim) => scoreOf(base, this.bond, aim));
        return { own, base, scores };
      })
      .sort((p, q) => (p.scores[0] as number) - (q.scores[0] as number));
    return this.phases;
  }
}

function byPhase(places: OwnPlace[]): OwnPlace[][] {
  const phases = new Map<number, OwnPlace[]>();
  for (const own of places) {
    const same = phases.get(own.phase);
    if (same) same.push(own);
    else phases.set(own.phase, [own]);
  }
  return [...phases.values()];
}
