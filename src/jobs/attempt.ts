import { useCallback, useState } from "react";
import { ui } from "../words/ui.ts";

/** Does something to the store; what cannot be stored is told. */
export type Attempt = (action: () => Promise<unknown>) => Promise<void>;

export function useAttempt(): { failure: string | undefined; attempt: Attempt } {
  const [failure, setFailure] = useState<string>();
  const attempt = useCallback<Attempt>(async (action) => {
    try {
      await action();
      setFailure(undefined);
    } catch {
      setFailure(ui.save.full);
    }
  }, []);
  return { failure, attempt };
}
