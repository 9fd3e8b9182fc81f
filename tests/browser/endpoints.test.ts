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
