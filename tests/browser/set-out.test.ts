import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Quarry Row 14");
  await page.click("Whole tally");
});
after(() => page.close());

const left = '[data-tally="B"] [data-side=left]';
const right = '[data-tally="B"] [data-side=right]';

test("dragging the pattern moves the cuts, and one undo brings it back", async () => {
  const before = await page.text(left);
  await page.dragField("B", 46, 0);
  await page.saved();
  // What passed under the finger may still stand there for a moment.
  const moved = await page.textAtRest(left);
  assert.notEqual(moved, before);
  assert.match(await page.text('button[aria-label^="Undo"]'), /^$/);
  const label = await (await page.find('button[aria-label^="Undo"]')).getAttribute("aria-label");
  assert.equal(label, "Undo: move pattern");
  await page.control("z");
  await page.textWhen(left, (text) => text === before);
  await page.control("z", Key.SHIFT);
  await page.textWhen(left, (text) => text === moved);
  await page.control("z");
  await page.textWhen(left, (text) => text === before);
});

test("flags follow while the finger is still down", async () => {
  const before = await page.text('[data-flag="B-left"]');
  const origin = await page.find('[data-field="B"]');
  const actions = page.driver.actions({ async: true });
  await actions
    .move({ origin, x: 9, y: 40 })
    .press()
    .move({ origin, x: 60, y: 40, duration: 200 })
    .perform();
  await page.textWhen('[data-flag="B-left"]', (text) => text !== before);
  await page.driver.actions({ async: true }).move({ origin, x: 9, y: 40 }).release().perform();
  await page.control("z");
});

test("what is written under the finger is what the plan says once it is lifted, and undo restores it", async () => {
  // Every flag, figure of the tally, height of the pole and label: written past the components.
  const written = () =>
    page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll(".drawing-figures *, [data-tally] button")]
         .filter((e) => e.children.length === 0).map((e) => e.textContent)`,
    );
  const paths = () =>
    page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll("[data-field] path")].map((e) => e.getAttribute("d"))`,
    );
  const look = async () => [...(await written()), ...(await paths())];
  /** Once nothing changes any more: the worker's last answer is on the page. */
  const settled = async () => {
    for (let last = await look(); ; ) {
      await page.driver.sleep(400);
      const now = await look();
      if (now.join() === last.join()) return now;
      last = now;
    }
  };
  const before = await settled();
  const origin = await page.find('[data-field="B"]');
  const actions = page.driver.actions({ async: true }).move({ origin, x: 9, y: 40 }).press();
  for (let k = 1; k <= 6; k++) actions.move({ origin, x: 9 + 4 * k, y: 40 + 2 * k, duration: 30 });
  await actions.perform();
  const under = await settled();
  assert.notDeepEqual(under, before);
  await page.driver.actions({ async: true }).release().perform();
  await page.saved();
  assert.deepEqual(await settled(), under);
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  assert.deepEqual(await settled(), under, "drawn afresh it says the same");
  await page.control("z");
  await page.saved();
  assert.deepEqual(await settled(), before);
});

test("an arrow key nudges by one tape mark", async () => {
  await page.click("On a joint");
  await page.textWhen(left, (text) => !text.includes("2 1/16"));
  const widths = async () => [await page.text(left), await page.text(right)];
  const [before] = await widths();
  await (await page.find('[data-field="B"]')).sendKeys(Key.ARROW_RIGHT);
  await page.textWhen(left, (text) => text !== before);
  // 6 is 1/16 more than 5 15/16 on the left, and the right loses as much.
  const shift = await (await page.field("Tile right of centre")).getAttribute("value");
  // From a joint on centre the tile stands (23 5/8 + 1/8) ÷ 2 = 11 7/8 right; one mark on: 11 15/16,
  // which is the same as 11 13/16 left of the centre, a whole module of 23 3/4 away.
  assert.equal(shift, "−11 13/16");
});

test("every figure opens to its sum and defaults, and a default can be changed there", async () => {
  const clips = '[data-tally="B"] [data-figure=mortarKg]';
  const before = await page.text(clips);
  await (await page.find(clips)).click();
  const sheet = await page.text("dialog");
  assert.match(sheet, /areas × \(own bed \+ back-butter\)/);
  assert.match(sheet, /trade default/);
  await page.type("Powder rate", "12.486\n");
  // 1.2 kg/m² per mm are 6.243 lb/sq ft per in: twice the rate is twice the powder.
  const doubled = 2 * Number.parseFloat(before);
  await page.textWhen(clips, (text) => Math.abs(Number.parseFloat(text) - doubled) < 0.2);
  await page.textWhen("dialog", (text) => text.includes("yours"));
  await page.press(Key.ESCAPE);
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("dialog"))).length === 0,
    5000,
  );
});

test("a flag opens to every row of the bond", async () => {
  await (await page.find('[data-tally="C"] [data-side=left]')).click();
  const rows = await page.driver.findElements(By.css("dialog tbody tr"));
  assert.equal(rows.length, 8);
  assert.match(await page.text("dialog"), /Slivers are below/);
  await page.press(Key.ESCAPE);
});

test("inches and millimetres are switched at any time", async () => {
  await page.click("mm");
  await page.textWhen('[data-tally="B"] [data-figure=membraneAreaM2]', (text) =>
    text.endsWith("m²"),
  );
  await page.click("in");
  await page.textWhen('[data-tally="B"] [data-figure=membraneAreaM2]', (text) =>
    text.endsWith("sq ft"),
  );
});

test("a cut is chosen on the drawing or by keyboard and shows its dimensions", async () => {
  await page.press("5");
  await (await page.find('[data-cut-row="1"] button')).click();
  const first = await page.text("[data-chosen] h3 + dl");
  assert.match(first, /Width/);
  await page.click("Next cut");
  await page.textWhen("[data-chosen]", (text) => text.startsWith("B 2"));
  const piece = await page.find('[data-wall="C"] [data-piece]');
  await piece.sendKeys(Key.ENTER);
  await page.textWhen("[data-chosen]", (text) => text.startsWith("C "));
});

test("a reading that is typed wrong keeps the plan, the text and a reason, through a reload", async () => {
  await page.press("1");
  await page.click("B Back");
  const width = await page.text('[data-tally="B"] [data-figure=membraneAreaM2]');
  await page.type("Width at bottom", "60 1/0");
  await page.press(Key.TAB);
  const alert = await page.textWhen("aside [role=alert]", (text) => text.includes("/0"));
  assert.match(alert, /last good value stays/);
  assert.equal(await page.text('[data-tally="B"] [data-figure=membraneAreaM2]'), width);
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  await page.press("1");
  await page.click("B Back");
  const field = await page.field("Width at bottom");
  await page.driver.wait(async () => (await field.getAttribute("value")) === "60 1/0", 5000);
  await page.find("aside [role=alert]");
  await page.type("Width at bottom", "5' 1\n");
  await page.driver.wait(
    async () => (await (await page.field("Width at bottom")).getAttribute("value")) === "61",
    5000,
  );
});

test("half-typed text survives a crash of the tab", async () => {
  await page.type("Width at top", "59 7/");
  // Nothing is left in an orderly way: no blur, no unload handlers.
  await page.driver.get("about:blank");
  await page.openSample("Quarry Row 14");
  await page.press("1");
  await page.click("B Back");
  const field = await page.field("Width at top");
  assert.equal(await field.getAttribute("value"), "59 7/");
});

test("nothing went wrong on the way", async () => {
  assert.deepEqual(await page.consoleErrors(), []);
});

test("every bond is drawn, counted and dragged", async () => {
  await page.openSample("Lower Weir");
  const counts = new Set<string>();
  for (const bond of [
    "Diagonal",
    "Herringbone, along the courses",
    "Herringbone, point up",
    "Basket weave",
    "Hexagon (short side: flat to flat)",
  ]) {
    const before = await page.text("[data-tally=job]");
    await page.choose("Pattern", bond);
    counts.add(await page.textWhen("[data-tally=job]", (text) => text !== before));
    const drawn = await (await page.find('[data-wall="A"] [data-tiles=whole]')).getAttribute("d");
    const flag = await page.text('[data-tally="A"] [data-side=left]');
    await page.dragField("A", 19, 7);
    await page.driver.wait(
      async () =>
        (await (await page.find('[data-wall="A"] [data-tiles=whole]')).getAttribute("d")) !== drawn,
      8000,
      `${bond} did not move`,
    );
    await page.textWhen('[data-tally="A"] [data-side=left]', (text) => text !== flag);
  }
  assert.equal(counts.size, 5);
});

test("a niche is dragged and nudged on the drawing; its name of what it snapped to is shown", async () => {
  await page.openSample("Quarry Row 14");
  const place = async () => {
    const { x, y } = await (await page.find('[data-handle="niche-1"]')).getRect();
    return [Math.round(x), Math.round(y)];
  };
  const handle = await page.still('[data-handle="niche-1"]');
  const before = await place();
  const actions = page.driver.actions({ async: true }).move({ origin: handle }).press();
  for (let k = 1; k <= 6; k++) {
    actions.move({ origin: handle, x: 6 * k, y: -5 * k, duration: 20 });
  }
  await actions.perform();
  await page.driver.wait(
    async () => (await place())[0] !== before[0],
    8000,
    "it follows the finger",
  );
  await page.driver.actions({ async: true }).release().perform();
  await page.saved();
  const dropped = await place();
  assert.ok((dropped[0] ?? 0) > (before[0] ?? 0) + 20 && (dropped[1] ?? 0) < (before[1] ?? 0) - 15);
  // The plan of what was dropped is drawn before the keys begin.
  const placed = await page.still('[data-handle="niche-1"]');
  await page.driver.wait(
    () =>
      page.driver.executeScript(
        "arguments[0].focus(); return document.activeElement === arguments[0]",
        placed,
      ),
    8000,
    "it takes the keys",
  );
  await page.driver.actions().keyDown("\uE008").sendKeys("\uE014\uE014").keyUp("\uE008").perform();
  await page.driver.wait(
    async () => ((await place())[0] ?? 0) > (dropped[0] ?? 0),
    8000,
    "it goes to the right",
  );
  await page.control("z");
  await page.control("z");
  await page.driver.wait(async () => (await place()).join() === before.join(), 8000, "undo");
});
