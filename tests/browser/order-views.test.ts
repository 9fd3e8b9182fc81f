import assert from "node:assert/strict";
import { writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

test("in the shop lines stand by shop and are ticked off; a reload keeps them", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("o");
  await (await page.find("[data-order=grout] button[aria-expanded]")).click();
  await page.type("Shop", `Harbour Tile Yard${Key.ENTER}`);
  await page.type("Days until it is here", `12${Key.ENTER}`);
  await page.click("In the shop");
  await page.textWhen("[data-shop-list]", (text) => text.includes("Harbour Tile Yard"));
  const left = async () =>
    Number(await (await page.find("[data-shop-list]")).getAttribute("data-shop-list"));
  const before = await left();
  await (await page.find("[data-shop-item^='grout'] input")).click();
  await page.driver.wait(async () => (await left()) === before - 1, 8000, "one line less");
  await page.saved();
  await page.driver.navigate().refresh();
  await page.click("In the shop");
  await page.driver.wait(async () => (await left()) === before - 1, 8000, "it stays ticked");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("a tool that is at hand is not bought; a saw is hired or bought by the days", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("o");
  await page.click("Tools");
  await page.textWhen("[data-tool=wetSaw]", (text) => text.includes("sawn cuts"));
  await page.textWhen("[data-hire]", (text) => /Hire|Buy/.test(text));
  await (await page.find("[data-tool=sponges] input[type=checkbox]")).click();
  await page.click("In the shop");
  await page.find("[data-shop-item='kit/buckets']");
  assert.equal(
    (await page.driver.findElements({ css: "[data-shop-item='kit/sponges']" })).length,
    0,
  );
});

test("prices come in from a CSV file after a look at them, and a quote is made of them", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("o");
  const path = join(tmpdir(), "dintel-prices.csv");
  writeFileSync(path, "item,price,shop\nGrout,23.5,Yard\nSealant,nine,Yard\nLadder,80,Yard\n");
  await (await page.find("[data-table-in]")).sendKeys(path);
  await page.textWhen("main [role=status]", (text) => text.includes("Ladder"));
  await page.textWhen("main [role=status]", (text) => text.includes("line 3"));
  await page.click("Take them over");
  await page.find("[data-order=grout] [data-cost]:not([data-cost=''])");
  await page.type("An hour of one person", `50${Key.ENTER}`);
  await page.click("Quote");
  await page.type("For", `N. Owner${Key.ENTER}`);
  await page.textWhen("[data-offer]", (text) => text.includes("N. Owner"));
  await page.textWhen("[data-offer]", (text) => text.includes("Not included"));
  await page.type("Price that was agreed", `10${Key.ENTER}`);
  await page.textWhen("[data-margin]", (text) => text.includes("below own cost"));
  await page.click("Cost");
  await page.find("[data-cost-chart]");
  await page.textWhen("[data-cost-chart]", (text) => text.includes("Labour"));
  assert.deepEqual(await page.consoleErrors(), []);
});

test("a version of a job stands beside it, is told apart, and is taken over", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("e");
  await page.find("[data-options='1']");
  await page.click("Another version");
  await page.find("[data-options='2']");
  await page.textWhen("[data-option-row=differs]", (text) => text.includes("nothing"));
  await page.click("A panel kit");
  await page.textWhen("[data-option-row=differs]", (text) => text.includes("ready-made panels"));
  // The version gets another joint, and the job takes it over.
  await (await page.find("[data-version='Version B'] a")).click();
  await page.find("[data-version='Version B'] input");
  await page.press("4");
  await page.unfold("Tile");
  await page.choose("Pattern", "Stacked");
  await page.saved();
  await page.click("Options");
  await page.textWhen("[data-option-row=differs]", (text) => text.includes("bond: stacked"));
  await (await page.find("[data-version='This job'] a")).click();
  await page.find("[data-version='Version B'] button");
  await page.click("Take over");
  await page.textWhen("[data-option-row=differs]", (text) => text.includes("nothing"));
  assert.deepEqual(await page.consoleErrors(), []);
});
