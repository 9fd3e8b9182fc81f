import type { pole as english } from "../en/pole.ts";

/** Words of the story pole. */
export const pole: typeof english = {
  title: "Escantillón",
  print: "Imprimir a tamaño real",
  intro:
    "Un listón con cada hilada o columna marcada. Póngalo en la referencia de cada pared y las hiladas coinciden en las esquinas.",
  of: "Hiladas o columnas",
  kinds: { courses: "Hiladas", columns: "Columnas" },
  wall: "Pared",
  datum: "Contado desde",
  datums: {
    level: "Línea de nivel",
    first: "Línea de la primera hilada",
    low: "Punto más bajo",
  },
  centre: "línea central",
  mark: "Marca",
  from: (datum) => `Desde: ${datum}`,
  strips: "En papel",
  stripsHint:
    "Imprima sin ajustar la escala. Pegue las tiras punta con punta en las líneas cortadas, y ponga una regla en la medida de control de cada una antes de confiar en ella.",
  check: (mm) => `${mm} mm`,
  foot: "abajo · pegar aquí",
  footColumns: "izquierda · pegar aquí",
  marks: {
    "low-point": "Punto más bajo",
    level: "Línea de nivel",
    course: "Tope de hilada",
    "zone-bottom": "Pie de",
    "zone-top": "Tope de",
    "field-top": "Tope del campo",
    "left-edge": "Borde izquierdo",
    "right-edge": "Borde derecho",
    centre: "Línea central",
    tile: "Borde izquierdo, columna",
    "opening-start": "Empieza:",
    "opening-end": "Termina:",
  },
  covered: "Marcas que va a tapar",
  coveredHint: "Páselas fuera del campo antes de que película y mortero las escondan.",
  lines: {
    level: () => "Línea de nivel",
    "first-course": (at) => `Línea de la primera hilada, a ${at} de la línea de nivel`,
    centre: (at) => `Línea central, a ${at} de la esquina izquierda`,
    stud: (at) => `Montantes, a ${at} de la esquina izquierda`,
  },
  carry: {
    above: "a la pared arriba del azulejo",
    below: "a la base, o a una cinta en el techo",
    left: "más allá del extremo libre de la izquierda",
    right: "más allá del extremo libre de la derecha",
    "next-wall": "a la pared vecina, fuera del azulejo",
  },
};
