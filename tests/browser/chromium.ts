import { existsSync } from "node:fs";
import { Browser, Builder, logging, type WebDriver } from "selenium-webdriver";
import chrome from "selenium-webdriver/chrome.js";

/**
 * The browser without windows starts and goes on in two thirds of the time; where it is not
 * installed the usual one does it.
 */
const BROWSERS = ["/usr/lib/chromium/chromium-headless-shell", "/usr/bin/chromium"];

const ARGUMENTS = [
  "--headless",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--hide-scrollbars",
  // All tabs of a test in one process, as on a phone that is short of memory: fewer are started.
  "--renderer-process-limit=1",
  // What moves is drawn without a graphics card here: nobody waits for it.
  "--force-prefers-reduced-motion",
];

/** How often a wait looks whether it is over, ms: the driver's own 200 is longer than most waits. */
const ASKED_EVERY = 100;

/** Starts Chromium; the driver gives it a new, empty profile. */
export async function startChromium(): Promise<WebDriver> {
  const options = new chrome.Options();
  options.setChromeBinaryPath(BROWSERS.find((path) => existsSync(path)) ?? "chromium");
  options.addArguments(...ARGUMENTS);
  const logs = new logging.Preferences();
  logs.setLevel(logging.Type.BROWSER, logging.Level.SEVERE);
  options.setLoggingPrefs(logs);
  const driver = await new Builder()
    .forBrowser(Browser.CHROME)
    .setChromeOptions(options)
    .setChromeService(new chrome.ServiceBuilder("/usr/bin/chromedriver"))
    .build();
  askOften(driver);
  return driver;
}

function askOften(driver: WebDriver): void {
  const wait = driver.wait.bind(driver) as (...args: unknown[]) => unknown;
  const often = (condition: unknown, timeout?: number, message?: string, every = ASKED_EVERY) =>
    wait(condition, timeout, message, every);
  driver.wait = often as WebDriver["wait"];
}
