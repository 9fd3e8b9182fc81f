import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";
import { Network } from "./network.ts";

let page: Page;
before(async () => {
  page = await Page.open(1280, 800, true);
});
after(() => page.close());

const path = async () => {
  const { pathname, search } = new URL(await page.driver.getCurrentUrl());
  return pathname + search;
};

const SERVICE_READY = "navigator.serviceWorker.ready.then(() => arguments[0]())";

const pathIs = (wanted: RegExp) => page.driver.wait(async () => wanted.test(await path()), 8000);

test("stage, wall and ticket have an address: back goes back, reload stays, the title says where", async () => {
  await page.chooseSample("Quarry Row 14");
  await pathIs(/^\/jobs\/[\w-]+\/set-out\?wall=B$/);
  await page.click("Cut");
  await pathIs(/\/cut\?wall=B$/);
  assert.match(await page.driver.getTitle(), /^Quarry Row 14.* · Cut · B Back · Dintel$/);
  await page.press("]");
  await pathIs(/\/cut\?wall=C$/);
  await page.click("Cut with tickets");
  await pathIs(/\/cut\/C\d+$/);
  const first = await path();
  await page.find("dialog[data-ticket]");
  await page.press(Key.ARROW_RIGHT);
  await page.driver.wait(async () => (await path()) !== first, 8000);
  const second = await path();
  await page.driver.navigate().refresh();
  await page.find("dialog[data-ticket]");
  assert.equal(await path(), second);
  // Going through tickets is not a step; opening the first was one.
  await page.driver.navigate().back();
  await pathIs(/\/cut\?wall=C$/);
  await page.driver.wait(
    async () => (await page.driver.findElements({ css: "dialog[open]" })).length === 0,
    8000,
  );
  // Nor is one that was opened and closed again.
  await page.click("Cut with tickets");
  await pathIs(/\/cut\/C\d+$/);
  await page.press(Key.ESCAPE);
  await pathIs(/\/cut\?wall=C$/);
  await page.driver.navigate().back();
  await pathIs(/\/set-out\?wall=B$/);
  await page.textWhen("aside", (text) => text.includes("Pattern"));
  await page.driver.navigate().back();
  await pathIs(/^\/(jobs)?$/);
  await page.click("Lower Weir cottage");
  await page.find("[data-tally=job]");
  // Another job has an address of its own from the start.
  await pathIs(/corner-shower\/set-out\?wall=[AB]$/);
});

test("a link to a stage is one that another tab can open; older addresses lead there too", async () => {
  await page.openSample("Lower Weir cottage");
  const href = await page.driver.executeScript<string>(
    `return [...document.querySelectorAll("nav a")].find((a) => a.textContent.startsWith("Order")).href`,
  );
  assert.match(href, /\/jobs\/[\w-]+\/order$/);
  await page.driver.get(href);
  await page.textWhen("main", (text) => text.includes("Grout"));
  const [, job] = /jobs\/([\w-]+)\//.exec(href) ?? [];
  await page.driver.get(`${URLS.samples}/?job=${job}`);
  await page.find("[data-tally=job]");
  await pathIs(/^\/jobs\/[\w-]+\/set-out\?wall=/);
});

test("where nothing is, a page says so; what is not a page is told as ever", async () => {
  const asPage = { headers: { accept: "text/html" } };
  const lost = await fetch(`${URLS.samples}/attic`, asPage);
  assert.equal(lost.status, 404);
  assert.match(await lost.text(), /There is nothing at this address/);
  const api = await fetch(`${URLS.samples}/api/attic`, asPage);
  assert.equal(api.headers.get("content-type"), "application/problem+json");
  for (const each of [
    "/",
    "/about",
    "/jobs",
    "/jobs/x/cut/B1",
    "/index.html",
    "/%69ndex.html",
    "/about/index.html",
  ]) {
    const response = await fetch(URLS.samples + each);
    assert.equal(response.status, 200, each);
    assert.match(response.headers.get("content-security-policy") ?? "", /default-src 'none'/, each);
  }
  const about = await (await fetch(`${URLS.samples}/about`)).text();
  assert.match(about, /silica/);
  assert.match(about, /react .*MIT/);
});

test("without a network everything is there: jobs, stages, tickets, search, a new job", async () => {
  const network = await Network.open();
  const other = await Page.open(1280, 800, true);
  try {
    await other.driver.get(network.address);
    await other.button("Quarry Row 14");
    await other.driver.executeAsyncScript(SERVICE_READY);
    await network.cut();
    await other.driver.get(`${network.address}/jobs`);
    await other.click("Quarry Row 14");
    await other.find("[data-tally=job]");
    for (const [name, says] of [
      ["Order", "Grout"],
      ["Pole", "pole"],
      ["Record", "photo"],
    ] as const) {
      await other.click(name);
      await other.textWhen("main", (text) => text.includes(says));
    }
    await other.driver.navigate().refresh();
    await other.textWhen("main", (text) => text.includes("photo"));
    await other.click("Set out");
    await other.press("l");
    await other.click("Search");
    await other.find("[data-search=found]");
    await other.driver.get(`${network.address}/about`);
    await other.textWhen("h1", (text) => text === "About Dintel");
    await other.driver.get(`${network.address}/jobs`);
    await other.click("New job");
    await other.type("Job name", "Weir Side 3");
    await other.click("Plan it");
    await other.find("[data-tally=job]");
    await other.saved();
  } finally {
    await other.close();
    await network.cut().catch(() => undefined);
  }
});

test("a newer version waits until it is asked for, and what is half typed stays", async () => {
  const network = await Network.open();
  const other = await Page.open(1280, 800, true);
  try {
    await other.driver.get(network.address);
    await other.driver.executeAsyncScript(SERVICE_READY);
    await other.driver.navigate().refresh();
    await other.click("Quarry Row 14");
    await other.find("[data-tally=job]");
    network.release = "newer";
    await other.driver.executeAsyncScript(
      "navigator.serviceWorker.ready.then((r) => r.update()).then(() => arguments[0]())",
    );
    await other.textWhen("body", (text) => text.includes("A newer version"));
    await other.type("Joint", "3/");
    await other.driver.executeScript("window.before = true");
    await other.click("Start it now");
    const isAnew = () => other.driver.executeScript<boolean>("return window.before === undefined");
    await other.driver.wait(isAnew, 30_000).catch(async () => {
      const said = await other.driver.executeScript<string>("return document.body.innerText");
      assert.fail(`the page was not loaded anew: ${said.slice(0, 400)}`);
    });
    await other.find("[data-tally=job]");
    assert.equal(await (await other.field("Joint")).getAttribute("value"), "3/");
  } finally {
    await other.close();
    await network.cut();
  }
});
