/**
 * Texts that were typed but do not count yet: half-typed or wrong lengths. They are kept outside
 * the job, so that a reload or a crash in mid-edit gives them back with their message.
 */
const PREFIX = "dintel-draft/";

/** The text that was left in a field, or undefined. */
export function readDraft(field: string): string | undefined {
  try {
    return localStorage.getItem(PREFIX + field) ?? undefined;
  } catch {
    // Storage may be switched off: then a draft lives as long as its field.
    return undefined;
  }
}

/** Keeps or, with undefined, forgets the text of a field. */
export function writeDraft(field: string, text: string | undefined): void {
  try {
    if (text === undefined) localStorage.removeItem(PREFIX + field);
    else localStorage.setItem(PREFIX + field, text);
  } catch {
    // A full disk must not stop the typing; the job itself says when it cannot be saved.
  }
}
