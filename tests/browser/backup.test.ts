import assert from "node:assert/strict";
import { readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { strFromU8, unzipSync } from "fflate";
import { Page, URLS } from "./browser.ts";

let page: Page;
let other: Page;
before(async () => {
  page = await Page.open();
  other = await Page.open();
});
after(async () => {
  await page.close();
  await other.close();
});

const choose = async (on: Page, path: string) =>
  (await on.find("main input[type=file]")).sendKeys(path);

let backup = "";

test("all jobs are backed up as one file: project files, their history, photos", async () => {
  await page.openSample("Lower Weir cottage");
  await page.type("Joint", "1/4\n");
  await page.saved();
  await page.click("All jobs");
  await page.textWhen('[aria-label="What is kept where"]', (text) =>
    /Never backed up.*MB used/.test(text),
  );
  await page.click("Back up all jobs");
  backup = await page.downloaded(/^dintel-backup-\d{4}-\d\d-\d\d\.zip$/);
  await page.textWhen('[aria-label="What is kept where"]', (text) => text.includes("Last backup"));
  const files = unzipSync(readFileSync(backup));
  const jobs = Object.keys(files).filter((name) => name.startsWith("jobs/"));
  assert.equal(jobs.length, 7);
  const weir = jobs.find((name) => name.includes("Lower-Weir"));
  const project = JSON.parse(strFromU8(files[weir ?? ""] as Uint8Array));
  assert.equal(project.field.joint, 6.35);
  const history = JSON.parse(
    strFromU8(files[(weir ?? "").replace("jobs", "history").replace(".dintel", "")] as Uint8Array),
  );
  assert.equal(history.history.length, 1);
});

test("on another device it comes back with its history, after a look at what it holds", async () => {
  await other.driver.get(URLS.empty);
  await other.button("New job");
  await choose(other, backup);
  assert.match(await other.text("dialog[open]"), /with 7 jobs[\s\S]*not on this device/);
  await other.click("Restore 7 jobs");
  await other.click("Lower Weir cottage");
  await other.find("[data-tally=job]");
  assert.equal(await (await other.field("Joint")).getAttribute("value"), "1/4");
  await other.control("z");
  await other.saved();
  assert.equal(await (await other.field("Joint")).getAttribute("value"), "1/8");
});

test("a job that differs is told apart and kept beside the one that is here", async () => {
  await other.click("All jobs");
  await choose(other, backup);
  const text = await other.text("dialog[open]");
  assert.match(text, /Lower Weir cottage, corner shower ?changed .* differs from the job here/);
  assert.match(text, /in: field\./);
  assert.equal(text.match(/here already, and the same/g)?.length, 6);
  assert.equal(
    await (await other.find("dialog .btn-primary")).isEnabled(),
    false,
    "nothing is chosen by itself",
  );
  await (await other.find("dialog input:enabled")).click();
  await other.click("Restore one job");
  await other.button("Lower Weir cottage, corner shower, backup of");
  await other.click("Lower Weir cottage, corner shower");
  await other.find("[data-tally=job]");
});

test("a file dropped on the page is imported; the same once more is not kept twice", async () => {
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).json();
  const drop = (project: object) =>
    other.driver.executeScript(
      `const files = new DataTransfer();
       files.items.add(new File([arguments[0]], "dropped.dintel.json"));
       document.body.dispatchEvent(
         new DragEvent("drop", { bubbles: true, cancelable: true, dataTransfer: files }));`,
      JSON.stringify(project),
    );
  const titleIs = (wanted: RegExp) =>
    other.driver.wait(async () => wanted.test(await other.driver.getTitle()), 8000);
  await drop({ ...sample, id: "dropped", name: "Dropped job" });
  await titleIs(/^Dropped job/);
  await other.click("All jobs");
  await other.button("Dropped job");
  await drop({ ...sample, id: "dropped", name: "Dropped job" });
  await titleIs(/^Dropped job/);
  await other.click("All jobs");
  await other.button("Dropped job");
  await drop({ ...sample, id: "dropped", name: "Dropped job, later" });
  await other.textWhen("main", (text) => text.includes("differs in: name."));
  await other.button("Dropped job, later, from a file");
});

test("a damaged backup is told, and what can be read of it is offered", async () => {
  const { zipSync, strToU8 } = await import("fflate");
  const path = join(other.downloads, "broken.zip");
  writeFileSync(
    path,
    zipSync({
      "backup.json": strToU8('{"format":"dintel-backup","version":1,"at":1}'),
      "jobs/half.dintel.json": strToU8('{"name":"Half a'),
    }),
  );
  await choose(other, path);
  assert.match(await other.text("dialog[open]"), /Not a job, or a damaged one: half.dintel.json/);
});

test("a backup never writes over what is left of a damaged job, and holds that too", async () => {
  await other.driver.get(`${URLS.empty}/jobs`);
  await other.button("New job");
  const stored = (act: string) =>
    other.driver.executeAsyncScript<{ project: unknown } | null>(
      `const done = arguments[0];
       const asked = indexedDB.open("dintel");
       asked.onsuccess = () => {
         const jobs = asked.result.transaction("jobs", "readwrite").objectStore("jobs");
         const all = ${act};
         all.onsuccess = () => { asked.result.close(); done(all.result ?? null); };
       };`,
    );
  await stored(`jobs.put({ id: "sample-corner-shower", project: { name: 7 }, updatedAt: 1 })`);
  await choose(other, backup);
  await other.textWhen("dialog[open]", (text) => text.includes("damaged here"));
  for (const box of await other.driver.findElements({ css: "dialog input:enabled" })) {
    if (!(await box.isSelected())) await box.click();
  }
  await (await other.find("dialog .btn-primary")).click();
  await other.button("Lower Weir cottage, corner shower, backup of");
  const kept = await stored(`jobs.get("sample-corner-shower")`);
  assert.deepEqual(kept?.project, { name: 7 });
  for (const file of readdirSync(other.downloads)) rmSync(join(other.downloads, file));
  await other.click("Back up all jobs");
  const files = unzipSync(readFileSync(await other.downloaded(/^dintel-backup-.*\.zip$/)));
  assert.ok(Object.keys(files).some((name) => name.startsWith("damaged/")));
});
