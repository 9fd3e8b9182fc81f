import assert from "node:assert/strict";
import { test } from "node:test";
import { ENGLISH_TOLD } from "../../core/words/told.ts";
import { problems as englishProblems } from "./en/problems.ts";
import { problems as spanishProblems } from "./es/problems.ts";
import { LANGUAGES, wholeLanguage } from "./language.ts";
import {
  acceptedLanguage,
  LANGUAGE_CODES,
  type LanguageCode,
  languageOf,
} from "./language-code.ts";
import type { Words } from "./ui.ts";

/** All words of a language; English tells figures and warnings where no language does. */
async function wordsOf(code: LanguageCode): Promise<Words> {
  const words = await wholeLanguage(code);
  return { ...words, core: { ...words.core, told: words.core.told ?? ENGLISH_TOLD } };
}

type Said = string | number | ((...args: unknown[]) => unknown);

/** Every text and every way to make one, with its place in the dictionary. */
function said(words: object, path = ""): [string, Said][] {
  return Object.entries(words).flatMap(([name, value]): [string, Said][] =>
    typeof value === "object" && value !== null
      ? said(value, `${path}${name}.`)
      : [[path + name, value]],
  );
}

/** Stands for whatever a sentence asks for: a number, a text, a list of texts, a way to tell lengths. */
const anything: unknown = new Proxy(() => "7", {
  get: (_, name) => (name === Symbol.toPrimitive ? () => 7 : () => "7"),
});

/** What a text says, or a way to make one with anything filled in; its code where it is one. */
function sentence(place: string, value: Said): string {
  if (typeof value !== "function") return String(value);
  if (place.endsWith(".givesUp")) {
    const codes = ["nothing", "slivers", "tongues", "holes", "smallest", "balance", "openings"];
    return [...codes, "cuts"].map((code) => value({ code, own: 7, best: 3 }, () => "7")).join(" ");
  }
  return String(value(...Array<unknown>(value.length).fill(anything)));
}

/** The core's sentences are told by codes that are no text: they have tests of their own. */
const TESTED_ELSEWHERE = /^core\.(told\.termName|told\.warning|lengthProblem|fieldIssue)$/;

/** Texts that are the same in every language: names, units, signs. */
const ALIKE = new Set(
  "Dintel Ctrl Base base Material clip mm A4 V No Panel Clips lb kg gal ml min lb/gal kg/L m²/L m² mm²".split(
    " ",
  ),
);

/** Words that are alike in both, keys, codes and amounts; and what names the columns of a file. */
const ALIKE_PLACES =
  /^((patterns|measure)\.diagonal|figure\.related\..*|shortcuts\.rows\.1[56]\.0|pole\.check|set\.hours|readings\.problems\..*)$/;

/** Words that only English has; "a", "no" and "me" are Spanish too. */
const ENGLISH =
  /\b(the|of|and|is|are|was|with|from|this|that|not|for|have|has|will|been|tile|wall|joint|cut|course|board|grout|film|height|width|left|right|next|done|change|remove|add)\b/i;

test("every language has every key of English, and nothing beside", async () => {
  const english = await wordsOf("en");
  for (const code of LANGUAGE_CODES) {
    const own = await wordsOf(code);
    const keys = (words: object) =>
      said(words)
        .map(([place, value]) => `${place}: ${typeof value}`)
        .sort();
    assert.deepEqual(keys(own), keys(english), code);
    assert.ok(
      said(own).every(([, value]) => value !== ""),
      code,
    );
  }
  assert.ok(said(english).length > 1500, `${said(english).length} texts`);
});

test("no English is left in another language", async () => {
  const english = new Map(said(await wordsOf("en")));
  for (const code of LANGUAGE_CODES.filter((other) => other !== "en")) {
    const left: string[] = [];
    for (const [place, value] of said(await wordsOf(code))) {
      if (TESTED_ELSEWHERE.test(place) || ALIKE_PLACES.test(place)) continue;
      const [own, theirs] = [value, english.get(place) ?? ""].map((text) => sentence(place, text));
      const hasWords = /[a-z]{2}/i.test((own ?? "").replace(/7/g, ""));
      const isAlike = own === theirs && hasWords && !ALIKE.has(own ?? "");
      if (isAlike || ENGLISH.test(own ?? "")) left.push(`${place}: ${own}`);
    }
    assert.deepEqual(left, [], code);
  }
});

test("what the endpoints say of requests has every key and no English either", () => {
  const own = said(spanishProblems);
  const theirs = new Map(said(englishProblems));
  assert.deepEqual(
    own.map(([place]) => place),
    [...theirs.keys()],
  );
  for (const [place, value] of own) {
    const text = sentence(place, value);
    // "Use" is said so in both.
    if (place === "noMethod.message") continue;
    assert.notEqual(text, sentence(place, theirs.get(place) ?? ""), place);
    assert.doesNotMatch(text, ENGLISH, place);
  }
});

test("every language calls itself by its own name", () => {
  assert.deepEqual(Object.keys(LANGUAGES), [...LANGUAGE_CODES]);
  assert.equal(LANGUAGES.es.name, "Español");
});

test("a reader is spoken to in the first language that there are words for", () => {
  assert.equal(languageOf(["es-MX", "en"]), "es");
  assert.equal(languageOf(["de", "ES-419"]), "es");
  assert.equal(languageOf(["de", "en-GB", "es"]), "en");
  assert.equal(languageOf(["de", "fr"]), "en");
  assert.equal(languageOf([]), "en");
});

test("a request is answered in the language that it likes best", () => {
  assert.equal(acceptedLanguage("es"), "es");
  assert.equal(acceptedLanguage("es-MX,es;q=0.9,en;q=0.8"), "es");
  assert.equal(acceptedLanguage("en;q=0.3, es;q=0.7"), "es");
  assert.equal(acceptedLanguage("es;q=0, en"), "en");
  assert.equal(acceptedLanguage("es;q=0"), "en");
  assert.equal(acceptedLanguage("fr, *;q=0.5"), "en");
  assert.equal(acceptedLanguage(";;;,,q=,es;q=x"), "es");
  assert.equal(acceptedLanguage(""), "en");
  assert.equal(acceptedLanguage(null), "en");
});
