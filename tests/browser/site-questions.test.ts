import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key, type WebElement } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Fen Lane 9");
});
after(() => page.close());

/** Goes to a stage or page by its link at the left. */
async function go(name: string): Promise<void> {
  const link = () =>
    page.driver.executeScript<WebElement | null>(
      `return [...document.querySelectorAll("nav a")].find((a) => a.textContent.trim().startsWith(arguments[0])) ?? null`,
      name,
    );
  await ((await page.driver.wait(link, 8000, `no link ${name}`)) as WebElement).click();
}

/** Types over a field that is found by its name among those of one label. */
async function typeInto(name: string, text: string): Promise<void> {
  const field = await page.find(`[data-field-name="${name}"]`);
  await field.click();
  await page.driver.executeScript("arguments[0].select()", field);
  await field.sendKeys(text, Key.ENTER);
}

test("a base out of level says what it does to the cuts, and is agreed to with who and when", async () => {
  await go("Measure");
  const level = '[data-check="level"]';
  await page.find(level);
  const text = await page.text(level);
  assert.match(text, /falls 3.2 mm .*12 first-course pieces are scribed, 96.9 mm to 99.4 mm/);
  await (await page.find(`${level} button:nth-of-type(2)`)).click();
  await page.type("Who agreed", `the owner${Key.ENTER}`);
  await page.saved();
  await go("Record");
  await page.textWhen("main", (all) => /base level: Accept.*the owner/i.test(all));
});

test("tile that is short is told in the order, and counting enough of it settles that", async () => {
  await go("Order");
  const stick = '[data-stock="stick"]';
  await page.textWhen(stick, (text) => text.includes("8 short"));
  await typeInto("stock/stick", "88");
  await page.textWhen(stick, (text) => text.includes("Enough"));
  // What is only said aloud, far down the list, must not make the page itself scroll: its head would go.
  const beyond = await page.driver.executeScript<number>(
    "const { scrollHeight, clientHeight } = document.documentElement; return scrollHeight - clientHeight",
  );
  assert.equal(beyond, 0);
  await page.saved();
  await page.driver.navigate().refresh();
  await page.textWhen(stick, (text) => text.includes("Enough"));
});

test("a wall that nothing wets takes no film; with a wet one beside it the others still do", async () => {
  await go("Measure");
  await page.unfold("Wall");
  await page.choose("Exposure", "dry");
  await go("Waterproof");
  await page.textWhen("[data-no-film]", (text) => text.startsWith("Nothing wets this wall"));
});

test("a socket is an obstacle: its depth is told, and its cross is drawn", async () => {
  await go("Measure");
  await page.click("Obstacle");
  await page.find("[data-obstacle]");
  await go("Board");
  await page.find('[data-warning="socket-needs-extension"]');
});

test("trim round a niche is drawn with its mitres, and its runs are tickets to tick off", async () => {
  await go("Cut");
  const frames = await page.driver.findElements(By.css('[data-wall="A"] [data-trim="profile"]'));
  assert.equal(frames.length, 4);
  await (await page.find('[data-field="A"]')).click();
  const sill = By.xpath("//label[contains(., 'Soap niche sill')]/input");
  await page.driver.wait(async () => (await page.driver.findElements(sill)).length === 1, 8000);
  await (await page.driver.findElement(sill)).click();
  await page.saved();
  assert.ok(await (await page.driver.findElement(sill)).isSelected());
});

test("a panel set off its centre is told with its joints or its cuts", async () => {
  await page.openSample("Fen Lane 9");
  await page.press("4");
  await (await page.find('[data-field="B"]')).click();
  await page.unfold("Bands");
  // Planned 809.5 from the left corner.
  await page.type("As set: to its centre", "809.8mm\n");
  await page.textWhen("[data-panel-centre=joints]", (text) => text.includes("too far right"));
  await page.type("As set: to its centre", "760mm\n");
  const said = await page.textWhen("[data-panel-centre=recut]", (text) => text.includes("→"));
  assert.ok(said.includes("too far left"), said);
  // In Set it is drawn large, where it was to be and where it is.
  await (await page.find('nav a[href$="/set"]')).click();
  const drawn = await page.text("[data-sideways=panel]");
  assert.equal(drawn.trim(), "−49.5 mm");
});

test("what cannot be had again is kept spare in one press, and the order counts it", async () => {
  await page.click("Order");
  const wanted = async () => (await page.text("[data-order=zoneTile]")).replace(/\s+/g, " ");
  const before = await wanted();
  await page.tick("It cannot be had again");
  await page.click("Keep 2");
  await page.textWhen("[data-stock]", (text) => text.includes("6 sheets wanted"));
  assert.notEqual(await wanted(), before);
});

test("a bead where tile ends is in the wall's soft joints when it is asked for", async () => {
  await page.openSample("Tarn Row 6");
  await page.press("7");
  await (await page.find('[data-field="A"]').catch(() => page.find('[data-wall="A"]'))).click();
  await page.find("[data-soft-joint=end]");
  await page.tick("Where tile ends");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("[data-soft-joint=end]"))).length === 0,
    8000,
  );
});
