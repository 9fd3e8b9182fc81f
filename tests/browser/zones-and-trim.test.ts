import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key, Origin, type WebElement } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Quarry Row 14");
  await page.click("Whole tally");
  await page.click("Set out");
});
after(() => page.close());

test("a band goes round all walls, moves the courses above it and is on the order", async () => {
  await page.unfold("Bands");
  await page.click("Add a band round all walls");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css('path[data-tiles="zone"]'))).length >= 3,
    8000,
  );
  const drawn = await page.driver.findElements(By.css('path[data-tiles="zone"]'));
  for (const path of drawn) assert.match((await path.getAttribute("d")) ?? "", /^M/);
  await page.click("Order");
  assert.match(await page.text("[data-order=zoneTile]"), /Band tile/);
  await page.click("Pole");
  assert.match(await page.text("[data-pole-marks]"), /Top of Band/);
  await page.control("z");
  await page.click("Order");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("[data-order=zoneTile]"))).length === 0,
    8000,
  );
});

test("a band is nudged and dragged on the drawing, on all walls, and one undo brings it back", async () => {
  await page.click("Set out");
  await page.unfold("Bands");
  await page.click("Add a band round all walls");
  const handle = async () => {
    await page.driver.wait(
      async () => (await page.driver.findElements(By.css(bandOn("B")))).length === 1,
      8000,
    );
    return page.find(bandOn("B"));
  };
  const topOn = async (wall: string) => (await (await page.find(bandOn(wall))).getRect()).y;
  await handle();
  const value = async () => (await page.field("Above the level line")).getAttribute("value");
  const before = await value();
  await (await handle()).sendKeys(Key.ARROW_UP);
  await page.driver.wait(async () => (await value()) !== before, 8000);
  const [nudged, topA, topB] = [await value(), await topOn("A"), await topOn("B")];

  // The niche lies over the middle of the back wall's band.
  const origin = await page.find(bandOn("A"));
  const drag = page.driver.actions({ async: true }).move({ origin }).press();
  // From the pointer: the band itself moves under it.
  for (let k = 0; k < 4; k++) drag.move({ origin: Origin.POINTER, y: -10, duration: 20 });
  await drag.release().perform();
  // It goes round: the wall beside has it as high.
  const raisedOn = async (wall: string, from: number) => from - (await topOn(wall));
  await page.driver.wait(async () => {
    const [onA, onB] = [await raisedOn("A", topA), await raisedOn("B", topB)];
    return onB > 20 && Math.abs(onA - onB) < 1;
  }, 8000);
  await page.control("z");
  await page.driver.wait(async () => (await value()) === nudged, 8000);
  await page.control("z");
  await page.driver.wait(async () => (await value()) === before, 8000);
  await page.control("z");
});

const bandOn = (wall: string) => `[data-wall="${wall}"] [data-handle][aria-label^="Band"]`;

test("the back of a niche takes a tile of its own and tells its returns", async () => {
  await page.click("Set out");
  await page.driver.findElement(By.css('[data-field="B"]')).click();
  await page.unfold("Bands");
  await page.click("Own tile for the back of Niche");
  await page.find('path[data-tiles="niche"]');
  await page.textWhen("aside", (text) => /Left return\s*\d+ ×/.test(text));
  assert.equal((await page.driver.findElements(By.css('path[data-tiles="niche"]'))).length, 1);
});

test("where no bullnose matches, edge pieces are cut from the tile and ordered as tiles", async () => {
  await (await page.find('[data-tally="A"] button')).click();
  await page.unfold("Corners");
  await page.choose("Trim at open end", "bullnose");
  await page.unfold("Trim: lengths");
  await page.tick("No bullnose matches");
  const facts = await page.textWhen("[data-edge-pieces]", (text) => /Tiles for them\d+/.test(text));
  const [, tiles] = /Tiles for them(\d+)/.exec(facts) ?? [];
  assert.ok(Number(tiles) > 0);
  await page.click("Order");
  assert.match(await page.text("[data-order=edgeTile]"), new RegExp(`edge pieces.*${tiles}`));
  await page.click("Set out");
  await page.control("z");
  await page.control("z");
  await (await page.find('[data-tally="B"] button')).click();
});

test("profile round a niche comes in bars, with its lengths", async () => {
  await page.unfold("Trim: lengths");
  await page.choose("Round Niche", "profile");
  // Bars of other walls stand there before the new plan: what is awaited is the niche's own run.
  await page.textWhen("[data-trim-runs]", (text) => text.includes("Niche sill"));
  assert.equal((await page.driver.findElements(By.css("[data-trim-bars]"))).length, 1);
  await page.click("Order");
  assert.match(await page.text("[data-order=trimProfile]"), /profile/i);
  await page.click("Set out");
});

test("a niche is fitted to the joints in one press", async () => {
  await page.unfold("Niches and windows");
  await page.click("Fit to joints");
  // 12 × 24 tile lying with 1/8 joints: one module and a joint.
  const width = async () => (await page.field("Finished width")).getAttribute("value");
  await page.driver.wait(async () => /^2[34]/.test((await width()) ?? ""), 8000);
  await page.saved();
});

test("first course: balanced, from a height, and the ledger is drawn", async () => {
  await page.click("First and last course cut alike");
  await page.driver.wait(async () => {
    const sides = await page.driver.findElements(By.css('[data-tally="B"] [data-side]'));
    return sides.length >= 4;
  }, 8000);
  await page.tick("Set a course first");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("[data-ledger]"))).length === 3,
    8000,
  );
});

test("the walls fold up into the room and turn by keyboard", async () => {
  await page.click("Fold");
  const faces = await page.driver.findElements(By.css("[data-fold] svg[role=img]"));
  assert.equal(faces.length, 3);
  const box = async () => JSON.stringify(await faces[1]?.getRect());
  const flat = await box();
  const slider = await page.find("[data-fold] input");
  await slider.sendKeys("\uE014".repeat(20));
  await page.driver.wait(async () => (await box()) !== flat, 4000);
  await page.click("Unfold");
  await page.find('[data-field="B"]');
});

test("strips of the pole are at true size, each with a check length of 100 mm", async () => {
  await page.click("Pole");
  await page.click("Columns");
  await page.click("Courses");
  const checks = await page.driver.findElements(By.css(".pole-strips [data-check]"));
  const strips = await page.driver.findElements(By.css(".pole-strips svg"));
  assert.ok(strips.length >= 8 && checks.length === strips.length);
  const height = await page.driver.executeScript<number>(
    "return arguments[0].getBoundingClientRect().height",
    checks[0],
  );
  // 100 mm at 96 px an inch.
  assert.ok(Math.abs(height - (100 / 25.4) * 96) < 1, `${height}`);
  assert.deepEqual(await page.consoleErrors(), []);
});

test("a border goes round a niche in one step, and is fitted again when its tile is another", async () => {
  const other = await Page.open();
  try {
    await other.openSample("Quarry Row 14");
    await other.unfold("Bands");
    await other.click("Add a border round Niche");
    const ring = async () =>
      (await (await other.find('[data-wall="B"] path[data-tiles="zone"]')).getRect()).width;
    await other.driver.wait(async () => (await ring()) > 20, 8000);
    const before = await ring();
    // The field's tile has a side of the same name.
    const width = await other.driver.executeScript<WebElement>(
      `const zones = [...document.querySelectorAll("aside details")]
         .find((d) => d.querySelector("summary").textContent.includes("Bands"));
       const label = [...zones.querySelectorAll("label")]
         .find((l) => l.textContent.startsWith("One side"));
       const field = document.getElementById(label.htmlFor);
       field.focus();
       field.select();
       return field;`,
    );
    await width.sendKeys("4\n");
    // Whole chips no longer end at its outer edge.
    await other.driver.wait(async () => (await ring()) < before - 2, 8000);
    const loose = await ring();
    await other.click("Fit it round Niche");
    await other.driver.wait(async () => (await ring()) > before + 2, 8000);
    await other.control("z");
    await other.driver.wait(async () => Math.abs((await ring()) - loose) < 1, 8000);
  } finally {
    await other.close();
  }
});
