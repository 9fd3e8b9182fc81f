import { create } from "zustand";
import { beep } from "../parts/beep.ts";

/** Something that is told when its time has come, also when the page was loaded anew meanwhile. */
export interface Reminder {
  /** Names what it is about: the same is told once. */
  key: string;
  /** When, ms since 1970. */
  at: number;
  title: string;
  text: string;
}

/** Where reminders are kept, and how they are told: the browser's own, or a test's. */
export interface ReminderParts {
  read: () => string | null;
  write: (text: string) => void;
  now: () => number;
  /** Calls back after so many ms; gives the function that ends it. */
  later: (call: () => void, ms: number) => () => void;
  tell: (reminder: Reminder) => void;
}

/** The longest that a browser's timer waits, ms. */
const LONGEST_TIMER = 2 ** 31 - 1;

/** What is over for longer than this when the page opens again is no news, ms. */
const STALE = 12 * 3_600_000;

/** Reminders that survive a reload and a dead battery: times are kept, not counters. */
export class Reminders {
  readonly use = create<{ waiting: Reminder[] }>(() => ({ waiting: [] }));
  private end: () => void = () => undefined;

  constructor(private readonly parts: ReminderParts) {}

  /** Takes up what was asked for earlier. */
  start = (): void => this.watch();

  /** Asks for one; another of the same key gives way to it. */
  add = (reminder: Reminder): void => {
    this.store([...this.stored().filter(({ key }) => key !== reminder.key), reminder]);
    this.watch();
  };

  remove = (key: string): void => {
    this.store(this.stored().filter((each) => each.key !== key));
    this.watch();
  };

  /** Tells what is due, and waits for the next. */
  private watch(): void {
    this.end();
    const now = this.parts.now();
    const all = this.stored();
    const due = all.filter(({ at }) => at <= now);
    const waiting = all.filter(({ at }) => at > now);
    // Taken off before they are told: another tab finds them gone.
    if (due.length > 0) this.store(waiting);
    for (const reminder of due) if (now - reminder.at < STALE) this.parts.tell(reminder);
    this.use.setState({ waiting });
    const next = Math.min(...waiting.map(({ at }) => at));
    if (waiting.length === 0) return;
    this.end = this.parts.later(() => this.watch(), Math.min(next - now, LONGEST_TIMER));
  }

  private stored(): Reminder[] {
    try {
      const read: unknown = JSON.parse(this.parts.read() ?? "[]");
      return Array.isArray(read) ? read.filter(isReminder) : [];
    } catch {
      return [];
    }
  }

  private store(reminders: Reminder[]): void {
    this.parts.write(JSON.stringify(reminders));
  }
}

function isReminder(value: unknown): value is Reminder {
  const { key, at, title, text } = (value ?? {}) as Record<string, unknown>;
  const texts = [key, title, text].every((each) => typeof each === "string");
  return texts && typeof at === "number" && Number.isFinite(at);
}

const MARK = "dintel-reminders";

const reminders = new Reminders({
  read: () => {
    try {
      return localStorage.getItem(MARK);
    } catch {
      return null;
    }
  },
  write: (text) => {
    try {
      localStorage.setItem(MARK, text);
    } catch {
      // Then it lasts as long as the page.
    }
  },
  now: Date.now,
  later: (call, ms) => {
    const timer = setTimeout(call, ms);
    return () => clearTimeout(timer);
  },
  tell: (reminder) => void notify(reminder),
});

/** A phone shows notifications through its service worker alone. */
async function notify({ key, title, text }: Reminder): Promise<void> {
  beep();
  const shown = { body: text, tag: key, icon: "/icon-192.png" };
  const registration = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  try {
    if (registration) await registration.showNotification(title, shown);
    else new Notification(title, shown);
  } catch {
    // What may not be shown is on the page all the same.
  }
}

export const useReminders = reminders.use;
export const { start: startReminders, remove: forgetReminder } = reminders;

/** Asks to be told, and the browser whether it may; false when it may not. */
export async function remindOf(reminder: Reminder): Promise<boolean> {
  if (!("Notification" in globalThis)) return false;
  const allowed = await Notification.requestPermission().catch(() => "denied");
  if (allowed !== "granted") return false;
  reminders.add(reminder);
  return true;
}
