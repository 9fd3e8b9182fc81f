import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { sampleProject } from "../../core/testing.ts";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Fen Lane 9");
});
after(() => page.close());

/** Opens the ticket of the piece that the valve's hole is in, by its address. */
async function openHole(): Promise<void> {
  const project = sampleProject("banded-bath");
  const holed = planProject(project)
    .walls.find(({ id }) => id === "C")
    ?.pieces.find(({ holes }) => holes.length > 0);
  assert.ok(holed, "no piece has a hole");
  await page.driver.get(`${URLS.samples}/jobs/${project.id}/cut/C${holed.number}`);
  await page.find("[data-ticket] [data-hole]");
}

test("a hole is carried over from the neighbouring tiles, the joint taken off", async () => {
  await openHole();
  const words = await page.text("[data-ticket] [data-hole]");
  assert.match(words, /a hole of \d+.* mm, 6 mm clear of the pipe all round/);
  assert.match(words, /Centre from the tile .*, less the joint of 2 mm/);
});

test("a length taken at the wall replaces the planned one, and the difference is told", async () => {
  const width = '[data-ticket] [data-dimension="width"]';
  const planned = Number.parseFloat(await page.text(width));
  await page.type("Width at the wall", `${planned - 3}\n`);
  await page.textWhen(width, (text) => Math.abs(Number.parseFloat(text) - (planned - 3)) < 0.06);
  await page.textWhen("[data-ticket]", (text) => text.includes("the wall has 3 mm less"));
});

test("figures that cannot all be true are named", async () => {
  await page.type("Hole across", "70\n");
  await page.type("Hole up", "82\n");
  await page.textWhen("[data-ticket]", (text) =>
    /same both ways: these differ by 12 mm/.test(text),
  );
  await page.type("Hole up", "70\n");
  await page.textWhen("[data-ticket]", (text) => !text.includes("same both ways"));
  assert.deepEqual(await page.consoleErrors(), []);
});
