import assert from "node:assert/strict";
import { test } from "node:test";
import { type Reminder, Reminders } from "./reminders.ts";

const HOUR = 3_600_000;

/** A browser whose clock and storage the test moves; a reload makes new reminders of them. */
class FakeBrowser {
  text: string | null = null;
  clock = 1000;
  told: string[] = [];
  private timers: { at: number; call: () => void }[] = [];

  open(): Reminders {
    this.timers = [];
    const reminders = new Reminders({
      read: () => this.text,
      write: (text) => {
        this.text = text;
      },
      now: () => this.clock,
      later: (call, ms) => {
        const timer = { at: this.clock + ms, call };
        this.timers.push(timer);
        return () => {
          this.timers = this.timers.filter((each) => each !== timer);
        };
      },
      tell: ({ key }) => this.told.push(key),
    });
    reminders.start();
    return reminders;
  }

  pass(ms: number): void {
    this.clock += ms;
    for (const { at, call } of [...this.timers]) if (at <= this.clock) call();
  }
}

const reminder = (key: string, at: number): Reminder => ({ key, at, title: key, text: "" });

test("each is told once when its time has come, the earlier first", () => {
  const browser = new FakeBrowser();
  const reminders = browser.open();
  reminders.add(reminder("late", 1000 + 2 * HOUR));
  reminders.add(reminder("soon", 1000 + HOUR));
  browser.pass(HOUR / 2);
  assert.deepEqual(browser.told, []);
  browser.pass(HOUR / 2);
  assert.deepEqual(browser.told, ["soon"]);
  browser.pass(5 * HOUR);
  assert.deepEqual(browser.told, ["soon", "late"]);
  assert.deepEqual(reminders.use.getState().waiting, []);
});

test("a reload keeps them; what came due meanwhile is told, what is long over is not", () => {
  const browser = new FakeBrowser();
  browser.open().add(reminder("coat", 1000 + 3 * HOUR));
  browser.clock += HOUR;
  const again = browser.open();
  assert.deepEqual(
    again.use.getState().waiting.map(({ key }) => key),
    ["coat"],
  );
  browser.pass(2 * HOUR);
  assert.deepEqual(browser.told, ["coat"]);
  again.add(reminder("old", browser.clock + HOUR));
  again.add(reminder("new", browser.clock + 30 * HOUR));
  browser.clock += 31 * HOUR;
  browser.open();
  assert.deepEqual(browser.told, ["coat", "new"]);
});

test("another time takes the place of the first; one that is given up is silent", () => {
  const browser = new FakeBrowser();
  const reminders = browser.open();
  reminders.add(reminder("coat", 1000 + HOUR));
  reminders.add(reminder("coat", 1000 + 2 * HOUR));
  reminders.add(reminder("tile", 1000 + HOUR));
  reminders.remove("tile");
  browser.pass(HOUR);
  assert.deepEqual(browser.told, []);
  browser.pass(HOUR);
  assert.deepEqual(browser.told, ["coat"]);
});

test("what is stored may be anything", () => {
  const browser = new FakeBrowser();
  for (const text of [
    "",
    "{",
    "7",
    '[null, 3, {"key": 1}]',
    '[{"key":"a","at":null,"title":"","text":""}]',
  ]) {
    browser.text = text;
    assert.deepEqual(browser.open().use.getState().waiting, []);
  }
});
