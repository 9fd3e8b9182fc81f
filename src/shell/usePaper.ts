import { type ComponentType, useEffect, useState } from "react";
import { flushSync } from "react-dom";
import type { StagePaperProps } from "../print/StagePaper.tsx";
import { PAPER } from "./paper-part.ts";

/** Prints what is shown, once its paper is there. */
export async function printShown(): Promise<void> {
  // Without its paper the screen itself is printed: better than nothing.
  await PAPER.load().catch(() => undefined);
  print();
}

/** What is printed in the place of the screen, while it is printed. */
export function usePaper(): ComponentType<StagePaperProps> | undefined {
  const [shown, setShown] = useState<ComponentType<StagePaperProps>>();
  useEffect(() => {
    // At once: the browser makes its pages as soon as the event is over.
    const before = () => flushSync(() => setShown(() => PAPER.ready));
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
