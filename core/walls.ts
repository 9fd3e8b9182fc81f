import type { WallBoard } from "./board/board-plan.ts";
import { suffices, type TileBudget, take, wholeBudget, withTaken } from "./cut/lay-area.ts";
import { type LaidWall, type LayInputs, layWall } from "./cut/lay-wall.ts";
import { type Lining, lineOpenings } from "./cut/linings.ts";
import { intoWall, within } from "./measure/openings.ts";
import type { MeasuredWall, Survey } from "./measure/survey.ts";
import { type Job, type JobWall, jobParts } from "./project/job.ts";
import { parts, type Recall } from "./recall.ts";
import { cellJoints, type JointTally, mergeTallies, tallyJoints } from "./set/joints.ts";
import { areaSpacers, type SpacerSegment, tallySpacers } from "./set/spacers.ts";
import { type ZoneCells, zoneCells } from "./set-out/areas.ts";
import type { FirstCourse } from "./set-out/lines.ts";
import { bondPattern, type PatternCell, wallBond } from "./set-out/pattern.ts";
import { type SetOutWall, setOutWall } from "./set-out/set-out-wall.ts";
import { followingOf } from "./set-out/turn-corner.ts";
import { coveredWall, type WallPlan, wallFigures } from "./wall-plan.ts";
import type { Warning } from "./warning.ts";

/** What the walls share while they are planned. */
interface Shared {
  job: Job;
  survey: Survey;
  cell: PatternCell;
  first: FirstCourse;
  wetTop: number;
  boards: WallBoard[];
}

/** A wall's plan, and what is to be said of it. */
interface PlannedWall {
  plan: WallPlan;
  laid: LaidWall;
  warnings: Warning[];
}

/** All walls, each through its stages; one whose bond goes on round a corner comes after the wall that it follows. */
export function planWalls(all: Shared, recall: Recall): PlannedWall[] {
  const { walls } = all.job;
  const job = jobParts(all.job);
  const cells = recall.kept("zone-cells", { job }, (own) => zoneCells(own.job));
  const budget = wholeBudget();
  const planned = new Map<number, PlannedWall>();
  const begun = new Set<number>();
  const plan = (index: number): PlannedWall => {
    const known = planned.get(index);
    if (known) return known;
    begun.add(index);
    const wall = walls[index] as JobWall;
    const following = recall.kept(`follows/${wall.id}`, { job, wall: parts(wall) }, followingOf);
    const leader = walls.findIndex(({ id }) => id === following?.wall);
    // Walls that follow each other all round: one of them has to stand by itself.
    const stands = !following || leader < 0 || (begun.has(leader) && !planned.has(leader));
    const lead = stands ? undefined : plan(leader).plan;
    const set = recall.kept(
      `set-out/${wall.id}`,
      {
        job,
        wall: parts(wall),
        measured: all.survey.walls[index] as MeasuredWall,
        ...{ cell: cellOf(all, wall, recall), zoneCells: cells, first: all.first },
        ...{ levelY: all.survey.levelY, maxBaseY: all.survey.maxBaseY },
        ...{ leadBoundary: lead?.boundary, leadOrigin: lead?.origin, following },
      },
      setOutWall,
    );
    const made = planWall(all, { set, cells, index }, budget, recall);
    planned.set(index, made);
    return made;
  };
  return walls.map((_, index) => plan(index));
}

/** The field's cell, or that of a wall's own bond. */
function cellOf({ job, cell }: Shared, wall: JobWall, recall: Recall): PatternCell {
  if (!wall.bond) return cell;
  const inputs = { job: jobParts(job), wall: parts(wall) };
  return recall.kept(`cell/${wall.id}`, inputs, (own) =>
    bondPattern(own.job, wallBond(own.job, own.wall)),
  );
}

/** A wall that is set out, from its tile to its figures. */
function planWall(
  all: Shared,
  { set, cells, index }: { set: SetOutWall; cells: ZoneCells; index: number },
  budget: TileBudget,
  recall: Recall,
): PlannedWall {
  const { id, cell, measured, boundary, openings } = set;
  const job = jobParts(all.job);
  const holds = ({ taken }: { taken: TileBudget }) => suffices(budget, taken);
  const { beds, regions, fieldRegion } = set;
  const tiled = recall.once(
    `tile/${id}`,
    { job, id, cell, beds, regions, fieldRegion },
    (own) => withTaken(budget, (left) => tileWall(own, left)),
    holds,
  );
  take(budget, tiled.taken);
  const { laid, joints, spacers, warnings } = tiled.result;
  const inField = within(boundary, intoWall(openings));
  const lined = recall.once(
    `line/${id}`,
    { job, zoneCells: cells, measured, areas: laid.areas, openings: inField },
    (own) => withTaken(budget, (left) => lineOpenings(own, left)),
    holds,
  );
  take(budget, lined.taken);
  const wallBoard = all.boards[index] as WallBoard;
  const covered = recall.once(`tiled/${id}`, { job, set, laid }, coveredWall);
  const figures = recall.once(
    `figures/${id}`,
    { job, set, laid, joints, spacers, tiled: covered, wallBoard, wetTop: all.wetTop },
    wallFigures,
  );
  const { name } = all.job.walls[index] as JobWall;
  const stages = { name, set, laid, joints, linings: lined.result, tiled: covered, figures };
  return {
    plan: recall.once(`wall/${id}`, stages, wallPlan),
    laid,
    warnings: [...set.fit, ...warnings, ...set.warnings],
  };
}

/** A wall's tile and its joints; what only the joints are told from is not kept. */
function tileWall(inputs: LayInputs, budget: TileBudget) {
  const { laid, grids, warnings } = layWall(inputs, budget);
  const base = inputs.fieldRegion.edges.filter(
    ({ of }) => of.kind === "boundary" && of.side === "bottom",
  );
  const tallies: JointTally[] = [];
  const spacers = laid.areas.map((area, k): SpacerSegment[] => {
    const grid = grids[k];
    if (!grid) return [];
    const tally = tallyJoints(grid, area.pieces, cellJoints(area.cell));
    tallies.push(tally);
    return areaSpacers(inputs.job, { area, grid, facing: tally.segments }, base);
  });
  return { laid, joints: mergeTallies(tallies), spacers: tallySpacers(spacers), warnings };
}

interface WallStages {
  name: string;
  set: SetOutWall;
  laid: LaidWall;
  joints: JointTally;
  linings: Lining[];
  tiled: WallPlan["tiled"];
  figures: WallPlan["figures"];
}

function wallPlan({ name, set, laid, ...rest }: WallStages): WallPlan {
  const { fit: _, warnings: __, beds: ___, ...placed } = set;
  return { name, ...placed, ...laid, ...rest };
}
