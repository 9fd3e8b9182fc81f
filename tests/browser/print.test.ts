import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { after, before, test } from "node:test";
import { planProject } from "../../core/plan.ts";
import { parseProject } from "../../core/project/parse.ts";
import { words } from "../../core/words/spoken.ts";
import { Page, URLS } from "./browser.ts";

/** Paper sizes in inches. */
const PAPERS = { A4: [8.27, 11.69], Letter: [8.5, 11] } as const;

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

/** What is printed on each sheet, as text. */
async function printed(paper: keyof typeof PAPERS): Promise<string[]> {
  const [width, height] = PAPERS[paper];
  const file = await page.printTo(`${paper}.pdf`, width, height);
  const text = execFileSync("pdftotext", ["-layout", file, "-"], { encoding: "utf8" });
  // A form feed ends every sheet.
  return text.split("\f").slice(0, -1);
}

/** A sample job as the server gives it, and its plan by the core. */
async function planOf(id: string) {
  const parsed = parseProject(await (await fetch(`${URLS.samples}/api/samples/${id}`)).json());
  assert.ok(parsed.ok);
  return { project: parsed.project, plan: planProject(parsed.project) };
}

/** Sheets that begin with the name of a wall. */
const headsOf = (sheets: string[], stage: string) =>
  sheets.flatMap((sheet) => sheet.match(new RegExp(`^\\s*${stage} · .*$`, "m"))?.[0].trim() ?? []);

/** Nothing of the screen belongs on paper. */
const FURNITURE = [
  "Find or do",
  "All jobs",
  "Saved on this device",
  "Whole tally",
  "Add a reading",
];

const SIZES = Object.keys(PAPERS) as (keyof typeof PAPERS)[];

/** Asks for printing with the keys, as a user does; the browser's own dialog is not opened. */
async function askToPrint(): Promise<void> {
  await page.driver.executeScript("window.asked = 0; window.print = () => { window.asked += 1; }");
  await page.control("p");
  await page.driver.wait(() => page.driver.executeScript<number>("return window.asked"), 8000);
}

test("every stage prints one wall a sheet, with its figures, lists and cautions", async () => {
  const { project, plan } = await planOf("sample-tub-surround");
  await page.openSample(project.name);
  await askToPrint();
  const stages = {
    Measure: ["Readings", "Width at bottom", "Openings, fixtures"],
    Board: ["Cut list by sheet", "Sheet 1"],
    Waterproof: ["Check before tile", "Membrane", "Put on", "Dry film, as listed"],
    "Set out": ["Course", "below the level line"],
    Cut: ["Cut list"],
    "Set (6)": ["Rows in their order", "All sessions", "Mortar hard in joints"],
    Grout: ["Ready for grout?", "to place", "Soft joints on this wall"],
  };
  // By turns on one paper and the other, tickets on both.
  const papers = (k: number, stage: string) =>
    stage === "Cut" ? SIZES : SIZES.slice(k % 2, (k % 2) + 1);
  for (const [k, [link, wanted]] of Object.entries(stages).entries()) {
    // "Set" alone would find "Set out".
    const stage = link.replace(/ \(.*/, "");
    await page.click(link);
    await page.textWhen("nav [aria-current=page]", (text) => text.startsWith(stage));
    for (const paper of papers(k, stage)) {
      const sheets = await printed(paper);
      const names = project.walls.map(({ name }) => `${stage} · ${name}`);
      assert.deepEqual(headsOf(sheets, stage), names, stage);
      const all = sheets.join("\n");
      for (const word of [...wanted, project.name, "Measure again before you cut"]) {
        assert.ok(all.includes(word), `${stage}, ${paper}: ${word}`);
      }
      for (const word of FURNITURE) assert.ok(!all.includes(word), `${stage} prints "${word}"`);
    }
  }
  await page.click("Cut");
  // Every cut is on the list, and has a ticket.
  const all = (await printed("A4")).join("\n");
  for (const { id, pieces } of plan.walls) {
    for (const { number, kind } of pieces) {
      if (kind === "none") continue;
      const times = all.match(new RegExp(`\\b${id} ?${number}\\b`, "g"))?.length ?? 0;
      assert.ok(times >= 2, `${id} ${number} is there ${times} times`);
    }
  }
  // What was printed leaves the screen as it was.
  await page.find("[data-piece]");
  assert.deepEqual(await page.consoleErrors(), []);
});

test("order, pole, record, the list of jobs and the cautions print without the screen's furniture", async () => {
  const { project, plan } = await planOf("sample-tub-surround");
  await page.openSample(project.name);
  for (const [name, wanted] of [
    ["Order", plan.order.map(({ code }) => words.orderItems[code])],
    ["Pole", ["B Back · Courses 1/", "Top of course 1"]],
    ["Record", ["What was there before"]],
  ] as const) {
    await page.click(name);
    await page.find("main h1");
    const all = (await printed("Letter")).join("\n");
    for (const word of wanted) assert.ok(all.includes(word), `${name}: ${word}`);
    for (const word of [...FURNITURE, "Waterproof", "Import a job file"]) {
      assert.ok(!all.includes(word), `${name} prints "${word}"`);
    }
  }
  await page.click("All jobs");
  await page.find("main > ul");
  const jobs = (await printed("A4")).join("\n");
  assert.ok(jobs.includes(project.name));
  assert.ok(!jobs.includes("New job"), "the list of jobs prints its buttons");
  await page.driver.get(`${URLS.samples}/about`);
  await page.find("h1");
  assert.match((await printed("A4")).join("\n"), /licen[cs]e/i);
});
