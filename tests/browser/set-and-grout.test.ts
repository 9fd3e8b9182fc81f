import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { Key } from "selenium-webdriver";
import { Page, URLS } from "./browser.ts";

let page: Page;
before(async () => {
  page = await Page.open();
});
after(() => page.close());

const count = async (css: string) => (await page.driver.findElements({ css })).length;

/** Out of the field: there Ctrl + Z and letters belong to what is typed. */
const leave = async () => (await page.find("aside h2")).click();

/** Presses an element when it is there and is not covered. */
async function press(css: string, on = page): Promise<void> {
  const found = await on.find(css);
  await on.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", found);
  await found.click();
}

test("sessions follow the hours of a day and the bucket that somebody types", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("6");
  await page.textWhen("aside h2", (text) => text === "Set · session 1 of 2");
  // What is drawn comes in a file of its own.
  await page.find("[data-row]");
  // Every clip of the tally is drawn.
  const clips = await Promise.all(
    (await page.driver.findElements({ css: "[data-clips]" })).map((each) =>
      each.getAttribute("data-clips"),
    ),
  );
  assert.equal(
    clips.reduce((sum, each) => sum + Number(each), 0),
    203,
  );
  await page.unfold("How the work goes");
  await page.type("Hours of setting a day", `3${Key.ENTER}`);
  await page.textWhen("aside h2", (text) => text === "Set · session 1 of 3");
  const before = await page.text("aside [data-mixes]");
  await page.type("Powder to a bucket", `10${Key.ENTER}`);
  // 10 lb to a bucket: mixes become smaller and more.
  const mixes = await page.textWhen("aside [data-mixes]", (text) => text !== before);
  assert.ok(Number(mixes.split("×")[1]?.trim().split(" ")[0]) <= 10, mixes);
  await leave();
  await page.control("z");
  await page.control("z");
  await page.textWhen("aside h2", (text) => text === "Set · session 1 of 2");
});

test("a row is set with one press, stays set, and is taken back", async () => {
  const first = await page.text("[data-set-row]");
  await press("[data-set-row]");
  await page.textWhen("[data-set-row]", (text) => text !== first);
  await press("[data-set-row]");
  await page.find("[data-row=done]");
  await page.saved();
  await page.driver.navigate().refresh();
  await page.find("[data-row=done]");
  const far = await page.text("[data-far]");
  await page.click("Not set after all");
  await page.textWhen("[data-far]", (text) => text !== far);
  assert.equal(await count("[data-row=done]"), 0);
});

test("cuts of the next mix are ticked, with their tickets", async () => {
  const cut = await page.find("[data-cut-tick]");
  const id = await cut.getAttribute("data-cut-tick");
  await press(`[data-cut-tick="${id}"]`);
  await page.find(`[data-cut-tick="${id}"][aria-pressed=true]`);
  await page.press("5");
  await page.textWhen("aside", (text) => text.includes("1 of"));
  await page.press("6");
  await press(`[data-cut-tick="${id}"]`);
  await page.find(`[data-cut-tick="${id}"][aria-pressed=false]`);
});

test("a course that came out high asks for narrower joints, end by end", async () => {
  await page.unfold("Measure a set course");
  const planned = (await page.text("aside details[open] strong")).replace(" in", "");
  assert.ok(planned.length > 0);
  // 1/16 in high at the left, and as planned at the right.
  await page.type("Course", `2${Key.ENTER}`);
  const top = await page.textWhen("aside details[open] strong", (text) => text.startsWith("−"));
  assert.ok(top.includes("in"));
  await page.type("Left", `-24${Key.ENTER}`);
  await page.find("[data-correction] [data-corrected=left]");
  await page.find("[data-deviation]");
  await page.find("[data-held='5']");
  await page.textWhen("[data-corrected=left]", (text) => /high|low/.test(text));
  // Its tile is drawn where it stands.
  await page.find("[data-as-set]");
  // Half an inch is more than the joints that are left take back: the last course tells what stays.
  await page.type("Left", `-23 1/2${Key.ENTER}`);
  await page.textWhen("[data-last-course]", (text) => text.includes("will stand off its plan"));
  await page.click("Forget this course");
  await page.driver.wait(async () => (await count("[data-deviation]")) === 0, 8000);
  assert.equal(await count("[data-as-set]"), 0);
});

test("a tile with too little on its back asks for the next notch", async () => {
  await page.unfold("Pull a tile and look");
  await page.click("Tile pulled");
  await page.textWhen("[data-coverage-said]", (text) => text.includes("Enough: 95 %"));
  await page.type("In contact", `88${Key.ENTER}`);
  await page.textWhen("[data-coverage-said]", (text) => text.includes("Too little: 95 %"));
  await page.textWhen("[data-coverage]", (text) => text === "88 %");
});

test("a nail through the film is a hole to be patched", async () => {
  await page.unfold("Ledgers, nails, tape, props");
  await page.click("Support");
  await page.choose("Support", "Nails");
  const box = await page.driver.executeScript<boolean>(
    `const label = [...document.querySelectorAll("aside label")].find((l) => l.textContent.includes("Goes through"));
     label.scrollIntoView({ block: "center" }); label.click(); return true;`,
  );
  assert.ok(box);
  await page.find("[data-support=nails]");
  await page.press("3");
  await page.unfold("Holes made later");
  await page.textWhen("aside", (text) => text.includes("still open"));
  const hole = await page.field("What made it");
  assert.equal(await hole.getAttribute("value"), "Nails, while tile was set");
  await leave();
});

test("grout is mixed as small as it can be placed and washed in time", async () => {
  await page.press("7");
  await page.find("[data-mix='B/3']");
  const edges = await count("[data-grout=B] [data-mix-state=todo]");
  assert.equal(edges, 3);
  await page.unfold("How the work goes");
  await page.type("Working time", `15${Key.ENTER}`);
  await page.find("[data-mix='B/5']");
  await leave();
  await page.control("z");
  await page.driver.wait(async () => (await count("[data-mix='B/5']")) === 0, 8000);
  // Grouted and sealed over: more grout, and the joints say so.
  const before = await page.text("[data-tally=job]");
  await page.choose("School", "Grouted and sealed over");
  await page.textWhen("[data-tally=job]", (text) => text !== before);
  await page.textWhen("aside", (text) => text.includes("grouted first, sealed over"));
});

test("fast grout makes small mixes with a warning, an additive stands in for the water", async () => {
  const before = await count("[data-mix-state=todo]");
  await page.tick("A fast kind: it sets in a third of the time");
  await page.textWhen("aside", (text) => text.includes("Fast grout leaves some 10 min"));
  assert.ok((await count("[data-mix-state=todo]")) > before);
  await page.tick("A fast kind: it sets in a third of the time");
  await page.tick("A polymer additive in place of water");
  await page.textWhen("aside", (text) => text.includes("Additive by weight"));
  await page.control("z");
  await page.textWhen("aside", (text) => text.includes("Water by weight"));
});

test("a light from the side shows steps, and goes out again", async () => {
  const slide = (value: number) =>
    page.driver.executeScript(
      `const slider = document.querySelector("[data-light-slider]");
       Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(slider, arguments[0]);
       slider.dispatchEvent(new Event("input", { bubbles: true }));`,
      value,
    );
  await slide(88);
  await page.find("[data-light='4']");
  await slide(2);
  await page.find("[data-grout=B]");
});

test("sealer follows what is sealed", async () => {
  await page.unfold("Sealer");
  const joints = Number(await (await page.find("[data-sealer]")).getAttribute("data-sealer"));
  await page.choose("What is sealed", "The whole face");
  await page.driver.wait(
    async () =>
      Number(await (await page.find("[data-sealer]")).getAttribute("data-sealer")) > 3.9 * joints,
    8000,
    "a whole face takes four times what its joints do",
  );
});

test("clocks survive a reload, another time zone and midnight, and turn with the time alone", async () => {
  const other = await Page.open();
  try {
    // The browser's clock is turned forward by what is kept under a name.
    await other.beforeLoading(`
      const real = Date.now.bind(Date);
      Date.now = () => real() + Number(localStorage.getItem("turned") ?? 0);`);
    const turn = (minutes: number) =>
      other.driver.executeScript(
        `localStorage.setItem("turned", Number(localStorage.getItem("turned") ?? 0) + arguments[0] * 60000)`,
        minutes,
      );
    await other.openSample("Quarry Row 14");
    await other.press("n");
    await press("[data-mix-now]", other);
    await other.find("[data-pot-life=slaking]");
    await turn(8);
    await other.find("[data-pot-life=usable]");
    const left = async () => {
      const [minutes = "", seconds = ""] = (await other.text("[data-pot-life]")).split(":");
      return Number(minutes) + Number(seconds) / 60;
    };
    assert.ok((await left()) > 81 && (await left()) <= 82, String(await left()));
    await other.saved();
    // Half a day off, and the tab is gone meanwhile.
    await other.devTools("Emulation.setTimezoneOverride", { timezoneId: "Pacific/Auckland" });
    const where = await other.driver.getCurrentUrl();
    await other.driver.get("about:blank");
    await other.driver.get(where);
    await other.find("[data-pot-life=usable]");
    assert.ok((await left()) > 80 && (await left()) <= 82, String(await left()));
    await turn(70);
    await other.find("[data-pot-life=last]");
    // Past the pot life, and past a midnight somewhere.
    await turn(24 * 60);
    await other.find("[data-pot-life=over]");
    await other.textWhen("[data-now]", (text) => text.includes("throw it away"));
    await other.click("Thrown away");
    await other.find("[data-mix-now].btn-primary");
    assert.deepEqual(await other.consoleErrors(), []);
  } finally {
    await other.close();
  }
});

test("on a phone each step of Now is one large target, from the first row to the last wash", async () => {
  const phone = await Page.open(390, 844);
  try {
    await phone.openSampleOnPhone("Tarn Row 6");
    await phone.choosePlace("Now");
    await press("[data-mix-now]", phone);
    await phone.find("[data-open-time=none]");
    await phone.click("Spread");
    await phone.find("[data-open-time=running]");
    await press("[data-set-row]", phone);
    await phone.find("[data-undo-row]");
    const small = await phone.driver.executeScript<string[]>(
      `return [...document.querySelectorAll("[data-now] button, [data-now] a")]
         .filter((each) => each.getBoundingClientRect().height < 64)
         .map((each) => each.textContent)`,
    );
    assert.deepEqual(small, []);
    const undone = await phone.text("[data-undo-row]");
    await press("[data-undo-row]", phone);
    await phone.textWhen("[data-set-row]", () => true);
    assert.ok(undone.startsWith("Undo"));
    // All rows, then the grout.
    for (;;) {
      const rows = await phone.driver.findElements({ css: "[data-set-row]" });
      if (!rows[0]) break;
      const id = await rows[0].getAttribute("data-set-row");
      await press("[data-set-row]", phone);
      await phone.driver.wait(
        async () =>
          (await phone.driver.findElements({ css: `[data-set-row="${id}"]` })).length === 0,
        8000,
      );
    }
    // Wall by wall: floated and washed; the haze of one waits while the next is floated.
    for (const wall of ["A", "B", "C"]) {
      await press(`[data-grout-now="${wall}/1"]`, phone);
      for (const step of ["float", "wash"]) await press(`[data-grout-done=${step}]`, phone);
    }
    for (let walls = 3; walls > 0; walls--) {
      await press("[data-grout-done=haze]", phone);
      await phone.driver.wait(
        async () =>
          (await phone.driver.findElements({ css: "[data-grout-done=haze]" })).length < walls,
        8000,
      );
    }
    await phone.textWhen("[data-now]", (text) => text.includes("All joints are grouted"));
    await phone.choosePlace("Grout");
    await phone.find("[data-mix-state=hazed]");
    assert.deepEqual(await phone.consoleErrors(), []);
  } finally {
    await phone.close();
  }
});

test("what was used stands against what was planned, as charts with their tables", async () => {
  await leave();
  await page.press("n");
  await press("[data-mix-now]");
  await press("[data-set-row]");
  await page.press("7");
  await page.click("Used against planned");
  await page.find("[data-used-charts] svg.recharts-surface");
  await page.textWhen("[data-used-charts]", (text) => text.includes("Coverage by place"));
  const rows = await page.driver.findElements({
    css: "[data-used-charts] section:first-of-type tbody tr",
  });
  assert.equal(rows.length, 3);
  await page.press(Key.ESCAPE);
  assert.deepEqual(await page.consoleErrors(), []);
});

/** Where elements are on the screen, px. */
const boxes = (css: string) =>
  page.driver.executeScript<{ left: number; right: number; top: number; bottom: number }[]>(
    `return [...document.querySelectorAll(arguments[0])].map((each) => {
       const { left, right, top, bottom } = each.getBoundingClientRect();
       return { left, right, top, bottom };
     })`,
    css,
  );

test("a session ends on each wall right below what is set in a later one", async () => {
  await page.openSample("Quarry Row 14");
  await page.press("6");
  await page.find("[data-session-end]");
  for (const wall of ["A", "B", "C"]) {
    const [end, ...more] = await boxes(`[data-set=${wall}] [data-session-end] line`);
    const later = await boxes(`[data-set=${wall}] [data-row=later]`);
    const lowest = Math.max(...later.map(({ bottom }) => bottom));
    assert.ok(end && more.length === 0 && later.length > 0, wall);
    // Only the joint is between them, and the line's own width.
    assert.ok(Math.abs(end.top - lowest) < 3, `${wall}: ${end.top}, ${lowest}`);
  }
});

test("a mix of grout ends where the next one begins, and under a leg the line is as wide as the leg", async () => {
  await page.openSample("Fen Lane 9");
  await page.press("7");
  await page.find("[data-grout=B] [data-mix-state] line");
  const [first] = await boxes("[data-grout=B] [data-mix-state]:nth-of-type(1) line");
  const next = await boxes("[data-grout=B] [data-mix-state]:nth-of-type(2) rect");
  const top = Math.min(...next.map((box) => box.top));
  assert.ok(first && Math.abs(first.top - top) < 3, `${first?.top} and ${top}`);
  // The second mix's words stand below the level line that crosses its first course.
  const [words] = await boxes('[data-mix="B/2"] text');
  const [level] = await boxes("main svg > g.condensed > line");
  assert.ok(words && level && level.top > top && words.top > level.top - 2);

  await page.openSample("Mill Bank 3");
  await page.press("7");
  await page.find("[data-grout=A] [data-mix-state] line");
  const lines = await boxes("[data-grout=A] [data-mix-state] line");
  const under = lines.reduce((low, line) => (line.top > low.top ? line : low));
  const [wall] = await boxes('[data-field="A"]');
  assert.ok(wall && under.right - under.left < (wall.right - wall.left) / 4);
});

test("the plan that the server answers with says how it is set and grouted", async () => {
  const sample = await (await fetch(`${URLS.samples}/api/samples/sample-tub-surround`)).json();
  const answer = await fetch(`${URLS.samples}/api/plan`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(sample),
  });
  const plan = (await answer.json()) as {
    set: { sessions: { pieces: number; mixes: unknown[] }[]; wedges: number };
    grout: { mixes: { powderKg: number }[]; softJoints: unknown[]; kind: string };
    totals: { groutKg: number; spacers: number };
    walls: { clips: unknown[]; pieces: { order: number; session: number }[] }[];
  };
  const pieces = plan.walls.flatMap((wall) => wall.pieces);
  assert.equal(
    plan.set.sessions.reduce((sum, session) => sum + session.pieces, 0),
    pieces.length,
  );
  assert.deepEqual(
    pieces.map(({ order }) => order).sort((p, q) => p - q),
    pieces.map((_, k) => k + 1),
  );
  const kg = plan.grout.mixes.reduce((sum, { powderKg }) => sum + powderKg, 0);
  assert.ok(Math.abs(kg - plan.totals.groutKg) < 1e-9);
  assert.ok(plan.totals.spacers > 0);
});
