/** How units are written in English; another language gives its own. */
export const ENGLISH_UNITS = {
  ...{ squareFoot: "sq ft", squareMetre: "m²", squareInch: "sq in", squareMillimetre: "mm²" },
  ...{ inch: "in", foot: "ft", metre: "m", millimetre: "mm" },
  ...{ pound: "lb", kilogram: "kg" },
  ...{ gallon: "gal", litre: "L", fluidOunce: "fl oz", millilitre: "ml" },
  ...{ poundPerGallon: "lb/gal", kilogramPerLitre: "kg/L" },
  ...{ poundPerFootInch: "lb/sq ft per in", kilogramPerMetreMillimetre: "kg/m² per mm" },
  ...{ squareFootPerGallon: "sq ft/gal", squareMetrePerLitre: "m²/L", minute: "min" },
  ...{ percent: "%", fahrenheit: "°F", celsius: "°C" },
};

export type UnitName = keyof typeof ENGLISH_UNITS;

/** How a language writes units. */
export type UnitNames = Record<UnitName, string>;

let spoken: UnitNames = ENGLISH_UNITS;

/** Writes amounts and lengths from now on with the units of a language. */
export function writeUnitsAs(names: UnitNames): void {
  spoken = names;
}

/** How a unit is written in the language that is spoken. */
export function unitName(name: UnitName): string {
  return spoken[name];
}
