import * as z from "zod/mini";
import { SAME_MM } from "../limits.ts";

/** The longest length that a project file may hold, mm. */
const LONGEST_MM = 30_000;

export const id = z.string().check(z.minLength(1), z.maxLength(100));
export const label = z.string().check(z.trim(), z.minLength(1), z.maxLength(200));
/** What somebody wrote down: a note of some length. */
export const words = z.string().check(z.maxLength(4000));
/** Above zero by more than a millionth: what is divided by stays a number that can be told. */
export const aboveZero = z.number().check(z.gt(SAME_MM));
export const size = aboveZero.check(z.maximum(LONGEST_MM));
/** A length that something is divided by again and again: as small ones as no trade has would never end. */
export const atLeast = (mm: number) => z.number().check(z.minimum(mm), z.maximum(LONGEST_MM));
export const gap = z.number().check(z.minimum(0), z.maximum(LONGEST_MM));
export const signed = z.number().check(z.minimum(-LONGEST_MM), z.maximum(LONGEST_MM));
export const share = z.number().check(z.minimum(0), z.maximum(5));
/** A moment as the device's clock said it, ISO 8601. */
export const moment = z.string().check(z.maxLength(40));

/** A moment that clocks are reckoned from: ISO 8601 with its offset from UTC. */
export const instant = z
  .string()
  .check(z.maxLength(40), z.regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d(:[\d.]+)?(Z|[+-]\d\d:\d\d)$/));

/** Where along a wall something was read: the distance from its left or right corner. */
export const along = { from: z.enum(["left", "right"]), at: gap };

/** A place on a wall: along it, and up or down from the level line. */
export const place = { ...along, level: signed.check(z.describe("up from the level line")) };
