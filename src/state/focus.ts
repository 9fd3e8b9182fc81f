/** What was asked for may first have to be loaded, planned or drawn: so many frames are waited. */
const MOST_FRAMES = 120;

/** What can be typed into or chosen from. */
const FIELDS = "input:not([type=hidden]), select, textarea";

/** Focuses what can be found, as soon as it is there; a folded group that it is in is opened. */
export function focusSoon(find: () => HTMLElement | null | undefined): void {
  let frames = 0;
  const look = () => {
    const found = find();
    if (!found) {
      frames += 1;
      if (frames < MOST_FRAMES) requestAnimationFrame(look);
      return;
    }
    const folded = found.closest("details");
    if (folded) folded.open = true;
    found.scrollIntoView({ block: "nearest" });
    found.focus();
  };
  requestAnimationFrame(look);
}

/** Focuses the first field that comes to stand in a group, which has just been added to. */
export function focusAdded(group: Element): void {
  const before = new Set(group.querySelectorAll(FIELDS));
  const { activeElement } = document;
  focusSoon(() => {
    // Who has gone on to something else is not called back.
    if (document.activeElement !== activeElement) return undefined;
    return [...group.querySelectorAll<HTMLElement>(FIELDS)].find((field) => !before.has(field));
  });
}

/** Focuses the field of a name, wherever it is on the page. */
export function focusField(name: string): void {
  focusSoon(() => document.querySelector<HTMLElement>(`[data-field-name="${CSS.escape(name)}"]`));
}
