import { mod } from "../limits.ts";
import type { Project } from "../project/schema.ts";
import type { ModelWall, SearchModel } from "./model.ts";

/** The nearest places are tried: more take longer than a setter waits. */
const MOST_PLACES = 24;

/** Places nearer than this to each other are one, mm. */
const SAME = 1e-3;

/** Rows above bands, or columns: what they measure upward. */
interface Upward {
  size: number;
  joint: number;
  limit: number;
  shifts: number[];
  from: number;
  to: number;
  /** Edges of openings, from below. */
  edges: number[];
}

/**
 * How far all bands may be moved up (or down, below 0) together, within a range about where they
 * are, so that something changes above them: a course ends whole at the top or at an opening, a cut
 * there reaches a limit, or equals those at the base and under the band when these are alike. The
 * nearest first, and not moving before all; what is cut below bands is the search's own to choose.
 */
export function bandMoves({ walls }: Pick<SearchModel, "walls">, range: number): number[] {
  const banded = walls.filter(({ bands }) => bands.length > 0);
  if (range <= 0 || banded.length === 0) return [0];
  const least = Math.max(-range / 2, ...banded.map((wall) => roomBelow(wall)));
  const most = Math.min(range / 2, ...banded.map((wall) => roomAbove(wall)));
  const within = [least, most, ...banded.flatMap((wall) => movesOf(wall, least, most))]
    .filter((move) => move >= least && move <= most)
    .sort((p, q) => Math.abs(p) - Math.abs(q));
  const kept: number[] = [0];
  for (const move of within) {
    if (kept.every((other) => Math.abs(other - move) > SAME)) kept.push(move);
  }
  return kept.slice(0, MOST_PLACES);
}

/** The job with all its bands moved up by so much. */
export function withBandsMoved(project: Project, move: number): Project {
  if (move === 0 || !project.zones) return project;
  const zones = project.zones.map((zone) =>
    zone.kind === "band" ? { ...zone, bottom: (zone.bottom ?? 0) + move } : zone,
  );
  return { ...project, zones };
}

function upward(wall: ModelWall): Upward {
  const { length, depth, joint, slivers, shifts, standing } = wall.bond;
  return standing
    ? {
        ...{ size: length, joint, limit: slivers.along, shifts },
        ...{ from: wall.alongFrom, to: wall.alongTo },
        edges: wall.openings.flatMap(({ x0, x1 }) => [x0, x1]),
      }
    : {
        ...{ size: depth, joint, limit: slivers.across, shifts: [0] },
        ...{ from: wall.acrossFrom, to: wall.acrossTo },
        edges: wall.openings.flatMap(({ y0, y1 }) => [y0, y1]),
      };
}

function roomBelow(wall: ModelWall): number {
  return upward(wall).from - Math.min(...wall.bands.map(({ y0 }) => y0));
}

function roomAbove(wall: ModelWall): number {
  return upward(wall).to - Math.max(...wall.bands.map(({ y1 }) => y1));
}

function movesOf(wall: ModelWall, least: number, most: number): number[] {
  const { size, joint, limit, shifts, from, to, edges } = upward(wall);
  const module = size + joint;
  const moves: number[] = [];
  const every = (first: number, step: number) => {
    for (let move = least + mod(first - least, step); move <= most; move += step) moves.push(move);
  };
  wall.bands.forEach(({ y0, y1 }, k) => {
    const ceiling = wall.bands[k + 1] ? [] : [to];
    for (const edge of [...ceiling, ...edges.filter((each) => each > y1 + least)]) {
      for (const shift of shifts) {
        for (const cut of [0, size, limit, size / 2]) every(edge - y1 - shift - cut, module);
        if (k > 0) continue;
        // Alike at base and band the cuts are (y0 + move − from − joint − n × module) ÷ 2; as large
        // above, edge − y1 − move − m × module: equal at every third of a module.
        every(((edge - y1 - shift) * 2 - (y0 - from - joint)) / 3, module / 3);
      }
    }
  });
  return moves;
}
