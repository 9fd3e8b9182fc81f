import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { READING_COLUMNS, READING_KINDS } from "../../core/measure/readings-table.ts";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
  await page.openSample("Fen Lane 9");
});
after(() => page.close());

/** Words that only English has. */
const ENGLISH =
  /\b(the|of|and|is|are|was|with|from|this|that|not|for|have|has|will|been|tile|tiles|wall|walls|joint|joints|cut|cuts|course|board|grout|height|width|left|right|next|done|change|add|mortar|sealant|hours|day|days)\b/i;

/** What is said on the screen and to screen readers, line by line. */
const SAID = `
  const texts = [];
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  while (walk.nextNode()) {
    const { parentElement, data } = walk.currentNode;
    if (!parentElement.closest("script, style, noscript")) texts.push(data);
  }
  for (const element of document.querySelectorAll("[aria-label], [title], [placeholder], title"))
    for (const name of ["aria-label", "title", "placeholder"])
      if (element.getAttribute(name)) texts.push(element.getAttribute(name));
  return [...new Set(texts.map((text) => text.trim()).filter(Boolean))];`;

/** What is said that is neither Spanish nor what somebody called something in the job. */
async function englishLeft(own: string[]): Promise<string[]> {
  const said = await page.driver.executeScript<string[]>(SAID);
  assert.ok(said.length > 10, `${said.length} texts`);
  const stripped = said.map((text) =>
    own.reduce((rest, name) => rest.replaceAll(name, "").replaceAll(name.toLowerCase(), ""), text),
  );
  return said.filter((_, k) => ENGLISH.test(stripped[k] as string));
}

/** Every text of a project file, the longest first: parts of names stand within longer ones. */
function ownWords(file: unknown): string[] {
  // Names and notes: what the format itself says is one small word.
  if (typeof file === "string") return file.length > 3 && /[A-Z ]/.test(file) ? [file] : [];
  if (typeof file !== "object" || file === null) return [];
  return [...new Set(Object.values(file).flatMap(ownWords))].sort((a, b) => b.length - a.length);
}

/** Chooses a language in the header of the list. */
async function speakIn(code: string): Promise<void> {
  await (await page.find(`header select option[value="${code}"]`)).click();
}

test("the language is another at once, and what is half typed stays", async () => {
  await page.press("1");
  await page.textWhen("aside h2", (text) => text.startsWith("Measure"));
  await page.type("Width at bottom", "60 1/");
  await page.click("Español");
  await page.textWhen("aside h2", (text) => text.startsWith("Medir"));
  assert.equal(await page.driver.executeScript("return document.documentElement.lang"), "es");
  const field = await page.field("Ancho abajo");
  assert.equal(await field.getAttribute("value"), "60 1/");
  await page.textWhen("aside [role=alert]", (text) => text.startsWith("No es una medida."));
  await page.type("Ancho abajo", "5 pies 3 1/2 pulg");
  await page.press("\uE007");
  await page.textWhen("header [role=status]", (text) => text === "Guardado en este aparato");
  assert.equal(await (await page.field("Ancho abajo")).getAttribute("value"), "1612.9");
});

/** What opens something over the drawing: the stage's key, then a key, a selector or a button's words. */
const OVER_THE_DRAWING = [
  ["4", "?"],
  ["4", "l"],
  ["4", "[data-figure=mortarKg]"],
  ["4", "[data-flag=B-left]"],
  ["1", "Lecturas en CSV"],
  ["1", "Contorno de DXF"],
  ["5", "Qué pieza sale de qué azulejo"],
  ["5", "Cortar con fichas"],
  ["6", "[data-open-session]"],
  ["7", "[data-grout-mix] button"],
  ["7", "Usado contra planeado"],
  ["1", "Foto de la pared"],
] as const;

test("every stage, page and dialog is in Spanish, and stays so after a reload", async () => {
  const file = await (await fetch(`${URLS.samples}/api/samples/sample-banded-bath`)).json();
  // Beside it the names of the columns and kinds that the open table of readings has.
  const own = [...ownWords(file), READING_COLUMNS.join(", "), READING_KINDS.join(", "), "«over»"];
  const job = (await page.driver.getCurrentUrl()).split("/jobs/")[1]?.split("/")[0];
  const left: Record<string, string[]> = {};
  await page.driver.navigate().refresh();
  await page.find("[data-tally=job]");
  for (const key of "12345678nodgeprw") {
    await page.press(key);
    await page.find("[data-wall], [data-now], main h1:not(.sr-only)");
    // Panels and pages are there once something is foldable or the page has its words.
    await page.textAtRest("body", 250);
    await page.driver.executeScript(
      "for (const folded of document.querySelectorAll('details')) folded.open = true",
    );
    const words = await englishLeft(own);
    if (words.length > 0) left[`key ${key}`] = words;
  }
  for (const [stage, open] of OVER_THE_DRAWING) {
    await page.press(stage);
    await page.find("aside h2");
    if (open.length === 1) await page.press(open);
    else if (open.startsWith("[")) {
      // It may be folded away.
      await page.driver.executeScript("arguments[0].click()", await page.find(open));
    } else await page.click(open);
    await page.find(open === "l" ? "aside label" : "dialog[open]");
    await page.textAtRest("body", 250);
    const words = await englishLeft(own);
    if (words.length > 0) left[open] = words;
    await page.press("\uE00C");
    await page.driver.wait(
      async () => (await page.driver.findElements({ css: "dialog[open]" })).length === 0,
      8000,
      `${open} stays`,
    );
  }
  await page.resize(390, 844);
  await page.driver.get(`${URLS.samples}/jobs/${job}/set-out`);
  await page.find("[data-wall]");
  for (const open of ["Detalles", "Cuenta", "Todas las etapas y páginas", "Más"]) {
    await page.click(open);
    await page.textAtRest("body", 250);
    const words = await englishLeft(own);
    if (words.length > 0) left[`on a phone, ${open}`] = words;
  }
  await page.resize(1280, 800);
  assert.deepEqual(left, {});
});

test("the list of jobs, a new job and the page about the application follow", async () => {
  await page.driver.get(`${URLS.samples}/jobs`);
  await page.click("Obra nueva");
  const name = await page.field("Nombre de la obra");
  await name.sendKeys("Calle del Horno 4");
  await speakIn("en");
  await page.textWhen("h1", (text) => text === "Jobs");
  assert.equal(await (await page.field("Job name")).getAttribute("value"), "Calle del Horno 4");
  await speakIn("es");
  await page.textWhen("h1", (text) => text === "Obras");
  await page.click("Planearla");
  await page.find("[data-tally=job]");
  // New walls are called in the language that is spoken.
  await page.textWhen("body", (text) => text.includes("B Fondo"));
  await page.driver.get(`${URLS.samples}/about`);
  const shown = await page.driver.executeScript<string>("return document.body.innerText");
  assert.match(shown, /Antes de confiar en él/);
  assert.doesNotMatch(shown, /Before you rely on it/);
});

test("a browser that asks for Spanish gets it; requests are answered in it", async () => {
  const headers = { "accept-language": "es-MX,es;q=0.9", "content-type": "application/json" };
  const post = (body: string) =>
    fetch(`${URLS.samples}/api/plan`, { method: "POST", headers, body });
  const refused = (await (await post("{}")).json()) as { errors: { message: string }[] };
  assert.match(refused.errors[0]?.message ?? "", /format debería ser/);
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).text();
  const plan = (await (await post(sample)).json()) as {
    order: { item: string }[];
    warnings: { remedy: string }[];
  };
  assert.ok(plan.warnings.length > 0);
  assert.ok(plan.warnings.every(({ remedy }) => !/\b(the|of|or)\b/.test(remedy)));
  // Other programs know the order's rows by their names in the open format.
  assert.ok(plan.order.some(({ item }) => item === "Grout"));
  const pdf = await fetch(`${URLS.samples}/api/documents/cuts.csv`, {
    method: "POST",
    headers,
    body: sample,
  });
  assert.match(await pdf.text(), /pared,numero/);
});
