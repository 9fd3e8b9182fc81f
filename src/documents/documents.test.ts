import assert from "node:assert/strict";
import { spawnSync } from "node:child_process";
import { readFileSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test } from "node:test";
import DxfParser from "dxf-parser";
import papa from "papaparse";
import { formatLength } from "../../core/length/format.ts";
import { planProject } from "../../core/plan.ts";
import { planFile } from "../../core/plan-file.ts";
import type { Project } from "../../core/project/schema.ts";
import { SAMPLE_NAMES, sampleProject } from "../../core/testing.ts";
import { laterWords, wholeLanguage } from "../words/language.ts";
import { speak } from "../words/ui.ts";
import { MissingError, makeDocument } from "./documents.ts";
import type { DocumentName } from "./names.ts";

await laterWords();

const AT = Date.parse("2026-05-04T09:00:00Z");
const { resolve } = createRequire(import.meta.url);
const font = (cut: string) =>
  new Uint8Array(readFileSync(resolve(`@expo-google-fonts/archivo/${cut}.ttf`)));
const options = {
  at: AT,
  fonts: async () => ({
    regular: font("400Regular/Archivo_400Regular"),
    bold: font("700Bold/Archivo_700Bold"),
  }),
};

async function made(name: DocumentName, project: Project, more = {}) {
  return makeDocument(name, project, planProject(project), { ...options, ...more });
}

/** The words of a PDF, by a reader of Debian's; its layout is kept. */
function pdfText(bytes: Uint8Array, name: string): string {
  const path = join(tmpdir(), `dintel-${name}-${process.pid}.pdf`);
  writeFileSync(path, bytes);
  const { stdout, status } = spawnSync("pdftotext", ["-layout", path, "-"], { encoding: "utf8" });
  assert.equal(status, 0);
  return stdout;
}

const hasReader = spawnSync("pdftotext", ["-v"]).error === undefined;

test("a drawing for other programs holds each piece, opening and line on its layer, in mm", async () => {
  for (const name of SAMPLE_NAMES) {
    const project = sampleProject(name);
    const drawing = new DxfParser().parseSync((await made("walls.dxf", project)) as string);
    assert.ok(drawing);
    const on = (layer: string, type: string) =>
      drawing.entities.filter((own) => own.layer === layer && own.type === type);
    const file = planFile(project, planProject(project));
    const pieces = file.walls.flatMap((wall) => wall.pieces);
    const outlines = on("tiles", "LWPOLYLINE").length + on("cuts", "LWPOLYLINE").length;
    assert.ok(outlines >= pieces.length, `${name}: ${outlines} of ${pieces.length}`);
    assert.equal(
      on("lines", "LINE").length,
      file.walls.reduce((sum, { lines }) => sum + lines.length, 0),
    );
    const [wall] = file.walls;
    const boundary = on("boundary", "LWPOLYLINE")[0] as unknown as {
      vertices: { x: number; y: number }[];
    };
    const ys = boundary.vertices.map(({ y }) => y);
    const own = (wall?.boundary ?? []).map(([, y]) => y as number);
    assert.ok(Math.abs(Math.max(...ys) - Math.max(...own)) < 0.01, name);
    assert.equal(drawing.header.$INSUNITS, 4);
    assert.ok(on("text", "TEXT").some((line) => (line as { text?: string }).text === project.name));
  }
});

test("the picture holds every wall; names cannot end its tags", async () => {
  const project = sampleProject("walk-in-shower");
  project.name = '<script>"&';
  const svg = (await made("walls.svg", project)) as string;
  assert.ok(svg.includes("&lt;script&gt;&quot;&amp;"));
  assert.equal(svg.match(/data-wall=/g)?.length, project.walls.length);
  assert.equal(svg.includes("NaN"), false);
});

test("cuts and order as tables hold what the plan says, and no formula", async () => {
  const project = sampleProject("walk-in-shower");
  const [tile] = project.tiles;
  assert.ok(tile);
  tile.name = "=1+1";
  const plan = planProject(project);
  const read = (text: string) =>
    papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data;
  const cuts = read((await made("cuts.csv", project)) as string);
  const all = plan.walls.flatMap(({ id, pieces }) =>
    pieces.filter(({ kind }) => kind !== "none").map((piece) => ({ wall: id, ...piece })),
  );
  // The last row says what it is of.
  assert.equal(cuts.length, all.length + 1);
  cuts.slice(0, -1).forEach((row, k) => {
    const piece = all[k];
    assert.ok(piece);
    assert.ok(Math.abs(Number(row.width_mm) - piece.width) < 0.06);
    assert.equal(row.tile, "'=1+1");
  });
  const order = read((await made("order.csv", project)) as string);
  plan.order.forEach(({ packs }, k) => {
    assert.equal(Number(order[k]?.packs), packs);
  });
});

test("the calendar has an event for each task with work; without a day there is none", async () => {
  const project = sampleProject("walk-in-shower");
  await assert.rejects(made("schedule.ics", project), MissingError);
  project.days = { start: "2026-05-04", zone: "Europe/Zurich" };
  const text = ((await made("schedule.ics", project)) as string).replace(/\r\n[ \t]/g, "");
  const events = text.split("BEGIN:VEVENT").slice(1);
  const tasks = (planProject(project).days?.tasks ?? []).filter(({ minutes }) => minutes > 0);
  assert.equal(events.length, tasks.length);
  events.forEach((event, k) => {
    const start = /DTSTART:(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)00Z/.exec(event);
    assert.ok(start, event);
    const at = Date.UTC(
      Number(start[1]),
      Number(start[2]) - 1,
      Number(start[3]),
      Number(start[4]),
      Number(start[5]),
    );
    assert.ok(Math.abs(at - (tasks[k]?.start ?? 0)) <= 60_000);
    assert.ok(event.includes("UID:"));
    assert.ok(event.includes("DTSTAMP:20260504T0900"));
  });
});

test("the work pack: its words are the plan's figures, wall by wall", {
  skip: !hasReader,
}, async () => {
  for (const name of SAMPLE_NAMES) {
    const project = { ...sampleProject(name), name: `${name}, ${"on a long landing ".repeat(8)}` };
    const plan = planProject(project);
    const begun = performance.now();
    const bytes = (await made("work-pack.pdf", project)) as Uint8Array;
    const took = performance.now() - begun;
    assert.ok(bytes.length < 3 * 1024 * 1024, `${name}: ${bytes.length} bytes`);
    assert.ok(took < 8000, `${name}: ${took} ms`);
    const text = pdfText(bytes, name);
    assert.ok(text.includes(name));
    // Pages end with a form feed: each has the caution whole.
    for (const page of text.split("\f").slice(0, -1)) {
      assert.match(page.replace(/\s+/g, " "), /Given on .* before drilling\./);
    }
    const style = { unit: project.unit, mark: project.mark ?? (16 as const) };
    const flat = text.replace(/\s+/g, " ");
    for (const wall of plan.walls) {
      for (const piece of wall.pieces.filter(({ kind }) => kind !== "none").slice(0, 6)) {
        const size = `${formatLength(piece.width, style)} × ${formatLength(piece.height, style)}`;
        assert.ok(flat.includes(size), `${name} ${wall.id} ${piece.number}: ${size}`);
      }
    }
    for (const { packs } of plan.order) assert.ok(flat.includes(String(packs)));
    assert.ok(flat.includes("Local code"));
  }
});

/** Words that only English has. */
const ENGLISH =
  /\b(the|with|between|which|above|before|until|course|courses|joint|cut|cuts|board|grout|film|height|width|hours|sheet|pieces|coat|coats|done|sealant|mortar|session|check)\b/g;

test("the pack in Spanish says the same figures in other words", { skip: !hasReader }, async () => {
  const project = sampleProject("walk-in-shower");
  const packs: string[] = [];
  for (const code of ["en", "es"] as const) {
    speak(await wholeLanguage(code));
    try {
      packs.push(pdfText((await made("work-pack.pdf", project)) as Uint8Array, `pack-${code}`));
    } finally {
      speak(await wholeLanguage("en"));
    }
  }
  const [english = "", spanish = ""] = packs;
  assert.match(spanish, /Levantamiento[\s\S]*Impermeabilización[\s\S]*Entrega/);
  // What the job itself is called stays as it was typed, broken into lines wherever the page ends.
  const typed = new Set(
    JSON.stringify(project)
      .toLowerCase()
      .match(/[a-z]+/g),
  );
  const left = [...spanish.toLowerCase().matchAll(ENGLISH)].map(([word]) => word);
  assert.deepEqual(
    left.filter((word) => !typed.has(word)),
    [],
  );
  const figures = (text: string) =>
    [...text.matchAll(/\d+\.\d+/g)].map(([figure]) => figure).sort();
  assert.ok(figures(english).length > 50, `${figures(english).length} figures`);
  assert.deepEqual(figures(spanish), figures(english));
});

test("a part alone, on the paper that is asked for", { skip: !hasReader }, async () => {
  const project = sampleProject("walk-in-shower");
  const only = (await made("work-pack.pdf", project, {
    ...{ parts: ["order"], paper: "a4" },
  })) as Uint8Array;
  const text = pdfText(only, "part");
  assert.ok(text.includes("Order"));
  assert.equal(text.includes("Cut tickets"), false);
  const info = spawnSync("pdfinfo", [join(tmpdir(), `dintel-part-${process.pid}.pdf`)], {
    encoding: "utf8",
  }).stdout;
  assert.match(info, /Page size:\s+595\.\d+ x 841\.\d+ pts \(A4\)/);
  assert.match(info, /Tagged:\s+yes/);
});

test("poles are at true size: the strip is as long as it says", async () => {
  const project = sampleProject("walk-in-shower");
  const bytes = (await made("story-pole.pdf", project)) as Uint8Array;
  assert.ok(bytes.length > 10_000);
  assert.equal(new TextDecoder("latin1").decode(bytes.slice(0, 5)), "%PDF-");
});
