import { mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, logging, type WebDriver, type WebElement } from "selenium-webdriver";
import { startChromium } from "./chromium.ts";

/** Addresses of the running application: with the sample jobs, and without. */
export const URLS = {
  samples: process.env.DINTEL_URL ?? "http://127.0.0.1:4321",
  empty: process.env.DINTEL_EMPTY_URL ?? "http://127.0.0.1:4322",
};

/** How long a test waits for something to appear, ms. */
const PATIENCE = 25_000;

/** The address of the sample job whose name begins so. */
async function addressOfSample(name: string): Promise<string> {
  const samples = (await (await fetch(`${URLS.samples}/api/samples`)).json()) as {
    id: string;
    name: string;
  }[];
  const sample = samples.find((each) => each.name.startsWith(name));
  if (!sample) throw new Error(`no sample ${name}`);
  return `${URLS.samples}/jobs/${sample.id}`;
}

/** A page as a user sees it, with a profile of its own that is gone afterwards. */
export class Page {
  readonly downloads: string;

  private constructor(
    readonly driver: WebDriver,
    private readonly folder: string,
  ) {
    this.downloads = join(folder, "downloads");
  }

  /**
   * Starts headless Chromium with an empty profile. What the application keeps to work offline is
   * fetched only where a test is about that: it is everything, for each new profile.
   */
  static async open(width = 1280, height = 800, keepsOffline = false): Promise<Page> {
    const folder = mkdtempSync(join(tmpdir(), "dintel-browser-"));
    mkdirSync(join(folder, "downloads"));
    const page = new Page(await startChromium(), folder);
    await page.devTools("Browser.setDownloadBehavior", {
      behavior: "allow",
      downloadPath: page.downloads,
    });
    await page.resize(width, height);
    if (!keepsOffline) await page.beforeLoading("delete Navigator.prototype.serviceWorker");
    return page;
  }

  /** Asks the browser itself for something that no user can do. */
  async devTools(name: string, parameters: object = {}): Promise<void> {
    const chromium = this.driver as WebDriver & {
      sendDevToolsCommand(name: string, parameters: object): Promise<void>;
    };
    await chromium.sendDevToolsCommand(name, parameters);
  }

  /** Runs a script in every page before its own: the browser is not what it should be. */
  async beforeLoading(source: string): Promise<void> {
    await this.devTools("Page.addScriptToEvaluateOnNewDocument", { source });
  }

  async resize(width: number, height: number): Promise<void> {
    await this.devTools("Emulation.setDeviceMetricsOverride", {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: width < 768,
    });
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.folder, { recursive: true, force: true });
  }

  /** Prints what is shown to a PDF of a paper size in inches, and gives its path. */
  async printTo(name: string, width: number, height: number): Promise<string> {
    const chromium = this.driver as WebDriver & {
      sendAndGetDevToolsCommand(name: string, parameters: object): Promise<{ data: string }>;
    };
    const { data } = await chromium.sendAndGetDevToolsCommand("Page.printToPDF", {
      paperWidth: width,
      paperHeight: height,
      printBackground: true,
    });
    const path = join(this.folder, name);
    writeFileSync(path, Buffer.from(data, "base64"));
    return path;
  }

  /** A file of the test's own, gone with the page. */
  file(name: string, text: string): string {
    const path = join(this.folder, name);
    writeFileSync(path, text);
    return path;
  }

  /** The path of a file that was saved, once it is there and whole. */
  async downloaded(name: RegExp): Promise<string> {
    let size = 0;
    const whole = () => {
      const files = readdirSync(this.downloads);
      const file = files.find((each) => name.test(each) && !each.endsWith(".crdownload"));
      if (!file || files.some((each) => each.endsWith(".crdownload"))) return undefined;
      const path = join(this.downloads, file);
      const before = size;
      size = statSync(path).size;
      // The name is there before what is in it.
      return size > 0 && size === before ? path : undefined;
    };
    const found = await this.driver.wait(async () => whole(), PATIENCE, `no file ${name}`, 50);
    return found as string;
  }

  /** Opens a sample job by its address, as a link does. */
  async openSample(name: string): Promise<void> {
    await this.driver.get(await addressOfSample(name));
    await this.find("[data-tally=job]");
    // Its panel is loaded after the first figures.
    await this.find("aside h2");
  }

  /** Chooses a sample job in the list of jobs. */
  async chooseSample(name: string): Promise<void> {
    await this.driver.get(URLS.samples);
    await (await this.button(name)).click();
    await this.find("[data-tally=job]");
  }

  /** The same on a phone, where the tally is in a sheet. */
  async openSampleOnPhone(name: string): Promise<void> {
    await this.driver.get(await addressOfSample(name));
    await this.find("[data-wall]");
  }

  /** The first element for a selector, once it is there. */
  async find(css: string): Promise<WebElement> {
    return this.driver.wait(
      async () => (await this.driver.findElements(By.css(css)))[0],
      PATIENCE,
      `${css} did not appear`,
    ) as Promise<WebElement>;
  }

  /** An element that stands still: its fonts are here and nothing beside it grows any more. */
  async still(css: string): Promise<WebElement> {
    await this.driver.executeScript("return document.fonts.ready.then(() => undefined)");
    let before = "";
    await this.driver.wait(
      async () => {
        const now = JSON.stringify(await (await this.find(css)).getRect());
        const stands = now === before;
        before = now;
        return stands;
      },
      PATIENCE,
      `${css} does not stand still`,
      100,
    );
    return this.find(css);
  }

  /** The button whose name holds the text. */
  async button(text: string): Promise<WebElement> {
    const find = () =>
      this.driver.executeScript<WebElement | null>(
        `return [...document.querySelectorAll("a[href],button,[role=button],summary")].find((b) =>
          (b.getAttribute("aria-label") ?? b.textContent).trim().startsWith(arguments[0]) ||
          b.textContent.trim().startsWith(arguments[0])) ?? null`,
        text,
      );
    return this.driver.wait(find, PATIENCE, `no button ${text}`) as Promise<WebElement>;
  }

  async click(text: string): Promise<void> {
    const button = await this.button(text);
    // To the middle: at the very foot a notice may lie over it.
    await this.driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", button);
    await button.click();
  }

  /** The field with a label. */
  async field(label: string): Promise<WebElement> {
    const find = () =>
      this.driver.executeScript<WebElement | null>(
        `const labels = [...document.querySelectorAll("label")];
         const says = (test) => labels.find((l) => test(l.textContent.trim()));
         const label = says((t) => t === arguments[0]) ?? says((t) => t.startsWith(arguments[0]));
         return label ? document.getElementById(label.htmlFor) : null`,
        label,
      );
    return this.driver.wait(find, PATIENCE, `no field ${label}`) as Promise<WebElement>;
  }

  /** Types over what a field holds. */
  async type(label: string, text: string): Promise<void> {
    const field = await this.field(label);
    await field.click();
    await this.driver.executeScript("arguments[0].select()", field);
    await field.sendKeys(text);
  }

  /** Chooses an option of a select by its words. */
  async choose(label: string, option: string): Promise<void> {
    const select = await this.field(label);
    for (const candidate of await select.findElements(By.css("option"))) {
      if ((await candidate.getText()) === option) return candidate.click();
    }
    throw new Error(`${label} offers no ${option}`);
  }

  /** Ticks the box whose words hold the text, or takes its tick off. */
  async tick(text: string): Promise<void> {
    const box = By.xpath(`//label[contains(., ${JSON.stringify(text)})]/input`);
    const find = async () => (await this.driver.findElements(box))[0];
    await ((await this.driver.wait(find, PATIENCE, `no box ${text}`)) as WebElement).click();
  }

  /** Goes to a stage or page on a phone, where the foot opens all of them. */
  async choosePlace(name: string): Promise<void> {
    await this.click("All stages and pages");
    const link = () =>
      this.driver.executeScript<WebElement | null>(
        `const links = [...document.querySelectorAll("nav nav a")];
         return links.find((a) => a.textContent.replace(/[0-9]+$/, "") === arguments[0]) ??
           links.find((a) => a.textContent.startsWith(arguments[0])) ?? null`,
        name,
      );
    await ((await this.driver.wait(link, PATIENCE, `no place ${name}`)) as WebElement).click();
  }

  /** Opens a folded section of the panel. */
  async unfold(title: string): Promise<void> {
    const open = () =>
      this.driver.executeScript<boolean>(
        `const found = [...document.querySelectorAll("aside details")]
           .filter((d) => d.querySelector("summary").textContent.includes(arguments[0]));
         for (const d of found) d.open = true;
         return found.length > 0;`,
        title,
      );
    await this.driver.wait(open, PATIENCE, `no section ${title}`);
  }

  /** The text of an element, its white space folded. */
  async text(css: string): Promise<string> {
    // In one step: what is drawn anew between finding and reading is another element.
    const read = () =>
      this.driver.executeScript<{ text: string } | null>(
        `const found = document.querySelector(arguments[0]);
         return found && { text: found.textContent }`,
        css,
      );
    const found = await this.driver.wait(read, PATIENCE, `${css} did not appear`);
    return (found?.text ?? "").replace(/\s+/g, " ").trim();
  }

  /** Waits until the text of an element fulfils a condition, and gives it. */
  async textWhen(css: string, holds: (text: string) => boolean): Promise<string> {
    let last = "";
    await this.driver
      .wait(async () => {
        last = await this.text(css);
        return holds(last);
      }, PATIENCE)
      .catch(() => {
        throw new Error(`${css} still says "${last}"`);
      });
    return last;
  }

  /** The text of an element once it has stopped changing: a plan may still be on its way. */
  async textAtRest(css: string, forMs = 600): Promise<string> {
    let last = await this.text(css);
    await this.driver.wait(
      async () => {
        const now = await this.text(css);
        const rests = now === last;
        last = now;
        return rests;
      },
      PATIENCE,
      `${css} does not come to rest`,
      forMs,
    );
    return last;
  }

  /** Waits until the header says that everything is stored. */
  async saved(): Promise<void> {
    await this.textWhen("header [role=status]", (text) => text === "Saved on this device");
  }

  async press(...keys: string[]): Promise<void> {
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform();
  }

  /** Presses a key while Control is held. */
  async control(key: string, shift = ""): Promise<void> {
    const control = "\uE009";
    const actions = this.driver.actions().keyDown(control);
    if (shift) actions.keyDown(shift);
    actions.sendKeys(key);
    if (shift) actions.keyUp(shift);
    await actions.keyUp(control).perform();
  }

  /** Drags the field of a wall by some px, in small steps as a finger does. */
  async dragField(wall: string, dx: number, dy: number): Promise<void> {
    const origin = await this.find(`[data-field="${wall}"]`);
    const steps = 8;
    const actions = this.driver.actions({ async: true }).move({ origin, x: 9, y: 40 }).press();
    for (let k = 1; k <= steps; k++) {
      actions.move({
        origin,
        x: 9 + Math.round((dx * k) / steps),
        y: 40 + Math.round((dy * k) / steps),
        duration: 20,
      });
    }
    await actions.release().perform();
  }

  /** Errors that the page wrote to its console. */
  async consoleErrors(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.BROWSER);
    return entries.map(({ message }) => message);
  }
}
