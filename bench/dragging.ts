import type { WebDriver } from "selenium-webdriver";
import { Page } from "../tests/browser/browser.ts";

export type Chromium = WebDriver & {
  sendAndGetDevToolsCommand(name: string, parameters: object): Promise<unknown>;
};

interface Metrics {
  metrics: { name: string; value: number }[];
}

/** Moves before anything is measured, and moves measured: a few sweeps, as when a wall is set out. */
const WARM_UP = 240;
const MOVES = 300;

/** The page's own times of a move on the main thread: script and layout, and style beside them. */
const WORK = ["ScriptDuration", "LayoutDuration"];
const STYLE = ["RecalcStyleDuration"];

/** Frames of a drag on a slow device, whose sample is open: p95 of the time between them, ms. */
export async function slowDragFrames(page: Page): Promise<number> {
  const driver = page.driver as Chromium;
  const start = await fieldPoint(page);
  await dragBy(driver, start, WARM_UP, 16);
  return percentile(await frameIntervals(driver, start), 0.95);
}

/** Drags the back wall's pattern of the walk-in sample: work per move and time between frames. */
export async function measureDrag(): Promise<Record<string, number>> {
  const page = await Page.open();
  try {
    await page.openSample("Quarry Row 14");
    const driver = page.driver as Chromium;
    await driver.sendAndGetDevToolsCommand("Performance.enable", {});
    const start = await fieldPoint(page);
    await dragBy(driver, start, WARM_UP, 16);
    const { work, style } = await timesPerMove(driver, start);
    const frames = await frameIntervals(driver, start);
    return {
      "drag.workMs.p50": percentile(work, 0.5),
      "drag.workMs.p95": percentile(work, 0.95),
      "drag.styleMs.p95": percentile(style, 0.95),
      "drag.frameMs.p50": percentile(frames, 0.5),
      "drag.frameMs.p95": percentile(frames, 0.95),
    };
  } finally {
    await page.close();
  }
}

interface Spot {
  x: number;
  y: number;
}

async function fieldPoint(page: Page): Promise<Spot> {
  const field = await page.find('[data-field="B"]');
  const { x, y, width, height } = await field.getRect();
  return { x: x + width * 0.3, y: y + height * 0.75 };
}

function mouse(driver: Chromium, type: string, { x, y }: Spot): Promise<unknown> {
  const button = type === "mouseMoved" ? {} : { clickCount: 1 };
  const event = { type, x, y, button: "left", buttons: 1, ...button };
  return driver.sendAndGetDevToolsCommand("Input.dispatchMouseEvent", event);
}

/** A slow sweep to and fro, so that no two moves are alike. */
function spotAt({ x, y }: Spot, move: number): Spot {
  return { x: x + 60 * Math.sin(move / 9), y: y + 12 * Math.sin(move / 5) };
}

async function dragBy(
  driver: Chromium,
  start: Spot,
  moves: number,
  pauseMs: number,
): Promise<void> {
  await mouse(driver, "mousePressed", start);
  for (let move = 1; move <= moves; move++) {
    await mouse(driver, "mouseMoved", spotAt(start, move));
    await driver.sleep(pauseMs);
  }
  await mouse(driver, "mouseReleased", spotAt(start, moves));
}

async function timesPerMove(driver: Chromium, start: Spot) {
  const work: number[] = [];
  const style: number[] = [];
  await mouse(driver, "mousePressed", start);
  let before = await timesSoFar(driver);
  for (let move = 1; move <= MOVES; move++) {
    await mouse(driver, "mouseMoved", spotAt(start, move));
    // Long enough for the worker's answer and the frame that shows it.
    await driver.sleep(60);
    const now = await timesSoFar(driver);
    work.push((now.work - before.work) * 1000);
    style.push((now.style - before.style) * 1000);
    before = now;
  }
  await mouse(driver, "mouseReleased", spotAt(start, MOVES));
  return { work, style };
}

async function timesSoFar(driver: Chromium): Promise<{ work: number; style: number }> {
  const { metrics } = (await driver.sendAndGetDevToolsCommand(
    "Performance.getMetrics",
    {},
  )) as Metrics;
  const sum = (names: string[]) =>
    metrics
      .filter(({ name }) => names.includes(name))
      .reduce((total, { value }) => total + value, 0);
  return { work: sum(WORK), style: sum(STYLE) };
}

async function frameIntervals(driver: Chromium, start: Spot): Promise<number[]> {
  await driver.executeScript(`
    window.watching = true;
    let last;
    const watch = (now) => {
      if (last !== undefined) window.frameTimes.push(now - last);
      last = now;
      if (window.watching) requestAnimationFrame(watch);
    };
    window.frameTimes = [];
    requestAnimationFrame(watch);`);
  await dragBy(driver, start, MOVES, 8);
  return driver.executeScript<number[]>("window.watching = false; return window.frameTimes;");
}

/** The value that a share of all values does not pass. */
export function percentile(values: number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? Number.NaN;
}
