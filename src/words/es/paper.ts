import type { paper as english } from "../en/paper.ts";

/** Words of what is printed. */
export const paper: typeof english = {
  given: (when) => `Impreso ${when}`,
  figures: "Cifras de esta pared",
  watch: "A vigilar",
  readings: "Lecturas",
  reading: "Lectura",
  size: "Medida",
  amount: "Cantidad",
  piece: "Pieza",
  coat: "Mano",
  begun: "Puesta",
  dryListed: "Película seca, según ficha",
  by: "Por",
  check: "Revisar antes de colocar",
  checked: "Hecho",
  belowLevel: "bajo la línea de nivel",
  caution:
    "Calculado de lo que se leyó y escribió. El reglamento local, las fichas técnicas y las personas con licencia van antes que cualquier cifra de aquí. Mida otra vez antes de cortar.",
};
