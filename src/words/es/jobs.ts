import { counted } from "../counted.ts";
import type { jobs as englishJobs, newJob as englishNewJob } from "../en/jobs.ts";

/** Words of the job list. */
export const jobs: typeof englishJobs = {
  fromLink: "enlace.dintel.json",
  more: (count) => `Mostrar más de ${counted(count, "obra")}`,
  title: "Obras",
  newJob: "Obra nueva",
  importFile: "Importar un archivo de obra",
  empty: "Aún no hay obras",
  emptyText:
    "Empiece con cuatro respuestas: qué recinto es, qué ancho y alto, qué azulejo, qué aparejo. O desarme un ejemplo para ver cómo queda una obra planeada.",
  addSamples: "Agregar las obras de ejemplo",
  rename: "Cambiar nombre",
  duplicate: "Duplicar",
  export: "Exportar",
  remove: "Eliminar",
  erase: "Borrar para siempre",
  restore: "Recuperar",
  deleted: (name) => `«${name}» está eliminada.`,
  deletedTitle: "Obras eliminadas",
  picture: (name) => `El recinto de ${name}, trazado`,
  fromFile: (name) => `${name}, de un archivo`,
  copyOf: (name) => `${name}, copia`,
  find: "Buscar una obra",
  noneFound: "Ninguna obra tiene todas estas palabras.",
  sort: "Ordenadas por",
  orders: { changed: "último cambio", name: "nombre", stage: "cuánto avanzó" },
  at: (stage) => `En ${stage}`,
  next: (stage) => `sigue: ${stage}`,
  changed: (when) => `cambió ${when}`,
  importFailed: (file) => `${file} no se importó. Sus obras están como estaban.`,
  fileTooLarge: "El archivo pasa de 8 MB: no es un archivo de obra. Elija un archivo .dintel.json.",
  unreadable: "El archivo no se puede leer: se movió, o ya no está. Elíjalo otra vez.",
  zipTooLarge: "El archivo pasa de 300 MB. Elija el archivo .dintel.zip de una obra.",
  zipProblems: {
    damaged: "El archivo ZIP está dañado y no se abre. Exporte la obra otra vez.",
    "too-many-files":
      "El archivo ZIP tiene más archivos que una obra. Elija el .dintel.zip de una obra.",
    "too-large":
      "El archivo ZIP se expande a más de lo que puede ser una obra. Elija el .dintel.zip de una obra.",
  },
  zipWithoutJob: "En este ZIP no hay archivo .dintel.json: es de otra clase.",
  moreProblems: (count) => `y ${count} más`,
  nameLabel: "Nombre de la obra",
  nameMissing: "Dé un nombre a la obra.",
  storage: {
    failed:
      "No se puede abrir el almacén de este navegador. Puede seguir: las obras quedan solo en esta pestaña, así que guarde cada una como archivo antes de cerrarla.",
    newer:
      "Las obras de este navegador las guardó una versión más nueva de Dintel; se dejan como están. Recargue para obtenerla. Mientras tanto las obras quedan solo en esta pestaña: guárdelas como archivos.",
  },
  samplesCame: (count) =>
    count === 0
      ? "Todas las obras de ejemplo están aquí."
      : `Obras de ejemplo agregadas: ${count}.`,
  samplesFailed:
    "No se pudieron traer las obras de ejemplo. Las suyas están como siempre; recargue para probar otra vez.",
  damagedTitle: "Obras que no se pueden leer",
  damagedText:
    "Lo guardado de estas está dañado. Guarde como archivo lo que haya antes de hacer otra cosa; las demás obras no se tocan.",
  saveRemains: "Guardar lo que haya",
  setAside: "Apartar",
  asideTitle: "Apartadas",
  eraseTitle: "¿Borrar para siempre?",
  eraseText: (name) =>
    `«${name}» y las fotos que ninguna otra obra tenga se irán de este navegador. Nada las devuelve salvo un archivo que usted exportó.`,
  keep: "Conservarla",
};

/** Words of a new job's first answers. */
export const newJob: typeof englishNewJob = {
  title: "Una obra nueva en cuatro respuestas",
  later:
    "Todo se puede corregir después. La obra abre con el mejor trazo de los que se pueden comparar; Comparar, en Trazar, muestra otros.",
  name: "Nombre de la obra",
  namePlaceholder: "Calle y cuarto",
  unit: "Cinta en",
  enclosure: "1 · ¿Qué es?",
  enclosures: {
    alcove: "Alcoba, tres paredes",
    corner: "Esquina, dos paredes",
    single: "Una pared",
    "four-walls": "Cuatro paredes",
    band: "Franja sobre un revestimiento viejo",
    "knee-wall": "Alcoba con murete",
  },
  base: "Descansa en",
  bases: {
    pan: "Plato de ducha",
    tub: "Tina",
    curb: "Bordillo",
    floor: "Piso",
    "old-surround": "Revestimiento viejo",
  },
  walls: "2 · ¿Qué ancho y qué alto?",
  width: "Ancho",
  height: "Alto",
  tile: "3 · ¿Qué azulejo?",
  tileWidth: "Azulejo, un lado",
  tileHeight: "Azulejo, otro lado",
  tileThickness: "Espesor",
  actual: "Mida una pieza: la caja dice la medida nominal.",
  joint: "Junta",
  pattern: "4 · ¿Qué aparejo?",
  create: "Planearla",
  searching: "Comparando trazos…",
};
