import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { runs as draws } from "../testing.ts";
import { calendarFrom, layUnits, type WorkTimes } from "./calendar.ts";
import { type PlannedTask, scheduleFrom, scheduleTo } from "./schedule.ts";
import { simulate } from "./simulate.ts";
import { isoIn, momentOf, readMoment } from "./zone.ts";

const WEEK: WorkTimes = {
  ...{ zone: "Europe/Zurich", from: 8, to: 16 },
  ...{ weekdays: [1, 2, 3, 4, 5], off: [] },
};

/** Monday, 4 May 2026. */
const MONDAY = "2026-05-04";
const at = (text: string) => readMoment(text, WEEK.zone, 8) as number;
const iso = (ms: number) => isoIn(ms, WEEK.zone).slice(0, 16);

const task = (id: string, units: number[], after: string[] = [], waitH = 0): PlannedTask => ({
  ...{ id, units, after, waitH },
});

const planned = (tasks: PlannedTask[], people = 1, times = WEEK) => {
  const found = scheduleFrom(tasks, at(MONDAY), calendarFrom(at(MONDAY), 60, times), people);
  assert.ok(found);
  return found;
};

test("a week by hand: what would not end today starts tomorrow, waits run through the night", () => {
  const { tasks, end } = planned([
    task("board", [300]),
    // 5 h until 13:00; 4 h more would end at 17:00.
    task("coat", [240], ["board"], 24),
    // Tuesday noon and 24 h: Wednesday noon.
    task("set", [180, 120, 60], ["coat"], 24),
    task("grout", [90], ["set"]),
  ]);
  assert.deepEqual(
    tasks.map(({ id, start, end: until }) => [id, iso(start), iso(until)]),
    [
      ["board", "2026-05-04T08:00", "2026-05-04T13:00"],
      ["coat", "2026-05-05T08:00", "2026-05-05T12:00"],
      // 3 h until 15:00; 2 h would end at 17:00, so they and the last hour are Thursday's.
      ["set", "2026-05-06T12:00", "2026-05-07T11:00"],
      // 24 h later it is Friday, 11:00.
      ["grout", "2026-05-08T11:00", "2026-05-08T12:30"],
    ],
  );
  assert.equal(iso(end), "2026-05-08T12:30");
  assert.ok(tasks.every(({ critical }) => critical));
});

test("over a weekend and a day off", () => {
  const { tasks } = planned([task("long", [480, 480, 480, 480, 480, 60])], 1, {
    ...WEEK,
    off: ["2026-05-06"],
  });
  // Monday, Tuesday, Thursday, Friday, Monday, and an hour on Tuesday.
  assert.equal(iso(tasks[0]?.end as number), "2026-05-12T09:00");
});

test("a unit that is longer than a day stops at its end and goes on", () => {
  const laid = layUnits(calendarFrom(at(MONDAY), 9, WEEK), at("2026-05-04T14:00"), [600]);
  // 2 h on Monday and 8 on Tuesday.
  assert.deepEqual(
    laid?.stretches.map(([p, q]) => [iso(p), iso(q)]),
    [
      ["2026-05-04T14:00", "2026-05-04T16:00"],
      ["2026-05-05T08:00", "2026-05-05T16:00"],
    ],
  );
});

test("clocks that are put on make a wait end an hour later by them", () => {
  // On 29 March 2026 the clocks of the zone go from 2 to 3.
  const start = at("2026-03-27T14:00");
  const calendar = calendarFrom(start, 20, { ...WEEK, weekdays: [0, 1, 2, 3, 4, 5, 6] });
  const found = scheduleFrom([task("a", [60], [], 42), task("b", [60], ["a"])], start, calendar, 1);
  // 15:00 on Friday and 42 h: 9:00 on Sunday by the old time, 10:00 by the new.
  assert.equal(isoIn(found?.tasks[1]?.start as number, WEEK.zone), "2026-03-29T10:00:00+02:00");
  assert.equal(isoIn(start, WEEK.zone), "2026-03-27T14:00:00+01:00");
  // Work begins at 8 by whatever clock there is.
  assert.equal(
    momentOf({ year: 2026, month: 3, day: 29, hour: 8, minute: 0 }, WEEK.zone),
    Date.parse("2026-03-29T06:00:00Z"),
  );
});

test("what may run meanwhile fills the wait of another, and two people work beside each other", () => {
  const tasks = [task("film", [60], [], 24), task("tile", [240], ["film"]), task("panel", [120])];
  const one = planned(tasks).tasks;
  assert.equal(iso(one[2]?.start as number), "2026-05-04T09:00", "the panel while the film dries");
  const two = planned(tasks, 2).tasks;
  assert.equal(iso(two[2]?.start as number), "2026-05-04T08:00");
  assert.notEqual(two[0]?.person, two[2]?.person);
  // The panel has time to spare.
  assert.deepEqual(
    two.map(({ critical }) => critical),
    [true, true, false],
  );
});

test("backwards: the latest start that meets the end; a minute later it does not", () => {
  const tasks = [task("a", [300], [], 24), task("b", [240], ["a"])];
  const end = at("2026-05-08T15:00");
  const early = at("2026-04-20T08:00");
  const calendar = calendarFrom(early, 60, WEEK);
  const found = scheduleTo(tasks, end, calendar, 1, early);
  assert.ok(found && found.end <= end);
  const later = scheduleFrom(tasks, found.start + 60_000, calendar, 1);
  assert.ok(later && later.end > end);
  assert.equal(scheduleTo(tasks, at("2026-04-20T09:00"), calendar, 1, early), undefined);
});

/** A schedule worked through hour by hour: one person, tasks in a chain. */
function hourByHour(lengths: number[], waits: number[]): number {
  let hour = 0;
  lengths.forEach((length, k) => {
    // Units of whole hours, none longer than a day.
    for (;;) {
      const [day, clock] = [Math.floor(hour / 24) % 7, hour % 24];
      if (day < 5 && clock >= 8 && clock + length <= 16) break;
      hour++;
    }
    hour += length + (waits[k] ?? 0);
  });
  return hour;
}

test("chains are those of the week worked through hour by hour", () => {
  const hours = fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 8 });
  const waits = fc.array(fc.integer({ min: 0, max: 70 }), { minLength: 8, maxLength: 8 });
  fc.assert(
    fc.property(hours, waits, (own, wait) => {
      const zone = { ...WEEK, zone: "UTC" };
      const start = Date.parse("2026-05-04T00:00:00Z");
      const tasks = own.map((h, k) => task(`t${k}`, [h * 60], k ? [`t${k - 1}`] : [], wait[k]));
      const found = scheduleFrom(tasks, start, calendarFrom(start, 200, zone), 1);
      assert.equal(found?.end, start + hourByHour(own, wait) * 3_600_000);
    }),
    { numRuns: draws(200) },
  );
});

test("honest dates: nine of ten is no earlier than five of ten, and the seed makes them the same", () => {
  const calendar = calendarFrom(at(MONDAY), 90, WEEK);
  const tasks = ["a", "b", "c", "d"].map((id, k, all) => ({
    ...task(id, [200, 150], k ? [all[k - 1] as string] : [], 12),
    kind: id,
  }));
  const met = simulate(tasks, at(MONDAY), calendar, 1, 400);
  assert.ok(met && met.in5of10 <= met.in9of10);
  assert.deepEqual(simulate(tasks, at(MONDAY), calendar, 1, 400), met);
  // Without work there is nothing to be early or late with.
  const waits = [{ ...task("w", [], [], 48), kind: "w" }];
  const sure = simulate(waits, at(MONDAY), calendar, 1, 50);
  assert.equal(sure?.in5of10, sure?.in9of10);
});
