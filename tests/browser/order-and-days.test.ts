import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

test("prices and hours come to a quote; what is on hand is not bought", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("o");
  await page.click("Fill in made-up prices");
  await page.textWhen("[data-quote]", (text) => !text.startsWith("Materials to buy0"));
  const quote = async () =>
    Number(await (await page.find("[data-quote]")).getAttribute("data-quote"));
  const before = await quote();
  assert.ok(before > 0);
  await page.type("An hour of one person", `50${Key.ENTER}`);
  await page.driver.wait(async () => (await quote()) > before, 8000, "labour adds to the quote");
  const row = "[data-order=mortar] [data-cost]";
  const cost = await (await page.find(row)).getAttribute("data-cost");
  await page.type("Thinset mortar: On hand", `60${Key.ENTER}`);
  await page.driver.wait(
    async () => (await (await page.find(row)).getAttribute("data-cost")) !== cost,
    8000,
    "60 lb on hand are not bought",
  );
  assert.deepEqual(await page.consoleErrors(), []);
});

test("the work is laid into days from a first one on, and back from a hand-over", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("d");
  await page.textWhen("[data-days]", (text) => text.includes("Give a first day"));
  const date = (name: string, day: string) =>
    page.driver.executeScript(
      `const field = document.querySelector("input[name='" + arguments[0] + "']");
       Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, arguments[1]);
       field.dispatchEvent(new Event("input", { bubbles: true }));`,
      name,
      day,
    );
  await date("days/date", "2026-05-04");
  await page.find("[data-task='set/1']");
  const end = async () =>
    Number(await (await page.find("[data-days-end]")).getAttribute("data-days-end"));
  const alone = await end();
  assert.ok(alone > Date.parse("2026-05-10T00:00:00Z"));
  await page.find("[data-met]:not([data-met=''])");
  await page.textWhen("[data-met]", (text) => text.startsWith("In 5 of 10 cases"));
  // A day off on which the sealer was to go on makes it later.
  await date("days/off", "2026-05-14");
  await page.driver.wait(async () => (await end()) > alone, 8000, "a day off");
  await page.choose("Plan", "Back from a hand-over");
  await page.textWhen(
    "[data-days]",
    (text) => text.includes("at the latest") || text.includes("does not fit"),
  );
  assert.deepEqual(await page.consoleErrors(), []);
});

test("what takes days to come says by when it is ordered, and that it is late", async () => {
  await page.openSample("Fen Lane 9");
  await page.press("o");
  await (await page.find("[data-order=mortar] button[aria-expanded]")).click();
  const days = async () => {
    const [said] = await page.driver.findElements(By.css("[data-order=mortar] [data-order-by]"));
    return said ? Date.parse((await said.getAttribute("data-order-by")) ?? "") : Number.NaN;
  };
  await page.type("Days until it is here", `20${Key.ENTER}`);
  await page.driver.wait(async () => Number.isFinite(await days()), 8000, "nothing to order by");
  const before = await days();
  await page.type("Days until it is here", `9${Key.ENTER}`);
  // Eleven days less to wait for it: eleven days later.
  const later = before + 11 * 24 * 3_600_000;
  await page.driver.wait(async () => (await days()) === later, 8000, "not eleven days later");
  // The job's first day is over.
  await page.textWhen("[data-order=mortar]", (text) => text.includes("too late for the first day"));
});

test("on a phone a line of the order has its name above, and every figure within the screen", async () => {
  const phone = await Page.open(390, 844);
  try {
    await phone.openSampleOnPhone("Mill Bank 3");
    await phone.choosePlace("Order");
    const name = await (await phone.find("[data-order=mortar] th")).getRect();
    assert.ok(name.width > 300 && name.height < 90, JSON.stringify(name));
    const right = await phone.driver.executeScript<number>(
      `return Math.max(...[...document.querySelectorAll("[data-order] td")].map((td) => td.getBoundingClientRect().right))`,
    );
    assert.ok(right <= 390, `${right} px`);
  } finally {
    await phone.close();
  }
});
