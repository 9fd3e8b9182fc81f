import { mod, SAME_MM } from "../limits.ts";
import type { ModelBond } from "../set-out/row-bond.ts";
import type { Candidate, Layout, SearchResult } from "./layout.ts";
import type { ModelWall } from "./model.ts";
import { AIMS, type Aim, scoreOf, type Weights } from "./score.ts";

/** Layouts that differ by less than this share of a tile everywhere look the same. */
const SAME_LOOK = 1 / 12;

/** How many layouts are told, if so many really differ. */
const SHOWN = 5;

/** The walls of a layout in its order, each with its bond. */
export type BondedWall = Pick<ModelWall, "bond">;

function bondOf(walls: BondedWall[], k: number): ModelBond {
  return (walls[k] as BondedWall).bond;
}

/** Best of each aim, then the next best overall, as long as each really differs from the others. */
export function chooseCandidates(
  pools: Layout[][],
  walls: BondedWall[],
  weights: Map<string, Weights>,
): Candidate[] {
  const chosen: Candidate[] = [];
  const take = (aim: Aim, layout: Layout | undefined) => {
    if (!layout || chosen.some((other) => looksAlike(other.layout, layout, walls))) return;
    // Scores are told by the user's own weights, whatever it was found by.
    const scored = layout.walls.map((wall, k) => ({
      ...wall,
      score: scoreOf(wall.terms, bondOf(walls, k), weights.get(wall.wall) as Weights),
    }));
    const score = scored.reduce((sum, wall) => sum + wall.score, 0);
    chosen.push({ aim, layout: { ...layout, walls: scored, score } });
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

/** Whether two layouts of walls in the same bonds differ by less than the eye tells. */
export function looksAlike(p: Layout, q: Layout, walls: BondedWall[]): boolean {
  const near = (a: number, b: number, module: number, size: number) => {
    const off = mod(a - b, module);
    return Math.min(off, module - off) < size * SAME_LOOK;
  };
  const bond = bondOf(walls, 0);
  const [own, shared] = bond.standing ? [bond.depth, bond.length] : [bond.length, bond.depth];
  // The same rows may count from the one that another layout has below them.
  const rows = bond.standing ? 0 : Math.round((p.foot - q.foot) / (shared + bond.joint));
  if (rows !== 0 && !walls.every((wall) => countsOn(wall.bond))) return false;
  return (
    near(p.foot, q.foot, shared + bond.joint, shared) &&
    p.walls.every((wall, k) => {
      const other = q.walls[k];
      return (
        other !== undefined &&
        near(wall.left, other.left + bondOf(walls, k).shiftOf(rows), own + bond.joint, own) &&
        Math.abs((wall.niche.along ?? 0) - (other.niche.along ?? 0)) < bond.length * SAME_LOOK &&
        Math.abs((wall.niche.across ?? 0) - (other.niche.across ?? 0)) < bond.depth * SAME_LOOK
      );
    })
  );
}

/** Whether a bond that begins with its second row is the same bond moved along. */
export function countsOn({ shiftOf, length, joint }: ModelBond): boolean {
  const module = length + joint;
  return Array.from({ length: 12 }, (_, row) => shiftOf(row + 1) - shiftOf(1) - shiftOf(row)).every(
    (off) => Math.min(mod(off, module), mod(-off, module)) < SAME_MM,
  );
}

/** The highest score that is shown for itself, when there are enough to choose from. */
export function worstShown({ candidates }: SearchResult): number {
  if (candidates.length < SHOWN) return Infinity;
  return Math.max(
    ...candidates.filter(({ aim }) => aim === "all").map(({ layout }) => layout.score),
  );
}
