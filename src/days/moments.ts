import { readerLocale } from "../words/ui.ts";

/** A moment by the job's clocks: the day, its month in full where there is room, and the time. */
export function shownMoment(ms: number, zone: string, long: boolean): string {
  return new Date(ms).toLocaleString(readerLocale(), {
    timeZone: zone,
    ...{ weekday: "short", day: "numeric", month: long ? "long" : "short" },
    ...{ hour: "numeric", minute: "2-digit" },
  });
}
