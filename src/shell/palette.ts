import { loadPaper } from "./usePaper.ts";

/** Loads the palette, whose libraries nobody waits for who opens a job. */
export const loadPalette = () => import("./Palette.tsx");

/** So long after a job was opened its figures are there and there is time, ms. */
const QUIET = 4000;

/** Fetches palette and paper ahead, so that they are there at once; gives the function that ends that. */
export function preloadPalette(): () => void {
  const timer = setTimeout(() => {
    // Without a network it is fetched when it is asked for, and then it says so.
    loadPalette().catch(() => undefined);
    loadPaper().catch(() => undefined);
  }, QUIET);
  return () => clearTimeout(timer);
}
