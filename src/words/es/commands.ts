import type { ItemCommand, ListName } from "../../../core/project/lists.ts";
import type { commands as english } from "../en/commands.ts";

/** What the entries of a job's lists are called in the history. */
const ITEM_NOUNS: Record<ListName, string> = {
  widths: "ancho",
  straightedge: "lectura con regla",
  studs: "montante",
  patches: "parche",
  record: "hallazgo",
  decisions: "decisión",
  blocking: "refuerzo",
  coats: "mano",
  gauge: "lectura del peine",
  holes: "agujero",
  cutDone: "pieza cortada",
  zones: "zona",
  shelves: "repisa esquinera",
  delivery: "cajas en obra",
  atWall: "corte medido en la pared",
  gate: "revisión",
  rowsSet: "hilada colocada",
  mixes: "mezcla",
  coverage: "prueba de cobertura",
  supports: "apoyo",
  lippage: "lectura de cejas",
  log: "entrada de la bitácora",
  snags: "detalle",
  left: "lo que sobra",
  signatures: "firma",
};

function itemCommands(): Record<ItemCommand, string> {
  const verbs = { add: "Agregar", edit: "Cambiar", remove: "Quitar" };
  return Object.fromEntries(
    Object.entries(ITEM_NOUNS).flatMap(([list, noun]) =>
      Object.entries(verbs).map(([verb, word]) => [`${verb}-${list}`, `${word} ${noun}`]),
    ),
  ) as Record<ItemCommand, string>;
}

/** What each step of the history is called. */
export const commands: typeof english = {
  "rename-job": "Cambiar nombre",
  "set-unit": "Cambiar unidades",
  "edit-wall": "Cambiar pared",
  "edit-reading": "Cambiar lectura",
  "add-opening": "Agregar hueco",
  "edit-opening": "Cambiar hueco",
  "remove-opening": "Quitar hueco",
  "add-fixture": "Agregar accesorio",
  "edit-fixture": "Cambiar accesorio",
  "remove-fixture": "Quitar accesorio",
  "edit-tile": "Cambiar azulejo",
  "edit-stock": "Contar lo que hay",
  "edit-field": "Cambiar aparejo",
  "move-pattern": "Mover el trazo",
  "edit-centre": "Cambiar centro",
  "edit-set-out": "Cambiar trazo",
  "edit-corner": "Cambiar esquina",
  "edit-enclosure": "Cambiar recinto",
  "edit-setting": "Cambiar ajuste",
  "edit-build": "Cambiar capas de la pared",
  "edit-hand-over": "Anotar para la entrega",
  "edit-protection": "Marcar protección",
  "edit-ready": "Marcar antes de la lechada",
  "edit-price": "Cambiar un precio",
  "edit-labour": "Cambiar la cotización",
  "edit-quote": "Cambiar las palabras de la cotización",
  "edit-kit": "Cambiar herramientas",
  "tick-bought": "Marcar lo comprado",
  "edit-version": "Cambiar una versión",
  "take-version": "Adoptar una versión",
  "edit-days": "Cambiar los días",
  "edit-as-set": "Medir una hilada colocada",
  "import-readings": "Importar lecturas",
  "apply-layout": "Adoptar trazo",
  ...itemCommands(),
};
