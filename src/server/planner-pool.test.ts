import assert from "node:assert/strict";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { after, test } from "node:test";
import { PlannerPool, type PlanOutcome, type PoolLimits } from "./planner-pool.ts";

/** A process that does what its task says, as a planner that a job overwhelms would. */
const CHILD = `
process.on("message", ({ id, body }) => {
  const text = Buffer.from(body).toString();
  process.send({ id, about: "a test" });
  if (text === "hang") for (;;);
  if (text === "fill") { const all = []; for (;;) all.push(new Array(1e5).fill({})); }
  if (text === "late") return setTimeout(() => answer(id, text), 200);
  answer(id, text);
});
const answer = (id, text) =>
  process.send({ id, status: 200, type: "text/plain", body: Buffer.from(text) });
process.on("disconnect", () => process.exit(0));
`;

const folder = mkdtempSync(join(tmpdir(), "pool-"));
const script = join(folder, "child.mjs");
writeFileSync(script, CHILD);
const pools: PlannerPool[] = [];
after(() => {
  for (const pool of pools) pool.close();
  rmSync(folder, { recursive: true });
});

function poolOf(limits: Partial<PoolLimits> = {}): PlannerPool {
  const usual = { processes: 1, waiting: 4, timeMs: 8000, heapMb: 40 };
  const pool = new PlannerPool(script, { ...usual, ...limits });
  pools.push(pool);
  return pool;
}

const ask = (pool: PlannerPool, text: string, signal?: AbortSignal) =>
  pool.plan(Buffer.from(text), signal);

function textOf(outcome: PlanOutcome): string {
  return outcome.kind === "answer" ? Buffer.from(outcome.body).toString() : outcome.kind;
}

test("requests are answered one after the other by a process that stays warm", async () => {
  const pool = poolOf();
  const answers = await Promise.all(["a", "b", "c"].map((text) => ask(pool, text)));
  assert.deepEqual(answers.map(textOf), ["a", "b", "c"]);
});

test("a job that takes too long is ended alone, and the next one is answered", async () => {
  const pool = poolOf({ timeMs: 2000 });
  const outcome = await ask(pool, "hang");
  assert.deepEqual(outcome, { kind: "too-large", limit: "time", about: "a test" });
  assert.equal(textOf(await ask(pool, "after")), "after");
});

test("a job that takes too much memory ends its process and nothing else", async () => {
  const pool = poolOf();
  const outcome = await ask(pool, "fill");
  assert.deepEqual(outcome, { kind: "too-large", limit: "memory", about: "a test" });
  assert.equal(textOf(await ask(pool, "after")), "after");
});

test("more than can wait are refused at once, and one whose client has gone is dropped", async () => {
  const pool = poolOf({ waiting: 1 });
  const [client, patient] = [new AbortController(), new AbortController()];
  const first = ask(pool, "hang", client.signal);
  const second = ask(pool, "late", patient.signal);
  assert.equal((await ask(pool, "third")).kind, "busy");
  client.abort();
  assert.equal((await first).kind, "gone");
  assert.equal(textOf(await second), "late");
  const gone = AbortSignal.abort();
  assert.equal((await ask(pool, "x", gone)).kind, "gone");
});
