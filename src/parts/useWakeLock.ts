import { useEffect } from "react";

/** Keeps the screen on while something is shown that is read with wet hands, where the browser can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let shown = true;
    const hold = async () => {
      // A page that was hidden loses its lock: it is asked for again when it is back.
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      const held = await navigator.wakeLock.request("screen").catch(() => undefined);
      if (shown) lock = held;
      else void held?.release();
    };
    void hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      shown = false;
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}
