import type { ModelBond } from "../set-out/row-bond.ts";
import { acrossPhases, alongPhases, placesAcross, placesAlong } from "./candidates.ts";
import { evaluateWall, nicheSignature } from "./evaluate-wall.ts";
import { ownGrazes, sharedGrazes } from "./graze.ts";
import type { ModelWall } from "./model.ts";
import type { Placing } from "./placing.ts";
import type { Weights } from "./score.ts";
import { addTerms, Sliding } from "./sliding.ts";
import type { LayoutTerms } from "./terms.ts";

/** A wall's own phase, and where its niches are that move in the same direction. */
export interface OwnPlace {
  phase: number;
  place?: number | undefined;
}

/** Where a wall's pattern and niches may be, for one shared phase. */
export interface OwnPlaces {
  own: OwnPlace[];
  /** Judges the wall with its niches at a place in the shared direction. */
  judge: (own: OwnPlace, niche: number | undefined) => LayoutTerms;
  /** Places of the niches in groups that meet the rows alike; one group without any. */
  niches: (number | undefined)[][];
  /** Of openings that slide along level rows: what they add is told apart, and bounded. */
  apart?: Apart | undefined;
}

/** How a wall with openings that slide is judged in two parts. */
export interface Apart {
  /** The terms of a phase without the openings that slide. */
  base: (own: OwnPlace, niche: number | undefined) => LayoutTerms;
  /** With them; undefined where they cannot be told apart. */
  joined: (base: LayoutTerms, own: OwnPlace, niche: number | undefined) => LayoutTerms | undefined;
  /** Nothing that they add weighs less. */
  least: (own: OwnPlace, niche: number | undefined, weights: Weights) => number;
  /** No cut beside them is larger, mm. */
  most: (own: OwnPlace, niche: number | undefined) => number;
}

/** What differs between level rows and standing ones. */
export interface Directions {
  /** Phases that all walls share, within a module. */
  shared: number[];
  places: (wall: ModelWall, shared: number) => OwnPlaces;
  /** Shared phases at which a wall's rims clear a corner, within a module below the highest. */
  grazes: (wall: ModelWall, highest: number) => number[];
}

/** Level rows share their heights; standing ones share their phase upward. */
export function directionsOf(walls: ModelWall[]): Directions {
  return walls[0]?.bond.standing ? standing(walls) : level(walls);
}

/** Level rows: each wall has its phase along them, and niches move sideways along them. */
function level(walls: ModelWall[]): Directions {
  const placesFor = (wall: ModelWall) => (along: number) =>
    placesAlong(wall.bond, wall, { along, across: 0 });
  const own = remembered((wall) => new PhasesOf(alongPhases(wall.bond, wall), placesFor(wall)));
  const sliding = new Map(walls.map((wall) => [wall, slidingOf(wall.bond, wall)]));
  return {
    shared: acrossPhases(walls),
    places: (wall, across) => {
      const placing = ({ phase, place }: OwnPlace, niche: number | undefined) => {
        return { along: phase, across, niche, slide: slideTo(wall, place) };
      };
      const parted = sliding.get(wall);
      return {
        own: own(wall).with(ownGrazes(wall.bond, wall, across)),
        judge: (at, niche) => evaluateWall(wall.bond, wall, placing(at, niche)),
        niches: nicheGroups(wall.bond, wall, across),
        apart: parted && apartFrom(parted, placing),
      };
    },
    grazes: (wall, highest) => sharedGrazes(wall.bond, wall, own(wall).phases, highest),
  };
}

/**
 * Bands part a field into stretches, each of which meets the openings in its own way; and what stays
 * along the rows must not move across them.
 */
function slidingOf(bond: ModelBond, wall: ModelWall): Sliding | undefined {
  const slides = wall.openings.some(({ alongRange }) => alongRange);
  const rises = wall.openings.some(({ alongRange, acrossRange }) => acrossRange && !alongRange);
  return slides && !rises && wall.bands.length === 0 ? new Sliding(bond, wall) : undefined;
}

function apartFrom(
  sliding: Sliding,
  placing: (own: OwnPlace, niche: number | undefined) => Placing,
): Apart {
  return {
    base: (own, niche) => sliding.base(placing(own, niche)),
    joined: (base, own, niche) => {
      const at = placing(own, niche);
      return sliding.isFree(at) ? addTerms(base, sliding.added(at)) : undefined;
    },
    least: (own, niche, weights) => sliding.leastAdded(placing(own, niche), weights),
    most: (own, niche) => sliding.mostBeside(placing(own, niche)),
  };
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
function standing(walls: ModelWall[]): Directions {
  // Columns differ by their shift: a phase counts once for each of them.
  const phasesOf = (wall: ModelWall) =>
    wall.bond.shifts.flatMap((_, k) =>
      acrossPhases([wall]).map((phase) => phase + k * (wall.bond.depth + wall.bond.joint)),
    );
  const placesFor = (wall: ModelWall) => (across: number) =>
    placesAcross(wall.bond, wall, { along: 0, across });
  const own = remembered((wall) => new PhasesOf(phasesOf(wall), placesFor(wall)));
  return {
    shared: [...new Set(walls.flatMap((wall) => alongPhases(wall.bond, wall)))].sort(
      (a, b) => a - b,
    ),
    places: (wall, along) => {
      const places = placesAlong(wall.bond, wall, { along, across: 0 });
      return {
        own: own(wall).with(ownGrazes(wall.bond, wall, along)),
        judge: ({ phase, place }, niche) =>
          evaluateWall(wall.bond, wall, {
            along,
            across: phase,
            niche: place,
            slide: slideTo(wall, niche),
          }),
        niches: places.length > 0 ? places.map((place) => [place]) : [[undefined]],
      };
    },
    grazes: (wall, highest) => sharedGrazes(wall.bond, wall, own(wall).phases, highest),
  };
}

/** How far the openings that move along the rows have moved when the first begins at a place. */
function slideTo({ openings }: ModelWall, place: number | undefined): number {
  const first = openings.find(({ alongRange }) => alongRange);
  return first && place !== undefined ? place - first.x0 : 0;
}

/** A wall's own phases, each with every place that its niches may take for it. */
class PhasesOf {
  readonly phases: number[];
  readonly #placesFor: (phase: number) => number[];
  /** They do not depend on the shared phase: worked out once a search. */
  readonly #always: OwnPlace[];

  constructor(phases: number[], placesFor: (phase: number) => number[]) {
    this.phases = phases;
    this.#placesFor = placesFor;
    this.#always = this.#placed(phases);
  }

  /** With those that there are for one shared phase only. */
  with(more: number[]): OwnPlace[] {
    return more.length === 0 ? this.#always : [...this.#always, ...this.#placed(more)];
  }

  /** One without a place when no niche moves so. */
  #placed(phases: number[]): OwnPlace[] {
    return phases.flatMap((phase): OwnPlace[] => {
      const places = this.#placesFor(phase);
      return places.length > 0 ? places.map((place) => ({ phase, place })) : [{ phase }];
    });
  }
}

function remembered(phasesOf: (wall: ModelWall) => PhasesOf): (wall: ModelWall) => PhasesOf {
  const known = new Map<ModelWall, PhasesOf>();
  return (wall) => {
    const own = known.get(wall) ?? phasesOf(wall);
    known.set(wall, own);
    return own;
  };
}
