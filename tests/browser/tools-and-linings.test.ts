import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { By, Key } from "selenium-webdriver";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Quarry Row 14");
  await page.click("Whole tally");
  await page.click("Set out");
});
after(() => page.close());

const enter = async (label: string, text: string) => {
  await page.type(label, (text || Key.BACK_SPACE) + Key.TAB);
  await page.saved();
};

/** Chooses a wall in the tally. */
const choose = (wall: string) =>
  page.driver.findElement(By.css(`[data-tally="${wall}"] button`)).click();

const tick = (label: string) =>
  page.driver.findElement(By.xpath(`//label[contains(., '${label}')]/input`)).click();

test("a niche without a tile of its own is lined with the field's, piece by piece", async () => {
  await choose("B");
  await page.unfold("Niches and windows");
  const lining = await page.textWhen("[data-lining]", (text) => text.includes("Left return"));
  // 24 in of 12 × 24 tile whose course ends in the middle: two pieces up, one along.
  assert.match(lining, /Left return2 ×/);
  assert.match(lining, /Sill falls to the room by/);
  assert.match(lining, /carry on the wall's courses/);
  const drawn = await page.driver.findElements(By.css('path[data-tiles="lining"]'));
  assert.equal(drawn.length, 1);
  await page.click("Order");
  await page.find("[data-order=fieldTile]");
  const rows = await page.driver.findElements(By.css("[data-order=liningTile]"));
  assert.equal(rows.length, 0, "they are part of the field tile's row");
  await page.click("Set out");
});

test("what the tools at hand cannot cut is flagged while setting out and on the ticket", async () => {
  await page.unfold("Tools at hand");
  await enter("Wet saw reaches", "10");
  await page.textWhen("aside", (text) => /longer than the tools at hand reach/.test(text));
  await page.click("Cut");
  await page.click("Cut with tickets");
  await page.textWhen("dialog[data-ticket]", (text) =>
    /Longer than the tools at hand reach/.test(text),
  );
  await page.press(Key.ESCAPE);
  await page.click("Set out");
  await page.unfold("Tools at hand");
  await enter("Wet saw reaches", "");
  await page.textWhen("aside", (text) => !/longer than the tools at hand reach/.test(text));
});

test("without a hole saw the holes say how far they are from a joint", async () => {
  await choose("C");
  // The sample's pipes come through on joints: through a tile they are inside one.
  await page.click("Through a tile");
  await page.saved();
  await page.unfold("Tools at hand");
  await tick("A hole saw that fits the pipes");
  await page.textWhen("aside", (text) => /and no hole saw/.test(text));
  assert.match(await page.text("aside"), /its centre lies on a joint/);
  await tick("A hole saw that fits the pipes");
  await page.textWhen("aside", (text) => !/and no hole saw/.test(text));
  await page.click("On a joint");
  await page.saved();
});

test("tiles as they measure: spread, the joint it asks for, and the mean to plan with", async () => {
  await page.unfold("Tile:");
  await page.unfold("Tiles as they measure");
  await enter("One side, tile 1", "23 7/8");
  await enter("One side, tile 2", "23 15/16");
  // 1/16 in of spread wants 3/16 in; the joint is 1/8.
  const told = await page.textWhen("[data-measured-tiles]", (text) => /Spread1\/16/.test(text));
  assert.match(told, /Least joint3\/16/);
  await page.textWhen("aside", (text) => /three times the spread/.test(text));
  await page.click("Plan with the mean");
  await page.saved();
  // 23 29/32 is between two marks of the tape: shown with the next finer one.
  const width = (await (await page.field("One side")).getAttribute("value")) ?? "";
  assert.match(width, /^23 29\/32|^23 7\/8|^23 15\/16/);
  await enter("One side, tile 2", "");
  await page.textWhen("aside", (text) => !/three times the spread/.test(text));
});

test("the dry lay lists each course, and boxes of two lots are drawn from in their share", async () => {
  await page.click("Cut");
  await page.unfold("Dry lay");
  const rows = await page.driver.findElements(By.css("[data-dry-lay] tbody tr"));
  assert.ok(rows.length >= 7, `${rows.length} courses`);
  assert.match((await rows[0]?.getText()) ?? "", /^1 C \d/);
  await page.click("Add boxes");
  await page.unfold("Dry lay");
  await enter("Lot and tone", "K4");
  await page.textWhen("[data-blend]", (text) => /fewer than to buy/.test(text));
  await enter("Boxes", "30");
  await page.textWhen("[data-blend]", (text) => /enough, with spare/.test(text));
  await page.click("Add boxes");
  await page.textWhen("[data-blend]", (text) => /10 of every ten|9 of every ten/.test(text));
});

test("a dish is measured by its flange, drawn over the tile, and propped", async () => {
  await page.click("Measure");
  await choose("A");
  await page.click("Ceramic dish");
  await page.find('[data-wall="A"]');
  // Bare walls show openings without what lines them.
  assert.equal((await page.driver.findElements(By.css('path[data-tiles="lining"]'))).length, 0);
  await page.saved();
  await enter("Flange, width", "7");
  await enter("Over the tile", "1/2");
  await page.click("Set out");
  const flanges = await page.driver.findElements(By.css("[data-flange]"));
  assert.equal(flanges.length, 1);
  await page.unfold("Niches and windows");
  // The opening in the tile is the flange less its overlap on both sides.
  await page.textWhen("[data-prop]", (text) =>
    /Opening in the tile6 × .*Prop from the base to its flange\d+/.test(text),
  );
  // A dish is bought in its size: it is not fitted to joints, and needs no stud bay.
  const card = await page.find("fieldset:has([data-prop])");
  assert.equal((await card.findElements(By.css("button, input"))).length, 0);
});

test("a corner shelf is let into both walls, goes up by courses, and hung it wants blocking", async () => {
  await page.openSample("Lower Weir");
  const drawn = '[data-shelf="shelf"]';
  const shape = async () => (await page.find(drawn)).getAttribute("d");
  assert.equal((await page.driver.findElements(By.css(drawn))).length, 2, "on both walls");
  await page.unfold("Corner shelves");
  const [was, facts] = [await shape(), await page.text("[data-shelf-facts]")];
  // 7 in along each wall, 1/2 in thick, a joint of 1/8 in round it.
  assert.match(facts, /Cut out of each wall's tile7.1\/8 × .?3\/4 in/);
  await page.click("Up a course");
  await page.textWhen("[data-shelf-facts]", (text) => text !== facts);
  await page.driver.wait(async () => (await shape()) !== was, 5000, "the shelf moved");
  await page.press("v");
  await page.find("[data-fold] [data-shelf]");
  await page.press("v");
  await page.choose("How it is held", "Hung on the tile");
  await page.textWhen("aside", (text) => /no blocking is listed behind it/.test(text));
  await page.control("z");
  await page.control("z");
  await page.textWhen("[data-shelf-facts]", (text) => text === facts);
});

test("a bond goes on round the corner: dragged by either wall, both move, until a centre parts them", async () => {
  const flag = (name: string) => page.text(`[data-flag="${name}"]`);
  const other = (name: string, was: string) =>
    page.textWhen(`[data-flag="${name}"]`, (text) => text !== was);
  await choose("B");
  await page.unfold("Corners");
  await page.choose(
    "Bond from A Window wall round the corner",
    "goes on: the drop turns the corner",
  );
  await page.textWhen("aside", (text) => /Goes on round the corner from A Window wall/.test(text));
  const [ofA, ofB] = [await flag("A-left"), await flag("B-right")];
  await page.dragField("A", 20, 0);
  await other("A-left", ofA);
  const moved = await other("B-right", ofB);
  await page.saved();
  const ofLeader = await flag("A-left");
  await page.dragField("B", -11, 0);
  await other("A-left", ofLeader);
  await other("B-right", moved);
  await page.saved();
  await page.click("On a joint");
  await page.textWhen("aside", (text) => !/Goes on round the corner/.test(text));
});

test("fans turn over to scales, and are planned like every bond", async () => {
  await page.choose("Pattern", "Fans or scales (short side: width)");
  await page.saved();
  const path = () =>
    page.driver.executeScript<string>(
      `return document.querySelector('[data-wall="B"] path[data-tiles="whole"]').getAttribute("d")`,
    );
  const fans = await path();
  assert.ok(fans.length > 100);
  await page.choose("Laid", "Round side down");
  await page.saved();
  await page.driver.wait(async () => (await path()) !== fans, 8000);
  assert.deepEqual(await page.consoleErrors(), []);
});
