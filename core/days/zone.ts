/** A moment as clocks of a zone show it. */
interface ClockTime {
  year: number;
  /** 1 to 12. */
  month: number;
  day: number;
  hour: number;
  minute: number;
}

const formats = new Map<string, Intl.DateTimeFormat>();

function formatOf(zone: string): Intl.DateTimeFormat {
  const known = formats.get(zone);
  if (known) return known;
  const made = new Intl.DateTimeFormat("en-US", {
    ...{ timeZone: zone, hourCycle: "h23" },
    ...{ year: "numeric", month: "numeric", day: "numeric" },
    ...{ hour: "numeric", minute: "numeric", second: "numeric" },
  });
  formats.set(zone, made);
  return made;
}

/** Whether clocks of a zone are known here. */
export function isZone(zone: string): boolean {
  try {
    formatOf(zone);
    return true;
  } catch {
    return false;
  }
}

/** How far clocks of a zone are ahead of UTC at a moment, ms. */
export function offsetAt(ms: number, zone: string): number {
  const parts = new Map(
    formatOf(zone)
      .formatToParts(ms)
      .map(({ type, value }) => [type, Number(value)]),
  );
  const at = (type: Intl.DateTimeFormatPartTypes) => parts.get(type) ?? 0;
  const shown = Date.UTC(
    at("year"),
    at("month") - 1,
    at("day"),
    at("hour"),
    at("minute"),
    at("second"),
  );
  return shown - Math.floor(ms / 1000) * 1000;
}

/** The moment at which clocks of a zone show a time; one that is skipped counts as the hour after it. */
export function momentOf({ year, month, day, hour, minute }: ClockTime, zone: string): number {
  const asUtc = Date.UTC(year, month - 1, day, hour, minute);
  const first = asUtc - offsetAt(asUtc, zone);
  // The clocks may be changed between the two: the second look is the one at the moment itself.
  return asUtc - offsetAt(first, zone);
}

/** What clocks of a zone show at a moment. */
export function clockTime(ms: number, zone: string): ClockTime & { weekday: number } {
  const local = new Date(ms + offsetAt(ms, zone));
  return {
    year: local.getUTCFullYear(),
    month: local.getUTCMonth() + 1,
    day: local.getUTCDate(),
    hour: local.getUTCHours(),
    minute: local.getUTCMinutes(),
    weekday: local.getUTCDay(),
  };
}

/** A moment in ISO 8601 with the zone's offset. */
export function isoIn(ms: number, zone: string): string {
  const offset = Math.round(offsetAt(ms, zone) / 60_000);
  const local = new Date(ms + offset * 60_000).toISOString().slice(0, 19);
  const [sign, size] = [offset < 0 ? "-" : "+", Math.abs(offset)];
  const two = (value: number) => String(value).padStart(2, "0");
  return `${local}${sign}${two(Math.floor(size / 60))}:${two(size % 60)}`;
}

const LOCAL = /^(\d{4})-(\d\d)-(\d\d)(?:T(\d\d):(\d\d)(?::\d\d(?:\.\d+)?)?)?$/;

/** A moment as it is written: with an offset it stands, without one it is in the zone; a day begins at an hour. */
export function readMoment(text: string, zone: string, hour: number): number | undefined {
  const local = LOCAL.exec(text);
  if (!local) {
    const ms = Date.parse(text);
    return Number.isFinite(ms) ? ms : undefined;
  }
  const [year = 0, month = 0, day = 0] = local.slice(1, 4).map(Number);
  const [hours, minutes] =
    local[4] === undefined ? [hour, 0] : [Number(local[4]), Number(local[5])];
  return momentOf({ year, month, day, hour: hours, minute: minutes }, zone);
}
