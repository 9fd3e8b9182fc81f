const MARK = "dintel-letters";

/**
 * Whether keys of a single letter do something in this browser: who speaks to it, or types with a
 * helper, can turn them off (WCAG 2.1.4).
 */
export function lettersAreOn(): boolean {
  try {
    return localStorage.getItem(MARK) !== "off";
  } catch {
    return true;
  }
}

/** Turns keys of a single letter on or off in this browser. */
export function turnLetters(on: boolean): void {
  try {
    if (on) localStorage.removeItem(MARK);
    else localStorage.setItem(MARK, "off");
  } catch {
    // Without storage they stay as they are.
  }
}
