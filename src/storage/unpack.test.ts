import assert from "node:assert/strict";
import { test } from "node:test";
import { strToU8, zipSync } from "fflate";
import { UNPACK_LIMITS, unpack } from "./unpack.ts";

const problemOf = (zip: Uint8Array, limits = UNPACK_LIMITS) => {
  const unpacked = unpack(zip, limits);
  return unpacked.ok ? "ok" : unpacked.problem;
};

test("packed and stored files come out as they went in", () => {
  const noise = Uint8Array.from({ length: 200_000 }, (_, k) => (k * 7919) % 251);
  const text = strToU8("a job ".repeat(5000));
  for (const level of [0, 9] as const) {
    const unpacked = unpack(zipSync({ "job.dintel.json": text, "photos/p.jpg": noise }, { level }));
    assert.ok(unpacked.ok);
    assert.deepEqual([...unpacked.files.keys()], ["job.dintel.json", "photos/p.jpg"]);
    assert.deepEqual(unpacked.files.get("photos/p.jpg"), noise);
    assert.deepEqual(unpacked.files.get("job.dintel.json"), text);
  }
});

test("a small file that unpacks to a huge one is stopped on the way", () => {
  // 60 MB of nothing pack to some 60 kB.
  const bomb = zipSync({ "job.dintel.json": new Uint8Array(60 * 1024 * 1024) });
  assert.ok(bomb.length < 100_000);
  assert.equal(problemOf(bomb), "too-large");
});

test("a header that lies about the size changes nothing", () => {
  const bomb = zipSync({ "job.dintel.json": new Uint8Array(60 * 1024 * 1024) });
  // Local header: the size once unpacked stands 22 bytes from its start; it now says 10.
  new DataView(bomb.buffer, bomb.byteOffset).setUint32(22, 10, true);
  assert.equal(problemOf(bomb), "too-large");
});

test("too many files, and what is no ZIP or is cut off, are refused", () => {
  const many = zipSync(
    Object.fromEntries(Array.from({ length: 30 }, (_, k) => [`${k}`, strToU8("x")])),
  );
  assert.equal(problemOf(many), "ok");
  assert.equal(problemOf(many, { ...UNPACK_LIMITS, files: 29 }), "too-many-files");
  assert.equal(problemOf(strToU8("no zip at all")), "damaged");
  const whole = zipSync(
    { a: Uint8Array.from({ length: 90_000 }, (_, k) => (k * 31) % 256) },
    { level: 0 },
  );
  assert.equal(problemOf(whole.subarray(0, 40_000)), "damaged");
  assert.equal(problemOf(new Uint8Array(0)), "damaged");
});
