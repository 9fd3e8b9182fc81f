import { grouped, writeNumbersAs } from "../../core/length/numbers.ts";
import { speakCore } from "../../core/words/spoken.ts";
import { english } from "./en.ts";

/** What a language has to say. */
export type Words = typeof english;

let spoken: Words = english;

/** Says everything from now on in a language's words; what is on the screen has to be drawn anew. */
export function speak(words: Words): void {
  spoken = words;
  speakCore(words.core);
  if (reader) writeNumbersAs(reader);
}

/** Everything that is said on screen, in files and to screen readers, in the language that is spoken. */
export const ui: Words = new Proxy(english, {
  get: (_, name) => Reflect.get(spoken, name),
});

let reader: string | undefined;

/** Writes numbers and dates as a reader's browser is set, "de" or "en-GB", whatever the language. */
export function writeAs(locale: string): void {
  reader = locale;
  writeNumbersAs(locale);
}

/** How the reader's browser writes numbers and dates; without one as the language does. */
export function readerLocale(): string {
  return reader ?? ui.core.locale;
}

/** A day and time as the reader writes them. */
export function formatWhen(at: number): string {
  return new Date(at).toLocaleString(readerLocale(), { dateStyle: "medium", timeStyle: "short" });
}

/** A time of the day as the reader writes it. */
export function formatTime(at: number): string {
  return new Date(at).toLocaleTimeString(readerLocale(), { timeStyle: "short" });
}

/** A count with its digits grouped as the reader does. */
export function formatCount(count: number): string {
  return grouped(count, 0, 0);
}
