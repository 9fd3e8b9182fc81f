import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { test } from "node:test";
import { Page, URLS } from "./browser.ts";

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

/** What a checker of accessibility finds on the page as it is, by rule and element. */
async function violations(page: Page, rules?: string[]): Promise<string[]> {
  // Half a megabyte: sent once to each document.
  if (!(await page.driver.executeScript("return Boolean(window.axe)"))) {
    await page.driver.executeScript(AXE);
  }
  // Colours on their way from one theme to another are nobody's.
  await page.driver.executeScript("for (const each of document.getAnimations()) each.finish()");
  return page.driver.executeAsyncScript<string[]>(
    `const [rules, done] = arguments;
     axe.run(document, { resultTypes: ["violations"], ...(rules ? { runOnly: rules } : {}) }).then(({ violations }) =>
       done(violations.flatMap(({ id, nodes }) =>
         nodes.map(({ html, failureSummary }) => id + ": " + html.slice(0, 200) + " " + failureSummary))));`,
    rules ?? null,
  );
}

const unfoldAll = (page: Page) =>
  page.driver.executeScript(
    "for (const each of document.querySelectorAll('details')) each.open = true",
  );

/** Every stage and page of a job by its key, its folded parts open. */
async function everyPlace(page: Page, look: (key: string) => Promise<void>): Promise<void> {
  for (const key of [..."12345678nodgeprw"]) {
    await page.press(key);
    await page.find("h1");
    await page.find("[data-wall], [data-now], main h1:not(.sr-only)");
    const folded = await page.driver.findElements({
      css: ".foot-button[aria-expanded=false]:has(+ .foot-button[aria-expanded=false])",
    });
    if (folded.length > 0 && Number(key) > 0) await page.click("Details");
    await unfoldAll(page);
    await look(key);
  }
}

/** Beside the usual theme, in which everything is looked at. */
const OTHER_THEMES = ["lamp", "sunlight"];

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const) {
  test(`nothing stands in the way of a screen reader, a keyboard or weak eyes at ${width} × ${height}`, async () => {
    const page = await Page.open(width, height);
    try {
      await page.driver.get(`${URLS.samples}/about`);
      assert.deepEqual(await violations(page), [], "about");
      await page.driver.get(URLS.samples);
      await page.click("New job");
      assert.deepEqual(await violations(page), [], "jobs and a new one");
      await page.click("Quarry Row 14");
      await page.find("[data-wall]");
      await everyPlace(page, async (key) => {
        assert.deepEqual(await violations(page), [], key);
        for (const theme of OTHER_THEMES) {
          await page.driver.executeScript(
            "document.documentElement.dataset.theme = arguments[0]",
            theme,
          );
          assert.deepEqual(await violations(page, ["color-contrast"]), [], `${key}, ${theme}`);
        }
        await page.driver.executeScript("document.documentElement.dataset.theme = 'plaster'");
      });
      await page.press("5");
      await page.find("[data-piece]");
      for (const open of [() => page.press("?"), () => page.control("k")]) {
        await open();
        await page.find("dialog[open]");
        assert.deepEqual(await violations(page), [], "dialog");
        await page.press("\uE00C");
        // While one is closing no key opens another.
        await page.driver.wait(
          async () => (await page.driver.findElements({ css: "dialog" })).length === 0,
          8000,
          "the dialog stays",
        );
      }
      const ticket = await page.driver.findElements({
        css: "aside .btn-primary, section .btn-primary",
      });
      if (ticket.length === 0) await page.click("Details");
      await page.click("Cut with tickets");
      await page.find("dialog[data-ticket]");
      assert.deepEqual(await violations(page), [], "ticket");
    } finally {
      await page.close();
    }
  });
}
