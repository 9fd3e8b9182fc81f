import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

/** What the focus is on, as a screen reader names it. */
function focused(): Promise<string> {
  return page.driver.executeScript<string>(`
    const at = document.activeElement;
    return (at.getAttribute("aria-label") ?? at.labels?.[0]?.textContent ?? at.textContent).trim();`);
}

async function focusBecomes(holds: (name: string) => boolean): Promise<string> {
  let last = "";
  await page.driver
    .wait(async () => {
      last = await focused();
      return holds(last);
    }, 5000)
    .catch(() => {
      throw new Error(`the focus stays on "${last}"`);
    });
  return last;
}

/** Escape, and the dialog has gone: while it is closing no key opens another. */
async function leaveDialog(): Promise<void> {
  await page.press(Key.ESCAPE);
  await page.driver.wait(
    async () => (await page.driver.findElements({ css: "dialog" })).length === 0,
    8000,
    "the dialog stays",
  );
}

async function tabStops(): Promise<number> {
  return page.driver.executeScript<number>(`
    return [...document.querySelectorAll("a[href], button, input, select, textarea, summary, [tabindex]")]
      .filter((e) => e.tabIndex >= 0 && !e.disabled && e.checkVisibility()).length;`);
}

test("the palette takes typing at once and finds cuts, readings, openings, figures and jobs", async () => {
  await page.openSample("Quarry Row 14");
  const find = async (text: string) => {
    await page.control("k");
    await page.find("dialog[open] [cmdk-input]");
    await page.press(...text);
    await page.find('[cmdk-item][data-selected="true"]');
  };
  await find("b12");
  await page.press(Key.ENTER);
  await page.find("[data-ticket]");
  await page.driver.wait(
    async () => (await page.driver.getCurrentUrl()).endsWith("/cut/B12"),
    5000,
  );
  await leaveDialog();

  await find("width at bottom");
  await page.press(Key.ARROW_DOWN, Key.ENTER);
  await focusBecomes((name) => name === "Width at bottom");
  await page.textWhen("aside h2", (text) => text.startsWith("Measure · B"));

  await find("niche");
  await page.press(Key.ENTER);
  await focusBecomes((name) => name === "at");

  await find("c clips");
  await page.press(Key.ENTER);
  await page.find("[data-figure-sheet=clips]");
  await page.press(Key.ESCAPE);
});

test("the drawing, the tally and the list of cuts are one stop each, with arrows inside", async () => {
  await page.openSample("Quarry Row 14");
  await page.click("Cut");
  await page.find("[data-piece]");
  const stops = await tabStops();
  assert.ok(stops < 60, `${stops} stops`);

  await page.driver.executeScript(`document.getElementById("main").focus()`);
  await page.press(Key.TAB);
  await focusBecomes((name) => name.startsWith("A "));
  await page.press(Key.ARROW_DOWN);
  const first = await focusBecomes((name) => name.includes("Cut "));
  // Its ring is as wide on the screen as any other, whatever the scale of the drawing.
  const ring = await page.driver.executeScript<string[]>(
    `const { stroke, strokeWidth, vectorEffect } = getComputedStyle(document.activeElement);
     return [stroke === "none" ? "none" : "drawn", strokeWidth, vectorEffect]`,
  );
  assert.deepEqual(ring, ["drawn", "4px", "non-scaling-stroke"]);
  await page.press(Key.ARROW_RIGHT);
  const second = await focusBecomes((name) => name.includes("Cut ") && name !== first);
  await page.press(Key.ARROW_LEFT);
  await focusBecomes((name) => name === first);
  await page.press(Key.ARROW_RIGHT, Key.ENTER);
  // The chosen cut is the one that the focus is on.
  const chosen = await page.driver.executeScript<string>(
    `return document.querySelector("[data-piece][aria-pressed=true]").getAttribute("aria-label")`,
  );
  assert.equal(chosen, second);
  // Tab leaves the drawing, Shift and Tab come back to where it was left.
  await page.press(Key.TAB);
  assert.ok(!(await focused()).includes("Cut "));
  await page.driver.actions().keyDown(Key.SHIFT).sendKeys(Key.TAB).keyUp(Key.SHIFT).perform();
  await focusBecomes((name) => name === second);
});

test("what is added takes the typing; the header can be skipped; letters can be turned off", async () => {
  await page.openSample("Quarry Row 14");
  await page.click("Measure");
  await page.click("Window");
  await focusBecomes((name) => name === "Width");

  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  await page.press(Key.TAB);
  await focusBecomes((name) => name === "Skip to the drawing");
  await page.press(Key.ENTER);
  assert.equal(await page.driver.executeScript("return document.activeElement.id"), "main");

  await page.press("?");
  await page.find("dialog[open] input[type=checkbox]");
  await page.press(Key.TAB, Key.SPACE);
  await leaveDialog();
  await page.press("5");
  await page.control("k");
  await page.find("dialog[open] [cmdk-input]");
  await page.press(..."set out", Key.ENTER);
  await page.textWhen("aside h2", (text) => text.startsWith("Set out"));
});

test("a whole job without a mouse: new, reading, niche, set-out, ticket, order, export", async () => {
  await page.driver.get(`${URLS.empty}/jobs`);
  await page.find("h1");
  let keys = 0;
  const press = async (...pressed: string[]) => {
    keys += pressed.length;
    await page.press(...pressed);
  };
  /** Figures and names that have to be typed anyway. */
  const type = (text: string) => page.press(...text);
  const tabTo = async (name: string) => {
    for (let k = 0; k < 30 && !(await focused()).startsWith(name); k++) await press(Key.TAB);
    assert.ok((await focused()).startsWith(name), `${name} was not reached`);
  };
  const jump = async (text: string) => {
    await page.control("k");
    keys += 1;
    await page.find("dialog[open] [cmdk-input]");
    await press(...text);
    await page.find('[cmdk-item][data-selected="true"]');
    await press(Key.ENTER);
  };

  await tabTo("New job");
  await press(Key.ENTER);
  await focusBecomes((name) => name === "Job name");
  await type("Kiln Road 2");
  await press(Key.ENTER);
  await page.find("[data-tally=job]");

  await jump("b back: width");
  await focusBecomes((name) => name === "Width at bottom");
  await type("60 1/4");
  await press(Key.ENTER);
  await page.saved();

  await jump("add niche");
  await focusBecomes((name) => name === "Width");
  await type("14 3/8");
  await press(Key.ENTER);
  await page.saved();

  await jump("set out");
  await jump("b12");
  await page.find("[data-ticket]");
  keys += 1;
  await leaveDialog();
  await press("o");
  await page.find("[data-order=fieldTile]");
  await press("x");
  const saved = JSON.parse(
    readFileSync(await page.downloaded(/^Kiln-Road-2\.dintel\.json$/), "utf8"),
  );
  assert.ok(Math.abs(saved.walls[1].width.bottom - 60.25 * 25.4) < 1e-6);
  assert.ok(Math.abs(saved.walls[1].openings[0].width - 14.375 * 25.4) < 1e-6);
  assert.ok(keys <= 120, `${keys} keys`);
});
