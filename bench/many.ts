import { sampleProject } from "../core/testing.ts";
import { Page, URLS } from "../tests/browser/browser.ts";
import { type Chromium, percentile } from "./dragging.ts";

/** A setter's years: so many jobs, entries of the log over all of them, and photos. */
const MANY = { jobs: 300, entries: 20_000, photos: 2000 };

/** Entries of each job but the oldest, which has all the others. */
const USUAL = 40;

const STARTS = 5;

/**
 * A browser with hundreds of jobs: from the address to the first jobs of the list, and from a typed word
 * to the frame that shows what is found of the jobs, and of the log of the job with most entries.
 */
export async function measureMany(): Promise<Record<string, number>> {
  const page = await Page.open();
  const driver = page.driver as Chromium;
  try {
    await driver.get(`${URLS.empty}/jobs`);
    await page.find("main h1");
    await driver.manage().setTimeouts({ script: 120_000 });
    await driver.executeAsyncScript(FILL, sampleProject("banded-bath"), MANY, USUAL);
    await page.beforeLoading(NOTE_LIST);
    const starts: number[] = [];
    for (let k = 0; k < STARTS; k++) {
      await driver.get(`${URLS.empty}/jobs`);
      await driver.wait(() => driver.executeScript("return window.listed"), 60_000);
      starts.push(await driver.executeScript<number>("return window.listed"));
      await driver.sleep(1500);
    }
    const found = await searched(driver, ["7", "job 12", "nothing"]);
    await driver.get(`${URLS.empty}/jobs/many-${MANY.jobs - 1}/log`);
    await page.find("[data-log-found]");
    await driver.sleep(3000);
    const logged = await searched(driver, ["coat", "niche bucket", "nothing", "grout"]);
    return {
      "web.many.startMs": percentile(starts, 0.5),
      "web.many.findJobMs.worst": Math.max(...found),
      "web.many.searchLogMs.worst": Math.max(...logged),
    };
  } finally {
    await page.close();
  }
}

async function searched(driver: Chromium, texts: string[]): Promise<number[]> {
  const times: number[] = [];
  for (const text of texts) {
    times.push(await driver.executeAsyncScript<number>(SEARCH, text));
    await driver.sleep(500);
  }
  return times;
}

/** Puts jobs, entries and photos into the store of the page. */
const FILL = `
  const [project, { jobs, entries, photos }, usual, done] = arguments;
  const words = "coat niche bucket band sealed pulled checked clip lot grout washed haze bead".split(" ");
  const said = (i) => Array.from({ length: 8 }, (_, k) => words[(i * 7 + k * 5 + (i >> 3)) % words.length]).join(" ");
  const asked = indexedDB.open("dintel");
  asked.onsuccess = () => {
    const store = asked.result.transaction(["jobs", "photos"], "readwrite");
    const blob = new Blob([new Uint8Array(60000)], { type: "image/jpeg" });
    for (let k = 0; k < photos; k++)
      store.objectStore("photos").put({ id: "photo-" + k, blob, width: 800, height: 600, addedAt: k });
    for (let k = 0; k < jobs; k++) {
      const count = k === jobs - 1 ? entries - usual * (jobs - 1) : usual;
      const log = Array.from({ length: count }, (_, i) => ({
        id: "entry-" + k + "-" + i,
        at: new Date(1.77e12 + i * 3.6e6).toISOString(),
        kind: ["note", "done", "change", "told"][i % 4],
        words: said(i + k),
        ...(i % 10 === 0 ? { photos: ["photo-" + ((k * usual + i) % photos)] } : {}),
      }));
      const id = "many-" + k;
      store.objectStore("jobs").put({
        id, revision: 1, writer: "bench", history: [], position: 0, updatedAt: 1.8e12 - k * 1e6,
        project: { ...project, id, name: "Job " + k, log },
      });
    }
    store.oncomplete = () => { asked.result.close(); done(); };
  };`;

const NOTE_LIST = `
  const watch = () => {
    if (!document.querySelector("main ul li")) return requestAnimationFrame(watch);
    requestAnimationFrame(() => { window.listed = performance.now(); });
  };
  requestAnimationFrame(watch);`;

/** Types into the first field that searches, and waits for the frame after. */
const SEARCH = `
  const [text, done] = arguments;
  const field = document.querySelector("main input[type=search], main label input:not([type=file])");
  const start = performance.now();
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, text);
  field.dispatchEvent(new Event("input", { bubbles: true }));
  requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - start)));`;
