import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Quarry Row 14");
});
after(() => page.close());

const slivers = async () =>
  (await page.driver.findElements(By.css("[data-tally] .text-error[data-side]"))).length;
const candidates = () => page.driver.findElements(By.css("[data-candidate]"));

test("the search finds layouts that differ, each with a picture, figures and what it gives up", async () => {
  assert.ok((await slivers()) > 0, "the sample starts with slivers");
  await page.press("l");
  await page.click("Search");
  await page.find("[data-search=found]");
  const found = await candidates();
  assert.ok(found.length >= 3, `${found.length} layouts`);
  for (const candidate of found) {
    assert.match(await candidate.getText(), /Gives up/);
    await candidate.findElement(By.css("svg path"));
  }
  const words = await page.text("[data-covered]");
  assert.match(words, /No layout keeps every cut wider than [\d ⁄/+−–-]+ ?in/);
});

test("one click takes a layout over, and one undo gives the old one back", async () => {
  const before = await page.text("[data-tally=job]");
  const left = await page.text('[data-tally="C"] [data-side=left]');
  await page.click("Take over");
  await page.textWhen('[data-tally="C"] [data-side=left]', (text) => text !== left);
  await page.textWhen("[data-candidate]", (text) => text.includes("This is the layout now."));
  await page.driver.wait(async () => (await slivers()) === 0, 8000, "no sliver is left");
  await (await page.find("aside h2")).click();
  await page.control("z");
  await page.textWhen("[data-tally=job]", (text) => text === before);
  await page.textWhen('[data-tally="C"] [data-side=left]', (text) => text === left);
});

test("while the search runs the drawing goes on and the best so far is shown; it can be stopped", async () => {
  await page.openSample("Lower Weir");
  await page.press("l");
  await page.type("Sideways within", "4\n");
  await page.click("Search");
  await page.find("[data-search=running]");
  // Longest time between two frames while the worker searches.
  const longest = await page.driver.executeAsyncScript<number>(`
    const done = arguments[0];
    let [last, longest, frames] = [performance.now(), 0, 0];
    const watch = (now) => {
      longest = Math.max(longest, now - last);
      last = now;
      if (++frames < 40) requestAnimationFrame(watch);
      else done(longest);
    };
    requestAnimationFrame(watch);`);
  assert.ok(longest < 400, `a frame took ${longest} ms`);
  await page.find("[data-search=running] [data-candidate]");
  assert.match(await page.text("[data-search=running]"), /goes on.*nothing is proven yet/s);
  await page.click("Stop");
  await page.textWhen("[data-search=found]", (text) => text.includes("Stopped"));
});

test("what counts is the user's: fewer cuts when cuts weigh more", async () => {
  await page.openSample("Mill Bank 3");
  await page.press("l");
  await page.type("Niches up or down within", "0\n");
  await page.click("Search");
  await page.find("[data-search=found]");
  const cuts = async () =>
    Number((await page.text("[data-candidate=all] dl")).match(/Cuts(\d+)/)?.[1] ?? Number.NaN);
  const usual = await cuts();
  await page.click("What counts");
  const slider = await page.driver.executeScript<import("selenium-webdriver").WebElement>(
    `return [...document.querySelectorAll("aside label")].find((l) => l.textContent === "Few cuts").querySelector("input")`,
  );
  await slider.sendKeys(...Array.from({ length: 8 }, () => "\uE014"));
  await page.click("Search");
  await page.find("[data-search=running], [data-search=found]");
  await page.driver.wait(
    async () => (await page.driver.findElements(By.css("[data-search=found]"))).length === 1,
    15_000,
  );
  assert.ok((await cuts()) <= usual);
  assert.deepEqual(await page.consoleErrors(), []);
});

test("the wall that is seen first counts twice, and that stays with the job", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("l");
  await page.type("Niches up or down within", "0\n");
  const own = async () => {
    await page.click("Search");
    await page.find("[data-search=running], [data-search=found]");
    await page.find("[data-search=found]");
    return Number(await (await page.find("[data-score]")).getAttribute("data-score"));
  };
  const alike = await own();
  await page.choose("Seen first", "C Right counts twice");
  await page.saved();
  // The right wall has the slivers: they now count once more.
  assert.ok((await own()) > alike + 10);
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  await page.press("l");
  const chosen = await page.field("Seen first");
  assert.equal(
    await chosen.findElement(By.css("option:checked")).getText(),
    "C Right counts twice",
  );
  await page.choose("Seen first", "all walls count alike");
  await page.saved();
});

test("joints of a range and niche sizes are tried as well, and a score opens to its parts", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("l");
  await page.type("Joint to", "3/16\n");
  await page.type("Niches larger or smaller within", "4\n");
  await page.click("Search");
  await page.textWhen("[data-search=found]", (text) =>
    /with \d+ joints, niche sizes and heights of bands/.test(text),
  );
  const score = await page.find("[data-candidate] [data-score]");
  const total = Number(await score.getAttribute("data-score"));
  await score.click();
  const parts = await page.driver.executeScript<number[]>(
    "return [...arguments[0].querySelectorAll('dd')].map((e) => Number(e.textContent))",
    score,
  );
  const sum = parts.reduce((all, part) => all + part, 0);
  assert.ok(parts.length >= 2 && Math.abs(sum - total) < 0.05, `${sum} is not ${total}`);
});

test("a niche that may move sideways is told with how far it moved, and is moved when taken over", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("l");
  await page.type("Sideways within", "1\n");
  await page.type("Niches up or down within", "0\n");
  await page.click("Search");
  const moves = "[data-search=found] [data-candidate]";
  await page.textWhen("[data-search=found]", (text) =>
    /Moves Niche .* to the (left|right)/.test(text),
  );
  const cards = await page.driver.findElements(By.css(moves));
  const texts = await Promise.all(cards.map((card) => card.getText()));
  const at = texts.findIndex((text) => /Moves Niche/.test(text));
  const told = /Moves Niche (\S+(?: \S+)?) in to the (left|right)/.exec(texts[at] ?? "");
  assert.ok(told, texts[at]);
  const xOf = () =>
    page.driver.executeScript<number>(
      "return document.querySelector('[data-handle]').getBoundingClientRect().x",
    );
  const before = await xOf();
  await cards[at]?.findElement(By.xpath(".//button[normalize-space()='Take over']")).click();
  await page.textWhen("[data-search=found]", (text) => text.includes("This is the layout now"));
  await page.driver.wait(async () => (await xOf()) !== before, 5000);
  assert.equal((await xOf()) > before, told[2] === "right");
});

test("every joint between two can be asked for, and the answer says so", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("l");
  await page.type("Niches up or down within", "0\n");
  const ticks = () =>
    page.driver.findElements(By.xpath("//label[contains(., 'Every joint in between')]"));
  // With one joint there is nothing in between.
  assert.equal((await ticks()).length, 0);
  await page.type("Joint to", "3.3mm\n");
  await (await ticks())[0]?.click();
  await page.click("Search");
  const said = await page.textWhen("[data-search=found]", (text) =>
    text.includes("every joint at which anything changes"),
  );
  // One mark of the tape lies in the range: all others are meetings.
  assert.ok(Number(/with (\d+) joints/.exec(said)?.[1]) > 3, said);
  // The walls have pipes: what is left to chance at their holes is not kept back.
  assert.ok(said.includes("makes none of its own"), said);
});

test("a long search that is stopped shows the best that it had found, and proves nothing", async () => {
  await page.openSample("Lower Weir");
  await page.press("l");
  await page.type("Joint to", "3/16\n");
  const every = By.xpath("//label[contains(., 'Every joint in between')]");
  await page.driver.findElement(every).click();
  await page.click("Search");
  // Hundreds of joints take minutes; what was found is made ready every two seconds.
  await page.find("[data-search=running] [data-candidate]");
  await page.click("Stop");
  const said = await page.textWhen("[data-search=found]", (text) => /Stopped at \d+ %/.test(text));
  assert.ok(said.includes("nothing is proven") && !said.includes("No layout keeps"), said);
  const before = await page.text("[data-tally=job]");
  await page.click("Take over");
  await page.textWhen("[data-tally=job]", (text) => text !== before);
  await page.control("z");
  await page.textWhen("[data-tally=job]", (text) => text === before);
});
