import { z } from "zod";
import { SAME_MM } from "../limits.ts";

/** The longest length that a project file may hold, mm. */
const LONGEST_MM = 30_000;

export const id = z.string().min(1).max(100);
export const label = z.string().trim().min(1).max(200);
/** What somebody wrote down: a note of some length. */
export const words = z.string().max(4000);
/** Above zero by more than a millionth: what is divided by stays a number that can be told. */
export const aboveZero = z.number().gt(SAME_MM);
export const size = aboveZero.max(LONGEST_MM);
/** A length that something is divided by again and again: as small ones as no trade has would never end. */
export const atLeast = (mm: number) => z.number().min(mm).max(LONGEST_MM);
export const gap = z.number().min(0).max(LONGEST_MM);
export const signed = z.number().min(-LONGEST_MM).max(LONGEST_MM);
export const share = z.number().min(0).max(5);
/** A moment as the device's clock said it, ISO 8601. */
export const moment = z.string().max(40);

/** Where along a wall something was read: the distance from its left or right corner. */
export const along = { from: z.enum(["left", "right"]), at: gap };

/** A place on a wall: along it, and up or down from the level line. */
export const place = { ...along, level: signed.describe("up from the level line") };
