import type { later } from "./en/later.ts";
import { english, type Words } from "./en.ts";
import { isLanguage, type LanguageCode, languageOf } from "./language-code.ts";
import { speak } from "./ui.ts";

interface Language {
  /** As its own speakers call it. */
  name: string;
  /** What is said from the first figures on. */
  atOnce: () => Promise<Words>;
  /** What the parts say that are loaded where they are shown. */
  later: () => Promise<typeof later>;
}

/** Every language with its words; English is there from the start, the others when they are spoken. */
export const LANGUAGES: Record<LanguageCode, Language> = {
  en: {
    name: "English",
    atOnce: async () => english,
    later: async () => (await import("./en/later.ts")).later,
  },
  es: {
    name: "Español",
    atOnce: async () => (await import("./es.ts")).spanish,
    later: async () => (await import("./es/later.ts")).later,
  },
};

const loading = new Map<LanguageCode, Promise<Words>>();

/** All words of a language, loaded once; a try that failed can be made again. */
export function wholeLanguage(code: LanguageCode): Promise<Words> {
  const known = loading.get(code);
  if (known) return known;
  const { atOnce, later } = LANGUAGES[code];
  const words = Promise.all([atOnce(), later()]).then(([first, rest]) =>
    Object.assign(first, rest),
  );
  loading.set(code, words);
  words.catch(() => loading.delete(code));
  return words;
}

const KEPT = "dintel-language";
const listeners = new Set<() => void>();
let spoken: LanguageCode = "en";

/** The language that is spoken now. */
export function spokenLanguage(): LanguageCode {
  return spoken;
}

/** Tells whenever another language is spoken; gives the function that ends it. */
export function onLanguage(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The words of all parts that are loaded later: they are there before the first of these is shown. */
export async function laterWords(): Promise<void> {
  await wholeLanguage(spoken);
}

/** The language that was chosen on this device, else the first that the browser asks for. */
export function wantedLanguage(): LanguageCode {
  try {
    const kept = localStorage.getItem(KEPT);
    if (isLanguage(kept)) return kept;
  } catch {
    // Without storage the browser's own wish counts.
  }
  return languageOf(navigator.languages);
}

/** Speaks what is wanted before anything is drawn; English where its words cannot be had. */
export async function startLanguage(): Promise<void> {
  const wanted = wantedLanguage();
  if (wanted === spoken) return;
  try {
    const words = await LANGUAGES[wanted].atOnce();
    tell(wanted, words);
  } catch {
    // Without a network and without the words, English is there.
  }
}

/** Speaks another language from now on; what is on the screen is drawn anew, what is typed stays. */
export async function changeLanguage(code: LanguageCode): Promise<void> {
  const words = await wholeLanguage(code);
  try {
    localStorage.setItem(KEPT, code);
  } catch {
    // Without storage it lasts until the page is closed.
  }
  tell(code, words);
}

function tell(code: LanguageCode, words: Words): void {
  spoken = code;
  speak(words);
  if (typeof document !== "undefined") document.documentElement.lang = code;
  for (const listener of listeners) listener();
}
