import { useMemo, useSyncExternalStore } from "react";

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

/** A phone shows one wall at a time. */
export function usePhone(): boolean {
  return useMedia("(max-width: 767px)");
}

/** A phone on its side has no height for the tally under the drawing, nor for flags round a wall. */
export function useLow(): boolean {
  return useMedia("(max-height: 520px)");
}
