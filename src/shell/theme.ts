import { ui } from "../words/ui.ts";

const THEMES = Object.keys(ui.themes);

/** Goes on to the next light: plaster, lamp-lit, sunlight. The choice stays on this device. */
export function nextTheme(): void {
  const root = document.documentElement;
  const at = THEMES.indexOf(root.dataset.theme ?? "plaster");
  const next = THEMES[(at + 1) % THEMES.length] ?? "plaster";
  root.dataset.theme = next;
  try {
    localStorage.setItem("dintel-theme", next);
  } catch {
    // Without storage the theme lasts until the page is closed.
  }
}
