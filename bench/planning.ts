import { differenceD, FillRule, intersectD, type PathsD } from "clipper2-ts";
import { cutTiles } from "../core/cut/pieces.ts";
import { boxOf, circleRing, type Polygon, translate } from "../core/geometry/polygon.ts";
import { type Plan, planProject } from "../core/plan.ts";
import type { Project } from "../core/project/schema.ts";
import { classifyTiles, tileOffset, wholeRuns } from "../core/set-out/lattice.ts";
import { type TileRegion, tileRegion } from "../core/set-out/region.ts";
import type { WallPlan } from "../core/wall-plan.ts";

/** Median time of a function in ms, after some runs to warm it up. */
export function medianMs(run: () => unknown, runs: number, warmUp: number): number {
  for (let k = 0; k < warmUp; k++) run();
  return median(timesMs(run, runs));
}

function timesMs(run: () => unknown, runs: number): number[] {
  return Array.from({ length: runs }, () => timeMs(run));
}

/** How long a function takes this once, ms. */
export function timeMs(run: () => unknown): number {
  const start = performance.now();
  run();
  return performance.now() - start;
}

/** The middle of some numbers. */
export function median(values: number[]): number {
  values.sort((a, b) => a - b);
  return values[Math.floor(values.length / 2)] ?? Number.NaN;
}

/** Median time to plan a whole job, ms. */
export function planMs(project: Project, runs = 80, warmUp = 300): number {
  return medianMs(() => planProject(project), runs, warmUp);
}

/**
 * Median time to plan each job, ms; a worker that has planned a few drags is this warm. The jobs
 * take turns over some seconds, so that what else the machine does meanwhile falls on all of them.
 */
export function plansMs(projects: Project[], runs = 60, warmUp = 300, turns = 8): number[] {
  const plans = projects.map((project) => () => planProject(project));
  for (const plan of plans) timesMs(plan, warmUp);
  const times = plans.map((): number[] => []);
  for (let turn = 0; turn < turns; turn++) {
    plans.forEach((plan, k) => {
      times[k]?.push(...timesMs(plan, runs));
    });
  }
  return times.map(median);
}

interface WallInput {
  wall: WallPlan;
  region: TileRegion;
}

/** How many times faster set-out and cutting are than clipping every single tile. */
export function ratioToClippingAll(project: Project): {
  ours: number;
  clipping: number;
  ratio: number;
} {
  const inputs = wallInputs(planProject(project));
  const ours = medianMs(() => inputs.forEach(layWall), 41, 40);
  const clipping = medianMs(() => inputs.forEach(clipEveryTile), 7, 3);
  return { ours, clipping, ratio: clipping / ours };
}

function wallInputs({ walls }: Plan): WallInput[] {
  return walls.map((wall) => ({
    wall,
    region: tileRegion(wall.measured, wall.boundary, wall.openings, wall.fixtures),
  }));
}

function layWall({ wall, region }: WallInput): number {
  const grid = classifyTiles(wall.cell, wall.origin, region);
  if (!grid) throw new Error("the wall is too large to set out");
  return cutTiles(wall.id, grid, region, true).pieces.length + wholeRuns(grid).length;
}

/** The plain way: every tile over the wall clipped to the boundary and its openings by the library. */
function clipEveryTile({ wall, region }: WallInput): number {
  const boundary = toPaths([region.boundary]);
  const holes = toPaths([
    ...region.voids.map((ring) => [...ring].reverse()),
    ...region.circles.map(({ centre, diameter }) => circleRing(centre, diameter)),
  ]);
  const { minX, minY, maxX, maxY } = region.box;
  const { cell, origin } = wall;
  let pieces = 0;
  const rows = Math.ceil((maxY - minY) / cell.height) + 2;
  const columns = Math.ceil((maxX - minX) / cell.width) + 2;
  const i0 = Math.floor((minX - origin[0]) / (cell.width + cell.joint)) - 1;
  const j0 = Math.floor((minY - origin[1]) / (cell.height + cell.joint)) - 1;
  for (let j = j0; j < j0 + rows; j++) {
    for (let i = i0; i < i0 + columns; i++) {
      for (const shape of cell.shapes) {
        const ring = translate(shape.ring, tileOffset(cell, origin, i, j));
        const box = boxOf(ring);
        if (box.maxX <= minX || box.minX >= maxX || box.maxY <= minY || box.minY >= maxY) continue;
        const inside = intersectD(toPaths([ring]), boundary, FillRule.NonZero, 4);
        pieces += differenceD(inside, holes, FillRule.NonZero, 4).length;
      }
    }
  }
  return pieces;
}

function toPaths(rings: Polygon[]): PathsD {
  return rings.map((ring) => ring.map(([x, y]) => ({ x, y, z: 0 })));
}
