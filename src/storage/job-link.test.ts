import assert from "node:assert/strict";
import { test } from "node:test";
import { deflateSync, strToU8 } from "fflate";
import { SAMPLE_NAMES, sampleProject } from "../../core/testing.ts";
import { fromLink, jobLink } from "./job-link.ts";

test("every sample comes out of its link as it went in", async () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const link = await jobLink(project, "https://dintel.example");
    const { pathname, hash } = new URL(link);
    assert.equal(pathname, "/jobs");
    assert.match(hash, /^#job=[\w-]+$/);
    assert.deepEqual(JSON.parse((await fromLink(hash)) ?? ""), project);
  }
});

test("what is no link is none; what is damaged, no JSON or far too large is told", async () => {
  assert.equal(await fromLink(""), undefined);
  assert.equal(await fromLink("#top"), undefined);
  const link = await jobLink(sampleProject("tub-surround"), "");
  const { hash } = new URL(link, "https://dintel.example");
  assert.equal(await fromLink(hash.slice(0, hash.length / 2)), null);
  assert.equal(await fromLink("#job=%%%"), null);
  const packed = (text: string) =>
    `#job=${Buffer.from(deflateSync(strToU8(text))).toString("base64url")}`;
  assert.equal(await fromLink(packed("no job")), null);
  assert.equal(await fromLink(packed(`"${"a".repeat(9e6)}"`)), null);
});
