import { counted } from "../counted.ts";
import type { problems as english } from "../en/problems.ts";

/** What the endpoints say of a request that they cannot answer, with what to do instead. */
export const problems: typeof english = {
  notJson: {
    title: "No es JSON",
    message: "Envíe un archivo de obra como application/json.",
  },
  tooLarge: {
    title: "Demasiado grande",
    message: "Un archivo de obra puede tener 8 MB como máximo.",
  },
  tooLargeToPlan: {
    title: "Demasiado grande para planear",
    message: (limit, about) => {
      const what = limit === "time" ? "tarda demasiado" : "ocupa demasiada memoria";
      const holds = about ? ` Tiene ${about}.` : "";
      return `Planear esta obra ${what}.${holds} Divídala en obras más chicas, o revise sus medidas.`;
    },
  },
  busy: {
    title: "Ocupado",
    planner: "Se están planeando demasiadas obras. Pruebe otra vez en unos segundos.",
    instruments:
      "Hay demasiados instrumentos encendidos. Apague uno, o pruebe otra vez en un minuto.",
  },
  notValid: { title: "No es un archivo de obra válido" },
  missing: { title: "Falta algo" },
  noMethod: { title: "Método no permitido", message: (allowed) => `Use ${allowed}.` },
  notFound: { title: "No encontrado", message: "No hay nada en esta dirección." },
  noSchema: {
    title: "No hay tal esquema",
    message: "Hay /schema/project.json y /schema/plan.json.",
  },
  noSample: {
    title: "No hay tal ejemplo",
    message: "No hay tal ejemplo. GET /api/samples los enumera.",
  },
  noDocument: {
    title: "No hay tal documento",
    message: (names) => `No hay tal documento. Pida uno de: ${names}.`,
  },
  noPaper: { title: "Papel desconocido", message: (names) => `paper debe ser uno de: ${names}.` },
  noPart: {
    title: "Parte desconocida",
    message: (names) => `parts debe ser alguna de: ${names}.`,
  },
  noInstrument: {
    title: "No hay tal instrumento",
    message: (names) => `No hay tal instrumento. Use uno de: ${names}.`,
  },
  noNumber: {
    title: "La petición no es válida",
    message: (name) => `${name} debe ser un número dentro de sus límites.`,
  },
  holds: {
    walls: (n) => counted(n, "pared", "paredes"),
    openings: (n) => counted(n, "hueco"),
    fixtures: (n) => counted(n, "accesorio"),
    readings: (n) => counted(n, "lectura"),
    zones: (n) => counted(n, "zona"),
    tile: (width, height) => `azulejo de ${width} × ${height} mm`,
  },
};
