import assert from "node:assert/strict";
import { test } from "node:test";
import { jobOf } from "../project/job.ts";
import type { Project } from "../project/schema.ts";
import { oneWall, planValid } from "../testing.ts";
import { planDays } from "./days-plan.ts";
import { freeTimes, holds } from "./meanwhile.ts";
import { simulate } from "./simulate.ts";
import { doneTasks } from "./standing.ts";
import { isoIn, readMoment } from "./zone.ts";

const ZONE = "Europe/Zurich";
const at = (text: string) => readMoment(text, ZONE, 8) as number;
const iso = (ms: number) => isoIn(ms, ZONE).slice(0, 16);

/** One wall of board and film that begins on Monday, 4 May 2026. */
function job(parts: Partial<Project> = {}): Project {
  return { ...oneWall(), days: { start: "2026-05-04", zone: ZONE }, ...parts };
}

function plans(project: Project) {
  const plan = planValid(project);
  const done = doneTasks(project, {
    tasks: plan.tasks,
    rows: plan.set.rows,
    mixes: plan.grout.mixes,
  });
  return { plan, done };
}

test("a task that is moved takes what follows with it, and nothing before it", () => {
  const before = planValid(job()).days;
  const project = job();
  project.days = { ...project.days, moved: [{ task: "set-out/A", from: "2026-05-13" }] };
  const after = planValid(project).days;
  assert.ok(before && after);
  const of = (days: typeof before, id: string) => days.tasks.find((task) => task.id === id);
  assert.equal(of(after, "coat/2/A")?.end, of(before, "coat/2/A")?.end);
  assert.equal(iso(of(after, "set-out/A")?.start as number), "2026-05-13T08:00");
  // An hour and a half of setting out, then the first session.
  assert.equal(iso(of(after, "set/1")?.start as number), "2026-05-13T09:30");
  // What hangs on a day hangs on nothing before it.
  assert.equal(of(after, "board/A")?.critical, false);
  assert.equal(of(after, "set-out/A")?.critical, true);
});

test("coats, sessions and grout are done by what was noted, and so is what they follow", () => {
  const project = job({
    film: {
      coats: [
        { id: "s", wall: "A", coat: 0, at: "2026-05-04T09:00:00+02:00" },
        { id: "1", wall: "A", coat: 1, at: "2026-05-04T11:00:00+02:00" },
      ],
    },
    log: [
      { id: "d", kind: "done", at: "2026-05-06T10:00:00+02:00", task: "set-out" },
      { id: "e", kind: "done", at: "2026-05-06T10:00:00+02:00", task: "sealant", wall: "B" },
    ],
  });
  const { plan, done } = plans(project);
  assert.deepEqual(
    plan.tasks.filter(({ id }) => done.has(id)).map(({ id }) => id),
    ["board/A", "strips/A", "coat/1/A", "coat/2/A", "set-out/A"],
  );
  // The second coat was never logged: its wait of a day was over by then.
  assert.equal(iso(done.get("coat/2/A") as number), "2026-05-05T10:00");
});

test("a session is done with its last row, and not before", () => {
  const rows = planValid(job()).set.rows.map(({ id }) => ({ id, at: "2026-05-07T12:00:00Z" }));
  assert.equal(plans(job({ work: { rows: rows.slice(1) } })).done.has("set/1"), false);
  assert.equal(
    plans(job({ work: { rows } })).done.get("set/1"),
    Date.parse("2026-05-07T12:00:00Z"),
  );
});

test("the rest is planned from now on: a day lost is a day later", () => {
  const project = job({
    log: [{ id: "d", kind: "done", at: "2026-05-07T15:00:00+02:00", task: "set-out" }],
  });
  const { plan, done } = plans(project);
  const now = at("2026-05-08T08:00");
  const standing = { done: Object.fromEntries(done), now };
  const days = planDays(jobOf(project), plan.tasks, false, standing);
  const first = days?.tasks.find(({ id }) => id === "set/1");
  assert.equal(iso(first?.start as number), "2026-05-08T08:00");
  // Planned: Wednesday 6 May at the latest; the end moves by as much.
  const planned = plan.days?.tasks.find(({ id }) => id === "set/1");
  assert.ok((first?.start as number) > (planned?.start as number));
  assert.ok((days?.end as number) > (plan.days?.end as number));
});

test("working time with nothing to do is told, with what is waited for", () => {
  const { days } = planValid(job());
  assert.ok(days);
  const free = freeTimes(days.tasks, days.calendar);
  assert.ok(free.length > 0);
  for (const { from, to, waits } of free) {
    assert.ok(to - from >= 3_600_000);
    // Nobody works then, and the wait runs then.
    assert.ok(
      days.tasks.every(({ start, end, minutes }) => !minutes || end <= from || start >= to),
    );
    assert.ok(waits.end <= from && waits.end + waits.waitH * 3_600_000 >= to - 1);
  }
});

test("a planned ledger stays a day after the first session; what is out is told no more", () => {
  const { days } = planValid(job());
  assert.ok(days);
  const end = days.tasks.find(({ id }) => id === "set/1")?.end as number;
  const up = { kind: "tape" as const, wall: "A", at: "2026-05-07T12:00:00Z", hours: 12 };
  assert.deepEqual(holds(days.tasks, true, [up, { ...up, out: "2026-05-08T12:00:00Z" }]), [
    { kind: "ledger", until: end + 24 * 3_600_000 },
    { kind: "tape", wall: "A", until: Date.parse("2026-05-08T00:00:00Z") },
  ]);
});

test("the spread comes from the work that there is most of", () => {
  const { days } = planValid(job());
  assert.ok(days);
  const task = (id: string, kind: string, minutes: number, after: string[]) => ({
    ...{ id, kind, after, waitH: 0 },
    units: Array.from({ length: minutes / 10 }, () => 10),
  });
  // Alone and within a day ends are sums: the variances are as the squares, 16 : 1.
  const long = { ...days.calendar, starts: [0], ends: [1e9] };
  const met = simulate([task("a", "set", 400, []), task("b", "grout", 100, ["a"])], 0, long, 1);
  assert.deepEqual(
    met?.spread.map(({ kind }) => kind),
    ["set", "grout"],
  );
  assert.ok(Math.abs((met?.spread[0]?.share as number) - 16 / 17) < 0.02);
});
