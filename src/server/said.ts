import { problems as english } from "../words/en/problems.ts";
import { problems as spanish } from "../words/es/problems.ts";
import { acceptedLanguage, type LanguageCode } from "../words/language-code.ts";

/** What the endpoints say, in each language. */
export const PROBLEM_WORDS: Record<LanguageCode, typeof english> = { en: english, es: spanish };

/** The language that a request asks to be answered in. */
export function languageOfRequest(request: Request): LanguageCode {
  return acceptedLanguage(request.headers.get("accept-language"));
}

/** What is said of a request that cannot be answered, in the language that it asks for. */
export function said(request: Request): typeof english {
  return PROBLEM_WORDS[languageOfRequest(request)];
}
