import assert from "node:assert/strict";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import sharp from "sharp";
import type { Point } from "../../core/geometry/polygon.ts";
import { homography, mapped, type Quad } from "../../core/measure/homography.ts";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Fen Lane 9");
  await page.press("1");
});
after(() => page.close());

/** A wall of 1698 × 1900 seen askew: studs and a line every 500 mm up, on 800 × 600 pixels. */
async function photoOf(path: string): Promise<void> {
  const wall: Quad = [
    [0, 0],
    [1698, 0],
    [1698, 1900],
    [0, 1900],
  ];
  const seen: Quad = [
    [80, 540],
    [640, 540],
    [720, 60],
    [80, 60],
  ];
  const toPhoto = homography(wall, seen);
  assert.ok(toPhoto);
  const at = (x: number, y: number) => mapped(toPhoto, [x, y] as Point).join(",");
  const studs = [0, 400, 800, 1200, 1600].map(
    (x) =>
      `<polygon points="${at(x, 0)} ${at(x + 40, 0)} ${at(x + 40, 1900)} ${at(x, 1900)}" fill="#b08a5a"/>`,
  );
  const lines = [500, 1000, 1500].map(
    (y) => `<polyline points="${at(0, y)} ${at(1698, y)}" stroke="#c0392b" stroke-width="3"/>`,
  );
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600">
    <rect width="800" height="600" fill="#8d8d88"/>
    <polygon points="${seen.map((p) => p.join(",")).join(" ")}" fill="#d9d4c8"/>
    ${studs.join("")}${lines.join("")}</svg>`;
  await sharp(Buffer.from(svg)).jpeg().toFile(path);
}

test("a photo of the bare wall is marked by its corners and lies under the drawing, straightened", async () => {
  const path = join(page.downloads, "wall.jpg");
  await photoOf(path);
  await page.click("Photo of the wall");
  await (await page.find("[data-choose-photo]")).sendKeys(path);
  await page.find('[data-mark-photo="marked"] img');
  // From a tenth inside each edge to where the corners are: 80 = 0.1 × 800 and 540 = 0.9 × 600 are
  // there; the right ones stand at 640 and 720 of 800, the upper two at 60 of 600.
  const right = await page.driver.findElement(By.css('[aria-label="Lower right corner"]'));
  await right.sendKeys(...Array.from({ length: 10 }, () => Key.chord(Key.SHIFT, Key.ARROW_LEFT)));
  await page.tick("known length");
  await page.find("[data-photo-off]");
  await page.press(Key.ESCAPE);
  const image = await page.find('[data-photo-under="B"]');
  assert.match((await image.getAttribute("aria-label")) ?? "", /straightened/);
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find('[data-photo-under="B"]');
});

test("in Set out it lies over the tile where it is wanted", async () => {
  await page.press("4");
  const under = By.css('[data-photo-under="B"]');
  await page.driver.wait(async () => (await page.driver.findElements(under)).length === 0, 8000);
  await page.tick("Photo over the tile");
  await page.find('[data-photo-under="B"]');
});
