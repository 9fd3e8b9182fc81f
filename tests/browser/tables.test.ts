import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { after, before, test } from "node:test";
import papa from "papaparse";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Fen Lane 9");
  await page.devTools("Browser.grantPermissions", {
    origin: URLS.samples,
    permissions: ["clipboardReadWrite", "clipboardSanitizedWrite"],
  });
});
after(() => page.close());

type Row = Record<string, string>;

/** A table as it was saved, read by another program's eyes. */
async function saved(name: RegExp): Promise<Row[]> {
  const text = readFileSync(await page.downloaded(name), "utf8");
  return papa.parse<Row>(text, { header: true, skipEmptyLines: true }).data;
}

/** Gives a table to the field that takes it. */
async function give(field: string, rows: Row[]): Promise<void> {
  await (await page.find(field)).sendKeys(page.file("table.csv", papa.unparse(rows)));
}

test("readings go out, and what comes in again is all of them", async () => {
  await page.press("1");
  await page.click("Readings as CSV");
  await page.click("Save as CSV");
  const rows = await saved(/-readings\.csv$/);
  assert.ok(rows.length > 10, `${rows.length} readings`);
  assert.ok(rows.every(({ wall, kind }) => wall && kind));
  await give("dialog input[type=file]", rows);
  await page.textWhen("dialog", (text) => text.includes(`All ${rows.length} rows can be used.`));
  await page.press("\uE00C");
});

test("a table is copied as a table: by markup and by tabs", async () => {
  await page.press("o");
  await page.find("[data-order=fieldTile]");
  await page.click("Copy as a table");
  await page.button("Copied");
  const [markup, text] = await page.driver.executeAsyncScript<[string, string]>(
    `const done = arguments[0];
     navigator.clipboard.read().then(async ([item]) => done([
       await (await item.getType("text/html")).text(),
       await (await item.getType("text/plain")).text()]), (e) => done([String(e), ""]));`,
  );
  const lines = papa.parse<string[]>(text.trim(), { delimiter: "\t" }).data;
  assert.ok(lines.length > 5 && lines.every(({ length }) => length === lines[0]?.length));
  assert.equal(markup.match(/<tr/g)?.length, lines.length);
  assert.match(markup, /Field tile/);
});

test("cuts that were ticked in a list are ticked here, and a strange line is told", async () => {
  await page.press("5");
  await page.click("Save as CSV");
  const rows = await saved(/-cuts\.csv$/);
  assert.ok(rows.every(({ ticked }) => ticked === ""));
  const done = rows.slice(0, 3).map((row) => ({ ...row, ticked: "x" }));
  await give("[data-table-in]", [...done, { ...(done[0] as Row), number: "9999" }]);
  await page.textWhen("aside [role=status]", (text) =>
    /3 cuts can be ticked off\..*line 5/.test(text),
  );
  await page.click("Take them over");
  await page.textWhen("aside", (text) => /3 of \d+ cut/.test(text));
});

test("entries of the log come in once; what the stages note by themselves is left out", async () => {
  await page.press("g");
  await page.find("[data-log-found]");
  await page.click("Save as CSV");
  const rows = await saved(/-log\.csv$/);
  const found = async () =>
    Number(await (await page.find("[data-log-found]")).getAttribute("data-log-found"));
  const before = await found();
  assert.equal(rows.length, before);
  const entry = { ...(rows[0] as Row), Show: "Note", What: "Left the key with the neighbour" };
  await give("[data-table-in]", [entry, entry, { ...entry, Show: "Coat" }]);
  await page.textWhen("main [role=status]", (text) =>
    /1 entry can be taken over\. ?2 lines left out/.test(text),
  );
  await page.click("Take them over");
  await page.driver.wait(async () => (await found()) === before + 1, 8000, "no entry more");
  assert.deepEqual(await page.consoleErrors(), []);
});
