import { useSyncExternalStore } from "react";

/** Whether a media query holds, followed as it changes. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (notify) => {
      const list = matchMedia(query);
      list.addEventListener("change", notify);
      return () => list.removeEventListener("change", notify);
    },
    () => matchMedia(query).matches,
    () => false,
  );
}

/** A phone shows one wall at a time. */
export function usePhone(): boolean {
  return useMedia("(max-width: 767px)");
}
