import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { fixture, near, oneWall, openingAt, runs } from "../testing.ts";
import { bestOfWall } from "./best-of-wall.ts";
import type { ModelWall, SearchModel } from "./model.ts";
import { directionsOf, type OwnPlaces } from "./own-places.ts";
import { AIMS, DEFAULT_WEIGHTS, scoreOf, weightsFor } from "./score.ts";
import { Sliding } from "./sliding.ts";
import { fine, modelOf } from "./testing.ts";

const aims = AIMS.map((aim) => weightsFor(aim, DEFAULT_WEIGHTS));
const anything = aims.map(() => Infinity);

/** A wall with a niche that slides and rises, beside it something that stays. */
const job = fc
  .record({
    width: fine(700, 1300),
    height: fine(500, 900),
    tile: fc.constantFrom<[number, number]>([150, 75], [300, 150], [200, 200], [450, 100]),
    pattern: fc.constantFrom("stacked" as const, "offset" as const),
    offset: fc.constantFrom(1 / 3, 1 / 2),
    run: fc.constantFrom("stepped" as const, "alternating" as const),
    at: fine(60, 420),
    up: fine(60, 300),
    opening: fine(80, 330),
    other: fc.constantFrom("nothing", "niche", "hole"),
    beside: fine(0, 260),
    up2: fine(60, 500),
  })
  .map(({ width, height, tile, at, up, opening, other, beside, up2, ...field }) => {
    const right = at + opening + 30 + beside;
    const shelf = { ...openingAt(right, up, 90, 120), id: "d", kind: "dish" as const };
    return oneWall({
      ...{ width, height, tile },
      field,
      wall: {
        openings: [openingAt(at, up, opening, 140), ...(other === "niche" ? [shelf] : [])],
        fixtures:
          other === "hole"
            ? [fixture({ pipe: 40, x: { from: "left", at: right }, y: { from: "base", at: up2 } })]
            : [],
      },
    });
  });

function placesAt(model: SearchModel, share: number): { wall: ModelWall; places: OwnPlaces } {
  const { bond, walls, courseFoot } = model;
  const [wall] = walls as [ModelWall];
  const directions = directionsOf(walls);
  return { wall, places: directions.places(wall, courseFoot - share * (bond.depth + bond.joint)) };
}

test("what is bounded away is nowhere the best: the same as judging every place", () => {
  fc.assert(
    fc.property(job, fc.double({ min: 0, max: 1, noNaN: true }), (project, share) => {
      const model = modelOf(project, 60, 90);
      const { wall, places } = placesAt(model, share);
      const every = { ...places, apart: undefined };
      const all = bestOfWall(model.bond, wall, every, { aims, limits: anything });
      const bounded = bestOfWall(model.bond, wall, places, { aims, limits: anything });
      for (const [a, score] of all.least.entries()) near(bounded.least[a], score, 1e-9);
      near(bounded.most.along, all.most.along, 1e-9);
      near(bounded.most.across, all.most.across, 1e-9);
      assert.equal(bounded.covered, all.covered);
      // Only what is below a limit is looked for; no less is there.
      const limits = all.least.map((score, a) => score + (a % 2 === 0 ? 0.5 : -0.5));
      const limited = bestOfWall(model.bond, wall, places, { aims, limits });
      limited.least.forEach((score, a) => {
        near(score, Math.min(all.least[a] as number, limits[a] as number), 1e-9);
      });
    }),
    { numRuns: runs(24) },
  );
});

test("rows and openings that are told apart add up to the wall as a whole", () => {
  let parted = 0;
  fc.assert(
    fc.property(
      job,
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.nat(),
      (project, share, pick) => {
        const model = modelOf(project, 60, 90);
        const { places } = placesAt(model, share);
        const { apart } = places;
        if (!apart) return;
        const own = places.own[pick % places.own.length];
        const niche = places.niches[pick % places.niches.length]?.[0];
        assert.ok(own);
        const base = apart.base(own, niche);
        const joined = apart.joined(base, own, niche);
        const whole = places.judge(own, niche);
        if (!joined) return;
        parted++;
        for (const [name, value] of Object.entries(whole)) {
          near(joined[name as keyof typeof joined], value, 1e-9);
        }
      },
    ),
    { numRuns: runs(120) },
  );
  assert.ok(parted > 8, `${parted} were told apart`);
});

test("what openings that slide add weighs no less than its bound, and no cut beside them is larger", () => {
  fc.assert(
    fc.property(job, fc.nat(), (project, pick) => {
      const { bond, walls } = modelOf(project, 60, 90);
      const [wall] = walls as [ModelWall];
      if (!wall.openings.some(({ alongRange }) => alongRange)) return;
      const sliding = new Sliding(bond, wall);
      const across = pick % (bond.depth + bond.joint);
      const niche = wall.openings[0]?.y0;
      for (let slide = -40; slide <= 40; slide += 8) {
        const at = { along: pick % 97, across, niche, slide };
        if (!sliding.isFree(at)) continue;
        const added = sliding.added(at);
        assert.ok(added.smallestAlong <= sliding.mostBeside(at) + 1e-9);
        const { smallest: _, ...others } = DEFAULT_WEIGHTS;
        const weights = { ...others, smallest: 0 };
        const weighs = scoreOf(added, bond, weights);
        assert.ok(weighs >= sliding.leastAdded(at, weights) - 1e-9, `${weighs} with ${slide}`);
      }
    }),
    { numRuns: runs(120) },
  );
});
