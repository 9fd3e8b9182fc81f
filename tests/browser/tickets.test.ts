import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open(390, 844);
  await page.openSampleOnPhone("Quarry Row 14");
  await page.choosePlace("Cut");
  await page.click("Details");
});
after(() => page.close());

const shown = async () => (await page.find("[data-ticket]")).getAttribute("data-ticket");
const progress = (words: string) =>
  page.driver.wait(
    async () => (await page.driver.findElement(By.css("body")).getText()).includes(words),
    8000,
    words,
  );

test("a ticket fills the screen with its dimensions, and goes on by button and by arrow", async () => {
  await page.click("Cut with tickets");
  const first = await shown();
  const box = await (await page.find("[data-ticket]")).getRect();
  assert.equal(box.width, 390);
  assert.ok(box.height >= 840);
  assert.match(await page.text("[data-ticket]"), /From its factory edges/);
  await page.click("Next: Next ticket");
  assert.notEqual(await shown(), first);
  await page.press(Key.ARROW_LEFT);
  assert.equal(await shown(), first);
});

test("targets of a ticket are large enough for a wet thumb", async () => {
  const small = await page.driver.executeScript<string[]>(
    `return [...document.querySelectorAll("[data-ticket] button")]
       .filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => e.textContent)`,
  );
  assert.deepEqual(small, []);
});

test("a cut that is ticked off goes to the next, is counted and survives a reload", async () => {
  const first = await shown();
  const done = await page.driver.executeScript<import("selenium-webdriver").WebElement>(
    `return [...document.querySelectorAll("[data-ticket] button")].find((b) => b.textContent.trim() === "Cut")`,
  );
  await done.click();
  await page.driver.wait(async () => (await shown()) !== first, 8000);
  await page.press(Key.ESCAPE);
  await progress("1 of");
  await page.driver.sleep(400);
  await page.driver.navigate().refresh();
  await page.find("[data-wall]");
  await page.choosePlace("Cut");
  await page.click("Details");
  await progress("1 of");
});

test("a piece whose size changes is no longer done", async () => {
  await page.choosePlace("Set out");
  await page.click("Details");
  await page.type("Joint", "1/4\n");
  await page.choosePlace("Cut");
  await page.click("Details");
  await progress("0 of");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("drops: fewer tiles than cuts, and each cut in the tile that it comes from", async () => {
  const figures = await page.find("[data-drops]");
  const tiles = Number(await figures.getAttribute("data-drops"));
  const thrown = Number(await figures.getAttribute("data-without"));
  assert.ok(tiles > 0 && tiles < Number(thrown), `${tiles} of ${thrown}`);
  await page.click("Which piece from which tile");
  await page.find("[data-drop-tile]");
  const shared = await page.driver.findElements(By.css("[data-drop-tile]"));
  assert.ok(shared.length > 0 && shared.length <= tiles);
  assert.match(await page.text('[data-drop-tile="1"]'), /^.*[A-C] \d+ \+ [A-C] \d+/s);
  await page.press(Key.ESCAPE);
});

test("a thicker blade takes more tiles, a tile with a direction no fewer", async () => {
  const tiles = async () =>
    Number(await (await page.find("[data-drops]")).getAttribute("data-drops"));
  const before = await tiles();
  await page.type("The saw takes away", "1 1/2\n");
  await page.driver.wait(async () => (await tiles()) > before, 8000);
  await page.tick("Tile has a direction");
  await page.driver.sleep(300);
  assert.ok((await tiles()) > before);
});
