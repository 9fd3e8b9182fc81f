import { about as englishAbout } from "./en/about.ts";
import { type AtOnce, english } from "./en.ts";
import { about as spanishAbout } from "./es/about.ts";
import { spanish } from "./es.ts";
import type { LanguageCode } from "./language-code.ts";

/** What a page says that is made ahead in all languages. */
interface Ahead extends AtOnce {
  about: typeof englishAbout;
}

/** The words of pages that are made ahead, in every language. */
export const WORDS: Record<LanguageCode, Ahead> = {
  en: { ...english, about: englishAbout },
  es: { ...spanish, about: spanishAbout },
};
