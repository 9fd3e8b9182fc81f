import { openKeyhole } from "../geometry/keyhole.ts";
import { distanceToSegment, edgesOf } from "../geometry/polygon.ts";
import { HOLE_EDGE, THIN_STRIP, WEAK_TONGUE } from "../limits.ts";
import type { LaidTile } from "../project/job.ts";
import type { Tools } from "../project/schema.ts";
import { boundaryEdges } from "../set-out/region.ts";
import { narrowestTongue } from "./check.ts";
import { cutEdges, type HiddenBy } from "./cut-edges.ts";
import type { CutWall } from "./cut-wall.ts";
import { type Dimension, pieceDimensions } from "./dimensions.ts";
import { wholeTile } from "./laid-area.ts";
import type { CutPiece } from "./pieces.ts";
import { isSnapped, longestCut, lostBy, type ToolLimit, toolLimits } from "./tools.ts";

/** One step at the bench, in the order in which it is done. */
export type CutStep =
  | "practise"
  | "drill-corner"
  | "hole-saw"
  | "split-hole"
  | "drill-in-place"
  | "nibble"
  | "knife"
  | "snap"
  | "saw"
  | "saw-tongue-last"
  | "window"
  | "ease-edge";

/** What can go wrong with a piece. */
export type CutRisk =
  | "thin-strip"
  | "weak-tongue"
  | "hole-near-edge"
  | "brittle"
  | "practise-hole"
  | ToolLimit;

/** Everything that the person at the saw needs to know of one piece. */
export interface Ticket {
  piece: CutPiece;
  dimensions: Dimension[];
  steps: CutStep[];
  hidden: HiddenBy[];
  risks: CutRisk[];
  /** The same for pieces that are cut alike: kind and dimensions to half a millimetre. */
  key: string;
}

/** The ticket of a cut piece. Method by shape, material and the tools at hand; trade practice. */
export function cutTicket(
  wall: CutWall,
  piece: CutPiece,
  tile: LaidTile,
  tools: Tools = {},
): Ticket {
  const dimensions = pieceDimensions(piece, wholeTile(wall, piece));
  return {
    piece,
    dimensions,
    steps: stepsFor(wall, piece, tile, tools),
    hidden: hiddenBy(wall, piece),
    risks: [...risksOf(piece, tile), ...toolLimits(wall, piece, tile, tools)],
    key: ticketKey(piece, dimensions),
  };
}

function ticketKey({ kind }: CutPiece, dimensions: Dimension[]): string {
  return [kind, ...dimensions.map(({ code, mm }) => `${code}:${Math.round(mm * 2) / 2}`)].join(" ");
}

/**
 * Holes are drilled while the tile is whole; curves at an edge are nibbled or ground; straight cuts
 * of ceramic are scored and snapped when both sides keep 12 mm, everything else is sawn wet; the
 * cut that leaves a tongue comes last. Mosaic on sheets is cut through its backing.
 */
function stepsFor(
  wall: CutWall,
  piece: CutPiece,
  { material, sheet }: LaidTile,
  tools: Tools,
): CutStep[] {
  const steps: CutStep[] = [];
  const rim = rimOf(piece);
  if (piece.holes.length > 0) steps.push("practise");
  if (piece.holes.length > 0 && tools.holeSaw === false) steps.push("split-hole");
  else if (piece.holes.length > 0) steps.push(rim >= HOLE_EDGE ? "hole-saw" : "drill-in-place");
  if (sheet) return ["knife"];
  const outline = outlineStep(wall, piece, material, tools);
  // The blade overcuts an inside corner on the back before it meets it on the face.
  if (piece.kind === "L" || piece.kind === "U") steps.push("drill-corner");
  if (outline) steps.push(outline);
  if (piece.kind === "notch") steps.push("nibble");
  if (outline && hiddenBy(wall, piece).includes("opening")) steps.push("ease-edge");
  return steps;
}

function outlineStep(
  wall: CutWall,
  piece: CutPiece,
  material: LaidTile["material"],
  tools: Tools,
): CutStep | undefined {
  const lost = lostBy(wall, piece);
  switch (piece.kind) {
    case "none":
    case "hole":
    case "notch":
      return lost > 0.5 ? "saw" : undefined;
    case "L":
    case "U":
      return narrowestTongue(piece) < 2 * WEAK_TONGUE ? "saw-tongue-last" : "saw";
    case "straight": {
      const cut = longestCut(piece.ring, wholeTile(wall, piece));
      return isSnapped(piece, lost, cut, material, tools) ? "snap" : "saw";
    }
    case "complex":
      return openKeyhole(piece.ring).holes.length > 0 ? "window" : "saw";
    case "taper":
    case "diagonal":
      return "saw";
    default:
      return piece.kind satisfies never;
  }
}

/** The least tile between a hole and the piece's edge, mm; infinite without holes. */
function rimOf({ holes, ring }: CutPiece): number {
  return Math.min(
    ...holes.map(
      ({ centre, diameter }) =>
        Math.min(...edgesOf(ring).map(([a, b]) => distanceToSegment(centre, a, b))) - diameter / 2,
    ),
    Infinity,
  );
}

function risksOf(piece: CutPiece, { material }: LaidTile): CutRisk[] {
  const risks: CutRisk[] = [];
  if (Math.min(piece.width, piece.height) < THIN_STRIP) risks.push("thin-strip");
  if (narrowestTongue(piece) < WEAK_TONGUE) risks.push("weak-tongue");
  if (rimOf(piece) < HOLE_EDGE) risks.push("hole-near-edge");
  if (material === "glass" || material === "stone") {
    risks.push("brittle");
    if (piece.holes.length > 0) risks.push("practise-hole");
  }
  return risks;
}

/** What hides the cut edges: the factory edges face the field. */
function hiddenBy(wall: CutWall, piece: CutPiece): HiddenBy[] {
  const edges = boundaryEdges(wall.measured, wall.boundary);
  const cut = cutEdges({ ...wall, edges }, piece.ring, wholeTile(wall, piece));
  const holes: HiddenBy[] = piece.holes.length > 0 ? ["fixture"] : [];
  return [...new Set([...cut.map(({ by }) => by), ...holes])];
}
