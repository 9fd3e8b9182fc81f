import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Mill Bank 3");
  await page.press("1");
  await page.click("B Back");
});
after(() => page.close());

test("a straightedge reading is judged, with its remedy, and decided on", async () => {
  await page.click("Flatness");
  await page.click("Straightedge reading");
  await page.type("Gap", "9\n");
  const words = await page.textWhen("[data-flat=bad]", (text) => text.includes("over the limit"));
  assert.match(words, /Shim 9 mm behind the board/);
  await page.find('[data-warning="not-flat"]');
  await page.click("Accept");
  await page.type("Who agreed", "the owner\n");
  await page.saved();
  await page.type("Gap", "1\n");
  await page.find("[data-flat=good]");
});

test("studs are laid, and readings off one plane give the shims", async () => {
  await page.click("Studs");
  await page.click("Lay studs at the usual spacing");
  const studs = await page.driver.wait(async () => {
    const lines = await page.driver.findElements(By.css('[data-wall="B"] [data-stud]'));
    return lines.length > 3 && lines.length;
  }, 8000);
  // 1702 wide at 406.4: 0, 406, 813, 1219, 1626 and the last at the corner.
  assert.equal(studs, 6);
  await page.click("Plane reading");
  await page.find("[data-shims] li");
});

test("widths that contradict are named with their size, and undo takes them back", async () => {
  await page.type("Width at bottom", "1702\n");
  await page.click("Width at another height");
  await page.type("Width there", "1720\n");
  await page.find('[data-warning="width-disagrees"]');
  // 1702 below and 1698 at the top: 1700 half way up, 20 less than was read.
  const found = await page.textWhen('[data-misclosures="1"]', (text) => text.includes("20 mm"));
  assert.match(found, /Width against straight corners/);
  await (await page.find("aside h2")).click();
  await page.control("z");
  await page.control("z");
  await page.driver.wait(
    async () =>
      (await page.driver.findElements(By.css('[data-warning="width-disagrees"]'))).length === 0,
    8000,
  );
});

test("the laser fills an armed field; several readings are shown, and one is chosen", async () => {
  await page.choose("Instrument", "Laser measure (simulated)");
  await (await page.field("Width at bottom")).click();
  await page.textWhen("[data-device=measuring]", (text) => text.includes("Armed: Width at bottom"));
  const reading = () => page.textWhen("[data-reading]", (text) => /\d/.test(text));
  for (let k = 1; k <= 3; k++) {
    await reading();
    await page.click("Take");
    await page.find(`[data-taken="${k}"]`);
    await page.driver.sleep(350);
  }
  const chips = await page.driver.findElements(By.css("[data-taken] button"));
  const wanted = (await chips[1]?.getText())?.replace(/[^\d.]/g, "");
  await chips[1]?.click();
  await page.driver.wait(
    async () => (await (await page.field("Width at bottom")).getAttribute("value")) === wanted,
    8000,
  );
});

test("an instrument that goes quiet is told, what was taken stays, and it can go on", async () => {
  await page.textWhen("[data-device=lost]", (text) => text.includes("went quiet"));
  await page.find('[data-taken="3"]');
  await page.click("Listen again");
  await page.find("[data-device=measuring]");
  await page.choose("Instrument", "Tape and pencil");
});

test("a stand-in streams readings, and refuses what it does not know", async () => {
  const answer = await fetch(`${URLS.samples}/api/devices/laser?near=1000&seed=5&count=4&every=10`);
  assert.equal(answer.headers.get("content-type"), "text/event-stream");
  const events = (await answer.text()).trim().split("\n\n");
  assert.equal(events.length, 4);
  assert.equal(JSON.parse(events[0]?.replace("data: ", "") ?? "").seq, 1);
  assert.equal((await fetch(`${URLS.samples}/api/devices/drone`)).status, 404);
  const bad = await fetch(`${URLS.samples}/api/devices/laser?near=far`);
  assert.equal(bad.status, 400);
  assert.equal((await bad.json()).errors[0].path, "near");
});

test("readings come from a CSV with a preview of what cannot be used", async () => {
  await page.click("Readings as CSV");
  const file = page.file(
    "readings.csv",
    "wall,kind,from,at,value,level,over\nB,width-top,,,1700,,\nZ,base,left,50,900,,\nC,base,left,50,about 9,,\nC,stud,left,406,,,\n",
  );
  await (await page.find("dialog input[type=file]")).sendKeys(file);
  const text = await page.textWhen('[data-import="2"]', (words) => words.includes("cannot"));
  assert.match(text, /the job has no “Z”/);
  assert.match(text, /value: about 9/);
  await page.click("Take over 2 readings");
  await page.driver.wait(
    async () => (await (await page.field("Width at top")).getAttribute("value")) === "1700",
    8000,
  );
  await page.find('[data-wall="C"] [data-stud]');
});

test("nothing went wrong in the page", async () => {
  assert.deepEqual(await page.consoleErrors(), []);
});
