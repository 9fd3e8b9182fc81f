/** The languages that there are words for: each has a folder here and one in the core. */
export const LANGUAGE_CODES = ["en", "es"] as const;

export type LanguageCode = (typeof LANGUAGE_CODES)[number];

/** Whether a text names a language that there are words for. */
export function isLanguage(code: string | null | undefined): code is LanguageCode {
  return LANGUAGE_CODES.some((known) => known === code);
}

/**
 * The first of the wanted languages that there are words for, English where there is none.
 * `wanted` is in the order of a reader's liking: "es-MX", "en".
 */
export function languageOf(wanted: readonly string[]): LanguageCode {
  for (const tag of wanted) {
    const code = tag.trim().toLowerCase().split("-")[0];
    if (isLanguage(code)) return code;
  }
  return "en";
}

/** The language of an answer by the request's Accept-Language: "es-MX, es;q=0.9, en;q=0.5". */
export function acceptedLanguage(header: string | null): LanguageCode {
  const wanted = (header ?? "")
    .split(",")
    .map((part) => {
      const [tag = "", ...rest] = part.split(";");
      const told = rest.map((each) => /^\s*q\s*=\s*([\d.]+)\s*$/i.exec(each)?.[1]).find(Boolean);
      return { tag, liking: told === undefined ? 1 : Number(told) };
    })
    .filter(({ liking }) => liking > 0)
    // What is liked alike stays in the order in which it was named.
    .sort((a, b) => b.liking - a.liking);
  return languageOf(wanted.map(({ tag }) => tag));
}
