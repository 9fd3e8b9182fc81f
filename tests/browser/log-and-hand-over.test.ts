import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

const attribute = async (css: string, name: string) =>
  (await page.find(css)).getAttribute(name) as Promise<string>;

test("two taps make an entry; it is changed, found and counted among what was used", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("g");
  await (await page.find("[data-log-kind=broken]")).click();
  await (await page.find("[data-log-words=broken] button")).click();
  await page.textWhen("[data-log-line=entry]", (text) => text.includes("1 tile"));
  await page.type("Tiles", `3${Key.ENTER}`);
  await page.textWhen("[data-log-line=entry]", (text) => text.includes("3 tiles"));
  await (await page.find("[data-log-kind=told]")).click();
  await (await page.find("[data-log-words=told] button")).click();
  await page.type("What", `The niche moves two inches${Key.TAB}`);
  const search = await page.find("input[name=log-search]");
  await search.sendKeys("niche moves");
  await page.find("[data-log-found='1']");
  await page.textWhen("[data-log-line=entry]", (text) => text.includes("Owner"));
  await search.sendKeys(Key.chord(Key.CONTROL, "a"), "nothing of the kind");
  await page.find("[data-log-found='0']");
  await page.click("Used");
  await page.textWhen("[data-used=fieldTile]", (text) => text.includes("broken tile"));
  await page.click("Own figures");
  await page.textWhen("[data-log]", (text) => text.includes("No job has told a figure yet"));
  assert.deepEqual(await page.consoleErrors(), []);
});

test("on a phone names of tasks, versions and lines of the order keep their width", async () => {
  const phone = await Page.open(390, 844);
  try {
    await phone.openSampleOnPhone("Fen Lane 9");
    const wide = async (css: string, least: number) => {
      const { width } = await (await phone.find(css)).getRect();
      assert.ok(width >= least, `${css}: ${width} px`);
    };
    await phone.choosePlace("Days");
    await wide("[data-task='board/A'] th", 120);
    await phone.choosePlace("Options");
    await wide("[data-option-row=quote] th", 100);
    await phone.choosePlace("Order");
    await (await phone.find("[data-order=grout] button[aria-expanded]")).click();
    await wide(".order-more section", 280);
  } finally {
    await phone.close();
  }
});

test("photos of what lies behind the tile stand in the wall like windows", async () => {
  await page.openSample("Fen Lane 9");
  await page.press("g");
  await page.click("Behind the tile");
  await page.find("[data-behind=sample-photo-behind-wall] image");
  await page.find("[data-behind=sample-photo-tile-back] image");
  await page.click("Tile");
  await page.driver.wait(
    async () => (await page.driver.findElements({ css: "[data-behind]" })).length === 0,
    8000,
    "the tile alone",
  );
});

test("hours that were noted are an own figure, taken over with one press", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("g");
  await (await page.find("[data-log-kind=hours]")).click();
  await page.click("Setting out");
  await page.type("Minutes", `270${Key.ENTER}`);
  await page.saved();
  await page.click("Own figures");
  // 4.5 hours on three walls.
  await page.textWhen("[data-own=setOutHours]", (text) => text.includes("1 h 30"));
  await page.textWhen("[data-own=setOutHours]", (text) => text.includes("from 1 job"));
  await page.textWhen("[data-own=setOutHours]", (text) => text.includes("in use"));
  await page.click("By day");
  await (await page.find("[data-log-line=entry] button")).click();
  await page.type("Minutes", `360${Key.ENTER}`);
  await page.saved();
  await page.click("Own figures");
  await page.textWhen("[data-own=setOutHours]", (text) => text.includes("2 h 00"));
  await page.click("Take over");
  await page.textWhen("[data-own=setOutHours]", (text) => text.includes("in use"));
  await page.press("d");
  await page.click("How fast the work goes");
  await page.textWhen("[data-setting=setOutHours]", (text) => text.includes("yours"));
});

test("a snag is placed on the wall, mended, and told in the log; the record says what is missing", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("8");
  const gaps = Number(await attribute("[data-record-gaps]", "data-record-gaps"));
  await page.click("A snag");
  await page.type("What is wrong", `Chipped edge${Key.ENTER}`);
  await page.find("[data-gap=snags]");
  await (await page.find('[data-snag-wall="B"]')).click();
  await page.find("[data-snag-mark='1']");
  await (await page.find("[data-snag='1'] input[type=checkbox]")).click();
  await page.textWhen("[data-snag='1']", (text) => text.includes("mended"));
  await page.unfold("Care");
  await (await page.find("ul:has([data-care]) ~ label input")).click();
  await page.driver.wait(
    async () => Number(await attribute("[data-record-gaps]", "data-record-gaps")) === gaps - 1,
    8000,
    "one part less is missing",
  );
  await page.press("g");
  await page.textWhen("[data-log-line=snag]", (text) => text.includes("Chipped edge"));
});

test("both sign: one with a pen, one with the name alone; a reload keeps it", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("8");
  await page.unfold("Signatures");
  const pad = await page.find("[data-sign=setter] svg");
  await (await page.find("input[name='sign/setter']")).sendKeys("N. Setter");
  await page.driver
    .actions()
    .move({ origin: pad, x: -60, y: 0 })
    .press()
    .move({ origin: pad, x: 0, y: 15 })
    .move({ origin: pad, x: 50, y: -10 })
    .release()
    .perform();
  await (await page.find("[data-sign=setter] .btn-primary")).click();
  await page.find("[data-signed=setter] svg path");
  await (await page.find("input[name='sign/owner']")).sendKeys("N. Owner");
  await page.click("Sign with the name alone");
  await page.find("[data-signed=owner]");
  await page.saved();
  await page.driver.navigate().refresh();
  await page.textWhen("[data-signed=setter]", (text) => text.includes("N. Setter"));
  assert.deepEqual(await page.consoleErrors(), []);
});

test("a task is moved to another day, and what follows moves with it; done work is planned from now", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("d");
  const date = (name: string, day: string) =>
    page.driver.executeScript(
      `const field = document.querySelector("input[name='" + arguments[0] + "']");
       Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, arguments[1]);
       field.dispatchEvent(new Event("input", { bubbles: true }));`,
      name,
      day,
    );
  await page.find("input[name='days/date']");
  await date("days/date", "2031-05-05");
  const startOf = async (task: string) =>
    Number(await attribute(`[data-task='${task}']`, "data-start"));
  const before = await startOf("set/1");
  await (await page.find("[data-task='set-out/A'] button")).click();
  await page.find("input[name='move/set-out/A']");
  await date("move/set-out/A", "2031-05-19");
  await page.driver.wait(async () => (await startOf("set/1")) > before, 8000, "it follows");
  await page.textWhen("[data-task='set-out/A']", (text) => text.includes("moved"));
  await page.click("As soon as it may");
  await page.driver.wait(async () => (await startOf("set/1")) === before, 8000, "it is back");
  // A bar is dragged a day to the right.
  const bar = await page.still("[data-bar='set-out/A']");
  await page.driver.actions().dragAndDrop(bar, { x: 40, y: 0 }).perform();
  await page.textWhen("[data-task='set-out/A']", (text) => text.includes("moved"));
  await page.press("g");
  await (await page.find("[data-log-kind=done]")).click();
  await (await page.find("[data-log-words=done] button")).click();
  await page.press("d");
  await page.textWhen("[data-task='board/A']", (text) => text.includes("done"));
  await page.find("[data-standing]");
  assert.deepEqual(await page.consoleErrors(), []);
});
