import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Mill Bank 3");
});
after(() => page.close());

const figure = (wall: string, code: string) => `[data-tally="${wall}"] [data-figure=${code}]`;

const downloaded = async (name: RegExp) => readFileSync(await page.downloaded(name), "utf8");

test("a niche is added, placed and sized, and its interior is in the membrane", async () => {
  await page.press("1");
  await page.click("C Right");
  const before = Number.parseFloat(await page.text(figure("C", "membraneAreaM2")));
  await page.click("Niche");
  await page.type("Width", "300\n");
  await page.type("Height", "200\n");
  await page.type("Depth", "100\n");
  // Back 0.06 and returns 2 × 0.5 × 0.1 = 0.1, less the 0.06 it takes out of the wall: + 0.10.
  await page.textWhen(
    figure("C", "membraneAreaM2"),
    (text) => Math.abs(Number.parseFloat(text) - before - 0.1) < 0.011,
  );
  await page.click("Remove: Niche");
  await page.textWhen(
    figure("C", "membraneAreaM2"),
    (text) => Math.abs(Number.parseFloat(text) - before) < 0.001,
  );
});

test("an opening that leaves the wall stops with words, and a click goes to its wall", async () => {
  await page.click("Window");
  await page.type("Width", "2 m\n");
  await page.textWhen("[data-warnings]", (text) =>
    text.includes("reaches past the field of C Right"),
  );
  await page.click("A Left");
  await (await page.find('[data-warning="opening-leaves-wall"]')).click();
  await page.textWhen("aside h2", (text) => text === "Measure · C Right");
  await page.control("z");
  await page.control("z");
  await page.driver.wait(
    async () =>
      (await page.driver.findElements(By.css('[data-warning="opening-leaves-wall"]'))).length === 0,
    8000,
  );
});

test("errors are drawn larger on request, and the low point is marked", async () => {
  const dashed = () => page.driver.findElements(By.css('path[stroke-dasharray="7 4"]'));
  await page.find('[data-low-point="B"]');
  assert.equal((await dashed()).length, 0);
  await page.click("× 20");
  assert.equal((await dashed()).length, 3);
  await page.find('[data-low-point="B"]');
  await page.click("true");
  assert.equal((await dashed()).length, 0);
});

test("a base reading changes the fall, and undo takes it back", async () => {
  await page.click("B Back");
  const down = await page.driver.findElements(By.css("aside input[id]"));
  assert.ok(down.length > 4);
  const before = await page.text("aside dl");
  const field = await page.driver.executeScript<import("selenium-webdriver").WebElement>(
    `return [...document.querySelectorAll("aside label")].filter((l) => l.textContent === "down")
       .map((l) => document.getElementById(l.htmlFor))[1]`,
  );
  await page.driver.executeScript("arguments[0].focus(); arguments[0].select()", field);
  await field.sendKeys("909", Key.ENTER);
  await page.textWhen("aside dl", (text) => text !== before);
  // 900 at 40 and 909 at 1662: 9 ÷ 1622 a mm, over all 1702 of the base 9.4 mm.
  assert.match(await page.text("aside dl"), /this wall9\.4 mm/);
  await (await page.find("h2")).click();
  await page.control("z");
  await page.textWhen("aside dl", (text) => text === before);
});

test("the enclosure can be corrected later; walls that stay keep their readings", async () => {
  await page.click("Enclosure");
  await page.choose("What is it?", "Corner, two walls");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css('[data-tally="C"]'))).length === 0,
    8000,
  );
  await page.control("z");
  await page.find('[data-tally="C"]');
});

test("the trowel changes bed and thinset", async () => {
  await (await page.find("aside h2")).click();
  await page.press("4");
  const before = Number.parseFloat(await page.text(figure("B", "mortarKg")));
  await page.click("Trowel and bed");
  await page.choose("Notch", "12 × 12 mm, square");
  // 6 × 10 leaves 3.54 mm, 12 × 12 leaves 4.24: a fifth more.
  await page.textWhen(
    figure("B", "mortarKg"),
    (text) => Math.abs(Number.parseFloat(text) - before * 1.2) < 0.3,
  );
});

test("the cut list and the order are saved as CSV", async () => {
  await (await page.find("aside h2")).click();
  await page.press("5");
  await page.click("Save as CSV");
  const cuts = await downloaded(/-cuts\.csv$/);
  const lines = cuts.trim().split(/\r?\n/);
  const cut = await page.text('[data-tally="job"]');
  assert.match(lines[0] ?? "", /^wall,number,course,column,cut,width,height,dimensions/);
  assert.ok(cut.includes(String(lines.length - 1)), `${lines.length - 1} cuts of: ${cut}`);
  await page.press("o");
  await page.find("[data-order=fieldTile]");
  await page.click("Save as CSV");
  assert.match(await downloaded(/-order\.csv$/), /Field tile/);
});

test("a pack is typed as it is sold, and the order counts by it", async () => {
  await page.type("Thinset mortar: Pack", "10\n");
  const quantity = Number.parseFloat(await page.text("[data-order=mortar] td button"));
  await page.textWhen(
    "[data-order=mortar] [data-packs]",
    (text) => text === String(Math.ceil(quantity / 10)),
  );
});

test("all commands are in the palette", async () => {
  await (await page.find("h1")).click();
  await page.control("k");
  const input = await page.find("dialog input");
  await input.sendKeys("measure", Key.ENTER);
  await page.textWhen("aside h2", (text) => text.startsWith("Measure"));
});

/** WCAG contrast of every text on the page against the nearest background behind it. */
const LOW_CONTRAST = `
  const canvas = document.createElement("canvas").getContext("2d", { willReadFrequently: true });
  const rgb = (colour) => {
    canvas.clearRect(0, 0, 1, 1);
    canvas.fillStyle = colour;
    canvas.fillRect(0, 0, 1, 1);
    return [...canvas.getImageData(0, 0, 1, 1).data];
  };
  const light = ([r, g, b]) => {
    const [x, y, z] = [r, g, b].map((v) => {
      const c = v / 255;
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * x + 0.7152 * y + 0.0722 * z;
  };
  const mix = (over, under, share) => over.map((v, k) => v * share + under[k] * (1 - share));
  const low = [];
  for (const element of document.querySelectorAll("header *, nav *, aside *, main h1, section td, section th")) {
    const own = [...element.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim());
    if (!own || !element.checkVisibility() || element.closest(":disabled, svg, .sr-only, option")) continue;
    let opacity = 1;
    let behind;
    for (let e = element; e; e = e.parentElement) {
      opacity *= Number(getComputedStyle(e).opacity);
      const colour = rgb(getComputedStyle(e).backgroundColor);
      if (!behind && colour[3] > 250) behind = colour;
    }
    behind ??= rgb(getComputedStyle(document.body).backgroundColor);
    const front = mix(rgb(getComputedStyle(element).color), behind, opacity);
    const [a, b] = [light(front), light(behind)].sort((p, q) => q - p);
    const ratio = (a + 0.05) / (b + 0.05);
    if (ratio < 4.5) low.push(element.textContent.trim().slice(0, 40) + " " + ratio.toFixed(2));
  }
  return low;`;

for (const theme of ["plaster", "lamp", "sunlight"]) {
  test(`every text is readable in the ${theme} light`, async () => {
    await page.driver.executeScript("document.documentElement.dataset.theme = arguments[0]", theme);
    // Buttons fade from one colour to the other.
    await page.driver.sleep(500);
    for (const stage of ["1", "2", "3"]) {
      await page.press(stage);
      assert.deepEqual(await page.driver.executeScript(LOW_CONTRAST), [], `stage ${stage}`);
    }
  });
}

test("nothing went wrong on the way", async () => {
  assert.deepEqual(await page.consoleErrors(), []);
});
