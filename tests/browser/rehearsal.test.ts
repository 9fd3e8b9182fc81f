import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Page } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.beforeLoading(`
    window.made = 0;
    for (const name of ["createElement", "createElementNS"]) {
      const make = document[name];
      document[name] = (...what) => { window.made += 1; return make.apply(document, what); };
    }`);
  await page.openSample("Quarry Row 14");
});
after(() => page.close());

const counts = async () => {
  const [made, shown] = await page.driver.executeScript<[number, number]>(
    "return [window.made, document.querySelectorAll('*').length]",
  );
  return { made, shown };
};

test("when there is time each stage is drawn once beside the page, and nothing of it is on the page", async () => {
  // What is seen is there, and the rest of the panel.
  await page.textAtRest("aside");
  const first = await counts();
  const isAtRest = async () => {
    const { made } = await counts();
    await page.driver.sleep(1000);
    return made > first.made + first.shown && (await counts()).made === made;
  };
  await page.driver.wait(isAtRest, 20_000, "no stage was drawn, or there is no end to it");
  // Scripts and styles that were loaded meanwhile stand in the head.
  assert.ok((await counts()).shown < first.shown + 100);
  assert.equal((await page.driver.findElements({ css: "aside h2" })).length, 1);
  // Opened now, a stage is there with all that it has.
  await page.press("5");
  await page.textWhen("aside h2", (text) => text.startsWith("Cut"));
  await page.find("[data-fence]");
  assert.deepEqual(await page.consoleErrors(), []);
});
