import { fixed } from "../../length/numbers.ts";
import type { WarningCode } from "../../warning.ts";
import type { SayOf } from "../say.ts";

/** What a fault of the walls does to the cuts: how many, and from which size to which. */
function cutsThere(
  { count, narrowest, widest }: Record<"count" | "narrowest" | "widest", number>,
  l: (mm: number) => string,
  one: string,
  many: string,
): string {
  if (count === 0) return "";
  return `: ${count} ${count === 1 ? one : many}, de ${l(narrowest)} a ${l(widest)}`;
}

/** An area in both units, as it is told to whoever brings the material. */
export function area(m2: number): string {
  return `${fixed(m2, 2)} m² (${fixed(m2 * 10.7639, 1)} pies²)`;
}

const side = (right: number | boolean) => (right ? "derecha" : "izquierda");

/** What the readings of the walls, and what was found on them, warn of. */
export const SURVEY_WARNINGS = {
  "level-line-assumed": (v, l) => ({
    message: `Nadie ha leído aún la línea de nivel: se toma a ${l(v.height)} sobre una base nivelada.`,
    remedy: "Mida de la línea de nivel a la base en dos puntos o más de cada pared.",
  }),
  "wall-assumed-square": (_v, _l, { wall }) => ({
    message: `${wall} se toma a escuadra: solo se leyó un ancho.`,
    remedy: "Lea el ancho de arriba, o cuánto se salen de plomo las esquinas.",
  }),
  "base-out-of-level": (v, l) => ({
    message: `La base cae ${l(v.fall)} a lo largo de las paredes, más de ${l(v.tolerance)}${cutsThere(v, l, "pieza de la primera hilada se ajusta", "piezas de la primera hilada se ajustan")}.`,
    remedy:
      "Nivélela mientras se pueda llegar a ella, o acéptelo: la primera hilada parte del punto más bajo y se ajusta en lo demás.",
  }),
  "out-of-plumb": (v, l, { wall }) => ({
    message: `${wall}, esquina ${side(v.right)}: se inclina ${l(v.lean)} en su altura (${l(v.perM)} por metro), más de ${l(v.limit)}${cutsThere(v, l, "corte sale ahusado", "cortes salen ahusados")}.`,
    remedy:
      "Suplemente o cepille los montantes antes de poner placa, o acéptelo y anote quién estuvo de acuerdo.",
  }),
  "ceiling-not-level": (v, l, { wall }) => ({
    message: `${wall}: el techo baja o sube ${l(v.fall)}, más de ${l(v.limit)}${cutsThere(v, l, "pieza de la última hilada se corta", "piezas de la última hilada se cortan")}.`,
    remedy:
      "Acepte una última hilada ahusada, o termine en una línea a nivel y cubra el hueco con un remate; anote quién estuvo de acuerdo.",
  }),
  "panel-drifts": (v, l, { wall, item }) => ({
    message: `${item} en ${wall} quedó ${l(v.drift)} a la ${side(v.right)} arriba, más de ${l(v.limit)}.`,
    remedy: `Regrese las próximas ${v.rows} filas ${l(v.perRow)} cada una, recorte su línea de borde, o haga que lo acepten.`,
  }),
  "niche-off-centre": (v, l, { wall, item }) => ({
    message: `${item} queda ${l(v.off)} a la ${side(v.right)} del centro de ${wall}.`,
    remedy:
      "Muévalo donde los montantes lo permitan, o haga que lo acepten antes de armarlo, no después.",
  }),
  "lean-mismatch": (v, l, { wall }) => ({
    message: `${wall}: el ancho de arriba y los plomos no concuerdan por ${l(v.mismatch)}.`,
    remedy: "Lea otra vez el ancho de arriba y las dos esquinas; mientras tanto valen los anchos.",
  }),
  "reading-far-from-corner": (v, l, { wall }) => ({
    message: `${wall}: la lectura más cercana está a ${l(v.gap)} de su esquina.`,
    remedy: `Lea otra vez a menos de ${l(v.limit)} de las dos esquinas.`,
  }),
  "base-above-top": (_v, _l, { wall }) => ({
    message: `${wall} tiene la base a la altura de su tope o más arriba: no se planea nada en ella.`,
    remedy: "Mida otra vez de la línea de nivel a la base y al tope.",
  }),
  "job-too-large": (v, _l, { wall }) => ({
    message: `Con ${wall} la obra pasa de ${v.most} m² (${Math.round(v.most * 10.7639)} pies²) de pared: no se planea.`,
    remedy: "Revise los anchos y altos de las paredes, o divida la obra en dos.",
  }),
  "old-adhesive": (v, _l, { wall }) => ({
    message: `${wall}: adhesivo viejo en ${area(v.areaM2)}.`,
    remedy:
      "Hágalo analizar por asbesto antes de tocarlo. Ráspelo al ras, o ponga una placa que no se dañe; sobre crestas no se coloca nada.",
  }),
  "board-torn": (v, _l, { wall }) => ({
    message: `${wall}: la cara de la placa está desgarrada en ${area(v.areaM2)}.`,
    remedy:
      "Séllela y alísela donde esté seca y firme; donde esté blanda o mojada, recorte y ponga un parche.",
  }),
  "surface-shiny": (v, _l, { wall }) => ({
    message: `${wall}: superficie brillante en ${area(v.areaM2)}.`,
    remedy: "Ráyela con lija gruesa, limpie el polvo e imprima como diga la etiqueta del mortero.",
  }),
  "width-disagrees": (v, l, { wall }) => ({
    message: `${wall}, a ${l(v.y)} sobre el punto más bajo: el ancho es ${l(v.size)} ${v.wider ? "mayor" : "menor"} de lo que dejan esquinas rectas.`,
    remedy:
      "Léalo otra vez. Si se mantiene, una esquina está arqueada: lea más anchos y ajuste a ella.",
  }),
  "base-disagrees": (v, l, { wall }) => ({
    message: `${wall} y la pared siguiente ponen la base de su esquina con ${l(v.size)} de diferencia.`,
    remedy: "Mida otra vez de la línea de nivel a la base a los dos lados de la esquina.",
  }),
  "top-disagrees": (v, l, { wall }) => ({
    message: `${wall} y la pared siguiente ponen el techo de su esquina con ${l(v.size)} de diferencia.`,
    remedy: "Mida otra vez hasta el techo a los dos lados de la esquina.",
  }),
  "level-loop-open": (v, l) => ({
    message: `Al dar la vuelta a las paredes, la línea de nivel regresa a ${l(v.size)} de donde empezó.`,
    remedy: "Revise el láser, y lleve la línea de nivel otra vez desde donde empezó.",
  }),
  "plan-loop-open": (v, l) => ({
    message: `Anchos y esquinas no cierran: al dar la vuelta faltan ${l(v.size)}.`,
    remedy: "Lea otra vez los anchos, y la escuadra de cada esquina.",
  }),
  "diagonal-impossible": (_v, _l, { wall }) => ({
    message: `${wall}: ningún triángulo tiene los dos lados y la diagonal leídos en su esquina derecha.`,
    remedy: "Lea otra vez las tres medidas; mientras tanto la esquina se toma a escuadra.",
  }),
  "corner-out-of-square": (v, l, { wall }) => ({
    message: `${wall} se sale ${l(v.runOut)} de escuadra, esquina ${v.open ? "abierta" : "cerrada"}; sus cortes de esquina pierden ${l(v.narrower)}.`,
    remedy: `La junta de esquina se abre ${l(v.jointTaper)} en el espesor: bisele el canto oculto, o absórbalo con el sellador.`,
  }),
  "not-flat": (v, l, { wall }) => ({
    message: `${wall}, a ${l(v.x)} de su esquina izquierda: ${v.hump ? "una panza" : "un hueco"} de ${l(v.gap)} bajo ${l(v.length)}; este azulejo admite ${l(v.allowed)}.`,
    remedy: "Corríjalo antes de poner placa: la placa nunca endereza una pared torcida.",
  }),
  "niche-in-rated-wall": (_v, _l, { wall }) => ({
    message: `${wall} es medianera o resistente al fuego: un nicho rompería su protección.`,
    remedy: "Pare. Decide una persona calificada; o pase el nicho a otra pared.",
  }),
  "niche-in-bearing-wall": (_v, _l, { wall }) => ({
    message: `${wall} es de carga: no se corta ningún montante para un nicho sin una persona calificada.`,
    remedy: "Deje el nicho dentro de un claro, o haga calcular el cabezal.",
  }),
  "niche-in-outside-wall": (_v, _l, { wall }) => ({
    message: `${wall} da al exterior: un nicho ocupa el lugar de su aislamiento.`,
    remedy: "Piense en la helada y la condensación detrás; uno menos hondo, u otra pared.",
  }),
  "moisture-sandwich": (_v, _l, { wall }) => ({
    message: `${wall} tiene barrera de vapor detrás de la placa y recibe película delante: la humedad queda encerrada.`,
    remedy:
      "Quite la barrera o el forro, córtela donde el reglamento lo permita, o elija el sistema sin película.",
  }),
} satisfies Partial<SayOf<WarningCode>>;
