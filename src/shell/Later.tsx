import { type ComponentType, lazy, Suspense, useState } from "react";
import { ui } from "../words/ui.ts";

interface LaterProps<P extends object> {
  load: () => Promise<{ default: ComponentType<P> }>;
  props: P;
}

/**
 * A part that is loaded where it is shown. It is asked for anew each time it is put on the page, so
 * that one that could not be loaded once can be tried again.
 */
export function Later<P extends object>({ load, props }: LaterProps<P>) {
  const [Part] = useState(() => lazy(load) as unknown as ComponentType<P>);
  return (
    <Suspense fallback={<p className="p-6">{ui.loading}</p>}>
      <Part {...props} />
    </Suspense>
  );
}
