import { useEffect } from "react";
import { useView } from "../state/view-store.ts";
import { actions } from "./actions.ts";
import { lettersAreOn } from "./letters.ts";

/** Listens for the keys of all actions while a job is open. Typing in a field is left alone. */
export function useShortcuts(): void {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.altKey || useView.getState().dialog) return;
      const ctrl = event.ctrlKey || event.metaKey;
      if (!ctrl && !lettersAreOn()) return;
      const typing = isTyping(event.target, ctrl);
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const action = actions().find(
        ({ keys, ctrl: wantsCtrl = false, shift, inFields = false }) =>
          keys?.includes(key) &&
          (!typing || inFields) &&
          wantsCtrl === ctrl &&
          // "?" and "[" need Shift on some keyboards: only where it tells two actions apart.
          (!ctrl || (shift ?? false) === event.shiftKey),
      );
      if (!action) return;
      event.preventDefault();
      action.run();
    };
    addEventListener("keydown", onKeyDown);
    return () => removeEventListener("keydown", onKeyDown);
  }, []);
}

/** Inputs that take no letters and have no undo of their own. */
const UNTYPED = ["checkbox", "radio", "range", "color", "file"];

/** A list takes letters to find its options, but has no undo of its own. */
function isTyping(target: EventTarget | null, ctrl: boolean): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !UNTYPED.includes(target.type);
  return target.matches("textarea") || (target.matches("select") && !ctrl);
}
