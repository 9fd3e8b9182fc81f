import { gzipSync } from "node:zlib";
import { Page, URLS } from "../tests/browser/browser.ts";
import { type Chromium, percentile, slowDragFrames } from "./dragging.ts";

/** A cheap phone on a building site: a quarter of this machine's speed, 1.6 Mb/s. */
const SLOW_CPU = 4;
const SLOW_NETWORK = {
  offline: false,
  latency: 150,
  downloadThroughput: (1.6e6 / 8) | 0,
  uploadThroughput: (0.75e6 / 8) | 0,
};

const JOB = "sample-walk-in-shower";

/** In the order that they are switched to: none is next to itself. */
const SWITCHES = ["Measure", "Cut", "Board", "Set out", "Waterproof", "Cut", "Measure", "Set out"];

/**
 * A job opened for the first time on a slow device: bytes of page scripts and time until its first
 * figures, time of a change of stage, frames of a drag.
 */
export async function measureOpening(): Promise<Record<string, number>> {
  const page = await Page.open();
  try {
    await page.devTools("Network.enable");
    await page.devTools("Network.emulateNetworkConditions", SLOW_NETWORK);
    await page.devTools("Emulation.setCPUThrottlingRate", { rate: SLOW_CPU });
    await page.beforeLoading(NOTE_FIRST_FIGURES);
    await page.driver.get(`${URLS.samples}/jobs/${JOB}/set-out?wall=B`);
    await page.driver.wait(() => page.driver.executeScript("return window.firstFigures"), 60_000);
    const [firstMs, scripts] = await page.driver.executeScript<[number, string[]]>(
      "return [window.firstFigures, window.scripts]",
    );
    const isWorker = (name: string) => /worker/.test(name);
    // Everything else is loaded ahead when there is time.
    await page.driver.sleep(15_000);
    const switches: number[] = [];
    for (const name of SWITCHES) switches.push(await switchMs(page, name));
    return {
      "web.pageScriptsKbGz": await packedKb(scripts.filter((name) => !isWorker(name))),
      "web.planWorkerKbGz": await packedKb(scripts.filter(isWorker)),
      "web.slow.firstFiguresMs": firstMs,
      "web.slow.stageSwitchMs.p50": percentile(switches, 0.5),
      "web.slow.stageSwitchMs.worst": Math.max(...switches),
      "web.slow.dragFrameMs.p95": await slowDragFrames(page),
    };
  } finally {
    await page.close();
  }
}

/** Watches for the first figure of the tally, and notes the scripts that were loaded until then. */
const NOTE_FIRST_FIGURES = `
  const watch = () => {
    if (!document.querySelector("[data-tally=job] td:nth-child(4)")) return requestAnimationFrame(watch);
    window.firstFigures = performance.now();
    window.scripts = performance.getEntriesByType("resource")
      .filter(({ name, responseEnd }) => responseEnd > 0 && /\\.js$/.test(name))
      .map(({ name }) => name);
  };
  requestAnimationFrame(watch);`;

/** How large scripts are once packed, kB; a browser that can is sent them packed tighter. */
async function packedKb(addresses: string[]): Promise<number> {
  const sizes = addresses.map(async (address) => {
    const script = await (await fetch(address)).arrayBuffer();
    return gzipSync(new Uint8Array(script)).length;
  });
  return (await Promise.all(sizes)).reduce((sum, bytes) => sum + bytes, 0) / 1000;
}

/** From the press to the first frame that shows the stage's panel. */
async function switchMs(page: Page, name: string): Promise<number> {
  const driver = page.driver as Chromium;
  const ms = await driver.executeAsyncScript<number>(
    `const done = arguments[arguments.length - 1];
     const link = [...document.querySelectorAll("nav a")].find((a) => a.textContent.startsWith(arguments[0]));
     const start = performance.now();
     link.click();
     const watch = () => {
       const title = document.querySelector("aside h2")?.textContent ?? "";
       if (!title.startsWith(arguments[0])) return requestAnimationFrame(watch);
       // The frame that it is drawn in ends before the next one begins.
       requestAnimationFrame(() => done(performance.now() - start));
     };
     requestAnimationFrame(watch);`,
    name,
  );
  await driver.sleep(800);
  return ms;
}
