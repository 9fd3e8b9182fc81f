import assert from "node:assert/strict";
import { test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { planFile } from "../../core/plan-file.ts";
import { parseProject } from "../../core/project/parse.ts";
import { URLS } from "./browser.ts";

const post = (body: string, type = "application/json") =>
  fetch(`${URLS.samples}/api/plan`, { method: "POST", body, headers: { "content-type": type } });

test("health, the list of samples, and each sample as a project file", async () => {
  assert.deepEqual(await (await fetch(`${URLS.samples}/api/health`)).json(), { ok: true });
  const samples = await (await fetch(`${URLS.samples}/api/samples`)).json();
  assert.ok(samples.length >= 3);
  for (const { id } of samples) {
    const project = await (await fetch(`${URLS.samples}/api/samples/${id}`)).json();
    assert.ok(parseProject(project).ok, id);
  }
  assert.equal((await fetch(`${URLS.samples}/api/samples/none`)).status, 404);
});

test("the endpoint answers with the same plan as the core", async () => {
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).json();
  const answer = await post(JSON.stringify(sample));
  assert.equal(answer.status, 200);
  const parsed = parseProject(sample);
  assert.ok(parsed.ok);
  const own = planFile(parsed.project, planProject(parsed.project));
  assert.deepEqual(await answer.json(), JSON.parse(JSON.stringify(own)));
});

test("wrong bodies are answered as problems with a path and a message each", async () => {
  const problem = async (response: Response, status: number) => {
    assert.equal(response.status, status);
    assert.match(response.headers.get("content-type") ?? "", /application\/problem\+json/);
    const { errors } = await response.json();
    assert.ok(errors.every((error: { message: string }) => error.message.length > 10));
    return errors;
  };
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).json();
  sample.walls[1].width.bottom = 0;
  sample.field.joint = "wide";
  const errors = await problem(await post(JSON.stringify(sample)), 400);
  const paths = errors.map(({ path }: { path: string }) => path);
  assert.deepEqual(paths.sort(), ["field.joint", "walls[1].width.bottom"]);
  await problem(await post("{"), 400);
  await problem(await post("[]"), 400);
  await problem(await post("x=1", "application/x-www-form-urlencoded"), 415);
  await problem(await post(" ".repeat(8 * 1024 * 1024 + 1)), 413);
});

test("the schemas are served", async () => {
  for (const name of ["project", "plan"]) {
    const schema = await (await fetch(`${URLS.samples}/schema/${name}.json`)).json();
    assert.equal(schema.type, "object");
    assert.ok(schema.properties.walls);
  }
});

test("a method that an endpoint does not have is answered with those that it has", async () => {
  const asked: [string, string, string][] = [
    ["GET", "/api/plan", "POST"],
    ["DELETE", "/api/health", "GET"],
    ["POST", "/api/samples", "GET"],
    ["PUT", "/schema/plan.json", "GET"],
    ["POST", "/api/devices/laser", "GET"],
  ];
  for (const [method, path, allowed] of asked) {
    const response = await fetch(URLS.samples + path, { method });
    assert.deepEqual([response.status, response.headers.get("allow")], [405, allowed], path);
  }
});

test("what is not there is not found, whatever it is called", async () => {
  for (const path of [
    "/schema/__proto__.json",
    "/schema/constructor.json",
    "/_image?href=x",
    "/x",
  ]) {
    const response = await fetch(URLS.samples + path);
    assert.equal(response.status, 404, path);
    await response.text();
  }
});

test("at most fifty errors are listed, and only plain JSON is read", async () => {
  const walls = Array.from({ length: 12 }, () => ({
    openings: Array.from({ length: 90 }, () => 1),
  }));
  const answer = await post(JSON.stringify({ format: "dintel-project", version: 1, walls }));
  const { errors, more } = await answer.json();
  assert.equal(answer.status, 400);
  assert.equal(errors.length, 50);
  assert.ok(more > 500, `${more}`);
  assert.equal((await post("{}", "application/geo+json")).status, 415);
  const nested = await post("[".repeat(20_000) + "]".repeat(20_000));
  assert.match((await nested.json()).errors[0].message, /nests deeper/);
});

test("a job that takes too long is refused with what it holds, and the server goes on meanwhile", async () => {
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-walk-in-shower`)).json();
  const [wall] = sample.walls;
  const opening = { kind: "niche", width: 700, height: 700, depth: 90 };
  const openings = Array.from({ length: 100 }, (_, k) => {
    const x = { from: "left", at: k * 60 };
    return { ...opening, id: `o${k}`, x, y: { from: "level", at: k * 60 - 1200 } };
  });
  const large = {
    width: { bottom: 7000 },
    height: 7000,
    base: [],
    top: [],
    openings,
    fixtures: [],
  };
  const walls = Array.from({ length: 12 }, (_, k) => {
    return { ...large, id: `W${k}`, name: `W${k}`, role: wall.role, centre: { mode: "tile" } };
  });
  const zones = Array.from({ length: 40 }, (_, k) => {
    const bond = { tile: sample.field.tile, joint: 1, pattern: "scale", lay: "lying" };
    return { ...bond, id: `z${k}`, kind: "band", bottom: k * 160 - 1000, height: 150 };
  });
  const tiles = sample.tiles.map((tile: object) => ({ ...tile, width: 40, height: 40 }));
  const field = { ...sample.field, pattern: "scale", joint: 1 };
  const build = { sheetWidth: 300, sheetHeight: 300 };
  const { corners: _, shelves: __, ...rest } = sample;
  const body = JSON.stringify({ ...rest, walls, zones, tiles, field, build });
  const answered = post(body);
  let slowest = 0;
  let isDone = false;
  void answered.finally(() => {
    isDone = true;
  });
  while (!isDone) {
    const since = performance.now();
    await (await fetch(`${URLS.samples}/api/health`)).json();
    slowest = Math.max(slowest, performance.now() - since);
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  const answer = await answered;
  assert.equal(answer.status, 422);
  assert.match((await answer.json()).errors[0].message, /12 walls, 1200 openings.*40 × 40 mm/);
  assert.ok(slowest < 1000, `health took ${Math.round(slowest)} ms`);
  assert.equal((await post(JSON.stringify(sample))).status, 200);
});

test("answers say how they may be used, are packed, and are not sent twice", async () => {
  const page = await fetch(URLS.samples);
  const policy = page.headers.get("content-security-policy") ?? "";
  assert.match(policy, /script-src 'self' 'sha256-/);
  assert.ok(!policy.includes("unsafe-inline") && policy.includes("frame-ancestors 'none'"));
  const [, style] = (await page.text()).match(/"(\/_astro\/[^"]+\.css)"/) ?? [];
  for (const path of ["", style ?? "none", "/favicon.svg", "/api/samples"]) {
    const response = await fetch(URLS.samples + path);
    const { length } = await response.text();
    const header = (name: string) => response.headers.get(name);
    assert.equal(header("x-content-type-options"), "nosniff", path);
    assert.equal(header("referrer-policy"), "no-referrer", path);
    assert.ok(header("permissions-policy") && header("cross-origin-opener-policy"), path);
    if (length > 1024) assert.match(header("content-encoding") ?? "", /br|gzip/, path);
    const isHashed = path.startsWith("/_astro/");
    assert.equal(header("cache-control")?.includes("immutable"), isHashed, path);
    const known = { "if-none-match": header("etag") ?? "" };
    assert.equal((await fetch(URLS.samples + path, { headers: known })).status, 304, path);
  }
});
