import { counted } from "../counted.ts";
import type { options as english } from "../en/options.ts";

/** Words of the page Options. */
export const options: typeof english = {
  title: "Opciones",
  intro:
    "Otras formas de hacer esta obra, lado a lado: otro azulejo, aparejo o sistema de pared, o paredes de un juego de paneles. Cada una es una obra propia que se puede abrir y cambiar.",
  add: "Otra versión",
  addKit: "Un juego de paneles",
  newName: (n) => `Versión ${String.fromCharCode(65 + n)}`,
  kitName: "Juego de paneles",
  own: "Esta obra",
  open: "Abrirla",
  take: "Adoptar",
  taken: "Adoptada. Deshacer devuelve la versión de antes.",
  remove: "Dejarla fuera",
  removed: "Ahora está entre las obras eliminadas.",
  name: "Nombre",
  kitPrice: "Precio del juego",
  kitHours: "Horas para ponerlo",
  kitHint: "Medidas, soporte y sellos los dice el fabricante del juego.",
  most: (count) => `Como máximo ${count} versiones lado a lado.`,
  working: "Planeando…",
  failed: "No se pudo planear.",
  rows: {
    quote: "Cotización",
    cost: "Costo propio",
    hours: "Horas de trabajo",
    days: "Días del primero al último",
    cuts: "Piezas cortadas",
    smallest: "Corte menor",
    waste: "Azulejo comprado que no está en la pared",
    weight: "Peso en la pared",
    risk: "Altos y advertencias",
    differs: "En qué difiere",
  },
  risk: (stops, warnings) =>
    [
      ...(stops > 0 ? [counted(stops, "alto")] : []),
      ...(warnings > 0 ? [counted(warnings, "advertencia")] : []),
    ].join(", ") || "ninguno",
  perArea: (mass, area) => `${mass} ${area}`,
  noPrices: "sin precios",
  noDates: "sin primer día",
  best: "mejor",
  makerSays: "lo dice su fabricante",
  nothingDiffers: "en nada",
  differs: {
    tile: (name) => `azulejo: ${name}`,
    bond: (name) => `aparejo: ${name}`,
    joint: (size) => `junta: ${size}`,
    system: (name) => `pared: ${name}`,
    kit: () => "paneles hechos en lugar de azulejo",
  },
};
