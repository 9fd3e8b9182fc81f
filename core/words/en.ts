import type { LengthProblem } from "../length/parse.ts";
import { ENGLISH_UNITS } from "../length/unit-names.ts";
import type { FieldIssue } from "../project/parse.ts";
import { ENGLISH_PLACES } from "../project/wall-places.ts";
import { ORDER_ITEMS } from "./en/order-items.ts";

/** Why a text typed into a length field is not a length, with what to type instead. */
function lengthProblem(problem: LengthProblem): string {
  switch (problem) {
    case "empty":
      return "Type a length, such as 63 1/2 or 1613mm.";
    case "not-a-length":
      return "Not a length. Type it as the tape says: 63 1/2, 5' 3-1/2 or 1613mm.";
    case "mixed-units":
      return "Inches and millimetres in one length. Type it in one unit.";
    case "zero-denominator":
      return "A fraction cannot end in /0. Type it as 63 1/2.";
    default:
      return problem satisfies never;
  }
}

/** What is wrong with a field of a project file, and the remedy. */
function fieldIssue({ path, code, limit }: FieldIssue): string {
  const field = path === "" ? "The file" : path;
  switch (code) {
    case "not-json":
      return "This is not JSON: the file is damaged or of another kind. Choose a .dintel.json file.";
    case "too-deep":
      return `This file nests deeper than ${limit} levels, which no project file does: it is damaged or of another kind.`;
    case "text-too-long":
      return `A text in this file is longer than ${limit} characters. Shorten it, or leave it out.`;
    case "not-an-object":
      return "This is not a project file: it should be one JSON object.";
    case "not-a-dintel-project":
      return 'format should be "dintel-project": this file is of another kind.';
    case "newer-version":
      return `version is newer than ${limit}, the newest that is understood here. Update Dintel.`;
    case "not-above":
      return `${field} must be more than ${limit}. Give the size in millimetres.`;
    case "too-small":
      return `${field} must be ${limit} or more.`;
    case "too-big":
      return `${field} must be ${limit} or less.`;
    case "too-short":
      return `${field} must hold at least ${limit}. Fill it in.`;
    case "wrong-type":
      return `${field} must be of type ${limit}. Add it or correct it.`;
    case "not-a-choice":
      return `${field} must be one of: ${limit}.`;
    case "height-or-top-readings":
      return `${field} is missing: give a height, or readings up to the top.`;
    case "no-such-tile":
      return `${field} names no tile of the job. Use the id of one of its tiles.`;
    case "no-such-wall":
      return `${field} names no wall of the job. Use the id of one of its walls.`;
    case "repeated-id":
      return `${field} is used twice ("${limit}"). Every id must be its own.`;
    default:
      return `${field} is not understood. Correct it or leave it out.`;
  }
}

/**
 * Every sentence of the core in English, for screen, documents and endpoint alike. Another language
 * is another object of this shape.
 */
export const english = {
  /** How numbers are written. */
  locale: "en",
  units: ENGLISH_UNITS,
  lengthProblem,
  fieldIssue,
  orderItems: ORDER_ITEMS,
  /** Kinds of work. */
  tasks: {
    board: "Board",
    strips: "Strips",
    coat: "Coat",
    "set-out": "Set out",
    set: "Set, session",
    grout: "Grout",
    cure: "Grout cures",
    sealant: "Sealant",
    sealer: "Sealer",
  },
  /** Where walls stand, as new ones are called. */
  places: ENGLISH_PLACES,
  /** A corner shelf that nobody named. */
  shelf: "Shelf",
};
