import assert from "node:assert/strict";
import { test } from "node:test";
import { planFile } from "../plan-file.ts";
import type { Project } from "../project/schema.ts";
import { near, planValid, SAMPLE_NAMES, sampleProject } from "../testing.ts";

const HOUR = 3_600_000;

const datedFile = (name: string, days: Project["days"]) => {
  const project = { ...sampleProject(name), ...(days ? { days } : {}) };
  return planFile(project, planValid(project));
};

test("no task of any sample begins before what it waits for, and nobody is at two at once", () => {
  for (const name of SAMPLE_NAMES) {
    const { days } = datedFile(name, { start: "2026-05-04", zone: "America/Chicago" });
    assert.ok(days && days.tasks.length > 3, name);
    const known = new Map(days.tasks.map((task) => [task.id, task]));
    for (const { id, after, start } of days.tasks) {
      for (const other of after) {
        const before = known.get(other);
        assert.ok(before, `${id} waits for ${other}, which is not there`);
        const over = Date.parse(before.end) + before.waitH * HOUR;
        assert.ok(Date.parse(start) >= over - 1, `${name}: ${id} before ${other} is over`);
      }
    }
    const worked = days.tasks
      .filter(({ work }) => work > 0)
      .sort((p, q) => Date.parse(p.start) - Date.parse(q.start));
    worked.slice(1).forEach((task, k) => {
      assert.ok(Date.parse(task.start) >= Date.parse(worked[k]?.end ?? "") - 1, task.id);
    });
    // By the job's own clocks, between eight and four.
    for (const { start, end } of worked) {
      assert.ok(start.slice(11, 16) >= "08:00" && end.slice(11, 16) <= "16:00", `${start} ${end}`);
    }
    assert.ok((days.met?.in5of10 ?? "") <= (days.met?.in9of10 ?? ""));
    // The chain without slack begins with the first day and ends with the last.
    assert.ok(days.tasks.some(({ critical, start }) => critical && start === worked[0]?.start));
  }
});

test("the last task ends no earlier than the shower may run, and both are counted from the last wash", () => {
  const file = datedFile("walk-in-shower", { start: "2026-05-04" });
  const grout = file.days?.tasks.filter(({ id }) => id.startsWith("grout/")) ?? [];
  const washed = Math.max(...grout.map(({ end }) => Date.parse(end)));
  const dry = washed + (file.handOver?.firstShowerAfterH ?? Number.NaN) * HOUR;
  assert.ok(Date.parse(file.days?.end ?? "") >= dry);
});

test("back from a hand-over the work ends by then, and is as long", () => {
  const ahead = datedFile("tub-surround", { start: "2026-05-04" }).days;
  const back = datedFile("tub-surround", { end: "2026-06-05" }).days;
  assert.ok(back && Date.parse(back.end) <= Date.parse("2026-06-05T16:00:00Z"));
  const work = (days: typeof ahead) =>
    (days?.tasks ?? []).reduce((sum, task) => sum + task.work, 0);
  near(work(back), work(ahead));
});

test("hours and days off may be written in more than one way", () => {
  const ends = [
    { hours: { from: 7, to: 15 }, weekdays: [1, 2, 3, 4] },
    { hours: [7, 15] as [number, number], off: [5] },
  ].map((patch) => datedFile("tub-surround", { start: "2026-05-04", ...patch }).days?.end);
  assert.ok(ends[0]);
  assert.equal(ends[0], ends[1]);
});

test("without a day, with one that is none, or in a week without work, there are no days", () => {
  assert.equal(datedFile("tub-surround", undefined).days, undefined);
  assert.equal(datedFile("tub-surround", { start: "2026-05-04 or so" }).days, undefined);
  assert.equal(datedFile("tub-surround", { start: "2026-05-04", weekdays: [] }).days, undefined);
  // Clocks that nobody has are those of UTC.
  const { days } = datedFile("tub-surround", { start: "2026-05-04", zone: "Nowhere/At-all" });
  assert.equal(days?.tasks[0]?.start, "2026-05-04T08:00:00+00:00");
});
