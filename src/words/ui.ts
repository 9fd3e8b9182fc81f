import { grouped, writeNumbersAs } from "../../core/length/numbers.ts";
import { speakCore } from "../../core/words/spoken.ts";
import { english, type Words } from "./en.ts";
import { languageOf } from "./language-code.ts";

export type { Words };

let spoken: Words = english;

/** Says everything from now on in a language's words; what is on the screen has to be drawn anew. */
export function speak(words: Words): void {
  spoken = words;
  speakCore(words.core);
  writeNumbersAs(readerLocale());
}

/** Everything that is said on screen, in files and to screen readers, in the language that is spoken. */
export const ui: Words = new Proxy(english, {
  get: (_, name) => Reflect.get(spoken, name),
});

let reader: string | undefined;

/** Writes numbers and dates as a reader's browser is set: "de", "en-GB". */
export function writeAs(locale: string): void {
  reader = locale;
  writeNumbersAs(readerLocale());
}

/**
 * How numbers and dates are written: as the reader's browser is set, or as the language does where
 * somebody speaks another of ours than the browser's: no "30 Nov" within Spanish.
 */
export function readerLocale(): string {
  const own = ui.core.locale;
  const isOther = reader && languageOf([reader, own]) !== languageOf([own]);
  return reader && !isOther ? reader : own;
}

const MOMENTS = {
  when: { dateStyle: "medium", timeStyle: "short" },
  time: { timeStyle: "short" },
  day: { dateStyle: "full" },
} as const;

/** Making a format takes longer than writing a hundred moments with it: each is made once. */
const formats = new Map<string, Intl.DateTimeFormat>();

function formatMoment(at: number, how: keyof typeof MOMENTS): string {
  const locale = readerLocale();
  const key = `${how} ${locale}`;
  const format = formats.get(key) ?? new Intl.DateTimeFormat(locale, MOMENTS[how]);
  formats.set(key, format);
  return format.format(at);
}

/** A day and time as the reader writes them. */
export function formatWhen(at: number): string {
  return formatMoment(at, "when");
}

/** A time of the day as the reader writes it. */
export function formatTime(at: number): string {
  return formatMoment(at, "time");
}

/** A day with its name as the reader writes it. */
export function formatDay(at: number): string {
  return formatMoment(at, "day");
}

/** A count with its digits grouped as the reader does. */
export function formatCount(count: number): string {
  return grouped(count, 0, 0);
}
