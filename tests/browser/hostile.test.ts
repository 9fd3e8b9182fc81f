import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

/** Everything that is wider than the room it has, by what it is. */
const TOO_WIDE = `
  return [document.documentElement, ...document.querySelectorAll("main, aside, header, dialog")]
    .filter((e) => e.scrollWidth > e.clientWidth + 1 && !e.matches("main.overflow-auto"))
    .map((e) => e.tagName + " " + e.scrollWidth + " > " + e.clientWidth);`;

test("names that break other pages break nothing here and widen nothing", async () => {
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).json();
  const long = "W".repeat(200);
  const names = [
    long,
    '<img src=x onerror="document.title=1">',
    "\u202Eright to left\u202C",
    "=1+1",
  ];
  const walls = sample.walls.map((wall: object, k: number) => ({ ...wall, name: names[k] }));
  const tiles = sample.tiles.map((tile: object) => ({ ...tile, name: long }));
  const job = { ...sample, id: "hostile", name: long, place: long, walls, tiles };
  await page.driver.get(URLS.samples);
  await page.button("Quarry Row 14");
  await (await page.find("input[type=file]")).sendKeys(
    page.file("hostile.dintel.json", JSON.stringify(job)),
  );
  await page.find("[data-tally=job]");
  assert.deepEqual(await page.driver.executeScript(TOO_WIDE), []);
  for (const stage of ["Measure", "Board", "Waterproof", "Set out", "Cut", "Order", "Record"]) {
    await page.click(stage);
    await page.find("main, [data-wall]");
    await page.driver.executeScript(
      "for (const d of document.querySelectorAll('details')) d.open = true",
    );
    assert.deepEqual(await page.driver.executeScript(TOO_WIDE), [], stage);
  }
  assert.match(await page.driver.getTitle(), /^W+/);
  await page.resize(390, 844);
  assert.deepEqual(await page.driver.executeScript(TOO_WIDE), [], "on a phone");
  await page.resize(1280, 800);
  await page.click("All jobs");
  await page.button("New job");
  assert.deepEqual(await page.driver.executeScript(TOO_WIDE), [], "the list");
});

test("no page, stage or dialog asks for what the policy forbids", async () => {
  await page.consoleErrors();
  await page.openSample("Fen Lane 9");
  for (const name of [
    "Measure",
    "Board",
    "Waterproof",
    "Set out",
    "Cut",
    "Order",
    "Record",
    "Pole",
  ]) {
    await page.click(name);
    await page.find("main");
  }
  await page.click("Cut");
  await page.press("v");
  await page.press("v");
  await page.press("?");
  await page.find("dialog[open]");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("a page that cannot be loaded says so, offers the job, and the rest works on", async () => {
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  await page.devTools("Network.enable");
  await page.devTools("Network.setBlockedURLs", { urls: ["*RecordPage*"] });
  await page.devTools("Network.setCacheDisabled", { cacheDisabled: true });
  await page.click("Record");
  assert.match(await page.text("[data-failed]"), /could not be loaded.*Try again.*Export/s);
  await page.click("Measure");
  await page.find("[data-wall]");
  await page.devTools("Network.setBlockedURLs", { urls: [] });
  await page.click("Record");
  await page.find("main h1");
});

test("the palette takes what is typed", async () => {
  await page.click("Measure");
  await page.control("k");
  await page.find("dialog[open] input");
  await page.press(..."cut");
  const typed = await (await page.find("dialog[open] input")).getAttribute("value");
  assert.equal(typed, "cut");
  await page.press("\uE007");
  await page.find("nav [aria-current=page]");
  assert.match(await page.text("nav [aria-current=page]"), /^Cut/);
});

test("on a phone the document itself never scrolls", async () => {
  await page.resize(390, 844);
  await page.find("[data-wall]");
  await page.click("Details");
  const scrolled = await page.driver.executeScript<number[]>(`
    for (const e of document.querySelectorAll("section")) e.scrollTop = 1e6;
    scrollTo(0, 1e6);
    document.body.scrollTop = 1e6;
    return [document.documentElement.scrollTop, document.body.scrollTop,
      document.querySelector("header").getBoundingClientRect().top];`);
  assert.deepEqual(scrolled, [0, 0, 0]);
  const kept = await page.driver.executeScript<string>(
    "return getComputedStyle(document.documentElement).overscrollBehaviorY",
  );
  assert.equal(kept, "none");
});
