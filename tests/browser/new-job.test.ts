import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

const focused = () => page.driver.executeScript<string>("return document.activeElement.id");

test("from an empty start to the order list in four answers", async () => {
  await page.driver.get(URLS.empty);
  await page.button("Add the sample jobs");
  await page.click("New job");
  // What is refused comes into view: the name stands far above the button.
  await page.click("Plan it");
  await page.textWhen("#new-name-problem", (text) => text === "Give the job a name.");
  assert.equal(await focused(), "new-name");
  await page.type("Job name", "Test Lane 7");
  await page.choose("Tape in", "mm");
  await page.choose("1 · What is it?", "One wall");
  await page.type("A Wall: width", "1000mm");
  await page.type("Height", "1.218 m");
  await page.type("Tile, one side", "300");
  await page.type("Tile, other side", "30 cm");
  await page.type("Thickness", "10");
  await page.type("Joint", "three");
  await page.choose("Pattern", "Stacked");
  await page.click("Plan it");
  // A mistake is said at its field, and nothing that was typed is gone.
  await page.textWhen("#new-joint-problem", (text) => text.startsWith("Not a length"));
  assert.equal(await focused(), "new-joint");
  assert.equal(await (await page.field("Job name")).getAttribute("value"), "Test Lane 7");
  await page.type("Joint", "3");
  await page.click("Plan it");

  /*
   * By hand: gaps of 3 leave 1000 × 1212. A tile on the centre would leave cuts of 44; the job opens
   * with a joint there, two tiles and (1000 − 603) ÷ 2 − 3 = 195.5 at both ends. Four courses of 300
   * and joints of 3: 8 full, 8 cut.
   */
  const row = '[data-tally="A"]';
  await page.textWhen(`${row} [data-side=left]`, (text) => text.includes("195.5"));
  await page.textWhen(`${row} [data-side=right]`, (text) => text.includes("195.5"));
  assert.equal(await page.text(`${row} [data-figure=tilesFull]`), "8");
  assert.equal(await page.text(`${row} [data-figure=tilesCut]`), "8");
  await page.click("Order");
  // No tile gives two cuts of 195.5: 8 × 1.05 + 8 × 1.10 = 17.2, so 18, and 5 for the attic.
  await page.textWhen("[data-order=fieldTile] td", (text) => text === "23");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("the job is there after a reload, with what was corrected later", async () => {
  await page.click("Set out");
  await page.type("Joint", "5\n");
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  assert.equal(await (await page.field("Joint")).getAttribute("value"), "5");
});

test("jobs are renamed, duplicated, deleted and brought back", async () => {
  const list = async () =>
    page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll("main > ul > li a")]
         .map((b) => b.textContent.trim()).filter(Boolean)`,
    );
  await page.click("All jobs");
  await page.click("Duplicate: Test Lane 7");
  await page.button("Test Lane 7, copy");
  await page.click("Rename: Test Lane 7, copy");
  const input = await page.find('input[aria-label="Name of the job"]');
  await input.sendKeys("Second bath\n");
  await page.button("Second bath");
  await page.click("Delete: Second bath");
  await page.driver.wait(async () => !(await list()).includes("Second bath"), 5000);
  await page.click("Undo");
  await page.driver.wait(async () => (await list()).includes("Second bath"), 5000);
  assert.ok((await list()).includes("Test Lane 7"));
});

test("a job says how far it is and leads on; many jobs are searched and sorted", async () => {
  await page.driver.get(`${URLS.samples}/jobs`);
  await page.button("Quarry Row 14");
  const items = () =>
    page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll("main > ul > li a.text-lg")].map((a) => a.textContent)`,
    );
  await page.click("Duplicate: Quarry Row 14");
  await page.find("main input[type=search]");
  await (await page.find("main input[type=search]")).sendKeys("quarry copy");
  await page.driver.wait(async () => (await items()).length === 1, 5000);
  assert.match((await items())[0] ?? "", /^Quarry Row 14.*copy$/);
  await (await page.find("main input[type=search]")).sendKeys(" nowhere");
  await page.textWhen("main p[role=status]", (text) => text.startsWith("No job holds"));
  await page.driver.executeScript(`document.querySelector("main input[type=search]").select()`);
  await page.press("\uE017");
  await page.choose("Sorted by", "name");
  await page.driver.wait(async () => (await items()).length === 8, 5000);
  assert.deepEqual(
    await items(),
    [...(await items())].sort((a, b) => a.localeCompare(b)),
  );
  const stage = await page.text("[data-progress] a");
  assert.match(stage, /^next: /);
  await (await page.find("[data-progress] a")).click();
  await page.find("[data-tally=job], main h1");
  const { pathname } = new URL(await page.driver.getCurrentUrl());
  assert.ok(pathname.split("/").length === 4, pathname);
});

test("samples that are not here come when they are asked for, and none comes twice", async () => {
  await page.driver.get(`${URLS.samples}/jobs`);
  await page.click("Rename: Orchard Yard 2");
  await (await page.find('input[aria-label="Name of the job"]')).sendKeys("Mine now\n");
  await page.button("Mine now");
  await page.click("Delete: Mill Bank 3");
  await page.button("Undo");
  await page.click("Add the sample jobs");
  const told = "section [data-samples]";
  assert.equal(await page.text(told), "1 sample job added.");
  await page.button("Mill Bank 3");
  await page.click("Add the sample jobs");
  await page.textWhen(told, (text) => text === "All sample jobs are here.");
  const names = await page.driver.executeScript<string[]>(
    `return [...document.querySelectorAll("main > ul > li a.text-lg")].map((a) => a.textContent)`,
  );
  assert.equal(names.length, 8, names.join());
  assert.ok(names.includes("Mine now") && !names.some((name) => name.startsWith("Orchard Yard")));
});

test("a browser set to another country writes and reads numbers its way, and begins in its unit", async () => {
  const other = await Page.open();
  try {
    const userAgent = await other.driver.executeScript<string>("return navigator.userAgent");
    await other.devTools("Network.setUserAgentOverride", { userAgent, acceptLanguage: "de-DE" });
    await other.driver.get(`${URLS.empty}/jobs`);
    await other.click("New job");
    assert.equal(await (await other.field("Tape in")).getAttribute("value"), "mm");
    await other.type("Job name", "Weberweg 2");
    await other.type("Joint", "2,5");
    await other.click("Plan it");
    await other.textWhen("[data-tally=A] [data-figure=membraneAreaM2]", (text) =>
      /^\d,\d\d m²$/.test(text),
    );
    assert.equal(await (await other.field("Joint")).getAttribute("value"), "2,5");
    await other.type("Joint", "3.5\n");
    await other.saved();
    assert.equal(await (await other.field("Joint")).getAttribute("value"), "3,5");
    assert.deepEqual(await other.consoleErrors(), []);
  } finally {
    await other.close();
  }
});
