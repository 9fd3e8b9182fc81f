import assert from "node:assert/strict";
import { writeFileSync } from "node:fs";
import { after, afterEach, beforeEach, test } from "node:test";
import { strToU8, zipSync } from "fflate";
import { Page, URLS } from "./browser.ts";

let page: Page;
beforeEach(async () => {
  page = await Page.open();
});
afterEach(() => page.close());
after(() => undefined);

/** The store takes nothing more, until `mend()`. */
const FULL_DISK = `
  for (const name of ["put", "add"]) {
    const whole = IDBObjectStore.prototype[name];
    const mendOther = window.mend ?? (() => {});
    window.mend = () => { mendOther(); IDBObjectStore.prototype[name] = whole; };
    IDBObjectStore.prototype[name] = function () {
      throw new DOMException("no room", "QuotaExceededError");
    };
  }`;

const joint = async () => (await page.field("Joint")).getAttribute("value");

/** Whether closing or reloading the page would ask. */
const asksOnClosing = () =>
  page.driver.executeScript<boolean>(
    `const leaving = new Event("beforeunload", { cancelable: true });
     return !dispatchEvent(leaving);`,
  );

test("with a full disk leaving asks, and what was done is there when one comes back", async () => {
  await page.chooseSample("Lower Weir cottage");
  assert.equal(await asksOnClosing(), false);
  await page.driver.executeScript(FULL_DISK);
  await page.type("Joint", "1/4\n");
  await page.textWhen("[role=alert]", (text) => text.includes("cannot store this job"));
  assert.equal(await asksOnClosing(), true);
  const address = await page.driver.getCurrentUrl();
  await page.click("All jobs");
  assert.match(await page.text("dialog[open]"), /Not everything is stored/);
  await page.click("Stay here");
  assert.equal(await page.driver.getCurrentUrl(), address);
  // The browser's own way back asks as well.
  await page.driver.navigate().back();
  await page.find("dialog[open]");
  assert.equal(await page.driver.getCurrentUrl(), address);
  await page.click("Leave all the same");
  await page.button("Quarry Row 14");
  assert.equal(await asksOnClosing(), true, "the change is still in this tab alone");
  await (await page.button("Lower Weir cottage")).click();
  await page.find("[data-tally=job]");
  assert.equal(await joint(), "1/4");
  await page.driver.executeScript("mend()");
  await page.click("Not saved");
  await page.saved();
  assert.equal(await asksOnClosing(), false);
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  assert.equal(await joint(), "1/4");
});

test("a full disk is told for every change of the list, and the list stays as it was", async () => {
  await page.driver.get(URLS.samples);
  await page.button("Quarry Row 14");
  await page.driver.executeScript(FULL_DISK);
  const told = () => page.textWhen("[role=alert]", (text) => text.includes("could not be stored"));
  await page.click("Duplicate: Lower Weir cottage");
  await told();
  await page.click("Delete: Lower Weir cottage");
  await told();
  await page.click("Rename: Lower Weir cottage");
  const name = await page.find('[aria-label="Name of the job"]');
  await name.sendKeys("Another name\n");
  await told();
  await page.button("Lower Weir cottage");
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-corner-shower`)).json();
  const text = JSON.stringify({ ...sample, id: "not-here-yet" });
  await (await page.find("input[type=file]")).sendKeys(page.file("job.dintel.json", text));
  await told();
  await page.click("New job");
  await page.type("Job name", "On a full disk");
  await page.click("Plan it");
  await page.textWhen("form [role=alert]", (text) => text.includes("could not be stored"));
});

test("a store that cannot be opened, or never answers, is told, and the work goes on in the tab", async () => {
  for (const broken of [
    'indexedDB.open = () => { throw new DOMException("no", "SecurityError"); };',
    "IDBFactory.prototype.open = () => new EventTarget();",
  ]) {
    const other = await Page.open();
    try {
      await other.beforeLoading(broken);
      await other.driver.get(URLS.samples);
      await other.textWhen("[role=alert]", (text) => text.includes("storage cannot be opened"));
      await (await other.button("Lower Weir cottage")).click();
      await other.find("[data-tally=job]");
      await other.type("Joint", "1/4\n");
      assert.match(await other.text("header"), /In this tab only/);
      await other.click("All jobs");
      await (await other.button("Lower Weir cottage")).click();
      await other.find("[data-tally=job]");
      assert.equal(await (await other.field("Joint")).getAttribute("value"), "1/4");
    } finally {
      await other.close();
    }
  }
});

test("samples that cannot be fetched say so, and jobs go on as ever", async () => {
  const other = await Page.open();
  try {
    await other.devTools("Network.enable");
    await other.devTools("Network.setBlockedURLs", { urls: ["*/_astro/samples*"] });
    await other.driver.get(URLS.samples);
    await other.textWhen("[role=alert]", (text) =>
      text.includes("sample jobs could not be fetched"),
    );
    assert.doesNotMatch(await other.text("body"), /storage cannot be opened/);
    await other.click("New job");
    await other.type("Job name", "Weir Side 2");
    await other.click("Plan it");
    await other.find("[data-tally=job]");
    await other.saved();
  } finally {
    await other.close();
  }
});

/** Waits until the newer release's store is closed again. */
const WRITTEN = `
  const asked = indexedDB.open("dintel");
  asked.onsuccess = () => { asked.result.close(); arguments[0](); };`;

test("a store that a newer release wrote is left alone", async () => {
  await page.beforeLoading(`
    if (!sessionStorage.seeded) {
      sessionStorage.seeded = "1";
      const asked = indexedDB.open("dintel", 990);
      asked.onupgradeneeded = () => asked.result.createObjectStore("jobs", { keyPath: "id" });
      asked.onsuccess = () => asked.result.close();
    }`);
  await page.driver.get(`${URLS.samples}/favicon.svg`);
  await page.driver.executeAsyncScript(WRITTEN);
  await page.driver.get(URLS.samples);
  await page.textWhen("[role=alert]", (text) => text.includes("a newer release"));
  await page.button("Lower Weir cottage");
  const version = await page.driver.executeAsyncScript<number>(
    `const done = arguments[0];
     indexedDB.databases().then((all) => done(all.find(({ name }) => name === "dintel").version));`,
  );
  assert.equal(version, 990);
});

/** Writes a row into the store as a damaged disk might have left it. */
const STORE_ROW = `
  const done = arguments[1];
  const asked = indexedDB.open("dintel");
  asked.onsuccess = () => {
    const change = asked.result.transaction("jobs", "readwrite");
    change.objectStore("jobs").put(arguments[0]);
    change.oncomplete = () => { asked.result.close(); done(); };
  };`;

test("one damaged row leaves the others alone, is shown by name, saved and set aside", async () => {
  await page.driver.get(URLS.samples);
  await page.button("Lower Weir cottage");
  const row = { id: "broken", project: { name: "Mill Lane, half a job" }, updatedAt: "never" };
  await page.driver.executeAsyncScript(STORE_ROW, row);
  await page.driver.navigate().refresh();
  assert.match(await page.text("[data-damaged]"), /Mill Lane, half a job/);
  await page.button("Lower Weir cottage");
  await page.driver.get(`${URLS.samples}/jobs/broken`);
  await page.textWhen("[role=alert]", (text) => text.includes("Mill Lane, half a job"));
  await page.click("All jobs");
  await page.click("Set aside");
  await page.driver.wait(
    async () => (await page.driver.findElements({ css: "[data-damaged]" })).length === 0,
    5000,
  );
  await page.button("Set aside (1)");
});

test("a job erased for good in another tab goes on as a copy, and erasing asks", async () => {
  await page.openSample("Lower Weir cottage");
  const first = await page.driver.getWindowHandle();
  await page.driver.switchTo().newWindow("tab");
  await page.resize(1280, 800);
  await page.driver.get(URLS.samples);
  await page.click("Delete: Lower Weir cottage");
  await page.click("Deleted jobs");
  await page.click("Erase for good");
  assert.match(await page.text("dialog[open]"), /Lower Weir cottage/);
  await page.click("Keep it");
  await page.button("Bring back");
  await page.click("Erase for good");
  await page.driver.executeScript(
    `[...document.querySelectorAll("dialog[open] button")].at(-1).click()`,
  );
  await page.driver.close();
  await page.driver.switchTo().window(first);
  await page.textWhen("[role=alert]", (text) => text.includes("erased in another tab"));
  await page.type("Joint", "1/4\n");
  await page.textWhen("[role=status].no-print", (text) => text.includes("this is a copy"));
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  assert.equal(await joint(), "1/4");
});

test("what is typed is not overwritten by another tab: both are shown until one is chosen", async () => {
  await page.openSample("Lower Weir cottage");
  const first = await page.driver.getWindowHandle();
  const address = await page.driver.getCurrentUrl();
  // The field keeps the focus while the other tab is looked at, as on two devices side by side.
  await page.devTools("Emulation.setFocusEmulationEnabled", { enabled: true });
  await page.type("Joint", "3/16");
  await page.driver.switchTo().newWindow("tab");
  await page.resize(1280, 800);
  await page.driver.get(address);
  await page.find("[data-tally=job]");
  await page.type("Joint", "1/4\n");
  await page.saved();
  await page.driver.close();
  await page.driver.switchTo().window(first);
  assert.match(await page.text("[data-changed-meanwhile]"), /Meanwhile this was changed to 1\/4/);
  assert.equal(await joint(), "3/16");
  await page.click("Keep mine");
  await page.saved();
  assert.equal(await joint(), "3/16");
});

test("a ZIP never replaces another job's photo of the same id", async () => {
  await page.driver.get(URLS.samples);
  await page.button("Lower Weir cottage");
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-corner-shower`)).json();
  const zipOf = (name: string, colour: number) => {
    const record = [{ id: "r", words: "Scratch", photos: ["same-id"] }];
    const job = { ...sample, id: name, name, record };
    return zipSync({
      [`${name}.dintel.json`]: strToU8(JSON.stringify(job)),
      "photos/same-id.jpg": new Uint8Array(64).fill(colour),
    });
  };
  for (const [name, colour] of [
    ["First", 1],
    ["Second", 2],
    ["Third", 1],
  ] as const) {
    const path = page.file(`${name}.dintel.zip`, "");
    writeFileSync(path, zipOf(name, colour));
    await (await page.find("input[type=file]")).sendKeys(path);
    await page.find("[data-tally=job]");
    await page.click("All jobs");
    await page.button(name);
  }
  const kept = await page.driver.executeAsyncScript<Record<string, number[]>>(`
    const done = arguments[0];
    const asked = indexedDB.open("dintel");
    asked.onsuccess = async () => {
      const read = asked.result.transaction(["jobs", "photos"]);
      const all = (name) => new Promise((resolve) => {
        const got = read.objectStore(name).getAll();
        got.onsuccess = () => resolve(got.result);
      });
      const [jobs, every] = await Promise.all([all("jobs"), all("photos")]);
      // Those of the samples are there as well.
      const photos = every.filter((each) => !each.id.startsWith("sample-"));
      const answer = {};
      for (const { project } of jobs) {
        const [id] = project.record?.[0]?.photos ?? [];
        const photo = photos.find((each) => each.id === id);
        if (!photo) continue;
        answer[project.name] = [new Uint8Array(await photo.blob.arrayBuffer())[0], photos.length];
      }
      done(answer);
    };`);
  assert.deepEqual(kept, { First: [1, 2], Second: [2, 2], Third: [1, 2] });
});
