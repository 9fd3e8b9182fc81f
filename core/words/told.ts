import { FIGURES, TERMS, termName } from "./en/figures.ts";
import { SIDES, WARNINGS } from "./en/warnings.ts";
import type { CoreTold } from "./say.ts";
import { words } from "./spoken.ts";
import { warningTeller } from "./warning-teller.ts";

/** What is said of figures and warnings in English. */
export const ENGLISH_TOLD: CoreTold = {
  figures: FIGURES,
  terms: TERMS,
  termName,
  warning: warningTeller(WARNINGS, SIDES),
};

/** The same in the language that is spoken. Only what is shown after the first figures asks for it. */
export const told: CoreTold = new Proxy(ENGLISH_TOLD, {
  get: (own, name) => Reflect.get(words.told ?? own, name),
});
