import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Mill Bank 3");
  await page.press("5");
});
after(() => page.close());

const stops = async () => {
  const all = await page.driver.findElements(By.css("[data-stop]"));
  return Promise.all(all.map((stop) => stop.getAttribute("data-stop")));
};

test("the stop list has four settings instead of one for each length, and a cut is a press away", async () => {
  assert.match(await page.text("[data-fence]"), /^4 settings of the fence instead of \d\d\.$/);
  assert.deepEqual(await stops(), ["44.0", "252.0", "296.0", "298.0"]);
  // The lower course of the back wall: 297 planned at its low end, and less where it falls.
  await (await page.find('[data-stop="298.0"] button[aria-label="B9"]')).click();
  await page.textWhen("[data-chosen]", (text) => text.includes("B 9"));
  assert.match(await page.text("[data-chosen]"), /planned 298[.,]1\s+298 mm/);
});

test("exact cutting is a choice, and undo takes it back", async () => {
  const exact = await (await page.find("[data-fence]")).getAttribute("data-fence-exact");
  const label = By.xpath("//label[contains(., 'Cut each length exactly')]");
  await (await page.driver.findElement(label)).click();
  await page.textWhen("[data-fence]", (text) => text.startsWith(`${exact} settings`));
  assert.equal((await stops()).length, Number(exact));
  await page.control("z");
  await page.textWhen("[data-fence]", (text) => text.startsWith("4 settings"));
});

test("a wider play of the base needs fewer settings", async () => {
  await page.click("Play of hidden joints");
  await page.type("Base, most", "7\n");
  await page.textWhen("[data-fence]", (text) => text.startsWith("3 settings"));
});
