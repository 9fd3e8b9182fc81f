import { heightAt } from "../geometry/profile.ts";
import { LARGE_SIDE } from "../limits.ts";
import type { Survey } from "../measure/survey.ts";
import { fieldTile, longestSide } from "../project/defaults.ts";
import type { Job, JobWall } from "../project/job.ts";
import { type Severity, type Warning, warningOf } from "../warning.ts";
import type { BoardPlan, WallBoard } from "./board-plan.ts";
import { stackDepth } from "./framing.ts";

/** Studs farther apart than this want more studs or blocking, mm (16 in). */
const WIDEST_STUDS = 406.4;

/** Board thinner than this is below what boards are listed for on studs, mm (1/2 in less a hair). */
const THINNEST_BOARD = 12;

/** What harms, what will not fit, and what has to be decided before board goes up. */
export function checkBoard(
  job: Pick<Job, "build" | "enclosure" | "field" | "setOut" | "settings" | "tiles" | "walls">,
  survey: Survey,
  boards: BoardPlan,
): Warning[] {
  return [
    ...checkSystem(job),
    ...boards.walls.flatMap((wallBoard, k) => checkWall(job, wallBoard, job.walls[k] as JobWall)),
    ...boards.packing.tooLarge.map((piece) =>
      warningOf("board-piece-too-large", "stop", {}, { piece }),
    ),
    ...checkBlocking(job, survey),
    ...checkFlange(job),
  ];
}

/** A flange less proud than this is taken up in the bed, mm. */
const FLANGE_SHOWS = 1.5;

function checkFlange({ enclosure: { flange } }: Pick<Job, "enclosure">): Warning[] {
  if (!flange || flange.proud < FLANGE_SHOWS) return [];
  const values = {
    ...{ proud: flange.proud, fur: flange.by === "fur" ? 1 : 0 },
    decided: flange.by ? 1 : 0,
  };
  return [warningOf("flange-proud", flange.by ? "note" : "warning", values)];
}

function isWet({ walls }: Pick<Job, "walls">): boolean {
  return walls.some(({ exposure }) => exposure !== "dry");
}

function checkSystem(
  job: Pick<Job, "build" | "field" | "settings" | "tiles" | "walls">,
): Warning[] {
  const { traits, board, adhesive } = job.build;
  const warnings: Warning[] = [];
  if (board === "drywall" && isWet(job)) warnings.push(warningOf("drywall-in-wet", "stop", {}));
  if (traits.seamsOnly) warnings.push(warningOf("system-least-conservative", "warning", {}));
  if (traits.seamsOnly && (board === "drywall" || board === "gypsum-coated")) {
    warnings.push(warningOf("seams-only-needs-durable-board", "stop", {}));
  }
  if (traits.board && board !== traits.board)
    warnings.push(warningOf("foam-system-other-board", "warning", {}));
  if (traits.retarder && job.settings.membrane > 0) {
    warnings.push(warningOf("moisture-sandwich", "stop", {}));
  }
  if (traits.film === "sheet") warnings.push(warningOf("sheet-mortar-class", "note", {}));
  if (adhesive === "mastic" && isWet(job)) {
    const tile = fieldTile(job);
    const never =
      longestSide(tile) >= LARGE_SIDE || tile.material === "glass" || traits.film === "liquid";
    warnings.push(warningOf("mastic-in-wet", never ? "stop" : "warning", {}));
  }
  const thickness = job.settings.board;
  if (thickness < THINNEST_BOARD && board !== "foam") {
    warnings.push(warningOf("board-thin", "stop", { thickness, limit: THINNEST_BOARD }));
  }
  return warnings;
}

function checkWall(
  job: Pick<Job, "setOut" | "settings">,
  wallBoard: WallBoard,
  wall: JobWall,
): Warning[] {
  const warnings: Warning[] = [];
  const at = { wall: wall.id };
  // Behind board that stays nobody sees the studs.
  const boarded = wallBoard.board.pieces.length > 0;
  if (boarded && wallBoard.studs.widest > WIDEST_STUDS + 1) {
    const values = { distance: wallBoard.studs.widest, limit: WIDEST_STUDS };
    warnings.push(warningOf("studs-too-far", "stop", values, at));
  }
  if (wallBoard.board.nearCorners > 0) {
    const values = { count: wallBoard.board.nearCorners, clear: job.settings.seamClear };
    warnings.push(warningOf("seam-near-opening", "note", values, at));
  }
  for (const opening of wallBoard.openings) {
    const item = { ...at, item: opening.id };
    const finished = wall.openings.find(({ id }) => id === opening.id);
    if (opening.cuts.length > 0) {
      const values = {
        count: opening.cuts.length,
        rough: opening.width,
        move: Math.abs(opening.move ?? 0),
        right: (opening.move ?? 0) > 0 ? 1 : 0,
        fits: opening.move === undefined ? 0 : 1,
        widest: opening.widestFinished,
        assumed: wallBoard.studs.assumed ? 1 : 0,
      };
      warnings.push(warningOf("opening-cuts-stud", studSeverity(wall, wallBoard), values, item));
    }
    const depth = finished?.depth ?? 0;
    if (opening.depthThere !== undefined && depth > opening.depthThere + 0.5) {
      warnings.push(
        warningOf("niche-too-deep", "warning", { depth, there: opening.depthThere }, item),
      );
    }
  }
  return [...warnings, ...checkValves(wallBoard, wall), ...checkObstacles(job, wallBoard, wall)];
}

/** A plate has to bear on tile by this much all round, mm. */
const PLATE_BEARS = 3;

/** Boxes end up behind the tile, and their plates have to reach over its edge. */
function checkObstacles(
  { setOut }: Pick<Job, "setOut">,
  { layers }: WallBoard,
  { id: wall, openings }: JobWall,
): Warning[] {
  const depth = layers.membrane + layers.bed + layers.tile;
  return openings.flatMap(({ id: item, kind, what, plate, width, height }): Warning[] => {
    if (kind !== "obstacle") return [];
    const at = { wall, item };
    const warnings: Warning[] = [];
    if (what === "socket" || what === "switch") {
      warnings.push(warningOf("socket-needs-extension", "note", { depth }, at));
    }
    // What hangs on the wall can be taken off as far as tile and a joint need.
    if (what === "other" || what === "counter" || what === "filler") {
      const values = { depth: depth + setOut.cornerJoint };
      warnings.push(warningOf("work-round", "note", values, at));
    }
    const bears = plate && Math.min(plate.width - width, plate.height - height) / 2;
    if (bears !== undefined && bears < PLATE_BEARS) {
      const values = { bears: Math.max(0, bears), limit: PLATE_BEARS };
      warnings.push(warningOf("plate-leaves-gap", "warning", values, at));
    }
    return warnings;
  });
}

/** Studs that are only taken to be there are a note; cutting a bearing one is a stop. */
function studSeverity(wall: JobWall, { studs }: WallBoard): Severity {
  if (wall.bearing || wall.stands === "outside") return "stop";
  return studs.assumed ? "note" : "warning";
}

function checkValves({ layers }: WallBoard, wall: JobWall): Warning[] {
  const there = stackDepth(layers);
  return wall.fixtures.flatMap(({ id, depth }) => {
    if (!depth || (there >= depth.least - 0.01 && there <= depth.most + 0.01)) return [];
    const values = { there, least: depth.least, most: depth.most };
    return [warningOf("valve-depth", "stop", values, { wall: wall.id, item: id })];
  });
}

/** Blocking that is not behind the wall it belongs to. */
function checkBlocking(job: Pick<Job, "build">, survey: Survey): Warning[] {
  return job.build.blocking.flatMap((block): Warning[] => {
    const measured = survey.walls.find(({ wall }) => wall.id === block.wall);
    if (!measured) return [];
    const x = block.from === "left" ? block.at : measured.wall.width.bottom - block.at;
    const y = survey.levelY + block.level;
    const inside =
      x >= 0 &&
      x <= measured.wall.width.bottom &&
      y >= heightAt(measured.base, x) &&
      y <= heightAt(measured.top, x);
    return inside
      ? []
      : [warningOf("blocking-outside", "warning", {}, { wall: block.wall, item: block.id })];
  });
}
