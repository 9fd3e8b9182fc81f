import { type ComponentType, lazy, type ReactNode, Suspense, useState } from "react";
import { ui } from "../words/ui.ts";
import type { Part } from "./part.ts";

interface LaterProps<P extends object> {
  part: Part<P>;
  props: P;
  /** What stands there until it is loaded. */
  waiting?: ReactNode;
}

/**
 * A part that is loaded where it is shown. It is asked for anew each time it is put on the page, so
 * that one that could not be loaded once can be tried again.
 */
export function Later<P extends object>({ part, props, waiting }: LaterProps<P>) {
  const [Shown] = useState(() => part.ready ?? (lazy(part.load) as unknown as ComponentType<P>));
  return (
    <Suspense fallback={waiting ?? <p className="p-6">{ui.loading}</p>}>
      <Shown {...props} />
    </Suspense>
  );
}
