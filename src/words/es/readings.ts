import { counted } from "../counted.ts";
import type { readings as english } from "../en/readings.ts";

/** Words of the import of readings. */
export const readings: typeof english = {
  title: "Lecturas como archivo CSV",
  choose: "Elegir un archivo CSV",
  out: "Las lecturas de esta obra",
  columns: (columns) =>
    `La primera línea nombra las columnas: ${columns}. Medidas como las dice la cinta; un número solo va en la unidad de la obra.`,
  kinds: (kinds) =>
    `Clases: ${kinds}. Solo hay que llenar lo que una clase pide: «over» es el largo de una regla o la altura de un plomo.`,
  tooLarge: (file) => `${file} pasa de 1 MB: no es una tabla de lecturas.`,
  empty: (file) =>
    `${file} no tiene filas bajo una línea de nombres de columna. No se cambió nada.`,
  summary: (usable, bad) =>
    bad === 0 ? `Las ${usable} filas sirven.` : `${usable} filas sirven, ${bad} no.`,
  row: "Fila",
  what: "Lectura, o por qué no sirve",
  takeOver: (count) => `Adoptar ${counted(count, "lectura")}`,
  problems: {
    "no-such-wall": (_, text) =>
      text === ""
        ? "wall está vacío. Nombre una pared de la obra."
        : `wall: la obra no tiene «${text}».`,
    "no-such-kind": (_, text) =>
      text === "" ? "kind está vacío." : `kind: «${text}» no es una de las clases de arriba.`,
    "no-such-corner": (_, text) => `from: «${text}» debe ser left o right.`,
    missing: (column) => `${column} está vacío, y esta clase lo pide.`,
    "not-positive": (column, text) => `${column}: ${text} debe ser más que 0.`,
  },
  outline: {
    open: "Contorno de DXF",
    title: "Contorno de un dibujo",
    hint: "Un dibujo DXF de una pared: su contorno cerrado más grande es la pared, lo que queda dentro son huecos y accesorios. Lo que se leyó de esta pared se reemplaza; un deshacer lo devuelve.",
    choose: "Elegir un archivo DXF",
    tooLarge: (file) => `${file} pasa de 8 MB: es más que una pared. Guarde la pared sola.`,
    noDrawing: (file) => `${file} no es un dibujo DXF, o está dañado. No se cambió nada.`,
    noOutline: (file) =>
      `${file} no tiene un contorno cerrado de cuatro esquinas. Cierre el contorno de la pared como una polilínea.`,
    size: (width, height) => `${width} de ancho, ${height} de alto`,
    openings: (count) => counted(count, "hueco"),
    fixtures: (count) => counted(count, "accesorio redondo", "accesorios redondos"),
    unitless: "El dibujo no dice unidad: se toman milímetros.",
    notTaken: {
      "bent-left": "El lado izquierdo se quiebra: se toma recto del pie al tope.",
      "bent-right": "El lado derecho se quiebra: se toma recto del pie al tope.",
      "opening-no-rectangle": "Un hueco no es un rectángulo derecho: se toma la caja que lo rodea.",
      outside: "Algo fuera del contorno se deja fuera.",
    },
    others: (count) =>
      `${counted(count, "línea o texto", "líneas y textos")} ${count === 1 ? "queda" : "quedan"} fuera.`,
    take: "Adoptarlo",
  },
};
