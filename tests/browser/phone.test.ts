import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open(390, 844);
  await page.openSampleOnPhone("Quarry Row 14");
});
after(() => page.close());

test("a phone shows one wall at a time and goes through them", async () => {
  const walls = async () =>
    Promise.all(
      (await page.driver.findElements(By.css("[data-wall]"))).map((g) =>
        g.getAttribute("data-wall"),
      ),
    );
  assert.deepEqual(await walls(), ["B"]);
  await page.click("Next wall");
  await page.driver.wait(async () => (await walls()).join() === "C", 5000);
});

test("the tally comes up from below, and targets are large enough", async () => {
  await page.click("Tally");
  assert.match(await page.text('[data-tally="C"]'), /C Right/);
  const small = await page.driver.executeScript<string[]>(
    `return [...document.querySelectorAll("button:not([disabled]), select, input")]
       .filter((e) => e.offsetParent && e.getBoundingClientRect().height < 43.5)
       .map((e) => e.getAttribute("aria-label") ?? e.textContent)`,
  );
  assert.deepEqual(small, []);
});

test("above a sheet the whole wall stays in sight, its cuts beside it, and follows what is changed", async () => {
  await page.click("Details");
  const beside = await page.text('[data-cuts-beside="C"]');
  assert.match(beside, /Left[\s\S]*Right[\s\S]*Top[\s\S]*Bottom/);
  const wall = await (await page.find('[data-field="C"]')).getRect();
  const sheet = await (await page.find('section[aria-label="Details"]')).getRect();
  assert.ok(wall.height > 150, `the wall is ${wall.height} px high`);
  assert.ok(wall.y + wall.height <= sheet.y + 1, "the sheet covers none of it");
  await page.click("Through a tile");
  await page.textWhen('[data-cuts-beside="C"]', (text) => text !== beside);
  await page.control("z");
  await page.textWhen('[data-cuts-beside="C"]', (text) => text === beside);
  // Each of them opens to every row behind it, as a flag does.
  await (await page.find('[data-cuts-beside="C"] button')).click();
  assert.match(await page.text("dialog[open]"), /Left/);
  await page.press("\uE00C");
});

test("nothing reaches past the right edge", async () => {
  const wide = await page.driver.executeScript<number>(
    "return document.documentElement.scrollWidth",
  );
  assert.ok(wide <= 390, `${wide} px wide`);
});

test("every stage and page fits the phone, and its panel can be worked by thumb", async () => {
  const small = () =>
    page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll("button:not([disabled]), select, input:not([type=checkbox], [type=range], [type=file]), textarea")]
         .filter((e) => e.offsetParent && !e.closest(".sr-only") && e.getBoundingClientRect().height < 43.5)
         .map((e) => e.getAttribute("aria-label") ?? (e.textContent || e.id))`,
    );
  for (const stage of ["Measure", "Board", "Waterproof", "Set out", "Cut"]) {
    await page.choosePlace(stage);
    await page.click("Details");
    await page.driver.executeScript(
      "for (const d of document.querySelectorAll('details')) d.open = true",
    );
    assert.deepEqual(await small(), [], stage);
    const wide = await page.driver.executeScript<number>(
      "return Math.max(...[...document.querySelectorAll('section')].map((s) => s.scrollWidth))",
    );
    assert.ok(wide <= 391, `${stage}: ${wide} px wide`);
  }
  for (const name of ["Order", "Record"]) {
    await page.choosePlace(name);
    await page.find("main h1");
    assert.deepEqual(await small(), [], name);
    const wide = await page.driver.executeScript<number>(
      "return document.querySelector('main').scrollWidth",
    );
    assert.ok(wide <= 391, `${name}: ${wide} px wide`);
  }
});

test("the foot says where one is and what comes next, and opens all places", async () => {
  await page.choosePlace("Set out");
  await page.click("Next: Cut");
  await page.button("All stages and pages: Cut");
  await page.click("All stages and pages");
  assert.equal((await page.driver.findElements(By.css("nav nav a"))).length, 16);
  await page.press("\uE00C");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("nav nav a"))).length === 0,
    5000,
  );
  await page.click("More");
  assert.match(await page.text("dialog[open]"), /Saved on this device.*1\/16.*Export/);
  await page.press("\uE00C");
});

test("on a tablet held upright the walls take the width, the panel stands below them", async () => {
  const tablet = await Page.open(820, 1180);
  try {
    await tablet.openSample("Fen Lane 9");
    const fields = await tablet.driver.findElements({ css: "[data-field]" });
    assert.equal(fields.length, 3);
    const rects = await Promise.all(fields.map((field) => field.getRect()));
    const across = Math.max(...rects.map(({ x, width }) => x + width)) - (rects[0]?.x ?? 0);
    assert.ok(across > 560, `${across} px`);
    const panel = await (await tablet.find("aside")).getRect();
    assert.ok(panel.width > 780 && rects.every(({ y, height }) => y + height <= panel.y));
  } finally {
    await tablet.close();
  }
});

test("a phone on its side shows one wall over the whole height, with cuts and tally beside it", async () => {
  const flat = await Page.open(844, 390);
  try {
    await flat.openSampleOnPhone("Quarry Row 14");
    const { height } = await (await flat.find('[data-field="B"]')).getRect();
    assert.ok(height > 220, `${height} px`);
    assert.match(await flat.text('[data-cuts-beside="B"]'), /Left[\s\S]*Bottom/);
    assert.match(await flat.text('aside [data-tally="B"]'), /Membrane/);
    await flat.resize(844, 800);
    await flat.find("[data-tally=job]");
  } finally {
    await flat.close();
  }
});
