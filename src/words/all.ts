import { type AtOnce, english } from "./en.ts";
import { spanish } from "./es.ts";
import type { LanguageCode } from "./language-code.ts";

/** What every language says from the first figures on: for pages that are made ahead in all of them. */
export const WORDS: Record<LanguageCode, AtOnce> = { en: english, es: spanish };
