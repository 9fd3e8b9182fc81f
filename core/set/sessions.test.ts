import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { planFile } from "../plan-file.ts";
import type { Project } from "../project/schema.ts";
import {
  bandAt,
  enclosure,
  near,
  oneWall,
  openingAt,
  planValid,
  runs,
  SAMPLE_NAMES,
  sampleProject,
} from "../testing.ts";
import { rowKg, type SetRow } from "./rows.ts";
import { bucketReaches, spreadAheadM2 } from "./sessions.ts";

const sessionsOf = (project: Project) => planValid(project).set.sessions;

test("a row by hand: area by pace, minutes by cut, powder by bed", () => {
  // 3 whole tiles of 300 and two of 44 in each of 4 courses; 8 straight cuts in ceramic, which snap.
  const project = oneWall();
  project.tiles = project.tiles.map((tile) => ({ ...tile, material: "ceramic" }));
  const { rows } = planValid(project).set;
  assert.equal(rows.length, 4);
  // 1 × 1.212 m² at 1.5 m²/h, a quarter of it, and two cuts of 1.5 minutes.
  near(rows[0]?.minutes, (1.212 / 4 / 1.5) * 60 + 2 * 1.5, 1e-6);
  // 6 × 10 mm square notches at 55°: 10 × ½ × 0.819152 = 4.09576 mm.
  near(rowKg(rows[0] as SetRow), (1.212 / 4) * 4.09576 * 1.2 * 1.1, 1e-4);
  project.settings = { cutAhead: true };
  near(planValid(project).set.rows[0]?.minutes, (1.212 / 4 / 1.5) * 60, 1e-6);
});

test("porcelain is sawn and not snapped, and nobody sets more than 90 tiles an hour", () => {
  const sawn = oneWall();
  sawn.tiles = sawn.tiles.map((tile) => ({ ...tile, material: "porcelain" }));
  near(planValid(sawn).set.rows[0]?.minutes, (1.212 / 4 / 1.5) * 60 + 2 * 3, 1e-6);
  // 16 columns of 60 and 3: 1005 mm. The pace of 0.8 m²/h would be 201 tiles.
  const small = oneWall({ width: 1005, height: 63, tile: [60, 60] });
  const [row] = planValid(small).set.rows;
  const tiles = 1.005 * 0.063;
  near(row?.minutes, (tiles / (90 * 0.063 * 0.063)) * 60 + (row?.cuts ?? 0) * 3, 1e-6);
});

test("all walls rise together from the one that runs, field before zone", () => {
  const project = enclosure("alcove", [900, 1500, 900], (draft) => {
    draft.tiles.push({
      ...draft.tiles[0],
      id: "accent",
      name: "Accent",
    } as Project["tiles"][number]);
    draft.zones = [bandAt(-300, 100)];
  });
  const { rows } = planValid(project).set;
  const first = rows.slice(0, 3).map(({ wall, course }) => `${wall}${course}`);
  assert.deepEqual(first, ["B1", "A1", "C1"]);
  const bottoms = rows.map(({ bottom }) => Math.round(bottom * 100));
  assert.deepEqual(
    bottoms,
    [...bottoms].sort((p, q) => p - q),
  );
  project.settings = { setOrder: "back-first" };
  const walls = planValid(project).set.rows.map(({ wall }) => wall);
  assert.equal(walls.lastIndexOf("B"), walls.indexOf("A") - 1);
  assert.equal(walls.lastIndexOf("A"), walls.indexOf("C") - 1);
});

test("interiors come first, in time and powder; or last where the field is set before them", () => {
  const openings = [openingAt(300, 400, 300, 300)];
  const project = oneWall({ wall: { openings } });
  const plan = planValid(project);
  assert.equal(plan.set.rows[0]?.opening, "n");
  // Back 0.09 m² and four returns of 300 × 90.
  near(plan.set.rows[0]?.parts[0]?.areaM2, 0.09 + 4 * 0.3 * 0.09);
  project.settings = { nicheFirst: false };
  assert.equal(planValid(project).set.rows.at(-1)?.opening, "n");
});

test("from a ledger what stands on it comes first, then what hangs below", () => {
  const project = oneWall();
  project.setOut.firstCourse = { drop: 0, ledger: true, ledgerCourse: 3 };
  const plan = planValid(project);
  assert.deepEqual(
    plan.set.rows.map(({ course }) => course),
    [3, 4, 1, 2],
  );
  const hang = plan.warnings.find(({ code }) => code === "rows-hang");
  // Rows of 300 mm: one a session.
  assert.deepEqual(hang?.values, { rows: 2, safe: 1, sessions: 2 });
});

test("the first course overnight: others wait for the next session", () => {
  const project = oneWall({ settings: { firstOvernight: true } });
  assert.deepEqual(
    planValid(project).set.rows.map(({ session }) => session),
    [1, 2, 2, 2],
  );
});

test("a session hangs no more on the walls than it may, and rises no higher", () => {
  const rise = planValid(oneWall({ settings: { sessionRise: 610 } })).set.rows;
  assert.deepEqual(
    rise.map(({ session }) => session),
    [1, 1, 2, 2],
  );
  const { maxMassKgPerM2 } = planValid(oneWall()).set;
  const kg = (maxMassKgPerM2 * 1.212 * 3) / 4;
  const heavy = planValid(oneWall({ settings: { sessionKg: kg + 0.01 } })).set.rows;
  assert.deepEqual(
    heavy.map(({ session }) => session),
    [1, 1, 1, 2],
  );
});

/** A day worked through minute by minute: what is set when, and in which bucket it was mixed. */
function simulate(rows: SetRow[], settings: { hours: number; bucket: number; pot: number }) {
  const days: { rows: string[]; minutes: number; kg: Map<string, number> }[] = [];
  let queue = [...rows];
  while (queue.length > 0) {
    const day = { rows: [] as string[], minutes: 0, kg: new Map<string, number>() };
    // A row is begun only when what is left of the day is enough for it; one is always done.
    let left = settings.hours * 60;
    while (queue.length > 0) {
      const [row] = queue as [SetRow];
      let worked = 0;
      const last = day.rows.length > 0 ? left : Infinity;
      while (worked < row.minutes && worked < last) worked += Math.min(1, row.minutes - worked);
      if (row.minutes > last + 1e-6) break;
      left -= row.minutes;
      day.minutes += worked;
      day.rows.push(row.id);
      for (const { tile, powderKg } of row.parts) {
        day.kg.set(tile, (day.kg.get(tile) ?? 0) + powderKg);
      }
      queue = queue.slice(1);
    }
    days.push(day);
  }
  return days.map(({ kg, ...day }) => {
    const all = [...kg.values()].reduce((sum, own) => sum + own, 0);
    const perMinute = all / day.minutes;
    // Buckets are filled again and again until the day's powder is through.
    const most = Math.min(settings.bucket, perMinute * settings.pot * 0.75);
    const mixes = [...kg.values()].map((own) => {
      let count = 0;
      for (let rest = own; rest > 1e-9 * own; rest -= most) count++;
      return count;
    });
    return { ...day, mixes: mixes.reduce((sum, own) => sum + own, 0) };
  });
}

test("sessions and mixes are those of the day worked through minute by minute", () => {
  for (const name of SAMPLE_NAMES) {
    for (const [hours, bucket, pot] of [
      [6, 12, 90],
      [3, 4, 45],
      [1.5, 2, 240],
    ] as const) {
      const project = sampleProject(name);
      const settings = { setHours: hours, bucketKg: bucket, potLifeMin: pot };
      project.settings = { ...project.settings, ...settings };
      const { rows, sessions } = planValid(project).set;
      const days = simulate(rows, { hours, bucket, pot });
      assert.deepEqual(
        sessions.map(({ n }) => rows.filter((row) => row.session === n).map(({ id }) => id)),
        days.map((day) => day.rows),
        name,
      );
      sessions.forEach(({ minutes, mixes }, k) => {
        near(minutes, days[k]?.minutes ?? 0, 1e-6);
        // What comes mixed is not mixed.
        const mixed = project.build?.adhesive === "mastic" ? 0 : days[k]?.mixes;
        assert.equal(mixes.length, mixed, `${name}, session ${k + 1}`);
      });
    }
  }
});

test("no mix is beyond bucket or pot life, and all of them together are the session's powder", () => {
  const job = fc.record({
    width: fc.integer({ min: 300, max: 3000 }),
    height: fc.integer({ min: 300, max: 2400 }),
    bucketKg: fc.integer({ min: 1, max: 30 }),
    potLifeMin: fc.integer({ min: 10, max: 240 }),
    setHours: fc.integer({ min: 1, max: 10 }),
  });
  fc.assert(
    fc.property(job, ({ width, height, ...settings }) => {
      for (const session of sessionsOf(oneWall({ width, height, settings }))) {
        const { powderKg, minutes, mixes } = session;
        const most = Math.min(
          settings.bucketKg,
          (powderKg / (minutes / 60)) * (settings.potLifeMin / 60) * 0.75,
        );
        near(
          mixes.reduce((sum, mix) => sum + mix.powderKg, 0),
          powderKg,
        );
        for (const mix of mixes) {
          assert.ok(mix.powderKg <= most + 1e-9);
          near(mix.waterL, mix.powderKg * 0.25);
        }
        // One mix fewer would be too large.
        if (mixes.length > 1) assert.ok(powderKg / (mixes.length - 1) > most - 1e-9);
      }
    }),
    { numRuns: runs(60) },
  );
});

test("the plan file numbers every piece once, in the order of its rows, wall by wall", () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const plan = planValid(project);
    const file = planFile(project, plan);
    const pieces = file.walls.flatMap(({ pieces: own }) => own);
    const sorted = [...pieces].sort((p, q) => (p.order ?? 0) - (q.order ?? 0));
    assert.deepEqual(
      sorted.map(({ order }) => order),
      pieces.map((_, k) => k + 1),
      name,
    );
    const sessions = sorted.map(({ session }) => session ?? 0);
    assert.deepEqual(
      sessions,
      [...sessions].sort((p, q) => p - q),
    );
  }
});

test("a field without level courses that goes on above a band has no two pieces of one id", () => {
  for (const pattern of ["basket-weave", "herringbone", "offset"] as const) {
    const project = sampleProject("band-over-surround");
    project.field = { ...project.field, pattern, lay: "standing" };
    const ids = planFile(project, planValid(project)).walls.flatMap(({ pieces }) =>
      pieces.map(({ id }) => id),
    );
    assert.equal(new Set(ids).size, ids.length, pattern);
  }
});

test("how far a bucket goes, and how much is spread ahead", () => {
  const plan = planValid(oneWall());
  const row = plan.set.rows[0] as SetRow;
  const settings = { potLifeMin: 90, openTimeMin: 15 };
  const job = { settings } as Parameters<typeof bucketReaches>[0];
  const enough = { leftKg: 2.5 * rowKg(row), leftMin: 60 };
  assert.equal(bucketReaches(job, enough, plan.set.rows, 0).rows.length, 2);
  assert.equal(bucketReaches(job, enough, plan.set.rows, 3).rows.length, 1);
  // Time is short: one row of some 15 minutes.
  assert.equal(bucketReaches(job, { ...enough, leftMin: 20 }, plan.set.rows, 0).rows.length, 1);
  // 2 m²/h for a quarter of an hour, less a quarter: 0.375 m².
  near(spreadAheadM2(job, 2), 0.375);
});

test("what the bag says stands for bed and rate; waste and back-butter still follow", () => {
  const said = oneWall({ settings: { areaPerBag: 9, mortarBagKg: 20 } });
  near(planValid(said).totals.mortarKg, ((1.212 * 20) / 9) * 1.1);
  const buttered = oneWall({ settings: { areaPerBag: 9, mortarBagKg: 20, backButter: true } });
  near(planValid(buttered).totals.mortarKg, 1.212 * (20 / 9 + 0.8 * 1.2) * 1.1);
});
