import { useEffect, useMemo, useState, useSyncExternalStore } from "react";

/** Whether a media query holds, followed as it changes. */
export function useMedia(query: string): boolean {
  const list = useMemo(() => matchMedia(query), [query]);
  return useSyncExternalStore(
    (notify) => {
      list.addEventListener("change", notify);
      return () => list.removeEventListener("change", notify);
    },
    () => list.matches,
    () => false,
  );
}

/** A phone shows one wall at a time; so does a larger screen when text is very large. */
export function usePhone(): boolean {
  return useMedia("(max-width: 47.99em)");
}

/** How many px of the drawing's text are one of a browser whose text is as large as usual. */
export function useRem(): number {
  const [rem, setRem] = useState(1);
  useEffect(() => {
    const read = () =>
      setRem(Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / 16);
    read();
    addEventListener("resize", read);
    return () => removeEventListener("resize", read);
  }, []);
  return rem;
}

/** A phone on its side has no height for the tally under the drawing, nor for flags round a wall. */
export function useLow(): boolean {
  return useMedia("(max-height: 32.5em)");
}

/** A tablet held upright has no width for a panel beside the drawing. */
export function useUpright(): boolean {
  return useMedia("(min-width: 48em) and (max-width: 68em) and (orientation: portrait)");
}

/**
 * How a job is laid out by the room there is: all beside each other; on a tablet held upright the
 * panel below; on a phone one wall with sheets; where it is low one wall with a column beside it.
 */
export type Shape = "wide" | "upright" | "phone" | "flat";

export function useShape(): Shape {
  const [phone, low, upright] = [usePhone(), useLow(), useUpright()];
  if (low) return "flat";
  if (phone) return "phone";
  return upright ? "upright" : "wide";
}
