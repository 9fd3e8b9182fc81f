import { useEffect, useState } from "react";

/** The time, ms since 1970, again and again so many ms; also at once when the page is looked at again. */
export function useNow(every: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const look = () => setNow(Date.now());
    const timer = setInterval(look, every);
    // A phone in a pocket stops its timers: what it shows when it is taken out must be true.
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, [every]);
  return now;
}

/** A length of time as a clock shows it: 1:12 h of an hour and twelve minutes, 9:05 of minutes and seconds. */
export function clockText(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const [minutes, rest] = [Math.floor(seconds / 60), seconds % 60];
  return `${minutes}:${String(rest).padStart(2, "0")}`;
}
