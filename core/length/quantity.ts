import { formatLength } from "./format.ts";
import { grouped } from "./numbers.ts";
import { type UnitName, unitName } from "./unit-names.ts";
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
  | "m2/L"
  | "min"
  | "count"
  | "share";

/** An amount in the reader's unit. */
export interface ShownAmount {
  value: number;
  unit: string;
  decimals: number;
}

/** A stored figure times the factor, in the unit (counts have none), to so many decimals. */
type Reading = [factor: number, unit: UnitName | undefined, decimals: number];

const PERCENT: Reading = [100, "percent", 0];
const COUNT: Reading = [1, undefined, 0];
const THIN: Reading = [1, "millimetre", 2];

/** How each figure is read where lengths are in inches, and where they are in millimetres. */
const READINGS: Record<FigureUnit, { in: Reading; mm: Reading }> = {
  m2: { in: [SQUARE_FEET_PER_M2, "squareFoot", 1], mm: [1, "squareMetre", 2] },
  m: { in: [FEET_PER_M, "foot", 1], mm: [1, "metre", 2] },
  kg: { in: [POUNDS_PER_KG, "pound", 1], mm: [1, "kilogram", 1] },
  L: { in: [GALLONS_PER_L, "gallon", 2], mm: [1, "litre", 2] },
  mL: { in: [1 / ML_PER_FLUID_OUNCE, "fluidOunce", 1], mm: [1, "millilitre", 0] },
  share: { in: PERCENT, mm: PERCENT },
  count: { in: COUNT, mm: COUNT },
  mm: { in: THIN, mm: THIN },
  film: { in: THIN, mm: THIN },
  mm2: { in: [1 / MM_PER_INCH ** 2, "squareInch", 3], mm: [1, "squareMillimetre", 0] },
  "kg/L": { in: [POUNDS_PER_GALLON, "poundPerGallon", 1], mm: [1, "kilogramPerLitre", 2] },
  "m2/L": {
    in: [SQUARE_FEET_PER_M2 / GALLONS_PER_L, "squareFootPerGallon", 0],
    mm: [1, "squareMetrePerLitre", 1],
  },
  min: { in: [1, "minute", 0], mm: [1, "minute", 0] },
  "kg/m2mm": {
    in: [POUNDS_PER_SQUARE_FOOT_INCH, "poundPerFootInch", 2],
    mm: [1, "kilogramPerMetreMillimetre", 2],
  },
};

/** An amount in the reader's unit: areas, lengths, weights and volumes follow inches or metres. */
export function shownAmount(value: number, unit: FigureUnit, style: LengthStyle): ShownAmount {
  const [factor, name, decimals] = READINGS[unit][style.unit];
  return { value: value * factor, unit: name ? unitName(name) : "", decimals };
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
  return typedAs("L", style);
}

/** Degrees Celsius, or Fahrenheit where lengths are in inches. */
export function temperatureUnit(style: LengthStyle): TypedUnit {
  return style.unit === "in"
    ? { unit: unitName("fahrenheit"), factor: 9 / 5, offset: 32 }
    : { unit: unitName("celsius"), factor: 1, offset: 0 };
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

/** The amount as one line of text, with the sign and rounding a reader expects. */
export function formatAmount(value: number, unit: FigureUnit, style: LengthStyle): string {
  if (unit === "mm" && Math.abs(value) >= THIN_MM) return formatLength(value, style);
  if (unit === "mm" && style.unit === "in") {
    return formatLength(value, { ...style, mark: THIN_MARK });
  }
  const shown = shownAmount(value, unit, style);
  const rounded = Number(shown.value.toFixed(shown.decimals));
  const least = unit === "mm" || unit === "film" || unit === "kg/L" ? 0 : shown.decimals;
  const text = grouped(rounded, least, shown.decimals);
  return shown.unit === "" ? text : `${text} ${shown.unit}`;
}
