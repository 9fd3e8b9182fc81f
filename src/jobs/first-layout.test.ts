import assert from "node:assert/strict";
import { test } from "node:test";
import { compareLayouts } from "../../core/compare/compare.ts";
import { planProject } from "../../core/plan.ts";
import type { Project } from "../../core/project/schema.ts";
import { near } from "../../core/testing.ts";
import type { startSearch } from "../workers/searcher.ts";
import { FIRST_CHOICES, readAnswers, startText } from "./answers.ts";
import { onBestLayout } from "./first-layout.ts";

type Search = typeof startSearch;

function newProject(typed: Record<string, string> = {}): Project {
  const read = readAnswers(
    { ...FIRST_CHOICES, unit: "mm" },
    (name) =>
      ({ name: "Test", ...typed })[name] ?? startText({ ...FIRST_CHOICES, unit: "mm" }, name),
  );
  assert.ok("project" in read);
  return read.project;
}

/** The search of the worker, at once. */
const search = ((question) => ({
  answer: Promise.resolve(compareLayouts(question)),
  stop: () => undefined,
})) as Search;

/** The cuts at both ends of the back wall. */
const cutsOf = (project: Project) =>
  ["left", "right"].map(
    (end) => planProject(project).walls[1]?.flags.find(({ side }) => side === end)?.size,
  );

test("a new job opens without the sliver that its answers would give", async () => {
  /*
   * By hand, the back of 1850: 1844 between its corner joints. A tile on the centre leaves
   * (1844 − 600 − 2 × 603) ÷ 2 − 3 = 16 at both ends, a joint there (1844 − 1203) ÷ 2 − 3 = 317.5.
   */
  const plain = newProject({ width0: "1250", width1: "1850", width2: "1250" });
  const best = await onBestLayout(plain, search);
  for (const cut of cutsOf(plain)) near(cut, 16);
  for (const cut of cutsOf(best)) near(cut, 317.5);
  assert.deepEqual(best.walls[1]?.centre, { mode: "joint" });
  assert.deepEqual(
    best.walls.map(({ width, height }) => [width, height]),
    plain.walls.map(({ width, height }) => [width, height]),
  );
});

test("a search that finds nothing, fails or does not end leaves the job as answered", async () => {
  const plain = newProject();
  const never = new Promise<never>(() => undefined);
  const searches: Search[] = [
    () => ({ answer: Promise.resolve(undefined), stop: () => undefined }),
    () => ({ answer: Promise.reject(new Error("no worker")), stop: () => undefined }),
    () => ({ answer: never, stop: () => undefined }),
    () => {
      throw new Error("no workers here");
    },
  ];
  for (const each of searches) assert.equal(await onBestLayout(plain, each, 5), plain);
});
