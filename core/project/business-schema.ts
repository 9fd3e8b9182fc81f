import * as z from "zod/mini";
import { aboveZero, id, label } from "./primitives.ts";

/** What a job costs and when it is done: prices, labour, days. All of it is optional. */

const money = z.number().check(z.minimum(0), z.maximum(10_000_000));

export const priceSchema = z.looseObject({
  item: label.check(z.describe("as the order calls it, or its code")),
  tile: z.optional(id).check(z.describe("of several tiles, the one")),
  packSize: z.optional(aboveZero).check(z.describe("in the unit of the order's line")),
  price: z.optional(money).check(z.describe("of a pack")),
  onHand: z
    .optional(z.number().check(z.minimum(0), z.maximum(1_000_000)))
    .check(z.describe("in the unit of the order's line")),
  leadDays: z.optional(z.number().check(z.minimum(0), z.maximum(3650))),
  shop: z.optional(label),
});

export const labourSchema = z.looseObject({
  rate: z.optional(money).check(z.describe("an hour of one person")),
  markup: z.optional(z.number().check(z.minimum(0), z.maximum(10))),
  tax: z.optional(z.number().check(z.minimum(0), z.maximum(5))),
  quoted: z.optional(money).check(z.describe("the price that was agreed, tax included")),
  currency: z.optional(z.string().check(z.regex(/^[A-Z]{3}$/))),
});

const text = z.string().check(z.maxLength(2000));

/** What a quote says beside its sum. */
export const quoteSchema = z.looseObject({
  client: z.optional(text),
  words: z.optional(text).check(z.describe("what is done, and what is not")),
  until: z.optional(z.string().check(z.maxLength(40))).check(z.describe("a day")),
  lines: z.optional(z.boolean()).check(z.describe("false: the sum alone")),
});

/** A tool or consumable: whether it is there, and what it costs to hire or to buy. */
export const kitSchema = z.looseObject({
  id,
  have: z.optional(z.boolean()),
  hire: z.optional(money).check(z.describe("a day")),
  buy: z.optional(money),
});

/** A job that is another way to do one: a version of it. */
export const variantSchema = z.looseObject({
  of: id.check(z.describe("the job that it is a version of")),
  name: label,
  kit: z
    .optional(
      z.looseObject({
        price: money,
        hours: z.optional(z.number().check(z.minimum(0), z.maximum(10_000))),
      }),
    )
    .check(z.describe("walls of a ready-made panel kit in place of tile")),
});

const daySchema = z.string().check(z.regex(/^\d{4}-\d\d-\d\d/), z.maxLength(40));
const hourSchema = z.number().check(z.minimum(0), z.maximum(24));

export const daysSchema = z.looseObject({
  start: z
    .optional(daySchema)
    .check(z.describe("a day, or a moment; the work goes forward from it")),
  end: z.optional(daySchema).check(z.describe("without a start: the work goes back from it")),
  zone: z
    .optional(z.string().check(z.maxLength(60)))
    .check(z.describe("of the clocks, such as Europe/Zurich")),
  hours: z.optional(
    z.union([
      z.looseObject({ from: hourSchema, to: hourSchema }),
      z.tuple([hourSchema, hourSchema]),
    ]),
  ),
  weekdays: z
    .optional(z.array(z.int().check(z.minimum(0), z.maximum(6))).check(z.maxLength(7)))
    .check(z.describe("days of the week with work, 0 is Sunday")),
  off: z
    .optional(
      z
        .array(z.union([daySchema, z.int().check(z.minimum(0), z.maximum(6))]))
        .check(z.maxLength(400)),
    )
    .check(z.describe("days without, or days of the week")),
  moved: z
    .optional(
      z
        .array(z.looseObject({ task: z.string().check(z.maxLength(300)), from: daySchema }))
        .check(z.maxLength(500)),
    )
    .check(z.describe("tasks that do not begin before a day or a moment")),
  people: z.optional(z.int().check(z.minimum(1), z.maximum(20))),
});

export type Price = z.infer<typeof priceSchema>;
