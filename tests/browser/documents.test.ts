import assert from "node:assert/strict";
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { DxfWriter, Units } from "@tarikjabiri/dxf";
import { Page, URLS } from "./browser.ts";

let page: Page;
const folder = mkdtempSync(join(tmpdir(), "dintel-documents-"));
before(async () => {
  page = await Page.open();
});
after(() => page.close());

test("the page saves the work pack, a part, a drawing and a picture, made without the server", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("w");
  await page.find("[data-documents=ready]");
  await page.click("Save: Work pack, PDF");
  const pack = await page.downloaded(/work-pack\.pdf$/);
  await page.find("[data-documents=ready]");
  const text = spawnSync("pdftotext", ["-layout", pack, "-"], { encoding: "utf8" }).stdout;
  assert.ok(text.includes("Quarry Row 14"));
  assert.ok(text.includes("Cut tickets"));
  await (await page.find("[data-part=order]")).click();
  const part = await page.downloaded(/-order\.pdf$/);
  assert.equal(readFileSync(part).subarray(0, 5).toString(), "%PDF-");
  await page.find("[data-documents=ready]");
  await page.click("Save: Walls as a drawing");
  assert.ok(readFileSync(await page.downloaded(/walls\.dxf$/), "utf8").includes("LWPOLYLINE"));
  await page.find("[data-documents=ready]");
  await page.click("Save: Walls as a picture for");
  const png = readFileSync(await page.downloaded(/walls\.png$/));
  assert.equal(png.subarray(1, 4).toString(), "PNG");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("the calendar says beside itself what it lacks, leads there, and is saved then", async () => {
  await page.openSample("Bell Wharf 8");
  await page.press("w");
  await page.find("[data-documents=ready]");
  const save = () => page.button("Save: Days, calendar file");
  assert.equal(await (await save()).isEnabled(), false);
  await page.click("Give a first day under Days first.");
  await page.find("main h1");
  await page.driver.executeScript(
    `const day = document.querySelector("main input[type=date]");
     Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(day, "2026-05-04");
     day.dispatchEvent(new Event("input", { bubbles: true }));
     day.dispatchEvent(new Event("change", { bubbles: true }));`,
  );
  await page.saved();
  await page.driver.navigate().back();
  await page.find("[data-documents=ready]");
  await (await save()).click();
  const calendar = readFileSync(await page.downloaded(/\.ics$/), "utf8");
  assert.match(calendar, /DTSTART[^\n]*20260504/);
});

test("a job comes out of its link in another browser, and a damaged link says so", async () => {
  await page.openSample("Orchard Yard 2");
  await page.press("w");
  await page.click("Make the link");
  const link = (await (await page.find("input[name=job-link]")).getAttribute("value")) ?? "";
  const other = await Page.open();
  try {
    await other.driver.get(link.replace(URLS.samples, URLS.empty));
    await other.find("[data-tally=job]");
    const { pathname, hash } = new URL(await other.driver.getCurrentUrl());
    assert.ok(pathname.startsWith("/jobs/sample-counter-wall"), pathname);
    assert.equal(hash, "");
    await other.driver.get(`${URLS.empty}/jobs#job=broken`);
    await other.textWhen("[role=alert]", (text) => text.includes("link.dintel.json"));
  } finally {
    await other.close();
  }
});

test("a wall's outline comes in from a drawing, after a look at it; one undo brings the wall back", async () => {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Inches);
  for (const ring of [
    [
      [0, 0],
      [44, 0],
      [44, 90],
      [0, 90],
    ],
    [
      [12, 40],
      [26, 40],
      [26, 54],
      [12, 54],
    ],
  ]) {
    dxf.addLWPolyline(
      ring.map(([x = 0, y = 0]) => ({ point: { x, y } })),
      { flags: 1 },
    );
  }
  const path = join(folder, "wall.dxf");
  writeFileSync(path, dxf.stringify());
  await page.openSample("Quarry Row 14");
  await page.press("1");
  const width = async () => (await page.field("Width at bottom")).getAttribute("value");
  await page.field("Width at bottom");
  const before = await width();
  await page.click("Outline from DXF");
  await (await page.find("[data-outline-file]")).sendKeys(path);
  await page.textWhen("[data-outline]", (text) => text.includes("1 opening"));
  await page.click("Take it over");
  await page.driver.wait(async () => (await width())?.startsWith("44"), 8000, "44 in wide");
  await page.click("Undo");
  await page.driver.wait(async () => (await width()) === before, 8000, "as it was read");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("the server gives the same documents, and says what is wrong", async () => {
  const root = new URL(URLS.samples).origin;
  const project = await (await fetch(`${root}/api/samples/sample-walk-in-shower`)).json();
  const ask = (name: string, body: unknown = project) =>
    fetch(`${root}/api/documents/${name}`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify(body),
    });
  const pdf = await ask("work-pack.pdf?parts=cover,order&paper=a4");
  assert.equal(pdf.status, 200);
  assert.equal(pdf.headers.get("content-type"), "application/pdf");
  const path = join(folder, "served.pdf");
  writeFileSync(path, Buffer.from(await pdf.arrayBuffer()));
  const text = spawnSync("pdftotext", ["-layout", path, "-"], { encoding: "utf8" }).stdout;
  assert.ok(text.includes("Order") && !text.includes("Cut tickets"));
  for (const [name, holds] of [
    ["walls.dxf", "SECTION"],
    ["walls.svg", "<svg"],
    ["cuts.csv", "width_mm"],
    ["order.csv", "quantity"],
  ] as const) {
    const answer = await ask(name);
    assert.equal(answer.status, 200, name);
    assert.ok((await answer.text()).includes(holds), name);
  }
  const undated = await ask("schedule.ics");
  assert.equal(undated.status, 422);
  assert.equal((await undated.json()).errors[0].path, "days.start");
  const dated = await ask("schedule.ics", { ...project, days: { start: "2026-05-04" } });
  assert.ok((await dated.text()).startsWith("BEGIN:VCALENDAR"));
  assert.equal((await ask("plan.xls")).status, 404);
  assert.equal((await ask("work-pack.pdf?parts=nonsense")).status, 400);
  assert.equal((await ask("work-pack.pdf?paper=a3")).status, 400);
  assert.equal((await ask("cuts.csv", { format: "else" })).status, 400);
  assert.equal((await fetch(`${root}/api/documents/cuts.csv`)).status, 405);
});
