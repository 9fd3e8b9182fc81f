import { writeFileSync } from "node:fs";
import { Key } from "selenium-webdriver";
import { Page, URLS } from "../tests/browser/browser.ts";

/** Makes the pictures of the main views from the sample jobs. */
const FOLDER = new URL("../docs/screenshots/", import.meta.url);

async function save(page: Page, name: string): Promise<void> {
  // Fonts and the last plan must be on the page before its picture is taken.
  await page.driver.executeAsyncScript(
    "document.fonts.ready.then(() => setTimeout(arguments[0], 400))",
  );
  writeFileSync(new URL(`${name}.png`, FOLDER), await page.driver.takeScreenshot(), "base64");
  console.log(`${name}.png`);
}

async function wide(): Promise<void> {
  const page = await Page.open();
  try {
    await page.driver.get(URLS.samples);
    await page.find("li:last-child [data-picture]");
    await save(page, "jobs");
    await page.click("Quarry Row 14");
    await page.find("[data-tally=job]");
    await save(page, "set-out");
    await page.press("1");
    await page.click("× 10");
    await save(page, "measure");
    await page.press("2");
    await save(page, "board");
    await page.press("3");
    await page.click("Strips: on all walls");
    await page.click("Coat 1: on here");
    await page.click("Coat 1");
    await save(page, "waterproof");
    await page.press("r");
    await page.find("[data-record]");
    await save(page, "record");
    await page.press("5");
    await (await page.find('[data-cut-row="15"] button')).click();
    // The list has scrolled the panel: the chosen piece is at its head.
    await page.driver.executeScript("document.querySelector('[data-chosen]').scrollIntoView()");
    await save(page, "cut");
    await page.press("6");
    for (let row = 0; row < 9; row++) {
      await (await page.find("[data-set-row]")).click();
      await page.driver.wait(
        async () => (await page.driver.findElements({ css: "[data-row=done]" })).length >= row,
        8000,
      );
    }
    // Its button was scrolled to: the panel is shown from its head.
    await page.driver.executeScript("document.querySelector('aside').scrollTop = 0");
    await save(page, "set");
    await page.press("7");
    await page.find("[data-grout=B]");
    await save(page, "grout");
    await page.press("o");
    await page.find("[data-order=fieldTile]");
    await page.click("Fill in made-up prices");
    await page.find("[data-order=mortar] [data-cost]");
    await page.driver.executeScript("document.querySelector('main').scrollTop = 0");
    await save(page, "order");
    await page.press("d");
    await page.driver.executeScript(
      `const field = document.querySelector("input[name='days/date']");
       Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, "2026-05-04");
       field.dispatchEvent(new Event("input", { bubbles: true }));`,
    );
    await page.find("[data-met]:not([data-met=''])");
    await save(page, "days");
    await page.press("l");
    await page.click("Search");
    await page.find("[data-search=found]");
    await page.click("Take over");
    await save(page, "compare");
    await page.openSample("Fen Lane 9");
    await page.press("p");
    await page.find("[data-pole-marks]");
    await save(page, "pole");
    await page.press("8");
    await page.find("[data-snag-mark]");
    await save(page, "hand-over");
    await page.press("g");
    await page.find("[data-log-line]");
    await save(page, "log");
    await page.press("w");
    await page.find("[data-documents=ready]");
    await save(page, "documents");
    await page.press("e");
    await page.click("Another version");
    await page.click("A panel kit");
    await page.find("[data-options='3']");
    await page.textWhen("[data-option-row=differs]", (text) => text.includes("panels"));
    await page.textWhen("[data-options]", (text) => !text.includes("Planning"));
    await save(page, "options");
  } finally {
    await page.close();
  }
}

async function phone(): Promise<void> {
  const page = await Page.open(390, 844);
  try {
    await page.openSampleOnPhone("Quarry Row 14");
    await page.click("Cut");
    const piece = await page.find("[data-piece]");
    await piece.sendKeys(Key.ENTER);
    await page.click("Details");
    await page.click("Cut with tickets");
    await page.click("Next: Next ticket");
    await save(page, "phone-ticket");
    await page.press(Key.ESCAPE);
    await page.choosePlace("Now");
    await (await page.find("[data-mix-now]")).click();
    await page.find("[data-pot-life]");
    await (await page.find("[data-set-row]")).click();
    await page.find("[data-undo-row]");
    await page.driver.executeScript("document.querySelector('main').scrollTop = 0");
    await save(page, "phone-now");
  } finally {
    await page.close();
  }
}

await wide();
await phone();
