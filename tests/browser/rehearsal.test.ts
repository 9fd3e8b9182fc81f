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
  await page.driver.wait(isAtRest, 40_000, "no stage was drawn, or there is no end to it");
  for (const one of ["aside h2", "main svg[role=group]"]) {
    assert.equal((await page.driver.findElements({ css: one })).length, 1, one);
  }
  // Opened now, a stage is there with all that it has.
  await page.press("5");
  await page.textWhen("aside h2", (text) => text.startsWith("Cut"));
  await page.find("[data-fence]");
  assert.deepEqual(await page.consoleErrors(), []);
});
