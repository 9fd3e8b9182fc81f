import { writeNumbersAs } from "../length/numbers.ts";
import { writeUnitsAs } from "../length/unit-names.ts";
import { namePlaces } from "../project/wall-places.ts";
import { english } from "./en.ts";
import type { CoreTold } from "./say.ts";

/**
 * What a language has to say for the core. Of figures and warnings English speaks where another
 * language has nothing of its own (`told.ts`).
 */
export type CoreWords = typeof english & { told?: CoreTold };

let spoken: CoreWords = english;

/** Says everything of the core from now on in a language's words: names and numbers too. */
export function speakCore(language: CoreWords): void {
  spoken = language;
  writeNumbersAs(language.locale);
  writeUnitsAs(language.units);
  namePlaces(language.places);
}

/** The core's sentences, in the language that is spoken. */
export const words: CoreWords = new Proxy(english, {
  get: (_, name) => Reflect.get(spoken, name),
});
