import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.driver.get(URLS.samples);
  await page.button("Quarry Row 14");
});
after(() => page.close());

async function importFile(name: string, text: string): Promise<void> {
  const input = await page.find("input[type=file]");
  await input.sendKeys(page.file(name, text));
}

const sample = () =>
  fetch(`${URLS.samples}/api/samples/sample-corner-shower`).then((response) => response.json());

test("a damaged file is refused in words, and the jobs stay as they were", async () => {
  const text = JSON.stringify(await sample());
  await importFile("cut-off.dintel.json", text.slice(0, 900));
  await page.textWhen("[role=alert]", (words) =>
    words.includes("cut-off.dintel.json was not imported"),
  );
  assert.match(await page.text("[role=alert]"), /not JSON/);
  await page.button("Quarry Row 14");
});

test("openings that overlap are planned as one, with a stop: rings that only the clipper joins", async () => {
  const project = await sample();
  const [wall] = project.walls;
  const [niche] = project.walls.flatMap((each: { openings?: object[] }) => each.openings ?? []);
  wall.openings = [
    { ...niche, id: "one", x: { from: "left", at: 300 }, y: { from: "base", at: 900 } },
    { ...niche, id: "two", x: { from: "left", at: 340 }, y: { from: "base", at: 930 } },
  ];
  await importFile(
    "overlap.dintel.json",
    JSON.stringify({ ...project, id: "overlap", name: "Overlapping niches" }),
  );
  await page.find("[data-tally=job]");
  await page.press("1");
  await page.find('[data-warning="openings-overlap"]');
  await page.driver.get(URLS.samples);
});

test("a newer file, and one with a wrong field, are refused with the field's name", async () => {
  const project = await sample();
  await importFile("newer.dintel.json", JSON.stringify({ ...project, version: 9 }));
  await page.textWhen("[role=alert]", (words) => words.includes("version is newer"));
  project.walls[0].width.bottom = -4;
  await importFile("negative.dintel.json", JSON.stringify(project));
  await page.textWhen("[role=alert]", (words) =>
    words.includes("walls[0].width.bottom must be more than 0"),
  );
});

test("a job comes back from its own file, unknown fields and all", async () => {
  const project = {
    ...(await sample()),
    id: "from-elsewhere",
    name: "From elsewhere",
    newer: { x: 1 },
  };
  await importFile("good.dintel.json", JSON.stringify(project));
  await page.find("[data-tally=job]");
  await page.click("Export");
  const file = await page.downloaded(/^From-elsewhere\.dintel\.json$/);
  assert.deepEqual(JSON.parse(readFileSync(file, "utf8")), project);
});

test("two tabs on one job agree, and neither loses a change", async () => {
  const first = await page.driver.getWindowHandle();
  const address = await page.driver.getCurrentUrl();
  await page.driver.switchTo().newWindow("tab");
  const second = await page.driver.getWindowHandle();
  // A tab of its own begins low, where the tally stands under the panel.
  await page.resize(1280, 800);
  await page.driver.get(address);
  await page.find("[data-tally=job]");
  await page.type("Joint", "3/16\n");
  await page.saved();

  await page.driver.switchTo().window(first);
  const joint = async () => (await page.field("Joint")).getAttribute("value");
  await page.driver.wait(
    async () => (await joint()) === "3/16",
    8000,
    "the first tab did not follow",
  );
  await page.textWhen("[role=status].no-print", (text) => text.includes("Another tab"));
  await page.type("Below the full-tile mark", "1/2\n");
  await page.saved();

  await page.driver.switchTo().window(second);
  const drop = async () => (await page.field("Below the full-tile mark")).getAttribute("value");
  await page.driver.wait(
    async () => (await drop()) === "1/2",
    8000,
    "the second tab did not follow",
  );
  assert.equal(await joint(), "3/16");

  // Undo here takes back what was done here, not what the other tab did after it.
  await page.press(Key.ESCAPE);
  await page.driver.executeScript("document.activeElement.blur()");
  await page.control("z");
  await page.driver.wait(async () => (await joint()) !== "3/16", 8000, "nothing was undone");
  assert.equal(await drop(), "1/2");
  await page.control("z", Key.SHIFT);
  await page.driver.wait(async () => (await joint()) === "3/16", 8000, "nothing was done again");
  await page.saved();
  await page.driver.close();
  await page.driver.switchTo().window(first);
});

test("a full disk is said, the work stays, and it is stored on the next try", async () => {
  await page.driver.executeScript(`
    const put = IDBObjectStore.prototype.put;
    window.mend = () => { IDBObjectStore.prototype.put = put; };
    IDBObjectStore.prototype.put = function () {
      throw new DOMException("no room", "QuotaExceededError");
    };`);
  await page.type("Joint", "1/4\n");
  await page.textWhen("[role=alert]", (text) => text.includes("cannot store this job"));
  assert.equal(await (await page.field("Joint")).getAttribute("value"), "1/4");
  await page.driver.executeScript("window.mend()");
  await page.click("Not saved");
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  assert.equal(await (await page.field("Joint")).getAttribute("value"), "1/4");
});
