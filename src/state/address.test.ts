import assert from "node:assert/strict";
import { test } from "node:test";
import fc from "fast-check";
import { addressOf, placeOf } from "./address.ts";
import { PAGES, STAGES } from "./view-store.ts";

test("an address says where somebody looks, and reads back as it was written", () => {
  assert.equal(addressOf("j1"), "/jobs/j1");
  assert.equal(addressOf("j1", "set-out", { wall: "B" }), "/jobs/j1/set-out?wall=B");
  assert.equal(addressOf("j1", "cut", { wall: "B", cut: "B12" }), "/jobs/j1/cut/B12");
  const text = fc.string({ minLength: 1, unit: "grapheme" }).filter((id) => !/^\.+$/.test(id));
  fc.assert(
    fc.property(text, fc.constantFrom(...STAGES, ...PAGES), text, (job, page, wall) => {
      const place = placeOf(addressOf(job, page, { wall }));
      assert.deepEqual(place, { kind: "job", job, page, wall, cut: undefined });
      const ticket = placeOf(addressOf(job, "cut", { cut: `${wall}12` }));
      assert.ok(ticket.kind === "job" && ticket.cut === `${wall}12`);
    }),
  );
});

test("the list, addresses of the first release, and what is at no address", () => {
  assert.deepEqual(placeOf("/"), { kind: "jobs" });
  assert.deepEqual(placeOf("/jobs/"), { kind: "jobs" });
  assert.deepEqual(placeOf("/?job=a%20b"), { kind: "job", job: "a b" });
  assert.deepEqual(placeOf("/attic"), { kind: "unknown" });
  assert.deepEqual(placeOf("/jobs/a/cut/B1/more"), { kind: "unknown" });
  const odd = placeOf("/jobs/a/attic?wall=C");
  assert.ok(odd.kind === "job" && odd.page === undefined && odd.wall === "C");
  assert.ok(placeOf("/jobs/%E0%A4%A").kind === "job", "badly encoded, but no crash");
});
