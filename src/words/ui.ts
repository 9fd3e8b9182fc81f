import { speakCore } from "../../core/words/spoken.ts";
import { english } from "./en.ts";

/** What a language has to say. */
export type Words = typeof english;

let spoken: Words = english;

/** Says everything from now on in a language's words; what is on the screen has to be drawn anew. */
export function speak(words: Words): void {
  spoken = words;
  speakCore(words.core);
}

/** Everything that is said on screen, in files and to screen readers, in the language that is spoken. */
export const ui: Words = new Proxy(english, {
  get: (_, name) => Reflect.get(spoken, name),
});

/** A day and time as the language writes them. */
export function formatWhen(at: number): string {
  return new Date(at).toLocaleString(ui.core.locale, { dateStyle: "medium", timeStyle: "short" });
}

/** A count with its digits grouped as the language does. */
export function formatCount(count: number): string {
  return count.toLocaleString(ui.core.locale);
}
