import { useSyncExternalStore } from "react";
import { onLanguage, spokenLanguage } from "../words/language.ts";
import type { LanguageCode } from "../words/language-code.ts";

/** The language that is spoken; what uses it is drawn again when another one is. */
export function useLanguage(): LanguageCode {
  return useSyncExternalStore(onLanguage, spokenLanguage, () => "en");
}
