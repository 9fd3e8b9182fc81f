import assert from "node:assert/strict";
import { writeFileSync } from "node:fs";
import { after, before, test } from "node:test";
import { By } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Mill Bank 3");
  await page.press("r");
});
after(() => page.close());

/** An uncompressed picture of any size: a bitmap needs no library. */
function bitmap(width: number, height: number): Buffer {
  const bytes = width * height * 3;
  const file = Buffer.alloc(54 + bytes, 0x90);
  file.fill(0, 0, 54);
  file.write("BM", 0);
  file.writeUInt32LE(54 + bytes, 2);
  file.writeUInt32LE(54, 10);
  file.writeUInt32LE(40, 14);
  file.writeInt32LE(width, 18);
  file.writeInt32LE(height, 22);
  file.writeUInt16LE(1, 26);
  file.writeUInt16LE(24, 28);
  return file;
}

function pictureFile(name: string, width: number, height: number): string {
  const path = page.file(name, "");
  writeFileSync(path, bitmap(width, height));
  return path;
}

async function choosePhoto(path: string): Promise<void> {
  await (await page.find("[data-record] input[type=file]")).sendKeys(path);
}

const shown = () => page.driver.findElements(By.css("img[data-photo]"));

test("something found is described, placed on the drawing, and told", async () => {
  await page.click("Something found");
  await page.type("What it is", "Scratch in the tub rim");
  await page.type("Who was told", "the owner\n");
  await (await page.find('[data-record-wall="B"]')).click();
  await page.find('[data-record-mark="1"]');
  await page.saved();
  assert.equal(await (await page.field("Wall")).getAttribute("value"), "B");
});

test("a photo of 40 MB is taken, made smaller, and survives a reload", async () => {
  // 3700 × 3700 × 3 bytes is 41 MB.
  await choosePhoto(pictureFile("large.bmp", 3700, 3700));
  await page.driver.wait(async () => (await shown()).length === 1, 30_000);
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("header");
  await page.press("r");
  await page.driver.wait(async () => (await shown()).length === 1, 15_000);
  const width = await page.driver.executeScript<number>(
    "return document.querySelector('img[data-photo]').naturalWidth",
  );
  assert.equal(width, 1600);
  const kept = await (await page.field("What it is")).getAttribute("value");
  assert.equal(kept, "Scratch in the tub rim");
});

test("what is no photo is refused by name, and nothing else changes", async () => {
  await choosePhoto(page.file("notes.png", "not a picture"));
  const words = await page.textWhen("[data-record] [role=alert]", (text) => text.length > 0);
  assert.match(words, /notes\.png cannot be opened as a photo/);
  assert.equal((await shown()).length, 1);
});

test("a full disk keeps the record and says what was not kept", async () => {
  await page.driver.executeScript(
    `const add = IDBObjectStore.prototype.add;
     IDBObjectStore.prototype.add = function (...values) {
       if (this.name === "photos") throw new DOMException("full", "QuotaExceededError");
       return add.apply(this, values);
     };`,
  );
  await choosePhoto(pictureFile("small.bmp", 40, 30));
  await page.textWhen("[data-record] [role=alert]", (text) => text.includes("storage is full"));
  assert.equal((await shown()).length, 1);
});

test("the job with its photos is exported as a ZIP and comes back from it", async () => {
  await page.driver.navigate().refresh();
  await page.find("[data-record]");
  await page.press("x");
  const zip = await page.downloaded(/^Mill-Bank-3-family-bath\.dintel\.zip$/);
  // Another browser, without the photo.
  const other = await Page.open();
  try {
    await other.driver.get(URLS.empty);
    await (await other.find("input[type=file]")).sendKeys(zip);
    await other.find("[data-tally=job]");
    await other.press("r");
    await other.find("img[data-photo]");
    assert.equal(
      await (await other.field("What it is")).getAttribute("value"),
      "Scratch in the tub rim",
    );
  } finally {
    await other.close();
  }
});

test("a damaged ZIP and one without a job are refused with words", async () => {
  await page.driver.get(URLS.samples);
  const input = () => page.find("input[type=file]");
  await (await input()).sendKeys(page.file("broken.zip", "PK not really"));
  await page.textWhen("[role=alert]", (text) => text.includes("damaged"));
  // The shortest ZIP there is: the end record of an empty one.
  const empty = page.file("empty.zip", "");
  writeFileSync(empty, Buffer.concat([Buffer.from("PK\x05\x06", "latin1"), Buffer.alloc(18)]));
  await (await input()).sendKeys(empty);
  await page.textWhen("[role=alert]", (text) => text.includes("no .dintel.json"));
});

test("protection is ticked and kept; the page is ready to sign", async () => {
  await page.openSample("Mill Bank 3");
  await page.press("r");
  const box = () =>
    page.driver.executeScript<import("selenium-webdriver").WebElement>(
      `return [...document.querySelectorAll("label")]
         .find((l) => l.textContent.includes("Drain plugged"))?.querySelector("input")`,
    );
  await page.driver.wait(box, 8000);
  await (await box()).click();
  await page.saved();
  await page.driver.navigate().refresh();
  await page.driver.wait(box, 8000);
  assert.ok(await (await box()).isSelected());
  await page.textWhen("main", (text) => text.includes("Setter, date"));
});
