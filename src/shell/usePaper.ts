import { type ComponentType, useEffect, useState } from "react";
import { flushSync } from "react-dom";
import type { StagePaper } from "../print/StagePaper.tsx";

type Paper = typeof StagePaper;

let paper: Paper | undefined;

/** Loads what a stage looks like on paper: nobody waits for it who opens a job. */
export async function loadPaper(): Promise<void> {
  paper = (await import("../print/StagePaper.tsx")).StagePaper;
}

/** Prints what is shown, once its paper is there. */
export async function printShown(): Promise<void> {
  // Without its paper the screen itself is printed: better than nothing.
  await loadPaper().catch(() => undefined);
  print();
}

/** What is printed in the place of the screen, while it is printed. */
export function usePaper(): ComponentType<Parameters<Paper>[0]> | undefined {
  const [shown, setShown] = useState<Paper>();
  useEffect(() => {
    // At once: the browser makes its pages as soon as the event is over.
    const before = () => flushSync(() => setShown(() => paper));
    const after = () => setShown(undefined);
    addEventListener("beforeprint", before);
    addEventListener("afterprint", after);
    return () => {
      removeEventListener("beforeprint", before);
      removeEventListener("afterprint", after);
    };
  }, []);
  return shown;
}
