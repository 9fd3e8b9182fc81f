import { formatLength } from "./format.ts";
import { type LengthStyle, MM_PER_INCH } from "./units.ts";

const SQUARE_FEET_PER_M2 = 1e6 / (12 * MM_PER_INCH) ** 2;
const FEET_PER_M = 1000 / (12 * MM_PER_INCH);
/** One pound is 0.45359237 kg exactly. */
const POUNDS_PER_KG = 1 / 0.45359237;
/** One US gallon is 231 cubic inches exactly. */
const GALLONS_PER_L = 1e6 / (231 * MM_PER_INCH ** 3);

/** One US fluid ounce is a 128th of a gallon. */
const ML_PER_FLUID_OUNCE = (231 * MM_PER_INCH ** 3) / 128_000;

/** A powder rate of 1 kg/m² per mm is so many pounds per square foot and inch. */
const POUNDS_PER_SQUARE_FOOT_INCH = (POUNDS_PER_KG * MM_PER_INCH) / SQUARE_FEET_PER_M2;

/** 1 kg/L is so many pounds per gallon. */
const POUNDS_PER_GALLON = POUNDS_PER_KG / GALLONS_PER_L;

/** Units of figures; the reader's words and unit are chosen where they are shown. */
export type FigureUnit =
  | "m2"
  | "m"
  | "mm"
  /** A film in mm, whatever the reader's unit: gauges are read so. */
  | "film"
  | "mm2"
  | "L"
  | "mL"
  | "kg"
  | "kg/L"
  | "kg/m2mm"
  | "count"
  | "share";

/** An amount in the reader's unit. */
export interface ShownAmount {
  value: number;
  unit: string;
  decimals: number;
}

/** An amount in the reader's unit: areas, lengths, weights and volumes follow inches or metres. */
export function shownAmount(value: number, unit: FigureUnit, style: LengthStyle): ShownAmount {
  const inches = style.unit === "in";
  switch (unit) {
    case "m2":
      return inches
        ? { value: value * SQUARE_FEET_PER_M2, unit: "sq ft", decimals: 1 }
        : { value, unit: "m²", decimals: 2 };
    case "m":
      return inches
        ? { value: value * FEET_PER_M, unit: "ft", decimals: 1 }
        : { value, unit: "m", decimals: 2 };
    case "kg":
      return inches
        ? { value: value * POUNDS_PER_KG, unit: "lb", decimals: 1 }
        : { value, unit: "kg", decimals: 1 };
    case "L":
      return inches
        ? { value: value * GALLONS_PER_L, unit: "gal", decimals: 2 }
        : { value, unit: "L", decimals: 2 };
    case "mL":
      return inches
        ? { value: value / ML_PER_FLUID_OUNCE, unit: "fl oz", decimals: 1 }
        : { value, unit: "ml", decimals: 0 };
    case "share":
      return { value: value * 100, unit: "%", decimals: 0 };
    case "count":
      return { value, unit: "", decimals: 0 };
    case "mm":
    case "film":
      return { value, unit: "mm", decimals: 2 };
    case "mm2":
      return inches
        ? { value: value / MM_PER_INCH ** 2, unit: "sq in", decimals: 3 }
        : { value, unit: "mm²", decimals: 0 };
    case "kg/L":
      return inches
        ? { value: value * POUNDS_PER_GALLON, unit: "lb/gal", decimals: 1 }
        : { value, unit: "kg/L", decimals: 2 };
    case "kg/m2mm":
      return inches
        ? { value: value * POUNDS_PER_SQUARE_FOOT_INCH, unit: "lb/sq ft per in", decimals: 2 }
        : { value, unit: "kg/m² per mm", decimals: 2 };
    default:
      return unit satisfies never;
  }
}

/** How a stored figure is typed and read in the reader's unit: stored × factor + offset. */
export interface TypedUnit {
  unit: string;
  factor: number;
  offset: number;
}

/** How an amount is typed: in the unit that it is shown in. */
export function typedAs(unit: FigureUnit, style: LengthStyle): TypedUnit {
  const shown = shownAmount(1, unit, style);
  return { unit: shown.unit, factor: shown.value, offset: 0 };
}

/** Litres, or US gallons where lengths are in inches. */
export function volumeUnit(style: LengthStyle): TypedUnit {
  return style.unit === "in"
    ? { unit: "gal", factor: GALLONS_PER_L, offset: 0 }
    : { unit: "L", factor: 1, offset: 0 };
}

/** Degrees Celsius, or Fahrenheit where lengths are in inches. */
export function temperatureUnit(style: LengthStyle): TypedUnit {
  return style.unit === "in"
    ? { unit: "°F", factor: 9 / 5, offset: 32 }
    : { unit: "°C", factor: 1, offset: 0 };
}

/** A stored figure in the unit that it is read in. */
export function toShown(stored: number, { factor, offset }: TypedUnit): number {
  return stored * factor + offset;
}

/** What was typed in that unit, as it is stored. */
export function fromShown(shown: number, { factor, offset }: TypedUnit): number {
  return (shown - offset) / factor;
}

/** Below this a length is a bed or a joint, and told to a hundredth of a millimetre in sums. */
const THIN_MM = 20;

/** In inches such a length is told to the 1/32, as a tape tells it. */
const THIN_MARK = 32;

let locale = "en";
const formats = new Map<string, Intl.NumberFormat>();

/** Writes amounts from now on as a language does: its decimal sign and how it groups digits. */
export function writeNumbersAs(language: string): void {
  locale = language;
  formats.clear();
}

/** Kept from call to call: making one for each figure of the tally took 5 ms a frame. */
function numberFormat(least: number, most: number): Intl.NumberFormat {
  const key = `${least}/${most}`;
  let format = formats.get(key);
  if (!format) {
    format = new Intl.NumberFormat(locale, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
    });
    formats.set(key, format);
  }
  return format;
}

/** The amount as one line of text, with the sign and rounding a reader expects. */
export function formatAmount(value: number, unit: FigureUnit, style: LengthStyle): string {
  if (unit === "mm" && Math.abs(value) >= THIN_MM) return formatLength(value, style);
  if (unit === "mm" && style.unit === "in") {
    return formatLength(value, { ...style, mark: THIN_MARK });
  }
  const shown = shownAmount(value, unit, style);
  const rounded = Number(shown.value.toFixed(shown.decimals));
  const least = unit === "mm" || unit === "film" || unit === "kg/L" ? 0 : shown.decimals;
  const text = numberFormat(least, shown.decimals).format(rounded).replace("-", "−");
  return shown.unit === "" ? text : `${text} ${shown.unit}`;
}
