import type { LengthProblem } from "../length/parse.ts";
import type { UnitNames } from "../length/unit-names.ts";
import type { FieldIssue } from "../project/parse.ts";
import type { PlaceNames } from "../project/wall-places.ts";
import { FIGURES, TERMS, termName } from "./es/figures.ts";
import { ORDER_ITEMS } from "./es/order-items.ts";
import { SIDES, WARNINGS } from "./es/warnings.ts";
import type { CoreWords } from "./spoken.ts";
import { warningTeller } from "./warning-teller.ts";

/** Why a text typed into a length field is not a length, with what to type instead. */
function lengthProblem(problem: LengthProblem): string {
  switch (problem) {
    case "empty":
      return "Escriba una medida, como 63 1/2 o 1613mm.";
    case "not-a-length":
      return "No es una medida. Escríbala como la dice la cinta: 63 1/2, 5' 3-1/2 o 1613mm.";
    case "mixed-units":
      return "Pulgadas y milímetros en una misma medida. Escríbala en una sola unidad.";
    case "zero-denominator":
      return "Una fracción no puede terminar en /0. Escríbala como 63 1/2.";
    default:
      return problem satisfies never;
  }
}

/** What is wrong with a field of a project file, and the remedy. */
function fieldIssue({ path, code, limit }: FieldIssue): string {
  const field = path === "" ? "El archivo" : path;
  switch (code) {
    case "not-json":
      return "Esto no es JSON: el archivo está dañado o es de otra clase. Elija un archivo .dintel.json.";
    case "too-deep":
      return `Este archivo anida más de ${limit} niveles, y ninguna obra lo hace: está dañado o es de otra clase.`;
    case "text-too-long":
      return `Un texto de este archivo pasa de ${limit} caracteres. Acórtelo, o quítelo.`;
    case "not-an-object":
      return "Esto no es un archivo de obra: debería ser un objeto JSON.";
    case "not-a-dintel-project":
      return 'format debería ser "dintel-project": este archivo es de otra clase.';
    case "newer-version":
      return `version es más nueva que ${limit}, la más nueva que se entiende aquí. Actualice Dintel.`;
    case "not-above":
      return `${field} debe ser más que ${limit}. Dé la medida en milímetros.`;
    case "too-small":
      return `${field} debe ser ${limit} o más.`;
    case "too-big":
      return `${field} debe ser ${limit} o menos.`;
    case "too-short":
      return `${field} debe tener al menos ${limit}. Complételo.`;
    case "wrong-type":
      return `${field} debe ser de tipo ${limit}. Agréguelo o corríjalo.`;
    case "not-a-choice":
      return `${field} debe ser uno de: ${limit}.`;
    case "height-or-top-readings":
      return `Falta ${field}: dé una altura, o lecturas hasta el tope.`;
    case "no-such-tile":
      return `${field} no nombra ningún azulejo de la obra. Use el id de uno de los suyos.`;
    case "no-such-wall":
      return `${field} no nombra ninguna pared de la obra. Use el id de una de las suyas.`;
    case "repeated-id":
      return `${field} se usa dos veces ("${limit}"). Cada id debe ser único.`;
    default:
      return `${field} no se entiende. Corríjalo o quítelo.`;
  }
}

const UNITS: UnitNames = {
  ...{ squareFoot: "pies²", squareMetre: "m²", squareInch: "pulg²", squareMillimetre: "mm²" },
  ...{ inch: "pulg", foot: "pies", metre: "m", millimetre: "mm" },
  ...{ pound: "lb", kilogram: "kg" },
  ...{ gallon: "gal", litre: "L", fluidOunce: "oz líq", millilitre: "ml" },
  ...{ poundPerGallon: "lb/gal", kilogramPerLitre: "kg/L" },
  ...{ poundPerFootInch: "lb/pie² por pulg", kilogramPerMetreMillimetre: "kg/m² por mm" },
  ...{ squareFootPerGallon: "pies²/gal", squareMetrePerLitre: "m²/L", minute: "min" },
  ...{ percent: "%", fahrenheit: "°F", celsius: "°C" },
};

/** Where walls stand, as new ones are called. */
const PLACES: PlaceNames = {
  left: "Izquierda",
  back: "Fondo",
  right: "Derecha",
  front: "Frente",
  alone: "Pared",
  kneeEnd: "Canto del murete",
};

/** Every sentence of the core in Spanish, in the words that crews use on site. */
export const spanish: CoreWords = {
  // Tapes, bags and crews of the Americas write 12.5; a reader whose browser says es-ES has 12,5.
  locale: "es-MX",
  units: UNITS,
  told: { figures: FIGURES, terms: TERMS, termName, warning: warningTeller(WARNINGS, SIDES) },
  lengthProblem,
  fieldIssue,
  orderItems: ORDER_ITEMS,
  tasks: {
    board: "Placa",
    strips: "Cintas",
    coat: "Mano",
    "set-out": "Trazo",
    set: "Colocación, jornada",
    grout: "Lechada",
    cure: "Cura de la lechada",
    sealant: "Sellador elástico",
    sealer: "Impregnante",
  },
  places: PLACES,
  shelf: "Repisa",
};
