import { english } from "./words/en.ts";

/** What a language has to say in documents. */
export type DocumentWords = typeof english;

let spoken: DocumentWords = english;

/** Says documents from now on in a language's words. */
export function speakDocuments(words: DocumentWords): void {
  spoken = words;
}

/** The words of documents in the language that is spoken. */
export const documents: DocumentWords = new Proxy(english, {
  get: (_, name) => Reflect.get(spoken, name),
});
