import { counted } from "../counted.ts";
import type { compare as english } from "../en/compare.ts";

/** Rows that no phase of the pattern moves: above a band, beside a slope. */
const OUT_OF_REACH =
  "En algún lugar una fila se pierde en nada con cualquier trazo, como arriba de una franja bajo un techo inclinado: deje mover las franjas, o termine el azulejo en una línea a nivel.";

/** How long a search still takes. */
function timeLeft(seconds: number): string {
  return seconds < 90 ? `${Math.ceil(seconds / 10) * 10} s` : `${Math.ceil(seconds / 60)} min`;
}

/** Words of the comparison of layouts. */
export const compare: typeof english = {
  title: "Comparar trazos",
  back: "Volver a este trazo",
  intro:
    "Mira cada fase en cada pared, cada altura de las hiladas y, donde usted lo permita, cada lugar de nichos y franjas en que algo cambia.",
  parted: "Una pared cuyo aparejo da la vuelta a una esquina recibe lugar propio.",
  nicheRange: "Nichos arriba o abajo hasta",
  nicheAcross: "A los lados hasta",
  nicheSize: "Nichos más grandes o chicos hasta, a juntas",
  bandRange: "Franjas arriba o abajo hasta",
  seenFirst: "Lo que se ve primero, desde la puerta o sobre la tina",
  seenAlike: "todas las paredes cuentan igual",
  seenTwice: (wall) => `${wall} cuenta doble`,
  joint: {
    least: "Junta desde",
    most: "Junta hasta",
    every: "Cada junta entre ellas, no solo las marcas de la cinta",
    everyHint:
      "Cada junta en que dos bordes o cortes llegan a coincidir, a una centésima de milímetro: más fino de lo que guarda un separador, para ver qué daría la junta. Tarda unos minutos, con piezas chicas y un nicho que se mueve mucho bastante más; se puede parar.",
  },
  own: "Su trazo antes de la búsqueda, puntos",
  scoreHint: "Menos es mejor. Cada renglón es un término por su peso, sumado en todas las paredes.",
  newJoint: (joint) => `Lleva una junta de ${joint}.`,
  newPlace: (name, by, right) =>
    `Mueve ${name} ${by} a la ${right ? "derecha" : "izquierda"}: mire su claro entre montantes.`,
  newBand: (name, by, up) =>
    `Mueve ${name} ${by} hacia ${up ? "arriba" : "abajo"}, en todas las paredes.`,
  newSize: (name, width, height) => `Deja ${name} de ${width} de ancho y ${height} de alto.`,
  weights: "Lo que cuenta",
  weight: {
    slivers: "Sin tiras angostas",
    smallest: "Cortes grandes",
    balance: "Cortes iguales",
    openings: "Huecos en juntas",
    tongues: "Sin lengüetas débiles",
    holes: "Agujeros lejos de bordes",
    cuts: "Pocos cortes",
    tiles: "Pocas piezas",
  },
  defaultWeights: "Pesos usuales",
  start: "Buscar",
  stop: "Parar",
  progress: (share, seconds) =>
    `${Math.round(share * 100)} %${seconds === undefined ? "" : `, quedan unos ${timeLeft(seconds)}.`}`,
  soFar: (count) =>
    `Lo mejor hasta ahora de ${count} trazos de paredes sueltas. La búsqueda sigue: pueden venir mejores, y aún nada está probado.`,
  stopped: "Parado. No se cambió nada.",
  stoppedAt: (share, count) =>
    `Parado al ${Math.round(share * 100)} %: lo mejor de ${count} trazos de paredes sueltas. Puede haber mejores, y nada está probado.`,
  failed: "La búsqueda falló. Su trazo está como estaba; pruebe otra vez.",
  none: "No hay qué buscar: no hay campo, el aparejo no tiene hiladas que mover, o las hiladas de sus paredes no son iguales.",
  covered: (count, variants, every) =>
    `${count} trazos de paredes sueltas resueltos, ninguno omitido${variants > 1 ? `, con ${variants} juntas, medidas de nicho y alturas de franja: ${every ? "cada junta en que algo cambia, a una centésima de milímetro" : "los dos extremos del margen, las marcas de la cinta entre ellos, y juntas que cierran un tramo con piezas enteras"}` : ""}.`,
  holes:
    "Qué tan cerca queda el borde de un agujero de la esquina de una pieza se juzga en cada una de estas juntas, y no agrega ninguna.",
  proven: (along, across, variants) => {
    const no = variants > 1 ? "Con lo que se probó, ningún" : "Ningún";
    const wider = along && `${no} trazo deja todos los cortes más anchos que ${along}.`;
    const higher = across && `${no} trazo deja todos los cortes más altos que ${across}.`;
    const outside = along && across ? "" : OUT_OF_REACH;
    return [wider, higher, outside].filter(Boolean).join(" ");
  },
  aims: {
    all: "El mejor según sus pesos",
    smallest: "Cortes menores más grandes",
    balance: "Cortes más iguales",
    openings: "Huecos más cerca de juntas",
    cuts: "Menos cortes",
  },
  other: "Otro bueno",
  smallest: "Corte menor",
  runsOut: "se pierde",
  slivers: "Tiras angostas",
  cuts: "Cortes",
  buy: "Piezas",
  score: "Puntos",
  apply: "Adoptar",
  applied: "Este es ahora el trazo.",
  givesUp: ({ code, own, best }, length) => {
    switch (code) {
      case "nothing":
        return "No cede nada que importe frente a los demás.";
      case "slivers":
        return `Cede bordes limpios: ${counted(own, "tira angosta", "tiras angostas")} donde bastarían ${best}.`;
      case "tongues":
        return `Cede firmeza: ${counted(own, "lengüeta débil", "lengüetas débiles")} junto a un hueco, ${best} en otro.`;
      case "holes":
        return `Cede taladrado seguro: ${counted(own, "agujero")} cerca del borde de una pieza, ${best} en otro.`;
      case "smallest":
        return own > 0
          ? `Cede ancho: su corte menor es ${length(own)}, se puede ${length(best)}.`
          : `Cede ancho: una pieza se pierde en nada en un borde, se puede ${length(best)}.`;
      case "balance":
        return `Cede equilibrio: sumados, los cortes opuestos difieren ${length(own)}, se puede ${length(best)}.`;
      case "openings":
        return `Cede el nicho: sumados, sus bordes quedan a ${length(own)} de las juntas, se puede ${length(best)}.`;
      case "cuts":
        return `Cede tiempo en la sierra: ${counted(own, "corte")}, bastarían ${best}.`;
      default:
        return code satisfies never;
    }
  },
  chart: {
    title: "Merma contra corte menor",
    hint: "A lo ancho: el corte menor. A lo alto: azulejo comprado, con reserva, que no está en la pared. Más abajo y más a la derecha es mejor.",
  },
};
