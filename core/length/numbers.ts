let locale = "en";
let sign = ".";
const formats = new Map<string, Intl.NumberFormat>();

/** Writes numbers from now on as a locale does, "de" or "en-GB": its decimal sign, its groups of digits. */
export function writeNumbersAs(language: string): void {
  formats.clear();
  try {
    locale = Intl.NumberFormat.supportedLocalesOf(language)[0] ?? "en";
  } catch {
    // A browser may be set to what is no language at all.
    locale = "en";
  }
  sign =
    numberFormat(1, 1)
      .formatToParts(1.5)
      .find(({ type }) => type === "decimal")?.value ?? ".";
}

/** A number with its digits grouped and its decimals, at least and at most so many. */
export function grouped(value: number, least: number, most: number): string {
  return numberFormat(least, most).format(value).replace("-", "−");
}

/** A number as it can be typed, at most so many decimals and no groups: "12.5", "12,5". */
export function plain(value: number, most: number): string {
  return String(Number(value.toFixed(most))).replace(".", sign);
}

/** A number with just so many decimals. */
export function fixed(value: number, decimals: number): string {
  return value.toFixed(decimals).replace(".", sign);
}

/** Kept from call to call: making one for each figure of the tally took 5 ms a frame. */
function numberFormat(least: number, most: number): Intl.NumberFormat {
  const key = `${least}/${most}`;
  let format = formats.get(key);
  if (!format) {
    format = new Intl.NumberFormat(locale, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      // Tapes, bags and keyboards have these digits everywhere.
      numberingSystem: "latn",
    });
    formats.set(key, format);
  }
  return format;
}
